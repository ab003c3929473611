package com.deftchill.core.paste;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Set;
import java.util.stream.Collectors;

/** Words that may stand beside a name without making it the name of something else: {@code neutral-words.txt}. */
final class NeutralWords {
    private static final Set<String> WORDS = read();

    private NeutralWords() {}

    static boolean contains(String word) {
        return WORDS.contains(word);
    }

    private static Set<String> read() {
        try (var in = NeutralWords.class.getResourceAsStream("neutral-words.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.startsWith("#"))
                    .flatMap(line -> Arrays.stream(line.split("\\s+")))
                    .collect(Collectors.toUnmodifiableSet());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
