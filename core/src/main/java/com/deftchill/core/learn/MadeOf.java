package com.deftchill.core.learn;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.learn.Unknown.Scope;
import java.util.Map;

/**
 * A batch as learning sees it.
 *
 * @param batch its id
 * @param document the formula as it was made
 * @param lots of each gelatin the lot that was used; one that is not named was not written down
 * @param cook who made it; empty where nobody said
 */
public record MadeOf(String batch, WrittenFormula document, Map<String, String> lots, String cook) {
    public MadeOf {
        lots = Map.copyOf(lots);
    }

    /** Of any lot or cook: that of this batch. */
    Unknown own(Unknown unknown) {
        return switch (unknown.scope()) {
            case LOT -> Unknown.lot(unknown.gelatin(), lots.getOrDefault(unknown.gelatin(), ""));
            case COOK -> new Unknown(Scope.COOK, cook, unknown.what());
            default -> unknown;
        };
    }
}
