package com.deftchill.core.recipe;

import com.deftchill.core.larder.Larder;
import com.deftchill.core.larder.Mould;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

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

    /** Families of vessels: the words for them, the larder's moulds among which the nearest size is, the usual one first. */
    private static final Map<String, List<String>> FAMILIES = new LinkedHashMap<>();

    static {
        FAMILIES.put("dariole", List.of("dariole", "dariole-small", "dariole-plastic"));
        FAMILIES.put("ramekin", List.of("ramekin-65", "ramekin", "ramekin-90"));
        FAMILIES.put("pudding (?:tin|mould|basin)", List.of("pudding-tin"));
        FAMILIES.put(
                "half[- ]?spheres?|domes?",
                List.of("half-sphere-70", "half-sphere-40", "half-sphere-50", "half-sphere-80", "half-sphere-160"));
        FAMILIES.put(
                "loose[- ]bottomed tart|tart tin|fluted tin|flan tin|tart case",
                List.of("fluted-tin-230", "fluted-tin-100", "fluted-tin-280"));
        FAMILIES.put(
                "spring ?form|spring[- ]?tin|cake tin|loose[- ]bottomed(?: cake)? tin|round tin|cake pan",
                List.of(
                        "spring-tin-230",
                        "spring-tin-100",
                        "spring-tin-120",
                        "spring-tin-180",
                        "spring-tin-200",
                        "spring-tin-260"));
        FAMILIES.put("loaf (?:tin|pan)", List.of("loaf-tin", "loaf-tin-small"));
        FAMILIES.put("terrine", List.of("terrine"));
        FAMILIES.put("pie (?:dish|plate)", List.of("pie-dish-230", "pie-dish-glass"));
        FAMILIES.put(
                "(?:cake|mousse|pastry|metal|steel) rings?|rings?",
                List.of("ring-160", "ring-60", "ring-70", "ring-80", "ring-140", "ring-180", "ring-200"));
        FAMILIES.put("trifle bowl|glass bowl|large bowl", List.of("trifle-bowl"));
        FAMILIES.put(
                "(?:oblong|rectangular|shallow|gratin|serving|oven|baking) dish",
                List.of("oblong-dish", "oblong-dish-large", "gratin-dish"));
        FAMILIES.put("espresso cups?|coffee cups?", List.of("espresso-cup", "coffee-cup"));
        FAMILIES.put("tea ?bowls?|bowls", List.of("tea-bowl"));
        FAMILIES.put("(?:martini|cone) glass", List.of("martini-glass"));
        FAMILIES.put("wine ?glass", List.of("wine-glass"));
        FAMILIES.put("shot ?glass", List.of("shot-glass"));
        FAMILIES.put("coupes?", List.of("coupe"));
        FAMILIES.put("jars?", List.of("jar-200", "jar-125", "jar-350"));
        FAMILIES.put("egg cups?", List.of("egg-cup"));
        FAMILIES.put("tumblers?", List.of("tumbler"));
        FAMILIES.put(
                "glass(?:es)?|verrines?|pots?|cups?",
                List.of("glass-straight", "verrine-60", "verrine-120", "tumbler", "jar-125", "jar-200"));
        FAMILIES.put("moulds?|molds?", List.of("dariole", "dariole-small", "pudding-tin"));
    }

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
        for (var family : FAMILIES.entrySet()) {
            var found =
                    Pattern.compile("(?i)\\b(?:" + family.getKey() + ")s?\\b").matcher(sentence);
            if (found.find()) {
                var moulds = family.getValue().stream()
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
