package com.deftchill.server.document;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Message;
import com.deftchill.core.verdict.Problem;
import com.deftchill.server.DeftChillSettings;
import com.deftchill.server.problem.ChangedMeanwhileException;
import com.deftchill.server.problem.NotUnderstoodException;
import jakarta.json.Json;
import jakarta.json.JsonArray;
import jakarta.json.JsonException;
import jakarta.json.JsonObject;
import jakarta.json.JsonPatch;
import jakarta.json.JsonString;
import jakarta.json.JsonStructure;
import jakarta.json.JsonValue;
import java.io.StringReader;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * Changes of a formula's document as JSON Patch (RFC 6902), read and written here alone. Addresses count the elements of lists,
 * as JSON pointers do; those of {@link com.deftchill.core.formula.Changes} may name them by id.
 */
@Component
public class Patches {
    /** Media type of a patch (RFC 6902). */
    public static final String MEDIA_TYPE = "application/json-patch+json";

    private static final int MOST_OPERATIONS = 500;
    /** What each operation needs beside its path. */
    private static final Map<String, String> NEEDS = Map.of(
            "add", "value", "replace", "value", "test", "value", "remove", "path", "move", "from", "copy", "from");

    private static final Set<String> POINTERS = Set.of("path", "from");

    private final JsonMapper mapper;
    private final long mostCharacters;

    Patches(JsonMapper mapper, DeftChillSettings settings) {
        this.mapper = mapper;
        mostCharacters = settings.maxDocument().toBytes();
    }

    /**
     * The document after a patch: all of its operations or none.
     *
     * @throws NotUnderstoodException naming the operation that is none of RFC 6902, or leads nowhere
     * @throws ChangedMeanwhileException when a test of the patch does not hold
     */
    public WrittenFormula applied(WrittenFormula document, String patch) {
        JsonStructure tree = read(mapper.writeValueAsString(document)).asJsonObject();
        var operations = operations(patch);
        for (int i = 0; i < operations.size(); i++) {
            tree = applied(tree, operation(operations, i), i);
        }
        try {
            return mapper.readValue(tree.toString(), WrittenFormula.class);
        } catch (JacksonException noFormula) {
            throw new HttpMessageNotReadableException("no formula after the patch", noFormula, null);
        }
    }

    /** What makes one document of another. */
    public String between(WrittenFormula from, WrittenFormula to) {
        return Json.createDiff(
                        read(mapper.writeValueAsString(from)).asJsonObject(),
                        read(mapper.writeValueAsString(to)).asJsonObject())
                .toString();
    }

    private JsonStructure applied(JsonStructure tree, JsonObject operation, int number) {
        JsonStructure after;
        try {
            JsonPatch alone =
                    Json.createPatch(Json.createArrayBuilder().add(operation).build());
            after = alone.apply(tree);
        } catch (JsonException | IndexOutOfBoundsException | ClassCastException | NumberFormatException failed) {
            if (operation.getString("op").equals("test")) {
                throw new ChangedMeanwhileException(operation.getString("path"));
            }
            throw refused(number, "path", operation.getString("path"), Problem.rule("patch-leads-nowhere"));
        }
        // A copy of all into itself doubles it: a few of them would fill any memory.
        if (operation.getString("op").equals("copy") && after.toString().length() > mostCharacters) {
            var rule = Problem.rule("document-too-large").with("most", Argument.figure(mostCharacters / 1024, 0));
            throw refused(number, "path", operation.getString("path"), rule);
        }
        return after;
    }

    private static JsonArray operations(String patch) {
        if (!(read(patch) instanceof JsonArray operations)) {
            throw refused("", "Patch", "", Problem.rule("patch-list"));
        }
        if (operations.size() > MOST_OPERATIONS) {
            throw refused(
                    "",
                    "Patch",
                    operations.size() + " operations",
                    Problem.rule("patch-length").with("most", Argument.figure(MOST_OPERATIONS, 0)));
        }
        return operations;
    }

    /** An operation with all that it needs, each of its kind. */
    private static JsonObject operation(JsonArray operations, int number) {
        if (!(operations.get(number) instanceof JsonObject operation)) {
            throw refused(number, "op", "", Problem.rule("patch-operation"));
        }
        var op = operation.get("op") instanceof JsonString text ? text.getString() : "";
        if (!NEEDS.containsKey(op)) {
            throw refused(number, "op", op, Problem.rule("patch-operation"));
        }
        if (!operation.containsKey(NEEDS.get(op))) {
            throw refused(number, NEEDS.get(op), "", Problem.rule("patch-missing"));
        }
        for (var pointer : POINTERS) {
            boolean needed = pointer.equals("path") || NEEDS.get(op).equals(pointer);
            var text = operation.get(pointer) instanceof JsonString string ? string.getString() : "";
            if (needed && !text.startsWith("/")) {
                throw refused(number, pointer, text, Problem.rule("patch-pointer"));
            }
        }
        return operation;
    }

    private static JsonValue read(String json) {
        try (var reader = Json.createReader(new StringReader(json))) {
            return reader.readValue();
        } catch (JsonException | IllegalStateException noJson) {
            throw refused("", "Patch", "", Problem.rule("unreadable.json"));
        }
    }

    private static NotUnderstoodException refused(int number, String field, String value, Message rule) {
        return refused("/" + number + "/" + field, "Operation " + (number + 1) + ", " + field, value, rule);
    }

    private static NotUnderstoodException refused(String path, String field, String value, Message rule) {
        return new NotUnderstoodException(List.of(Problem.of("patch-refused", path, field, value, rule)));
    }
}
