package com.deftchill.server.cold;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Problem;
import com.deftchill.server.problem.NotUnderstoodException;
import java.util.List;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Formula documents with text put at JSON pointers; what is missing on the way there is made. */
@Component
class DocumentChanges {
    private static final int MOST_DEPTH = 8;
    private static final int MOST_INDEX = 200;

    private final JsonMapper json;

    DocumentChanges(JsonMapper json) {
        this.json = json;
    }

    /** A new document; one that is none any more is a problem of its pointer. */
    WrittenFormula changed(WrittenFormula formula, List<Fix.Change> changes) {
        JsonNode tree = json.valueToTree(formula);
        for (var change : changes) {
            put(tree, change);
        }
        try {
            return json.treeToValue(tree, WrittenFormula.class);
        } catch (JacksonException e) {
            throw refused(changes.isEmpty() ? "" : changes.get(0).path(), "must name fields of the formula document");
        }
    }

    private static void put(JsonNode tree, Fix.Change change) {
        var steps = change.path() == null ? new String[0] : change.path().split("/", -1);
        if (steps.length < 2 || steps.length > MOST_DEPTH + 1 || !steps[0].isEmpty()) {
            throw refused(change.path(), "must be a JSON pointer such as /cooler/air");
        }
        var place = tree;
        for (int i = 1; i < steps.length - 1; i++) {
            place = child(place, steps[i], isIndex(steps[i + 1]), change.path());
        }
        var last = steps[steps.length - 1];
        if (place instanceof ObjectNode object && !isIndex(last)) {
            object.put(last, change.value());
        } else {
            throw refused(change.path(), "must end at a field of the formula document");
        }
    }

    private static boolean isIndex(String step) {
        return step.matches("\\d{1,3}");
    }

    private static JsonNode child(JsonNode place, String step, boolean list, String path) {
        if (place instanceof ObjectNode object) {
            var found = object.get(step);
            if (found == null || found.isNull()) {
                return list ? object.putArray(step) : object.putObject(step);
            }
            return found;
        }
        if (place instanceof ArrayNode array && isIndex(step)) {
            int index = Integer.parseInt(step);
            if (index > Math.min(MOST_INDEX, array.size())) {
                throw refused(path, "must not leave a gap in a list");
            }
            return index == array.size() ? array.addObject() : array.get(index);
        }
        throw refused(path, "must name a field of the formula document");
    }

    private static NotUnderstoodException refused(String path, String rule) {
        return new NotUnderstoodException(List.of(Problem.of("change-unreadable", "/changes", "Change", path, rule)));
    }
}
