package com.deftchill.server.document;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Lines have ids since version 4; steps in the cook's own words named a line by its position, and name it by its id. */
final class From3 {
    private static final String TREAT = "treat-";

    private From3() {}

    static ObjectNode lifted(ObjectNode document) {
        document.path("components").forEach(From3::component);
        return document;
    }

    private static void component(JsonNode component) {
        var lines = new ArrayList<ObjectNode>();
        component.path("lines").forEach(line -> {
            if (line instanceof ObjectNode object) {
                lines.add(object);
            }
        });
        boolean byPosition = !lines.isEmpty() && lines.stream().allMatch(From3::nameless);
        var taken = new HashSet<String>();
        lines.forEach(line -> taken.add(line.path("id").asString("")));
        var ids = new ArrayList<String>();
        for (var line : lines) {
            if (nameless(line)) {
                int n = 1;
                while (!taken.add("l" + n)) {
                    n++;
                }
                line.put("id", "l" + n);
            }
            ids.add(line.path("id").asString(""));
        }
        if (byPosition) {
            component.path("steps").forEach(step -> byId(step, ids));
        }
    }

    private static boolean nameless(JsonNode line) {
        return line.path("id").asString("").isEmpty();
    }

    private static void byId(JsonNode step, List<String> ids) {
        if (!(step instanceof ObjectNode object)) {
            return;
        }
        var of = object.path("of").asString("");
        if (of.startsWith("move:")) {
            object.put("text", byId(object.path("text").asString(""), ids));
        }
        object.put("of", byId(of, ids));
    }

    /** A code such as {@code after:treat-2} by the id of the third line. */
    private static String byId(String code, List<String> ids) {
        int at = code.indexOf(TREAT);
        var position = at < 0 ? "" : code.substring(at + TREAT.length());
        if (!position.matches("\\d{1,3}") || Integer.parseInt(position) >= ids.size()) {
            return code;
        }
        return code.substring(0, at + TREAT.length()) + ids.get(Integer.parseInt(position));
    }
}
