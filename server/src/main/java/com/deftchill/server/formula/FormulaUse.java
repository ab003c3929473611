package com.deftchill.server.formula;

import com.deftchill.core.formula.LarderUse;
import com.deftchill.core.formula.WrittenFormula;
import jakarta.persistence.Embeddable;
import java.util.Set;
import java.util.stream.Collectors;

/** Something of the larder that a stored formula uses. */
@Embeddable
public record FormulaUse(String kind, String entryId) {
    /** No entry has a longer id; what is typed in its place may be longer. */
    private static final int LONGEST_ID = 60;

    public static Set<FormulaUse> of(WrittenFormula document) {
        return LarderUse.of(document).stream()
                .filter(use -> use.id().length() <= LONGEST_ID)
                .map(use -> new FormulaUse(use.kind(), use.id()))
                .collect(Collectors.toSet());
    }
}
