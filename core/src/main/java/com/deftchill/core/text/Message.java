package com.deftchill.core.text;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * Something to be said: which sentence, and what stands in it. The words are found at the edge, in the message files; what
 * decides something goes by the key and the arguments.
 *
 * @param key of the sentence; its family is what stands before the first point
 */
public record Message(String key, Map<String, Argument> arguments) {
    /** Nothing to be said. */
    public static final Message NONE = new Message("none", Map.of());

    public Message {
        arguments = Collections.unmodifiableMap(new LinkedHashMap<>(arguments));
    }

    /** A sentence in which nothing stands yet. */
    public static Message of(String key) {
        return new Message(key, Map.of());
    }

    /** A sentence with the arguments of others. */
    public static Message of(String key, Map<String, Argument> arguments) {
        return new Message(key, arguments);
    }

    /** The cook's own words. */
    public static Message own(String words) {
        return of("own").with("words", Argument.name(words));
    }

    /** The same, with something standing in it. */
    public Message with(String name, Argument argument) {
        var more = new LinkedHashMap<>(arguments);
        more.put(name, argument);
        return new Message(key, more);
    }

    /** The same, to stand in another sentence. */
    public Argument said() {
        return new Argument.Said(key, arguments);
    }

    /** The same, with a name standing in it. */
    public Message with(String name, String text) {
        return with(name, Argument.name(text));
    }
}
