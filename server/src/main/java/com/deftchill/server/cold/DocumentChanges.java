package com.deftchill.server.cold;

import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Problem;
import com.deftchill.server.problem.NotUnderstoodException;
import java.util.List;

/** Changes that came over the wire, made in a document; one that leads nowhere is a problem. */
final class DocumentChanges {
    private static final int MOST_DEPTH = 8;

    private DocumentChanges() {}

    static WrittenFormula changed(WrittenFormula formula, List<Fix.Change> changes) {
        var changed = formula;
        for (var change : changes) {
            if (change.path() != null && change.path().split("/", -1).length > MOST_DEPTH + 1) {
                throw refused(change.path(), "must be an address in the document such as /cooler/air");
            }
            try {
                changed = Changes.set(changed, change.path(), change.value() == null ? "" : change.value());
            } catch (IllegalArgumentException e) {
                throw refused(
                        change.path(), "must be an address in the document such as /cooler/air: " + e.getMessage());
            }
        }
        return changed;
    }

    private static NotUnderstoodException refused(String path, String rule) {
        return new NotUnderstoodException(
                List.of(Problem.of("change-unreadable", "/changes", "Change", path == null ? "" : path, rule)));
    }
}
