package com.deftchill.core.alternative;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.Workplace;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;

/**
 * States of a formula as a tree: each grew out of that earlier one from which it differs least. Whoever goes back to an old
 * state and changes another thing begins a branch.
 *
 * @param parent index of the state that it grew out of; empty for the first
 * @param changes fields that differ from it
 */
public record Lineage(OptionalInt parent, List<Comparison.Row> changes) {
    public Lineage {
        changes = List.copyOf(changes);
    }

    /** Of each state, given in the order in which they were kept, where it comes from. */
    public static List<Lineage> of(List<WrittenFormula> states, Workplace workplace) {
        var fields = states.stream()
                .map(state -> new WrittenFields(state, workplace).all())
                .toList();
        var found = new ArrayList<Lineage>();
        for (int i = 0; i < states.size(); i++) {
            var parent = OptionalInt.empty();
            List<Comparison.Row> least = List.of();
            // Of those that differ as little the latest: work goes on where it was left.
            for (int j = i - 1; j >= 0; j--) {
                var changes = Comparison.rowsOf(fields.get(j), fields.get(i)).stream()
                        .filter(Comparison.Row::differs)
                        .toList();
                if (parent.isEmpty() || changes.size() < least.size()) {
                    parent = OptionalInt.of(j);
                    least = changes;
                }
            }
            found.add(new Lineage(parent, least));
        }
        return found;
    }
}
