package com.deftchill.server.cold;

import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.text.Message;
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
                throw refused(change.path(), Problem.rule("address"));
            }
            try {
                changed = Changes.set(changed, change.path(), change.value() == null ? "" : change.value());
            } catch (IllegalArgumentException e) {
                throw refused(change.path(), Problem.rule("address-why").with("why", e.getMessage()));
            }
        }
        return changed;
    }

    private static NotUnderstoodException refused(String path, Message rule) {
        return new NotUnderstoodException(
                List.of(Problem.of("change-unreadable", "/changes", "Change", path == null ? "" : path, rule)));
    }
}
