package com.deftchill.core.formula;

import java.util.Set;
import java.util.TreeSet;

/**
 * Something of the larder that a formula uses.
 *
 * @param kind {@code ingredient}, {@code gel}, {@code mould} or {@code cooler}
 * @param id of the entry
 */
public record LarderUse(String kind, String id) implements Comparable<LarderUse> {
    /** Everything of the larder that a formula names, wherever it names it. */
    public static Set<LarderUse> of(WrittenFormula formula) {
        var uses = new TreeSet<LarderUse>();
        for (var component : formula.components()) {
            component.lines().forEach(line -> add(uses, "ingredient", line.of()));
            component.gels().forEach(gel -> add(uses, "gel", gel.of()));
        }
        add(uses, "mould", formula.moulds().of());
        add(uses, "cooler", formula.cooler().of());
        formula.cooler().places().forEach(stay -> add(uses, "cooler", stay.of()));
        return uses;
    }

    private static void add(Set<LarderUse> uses, String kind, String id) {
        if (!id.isEmpty()) {
            uses.add(new LarderUse(kind, id));
        }
    }

    @Override
    public int compareTo(LarderUse other) {
        int byKind = kind.compareTo(other.kind);
        return byKind != 0 ? byKind : id.compareTo(other.id);
    }
}
