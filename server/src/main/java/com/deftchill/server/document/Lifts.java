package com.deftchill.server.document;

import com.deftchill.core.formula.WrittenFormula;
import java.util.List;
import java.util.function.UnaryOperator;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Formula documents of earlier versions as they are written today: one step for each version, on the tree, so that whatever
 * stands in it is kept. What is no document at all is left as it is, to be named by who reads it.
 */
public final class Lifts {
    /** From version 1 to 2, from 2 to 3, and so on. */
    private static final List<UnaryOperator<ObjectNode>> STEPS =
            List.of(From1::lifted, From2::lifted, From3::lifted, From4::lifted);

    private Lifts() {}

    /** A document as of today's version; one of today's, or of none that is known, is the same. */
    public static JsonNode lifted(JsonNode document) {
        if (!(document instanceof ObjectNode object) || !isOlder(object)) {
            return document;
        }
        var lifted = object.deepCopy();
        for (int version = object.path("schema").intValue(); version < WrittenFormula.SCHEMA; version++) {
            lifted = STEPS.get(version - 1).apply(lifted);
            lifted.put("schema", version + 1);
        }
        return lifted;
    }

    /** Whether a document was written by an earlier version. */
    public static boolean isOlder(JsonNode document) {
        var schema = document.path("schema");
        return schema.isIntegralNumber()
                && schema.canConvertToInt()
                && schema.intValue() >= WrittenFormula.OLDEST_SCHEMA
                && schema.intValue() < WrittenFormula.SCHEMA;
    }
}
