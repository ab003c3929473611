package com.deftchill.server.text;

import com.ibm.icu.text.MessageFormat;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Properties;
import java.util.Set;

/** The sentences of the message files, by key. */
final class MessageFiles {
    private static final List<String> FAMILIES =
            List.of("steps", "flags", "problems", "moved", "day", "making", "rescue", "learn");

    private final Map<String, MessageFormat> patterns = new HashMap<>();

    MessageFiles() {
        for (var family : FAMILIES) {
            read(family + ".properties").forEach((key, pattern) -> {
                if (patterns.put((String) key, new MessageFormat((String) pattern, Locale.ENGLISH)) != null) {
                    throw new IllegalStateException("the message " + key + " is there twice");
                }
            });
        }
    }

    private static Properties read(String file) {
        var properties = new Properties();
        try (var in = MessageFiles.class.getResourceAsStream(file)) {
            properties.load(new InputStreamReader(in, StandardCharsets.UTF_8));
            return properties;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A pattern of one's own to format with. */
    MessageFormat pattern(String key) {
        var found = patterns.get(key);
        if (found == null) {
            throw new IllegalStateException("no message file has " + key);
        }
        return (MessageFormat) found.clone();
    }

    Set<String> keys() {
        return patterns.keySet();
    }
}
