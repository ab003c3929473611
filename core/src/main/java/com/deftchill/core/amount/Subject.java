package com.deftchill.core.amount;

import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What an amount is an amount of: what turns spoons, cups and pieces into grams.
 *
 * @param name as the cook reads it
 * @param gramsPerMl as spooned or poured: bulk density of dry goods, density of liquids, g/ml
 * @param liquid poured rather than heaped, so that ounces could be meant by volume
 * @param pieces mass of a piece by its name in the singular (yolk, stick, sheet, packet), g
 * @param words that an amount may carry without changing its meaning, in lower case
 */
public record Subject(String name, double gramsPerMl, boolean liquid, Map<String, Double> pieces, Set<String> words) {
    public Subject {
        pieces = Map.copyOf(pieces);
        words = Set.copyOf(words);
    }

    /** A subject whose own name, and these further words, may stand in its amount. */
    public static Subject of(
            String name, double gramsPerMl, boolean liquid, Map<String, Double> pieces, String... further) {
        var words = Stream.concat(Arrays.stream(name.split("[^\\p{L}]+")), Arrays.stream(further))
                .map(word -> word.toLowerCase(Locale.ROOT))
                .filter(word -> !word.isEmpty())
                .collect(Collectors.toSet());
        return new Subject(name, gramsPerMl, liquid, pieces, words);
    }

    /** Anything of which only the mass counts, such as water for blooming: 1 g/ml, poured. */
    public static Subject water(String name) {
        return of(name, 1, true, Map.of(), "water");
    }
}
