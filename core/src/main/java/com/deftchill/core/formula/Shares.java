package com.deftchill.core.formula;

import com.deftchill.core.formula.WrittenFormula.Component;
import com.deftchill.core.formula.WrittenFormula.Foam;
import com.deftchill.core.formula.WrittenFormula.Line;
import com.deftchill.core.formula.WrittenFormula.Work;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * How a line joins its component: whipped in a foam that it names; else as the entry of its work that names it says: {@code
 * join} cold, {@code infuse}, {@code soak}; else heated.
 */
public final class Shares {
    /** How a line joins, by the verb that names it. */
    private static final Map<String, String> BY_VERB = Map.of("join", "cold", "infuse", "infused", "soak", "soak");

    private static final String WHIPPED = "whipped";

    private Shares() {}

    /** {@code cold}, {@code whipped}, {@code infused}, {@code soak}; empty: heated. */
    public static String of(Component component, Line line) {
        if (!line.foam().isEmpty()) {
            return WHIPPED;
        }
        return component.work().stream()
                .filter(work -> BY_VERB.containsKey(work.verb()) && work.lines().contains(line.id()))
                .map(work -> BY_VERB.get(work.verb()))
                .findFirst()
                .orElse("");
    }

    /** The same component with a line joining otherwise; a foam or an entry that it needs is made. */
    public static Component with(Component component, String lineId, String share) {
        var freed = new ArrayList<Work>();
        for (var work : component.work()) {
            boolean names = BY_VERB.containsKey(work.verb()) && work.lines().contains(lineId);
            freed.add(
                    names
                            ? work.withLines(work.lines().stream()
                                    .filter(id -> !id.equals(lineId))
                                    .toList())
                            : work);
        }
        boolean whipped = share.equals(WHIPPED);
        var foams = whipped && component.foams().isEmpty() ? List.of(new Foam("f1", "", "", "")) : component.foams();
        var lines = component.lines().stream()
                .map(line -> line.id().equals(lineId)
                        ? Fields.with(line, "foam", whipped ? foams.get(0).id() : "")
                        : line)
                .toList();
        BY_VERB.forEach((verb, named) -> {
            if (named.equals(share)) {
                named(freed, verb, lineId);
            }
        });
        return Fields.with(
                Fields.with(Fields.with(component, "lines", lines), "foams", foams), "work", List.copyOf(freed));
    }

    private static void named(List<Work> work, String verb, String lineId) {
        for (int i = 0; i < work.size(); i++) {
            if (work.get(i).verb().equals(verb)) {
                var lines = new ArrayList<>(work.get(i).lines());
                lines.add(lineId);
                work.set(i, work.get(i).withLines(lines));
                return;
            }
        }
        work.add(Work.of(verb).withLines(List.of(lineId)));
    }
}
