package com.deftchill.core.paste;

import com.deftchill.core.larder.Larder;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Finds what of the larder a line names. Every word of a known name must stand in the line; of several names that fit, the
 * one that explains most of the line wins, then the one nearest to its beginning.
 */
final class NameFinder {
    /** Words that name nothing by themselves. */
    private static final Set<String> WEAK = Set.of(
            "fat",
            "of",
            "the",
            "and",
            "with",
            "level",
            "heated",
            "cooked",
            "raw",
            "brewed",
            "vol",
            "strong",
            "stoned",
            "halved",
            "diced",
            "cut",
            "quartered",
            "baked");

    /** What names nothing when it is all there is of a name. */
    private static final Set<String> NOTHING_ALONE = Set.of("powder", "sheet", "paste", "puree", "juice");
    /** A matching number, such as a share of cocoa, speaks for a name; another one against it. */
    private static final int NUMBER_FITS = 6;

    private static final int NUMBER_DIFFERS = -5;
    /** Points of a share that two are hardly ever told apart by. */
    private static final double SAME_SHARE = 3;
    /** Farther off is as far. */
    private static final double MOST_OFF = 40;
    /** Behind a name, what is made of it; behind a number, a measure. */
    private static final Set<String> MADE_OF_IT = Set.of(
            "drop", "powder", "bar", "stick", "ball", "pot", "cup", "biscuit", "slice", "syrup", "juice", "extract");

    private static final Pattern LAST_WORD = Pattern.compile("(?<=\\p{L})\\s+(\\p{L}+)\\s*$");
    private static final Pattern SHARE = Pattern.compile("(\\d{1,2}(?:\\.\\d)?)\\s*%");

    private final List<Name> names = new ArrayList<>();
    /** Shares that a thing goes by, under whichever of its names: 70 for a chocolate. */
    private final Map<String, Set<String>> numbersOf = new HashMap<>();

    private record Name(String id, boolean gel, Set<String> words, Set<String> numbers) {}

    /**
     * What was found: its id, whether it is a gelling agent, and whether that is sure: every word of the line belongs to the
     * name or says nothing of what it is. Cream crackers are no cream.
     */
    record Found(String id, boolean gel, boolean sure) {}

    NameFinder(Larder larder) {
        for (var ingredient : larder.ingredients()) {
            named(ingredient.id(), false, ingredient.name());
        }
        for (var gel : larder.gels()) {
            named(gel.id(), true, gel.name().replaceAll("\\(\\d+ Bloom\\)", ""));
        }
        OtherNames.shipped().forEach((id, others) -> {
            boolean gel = larder.gel(id).isPresent();
            if (gel || larder.ingredient(id).isPresent()) {
                others.forEach(name -> add(id, gel, name));
            }
        });
    }

    /** The name up to its first comma, and what it has in brackets. */
    private void named(String id, boolean gel, String name) {
        add(id, gel, name.replaceAll("\\(.*?\\)", " ").replaceAll(",.*", ""));
        var brackets = Pattern.compile("\\((.*?)\\)").matcher(name);
        if (brackets.find()) {
            add(id, gel, brackets.group(1));
        }
    }

    private void add(String id, boolean gel, String name) {
        var words = words(name);
        var numbers =
                words.stream().filter(word -> Character.isDigit(word.charAt(0))).collect(Collectors.toSet());
        words.removeAll(numbers);
        words.removeAll(WEAK);
        if (!words.isEmpty() && !NOTHING_ALONE.containsAll(words)) {
            names.add(new Name(id, gel, words, numbers));
            numbersOf.computeIfAbsent(id, of -> new HashSet<>()).addAll(numbers);
        }
    }

    /** @param noted what of the line is a remark, behind a comma or in brackets: it names nothing */
    Optional<Found> find(String text, String noted) {
        var words = words(text);
        var shares = SHARE.matcher(text).results().map(found -> found.group(1)).collect(Collectors.toSet());
        Name best = null;
        int bestScore = 0;
        for (var name : names) {
            if (words.containsAll(name.words())) {
                int score = name.words().stream().mapToInt(String::length).sum()
                        + 4 * name.words().size()
                        + numbers(name, shares);
                if (score > bestScore) {
                    best = name;
                    bestScore = score;
                }
            }
        }
        var named = words(noted);
        // Of another share than is written it is another thing: 85 % chocolate is not the 70 % one in silence.
        return Optional.ofNullable(best)
                .map(name -> new Found(
                        name.id(), name.gel(), sure(name, words, named, text) && !isAnother(off(name, shares))));
    }

    private static boolean isAnother(double off) {
        return Double.isFinite(off) && off > SAME_SHARE;
    }

    private static boolean sure(Name name, Set<String> words, Set<String> noted, String text) {
        return !isMadeOfIt(name, text)
                && words.stream()
                        .filter(word -> !name.words().contains(word) && !WEAK.contains(word))
                        .filter(word -> !noted.contains(word))
                        .filter(word -> !Character.isDigit(word.charAt(0)))
                        .allMatch(NeutralWords::contains);
    }

    /** Whether the last word makes it something made of what is named: pear drops, egg powder. */
    private static boolean isMadeOfIt(Name name, String text) {
        var behind = LAST_WORD.matcher(
                text.replaceAll("\\(.*?\\)", " ").replaceAll(",(?!\\d).*$", "").strip());
        return behind.find()
                && words(behind.group(1)).stream()
                        .anyMatch(word ->
                                MADE_OF_IT.contains(word) && !name.words().contains(word));
    }

    private int numbers(Name name, Set<String> shares) {
        if (shares.isEmpty()) {
            // Hardly anybody means all of it by not saying how much.
            return name.numbers().contains("100") ? -1 : 0;
        }
        double off = off(name, shares);
        if (Double.isInfinite(off)) {
            return 0;
        }
        return off == 0 ? NUMBER_FITS : NUMBER_DIFFERS - (int) Math.min(MOST_OFF, off);
    }

    /** How far a share that is written is from the nearest that what is named goes by; infinite where it goes by none. */
    private double off(Name name, Set<String> shares) {
        return numbersOf.getOrDefault(name.id(), Set.of()).stream()
                .filter(number -> number.matches("\\d+(?:\\.\\d+)?"))
                .mapToDouble(Double::parseDouble)
                .flatMap(number -> shares.stream().mapToDouble(share -> Math.abs(number - Double.parseDouble(share))))
                .min()
                .orElse(Double.POSITIVE_INFINITY);
    }

    /** Words in lower case, without accents, in the singular. */
    static Set<String> words(String text) {
        var plain = Normalizer.normalize(text, Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .toLowerCase(Locale.ROOT)
                .replace("'", "")
                .replace("’", "");
        return Arrays.stream(plain.split("[^\\p{L}\\d.]+"))
                .map(word -> word.replaceAll("^\\.+|\\.+$", ""))
                .filter(word -> !word.isEmpty())
                .map(NameFinder::singular)
                .collect(Collectors.toCollection(HashSet::new));
    }

    private static String singular(String word) {
        if (word.equals("leaves") || word.equals("leaf")) {
            return "sheet";
        }
        if (word.equals("gelatine")) {
            return "gelatin";
        }
        if (word.endsWith("ies") && word.length() > 4) {
            return word.substring(0, word.length() - 3) + "y";
        }
        return word.endsWith("s") && !word.endsWith("ss") && word.length() > 3
                ? word.substring(0, word.length() - 1)
                : word;
    }
}
