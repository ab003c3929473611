package com.deftchill.core.recipe;

import com.deftchill.core.larder.Larder;
import com.deftchill.core.larder.LarderFiles;
import com.deftchill.core.larder.Mould;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVRecord;

/** What a dessert is filled into, how many, how it is served: read from a sentence or a yield. */
final class VesselWords {
    private static final double MM_PER_INCH = 25.4;
    private static final double MM_PER_CM = 10;
    private static final double ML_PER_FL_OZ = 29.6;
    /** A size that differs from the larder's nearest by more than this is not that mould. */
    private static final double LIKE = 0.2;

    private static final String NUMBER = "\\d+|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|a dozen";
    private static final Map<String, Integer> WORDS = Map.ofEntries(
            Map.entry("one", 1),
            Map.entry("two", 2),
            Map.entry("three", 3),
            Map.entry("four", 4),
            Map.entry("five", 5),
            Map.entry("six", 6),
            Map.entry("seven", 7),
            Map.entry("eight", 8),
            Map.entry("nine", 9),
            Map.entry("ten", 10),
            Map.entry("eleven", 11),
            Map.entry("twelve", 12),
            Map.entry("a dozen", 12));

    /** Words for vessels, and the larder's moulds among which the nearest size is, the usual one first: {@code vessel-words.csv}. */
    private record Family(Pattern words, List<String> moulds) {
        static Family of(CSVRecord row) {
            var words = Pattern.compile("(?i)\\b(?:" + row.get("words") + ")s?\\b");
            return new Family(words, List.of(row.get("moulds").split(" ")));
        }
    }

    private static final List<Family> FAMILIES = LarderFiles.read("vessel-words.csv", Family::of);

    private static final Pattern COUNT = Pattern.compile(
            "(?i)\\b(" + NUMBER + ")\\s*(?:x\\s*)?(?:[\\d.]+\\s*(?:ml|cm|mm|fl ?oz|in(?:ch)?)\\s*)?"
                    + "(?:[\\p{L}-]+\\s+){0,3}?(glass(?:es)?|ramekins?|darioles?|moulds?|molds?|cups?|pots?|jars?|verrines?|domes?|half[- ]?spheres?|rings|tins|bowls|coupes|tumblers|portions|servings|people|guests)\\b");
    private static final Pattern SERVES = Pattern.compile(
            "(?i)\\b(?:serves|servings:?|makes|yields?:?|portions:?|enough for|for)\\s*:?\\s*(?:about\\s+)?(" + NUMBER
                    + ")\\b");
    private static final Pattern SIZE = Pattern.compile(
            "(?i)(\\d+(?:[.,]\\d+)?)\\s*(?:-|–)?\\s*(cm|mm|inch(?:es)?|in\\.|in(?= (?:round|square|tin|pan|spring|cake|ring|tart|fluted|loose|loaf|pie))|\"|ml|fl ?oz)");
    private static final Pattern DOZEN_PEOPLE = Pattern.compile("(?i)portions|servings|people|guests");

    private final Larder larder;

    VesselWords(Larder larder) {
        this.larder = larder;
    }

    /** A vessel that was named; sure where its size was given too and the larder has it. */
    record Vessel(Mould mould, boolean sure, int from, int to) {}

    /** A number that was named, of vessels or of portions. */
    record Count(int number, boolean portions, int from, int to) {}

    Optional<Vessel> vessel(String sentence) {
        for (var family : FAMILIES) {
            var found = family.words().matcher(sentence);
            if (found.find()) {
                var moulds = family.moulds().stream()
                        .flatMap(id -> larder.mould(id).stream())
                        .toList();
                return moulds.isEmpty()
                        ? Optional.empty()
                        : Optional.of(nearest(sentence, found.toMatchResult(), moulds));
            }
        }
        return Optional.empty();
    }

    private static Vessel nearest(String sentence, MatchResult named, List<Mould> moulds) {
        int begin = Math.max(0, named.start() - 30);
        var around = sentence.substring(begin, Math.min(sentence.length(), named.end() + 25));
        var size = SIZE.matcher(around);
        if (!size.find()) {
            return new Vessel(moulds.get(0), false, named.start(), named.end());
        }
        double number = Double.parseDouble(size.group(1).replace(',', '.'));
        var unit = size.group(2).toLowerCase(Locale.ROOT);
        boolean volume = unit.equals("ml") || unit.startsWith("fl");
        double wanted = volume ? number * (unit.equals("ml") ? 1 : ML_PER_FL_OZ) : number * mm(unit);
        var best = moulds.stream()
                .min(Comparator.comparingDouble(mould -> Math.abs(Math.log(measure(mould, volume) / wanted))))
                .orElseThrow();
        boolean like = Math.abs(Math.log(measure(best, volume) / wanted)) < LIKE;
        return new Vessel(
                best, like, Math.min(named.start(), begin + size.start()), Math.max(named.end(), begin + size.end()));
    }

    private static double mm(String unit) {
        return switch (unit) {
            case "mm" -> 1;
            case "cm" -> MM_PER_CM;
            default -> MM_PER_INCH;
        };
    }

    /** Volume to the brim, ml, or width at it, mm. */
    private static double measure(Mould mould, boolean volume) {
        var profile = mould.vessel().profile();
        return volume ? profile.brimMl() : 2 * profile.halfWidthAtMm(profile.brimMm());
    }

    /** How many, of what is filled or of portions. */
    Optional<Count> count(String text) {
        var named = COUNT.matcher(text);
        if (named.find()) {
            boolean portions = DOZEN_PEOPLE.matcher(named.group(2)).matches();
            return Optional.of(new Count(number(named.group(1)), portions, named.start(), named.end()));
        }
        var serves = SERVES.matcher(text);
        return serves.find()
                ? Optional.of(new Count(number(serves.group(1)), true, serves.start(), serves.end()))
                : Optional.empty();
    }

    static int number(String word) {
        var found = WORDS.get(word.toLowerCase(Locale.ROOT));
        return found != null ? found : Integer.parseInt(word);
    }
}
