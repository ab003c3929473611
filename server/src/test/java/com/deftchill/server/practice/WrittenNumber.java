package com.deftchill.server.practice;

import com.deftchill.core.formula.WrittenFormula;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** One number with its unit as it is written somewhere in a dessert of the demo or a practice case. */
record WrittenNumber(String name, JsonNode document, ObjectNode in, String key, double value, String unit) {
    private static final Pattern NUMBER = Pattern.compile("(\\d+(?:\\.\\d+)?) (g|kg|ml|°C|mm|min|h|%)");
    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** All of them, always in the same order. */
    static List<WrittenNumber> all() {
        var found = new ArrayList<WrittenNumber>();
        Answered.documents().forEach(named -> find(named.getKey(), named.getValue(), named.getValue(), found));
        return found;
    }

    private static void find(String name, JsonNode document, JsonNode node, List<WrittenNumber> found) {
        if (node instanceof ObjectNode object) {
            for (var e : object.properties()) {
                var number = NUMBER.matcher(e.getValue().asString(""));
                if (e.getValue().isString() && number.matches()) {
                    found.add(new WrittenNumber(
                            name, document, object, e.getKey(), Double.parseDouble(number.group(1)), number.group(2)));
                }
            }
        }
        node.values().forEach(child -> find(name, document, child, found));
    }

    /** The dessert with a share of this number in its place. */
    WrittenFormula times(double share) {
        var before = in.get(key);
        in.put(key, String.format(Locale.ROOT, "%.4f %s", value * share, unit));
        try {
            return JSON.treeToValue(document, WrittenFormula.class);
        } finally {
            in.set(key, before);
        }
    }

    @Override
    public String toString() {
        return name + " " + key + " " + value + " " + unit;
    }
}
