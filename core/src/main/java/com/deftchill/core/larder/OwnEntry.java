package com.deftchill.core.larder;

import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;

/**
 * Something a kitchen adds to its larder, as written: every field is text as typed, so nothing typed is lost.
 *
 * @param kind {@code ingredient}, {@code gel}, {@code mould} or {@code cooler}
 * @param id stable key
 * @param fields text by the key of the {@link OwnField}
 */
public record OwnEntry(String kind, String id, Map<String, String> fields) {
    public OwnEntry {
        kind = kind == null ? "" : kind;
        id = id == null ? "" : id;
        var copy = new TreeMap<String, String>();
        if (fields != null) {
            fields.forEach((key, value) -> copy.put(key, value == null ? "" : value));
        }
        fields = Collections.unmodifiableMap(copy);
    }

    /** The text of a field; empty when left out. */
    public String text(String key) {
        return fields.getOrDefault(key, "");
    }
}
