package com.deftchill.server.archive;

import com.deftchill.server.tenancy.Kitchens;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Ids that another kitchen of this installation has already: in this kitchen they become others, the same ones each time, so that
 * an archive taken in twice is there once.
 */
final class Renamed {
    private static final int AT_ONCE = 500;

    private final Map<String, String> names = new HashMap<>();

    /** @param ids of all rows of an archive, by table */
    static Renamed of(Map<String, Set<String>> ids, NamedParameterJdbcTemplate jdbc) {
        var renamed = new Renamed();
        ids.forEach((table, own) -> {
            var all = new ArrayList<>(own);
            for (int from = 0; from < all.size(); from += AT_ONCE) {
                renamed.taken(table, all.subList(from, Math.min(all.size(), from + AT_ONCE)), jdbc);
            }
        });
        return renamed;
    }

    private void taken(String table, List<String> ids, NamedParameterJdbcTemplate jdbc) {
        jdbc.queryForList(
                        "select id from " + table + " where kitchen <> :kitchen and id in (:ids)",
                        Map.of("kitchen", Kitchens.current(), "ids", ids),
                        String.class)
                .forEach(id -> names.put(
                        id,
                        UUID.nameUUIDFromBytes((Kitchens.current() + id).getBytes(StandardCharsets.UTF_8))
                                .toString()));
    }

    /** Puts the other ids in their places, wherever in a row they stand. */
    ObjectNode in(ObjectNode row) {
        if (!names.isEmpty()) {
            row.properties().forEach(entry -> entry.setValue(in(entry.getValue())));
        }
        return row;
    }

    private JsonNode in(JsonNode node) {
        if (node instanceof ObjectNode object) {
            return in(object);
        }
        if (node instanceof ArrayNode array) {
            for (int i = 0; i < array.size(); i++) {
                array.set(i, in(array.get(i)));
            }
            return array;
        }
        if (node.isString() && names.containsKey(node.asString())) {
            return JsonNodeFactory.instance.stringNode(names.get(node.asString()));
        }
        return node;
    }
}
