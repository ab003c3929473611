package com.deftchill.core.recipe;

import com.deftchill.core.formula.WrittenFormula.Work;
import com.deftchill.core.recipe.Draft.Of;
import com.deftchill.core.text.Notation;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads what a sentence of a method says of a component: temperatures, times, stages, how it is folded, pressed, soaked. */
final class MethodReader {
    private static final Pattern DEGREES = Pattern.compile(
            "(\\d{1,3})(?:\\s*(?:-|–|to)\\s*(\\d{1,3}))?\\s*(?:°|º|degrees?|deg\\.?)?\\s*(c|f|celsius|fahrenheit)\\b(?!\\s*%)|(\\d{2,3})\\s*°(?!\\s*[cf])");
    private static final Pattern LASTS = Pattern.compile(
            "(\\d+(?:[.,]\\d+)?|an?|one|two|three|four|five|six|eight|ten|twelve|half an|a couple of)(?:\\s*(?:-|–|to|or)\\s*(\\d+|two|three|four|five|six))?\\s*(?:more\\s+)?(hours?|hrs?|h|minutes?|mins?|seconds?|secs?)\\b");
    private static final Pattern OVERNIGHT = Pattern.compile("\\bover ?night\\b");
    private static final Pattern OVEN = Pattern.compile("\\b(?:oven|bake|baking|roast|toast|grill|gas mark)");
    private static final Pattern COOLING =
            Pattern.compile("\\b(?:cool|cooled|cools|cooling|drops|down to|lukewarm)\\b");
    private static final Pattern HEATING = Pattern.compile(
            "\\b(?:heat|heated|warm|bring|brought|cook|cooked|reach|reaches|until it is|stir over|melt|melted|take it to|taken to|simmer|boil|thickens?)\\b");
    private static final Pattern FOLDING = Pattern.compile("\\bfold(?:ed|ing)?\\b");
    private static final Pattern POURING =
            Pattern.compile("\\b(?:pour|poured|ladle|fill|divide|spoon (?:it )?(?:in|on|over))\\b");
    private static final Pattern BOIL = Pattern.compile(
            "\\b(?:bring|brought|comes?) (?:it |this |them |everything )?(?:just )?(?:up )?to (?:the|a) (?:rolling )?boil\\b|\\bboil(?:ed|s)?\\b(?!ing water)");
    private static final Pattern SIMMER = Pattern.compile("\\bsimmer(?!ing water)");
    private static final Pattern OVER_WATER = Pattern.compile(
            "\\bover (?:a (?:pan|pot|saucepan) of )?(?:barely |gently )?simmering water|bain[- ]marie|double boiler");
    private static final Pattern HOT_SYRUP = Pattern.compile("\\bhot (?:sugar )?syrup\\b|\\bsyrup (?:at|to) 1[12]\\d");
    private static final Pattern WHIPPING = Pattern.compile("\\b(?:whip|whipped|whisk|whisked|beat|beaten)\\b");
    private static final Pattern PEAKS = Pattern.compile(
            "\\b(soft|medium|firm|stiff)(?:ish)? peaks?\\b|\\b(ribbon)|\\b(softly|lightly|stiffly|firmly) (?:whip|whisk|beat)|\\buntil (soft|stiff|firm)\\b|\\b(stiff)\\b|\\b(thickens just|barely thick|just holds|floppy)");
    private static final Pattern INFUSE = Pattern.compile("\\b(?:infuse|steep|leave to stand|let stand)\\b");
    private static final Pattern CHILL =
            Pattern.compile("\\b(?:chill|refrigerate|fridge|set in the cold|leave to set|let (?:it )?set|to set)\\b");
    private static final Pattern TAKEN_OUT = Pattern.compile(
            "\\b(?:out of|from) the (?:fridge|freezer|refrigerator)|before serving|\\bfor up to\\b|\\bkeeps?\\b");
    private static final Pattern FREEZE = Pattern.compile("\\b(?:freeze|freezer)\\b");
    private static final Pattern SQUEEZED = Pattern.compile(
            "\\b(?:squeezed?|wring|drain(?:ed)? the gelatin|cold water until soft|soften(?:ed)? (?:the |all the )?(?:gelatine? |sheets |leaves )?in (?:plenty of |a bowl of )?cold water|soak .*(?:gelatin|leaves|sheets)|(?:to soak|soak(?:ed|ing)?|put) in (?:plenty of |a bowl of )?(?:iced|cold) water)");
    private static final Pattern SPRINKLED = Pattern.compile(
            "\\b(?:sprinkle|sprinkled|scatter|bloom)\\b.*gelatin|gelatin.*\\b(?:over|in|with)\\b.*water");
    private static final Pattern OF_WATER =
            Pattern.compile("(\\d+(?:[.,]\\d+)?)\\s*(ml|g|tbsp|tablespoons?|tsp)\\s*(?:of )?(?:cold )?water");
    private static final Pattern PRESS = Pattern.compile(
            "\\b(?:press|pack|pat)(?:ed)? (?:it|this|them|the|firmly|into|onto|on|over|down|evenly|well)\\b");
    private static final Pattern WALL = Pattern.compile(
            "(\\d+(?:[.,]\\d+)?)\\s*(cm|mm) up the (?:side|wall)|up the sides? (?:to )?(\\d+(?:[.,]\\d+)?)\\s*(cm|mm)");
    private static final Pattern DIP = Pattern.compile("\\b(?:dip|dipped|dunk)\\b");
    private static final Pattern DRENCH =
            Pattern.compile("\\b(?:drench|spoon over|spooned over|drizzle|sprinkle|douse|pour over|brush)(?:ed)?\\b");
    private static final Pattern ADDED_COLD = Pattern.compile(
            "\\b(?:stir|whisk|mix|beat|add|pour) (?:in |into )?(?:the )?(?:cold |room[- ]temperature )?([\\p{L} ]{3,40})");
    private static final Pattern TURNED_OUT =
            Pattern.compile("\\b(?:turn(?:ed)? (?:them |it |each )?out|unmoul?d|invert|tip (?:them|it) out)\\b");
    private static final Pattern SLICED =
            Pattern.compile("\\b(?:slice|slices|wedges|cut (?:it )?(?:in|into)|cut with)\\b");
    private static final Pattern CARAMEL = Pattern.compile("\\b(light|medium|dark|amber|golden) (?:amber )?caramel");
    private static final double MINUTES_PER_HOUR = 60;
    private static final int OVERNIGHT_H = 12;
    /** Of cold dairy that is joined with what is hot. */
    private static final Pattern CULTURED =
            Pattern.compile("yogh?urt|buttermilk|cultured|cr[eè]me fra[iî]che|sour cream|quark|ricotta|cream cheese");

    /** What is read is told to this. */
    interface Heard {
        /**
         * A value of a component.
         *
         * @param part of the document below the component, such as {@code work/heat/to}
         */
        void fact(Draft draft, String part, String what, String value, int from, int to, boolean sure);

        /** That something stands in the cold so long, minutes, once it is filled. */
        void chills(Draft draft, double minutes, int from, int to, boolean sure);

        /** That it is frozen so long. */
        void freezes(double minutes, int from, int to);

        void served(String id, int from, int to);
    }

    private final Heard heard;
    private boolean anything;

    MethodReader(Heard heard) {
        this.heard = heard;
    }

    /**
     * Reads a sentence about a component.
     *
     * @param at where it begins in the whole text
     * @return whether anything was understood of it
     */
    boolean read(Draft draft, String sentence, int at) {
        anything = false;
        var s = sentence.toLowerCase(Locale.ROOT);
        boolean oven = OVEN.matcher(s).find();
        gelatin(draft, s, at);
        if (draft.has(Of.BISCUIT)) {
            base(draft, s, at, oven);
        }
        soak(draft, s, at);
        if (!oven) {
            whip(draft, s, at);
            temperatures(draft, s, at);
            boils(draft, s, at);
            infuses(draft, s, at);
            joins(draft, s, at);
        }
        waits(draft, s, at);
        var caramel = CARAMEL.matcher(s);
        if (draft.has(Of.SUGAR) && caramel.find()) {
            var stage =
                    caramel.group(1).equals("amber") || caramel.group(1).equals("golden") ? "medium" : caramel.group(1);
            put(
                    draft,
                    "heat",
                    "stage",
                    stage,
                    "Caramel",
                    at + caramel.start(),
                    at + caramel.end(),
                    stage.equals(caramel.group(1)));
        }
        if (FOLDING.matcher(s).find()) {
            draft.folds = true;
            anything = true;
        }
        served(s, at);
        return anything;
    }

    private void fact(Draft draft, String part, String what, String value, int from, int to, boolean sure) {
        anything = true;
        heard.fact(draft, part, what, value, from, to, sure);
    }

    private static Work entry(Draft draft, String verb) {
        return draft.work.computeIfAbsent(verb, Work::of);
    }

    private void put(
            Draft draft, String verb, String field, String value, String what, int from, int to, boolean sure) {
        anything = true;
        var entry = entry(draft, verb);
        if (entry.text(field).isEmpty()) {
            draft.work.put(verb, entry.with(field, value));
            fact(draft, "work/" + verb + "/" + field, what, value, from, to, sure);
        }
    }

    private void temperatures(Draft draft, String s, int at) {
        var found = DEGREES.matcher(s);
        while (found.find()) {
            double celsius = celsius(found);
            var before = s.substring(0, found.start());
            int from = at + found.start();
            int to = at + found.end();
            var value = Notation.write(celsius, 0) + " °C";
            boolean sure = found.group(2) == null;
            boolean cooled = last(COOLING, before) > last(HEATING, before);
            if (last(FOLDING, before) > Math.max(last(HEATING, before), last(COOLING, before))
                    || FOLDING.matcher(s.substring(found.end())).find()
                            && (cooled || s.startsWith("when") || s.startsWith("once") || s.startsWith("at "))) {
                put(draft, "fold", "base", value, "Base at folding", from, to, sure);
            } else if (cooled
                    || last(POURING, before) > last(HEATING, before)
                    || POURING.matcher(s.substring(found.end())).find() && last(HEATING, before) < 0) {
                put(draft, "pour", "at", value, "Cooled to", from, to, sure);
            } else if (HOT_SYRUP.matcher(s).find() && celsius > 100) {
                anything = true;
            } else {
                put(draft, "heat", "to", value, "Heated to", from, to, sure);
            }
        }
    }

    private static int last(Pattern pattern, String text) {
        int last = -1;
        var found = pattern.matcher(text);
        while (found.find()) {
            last = found.start();
        }
        return last;
    }

    /** Of a range, its middle. */
    private static double celsius(Matcher found) {
        double one = Double.parseDouble(found.group(1) != null ? found.group(1) : found.group(4));
        double two = found.group(2) == null ? one : Double.parseDouble(found.group(2));
        boolean fahrenheit = found.group(3) != null && found.group(3).startsWith("f");
        double middle = (one + two) / 2;
        return fahrenheit ? (middle - 32) * 5 / 9 : middle;
    }

    private void boils(Draft draft, String s, int at) {
        var boil = BOIL.matcher(s);
        var simmer = SIMMER.matcher(s);
        boolean boils = boil.find();
        boolean simmers = simmer.find();
        if (!boils && !simmers) {
            return;
        }
        draft.boils = true;
        int from = at + (boils ? boil.start() : simmer.start());
        int to = at + (boils ? boil.end() : simmer.end());
        if (!draft.has(Of.CHOCOLATE) || draft.has(Of.CREAM)) {
            put(draft, "heat", "to", boils ? "100 °C" : "95 °C", "Heated to", from, to, boils);
        }
        var lasts = LASTS.matcher(s);
        boolean timed = lasts.find(boils ? boil.start() : simmer.start())
                && !lasts.group(3).startsWith("sec")
                && !INFUSE.matcher(s.substring(0, lasts.start())).find()
                && !CHILL.matcher(s.substring(0, lasts.start())).find();
        if (timed) {
            var minutes = Notation.write(minutes(lasts), 0) + " min";
            boolean fruit = draft.has(Of.FRUIT) && !draft.gelled() && !draft.has(Of.DAIRY);
            put(
                    draft,
                    fruit ? "boil" : "hold",
                    "lasts",
                    minutes,
                    fruit ? "Boiled for" : "Held hot for",
                    at + lasts.start(),
                    at + lasts.end(),
                    lasts.group(2) == null);
        }
    }

    private void infuses(Draft draft, String s, int at) {
        var infuse = INFUSE.matcher(s);
        if (!infuse.find() || !draft.has(Of.FLAVOUR)) {
            return;
        }
        var lines = draft.all(Of.FLAVOUR).stream()
                .filter(i -> Draft.names(s, i))
                .map(i -> i.id)
                .toList();
        var steeped =
                lines.isEmpty() ? draft.all(Of.FLAVOUR).stream().map(i -> i.id).toList() : lines;
        draft.work.put("infuse", entry(draft, "infuse").withLines(steeped));
        fact(
                draft,
                "work/infuse",
                "Infused",
                "with what is steeped strained out",
                at + infuse.start(),
                at + infuse.end(),
                !lines.isEmpty());
        var lasts = LASTS.matcher(s);
        if (lasts.find()) {
            put(
                    draft,
                    "infuse",
                    "lasts",
                    words(lasts),
                    "Infused for",
                    at + lasts.start(),
                    at + lasts.end(),
                    lasts.group(2) == null);
        }
    }

    /** Cultured dairy and fresh cheese that are stirred into what is hot join cold. */
    private void joins(Draft draft, String s, int at) {
        var added = ADDED_COLD.matcher(s);
        boolean heated = draft.work.containsKey("heat") || s.contains("hot") || s.contains("warm");
        while (heated && added.find()) {
            var what = added.group(1);
            if (CULTURED.matcher(what).find()) {
                var lines = draft.items.stream()
                        .filter(i -> i.foam.isEmpty()
                                && Draft.is(i, Of.DAIRY)
                                && CULTURED.matcher(i.line.text().toLowerCase(Locale.ROOT))
                                        .find())
                        .map(i -> i.id)
                        .toList();
                if (!lines.isEmpty()) {
                    var ids = new ArrayList<>(entry(draft, "join").lines());
                    lines.stream().filter(id -> !ids.contains(id)).forEach(ids::add);
                    draft.work.put("join", entry(draft, "join").withLines(ids));
                    var cold = CULTURED.matcher(what);
                    cold.find();
                    fact(
                            draft,
                            "work/join",
                            "Joins cold",
                            cold.group(),
                            at + added.start(1) + cold.start(),
                            at + added.start(1) + cold.end(),
                            false);
                }
            }
        }
    }

    private void whip(Draft draft, String s, int at) {
        var whipping = WHIPPING.matcher(s);
        boolean peaks = PEAKS.matcher(s).find();
        if (!whipping.find() && !peaks) {
            return;
        }
        whipped(draft, s, at, peaks).ifPresent(foam -> {
            var stage = PEAKS.matcher(s);
            if (stage.find() && foam.stage.isEmpty()) {
                foam.stage = stage(stage);
                fact(
                        draft,
                        "foams/" + foam.id + "/stage",
                        "Whipped to",
                        foam.stage,
                        at + stage.start(),
                        at + stage.end(),
                        stage.group(3) == null && stage.group(6) == null);
            }
            var water = OVER_WATER.matcher(s);
            var syrup = HOT_SYRUP.matcher(s);
            if (foam.cooking.isEmpty() && (water.find() || syrup.find())) {
                boolean over = OVER_WATER.matcher(s).find();
                foam.cooking = over ? "over-water" : "hot-syrup";
                var found = over ? water : syrup;
                fact(
                        draft,
                        "foams/" + foam.id + "/cooking",
                        "Egg cooked",
                        over ? "over water" : "by hot syrup",
                        at + found.start(),
                        at + found.end(),
                        true);
            }
        });
    }

    /** The bowl of what a sentence whips: whites, yolks or cream, whichever it names, of this component. */
    private Optional<Draft.Whipped> whipped(Draft draft, String s, int at, boolean peaks) {
        var whites = draft.all(Of.WHITE);
        var yolks = draft.all(Of.YOLK);
        boolean ofWhites = !whites.isEmpty() && s.contains("white") && !s.contains("white chocolate");
        boolean ofYolks = !yolks.isEmpty() && s.contains("yolk") && !ofWhites;
        if (ofWhites || ofYolks) {
            boolean foams = ofWhites
                    || s.contains("pale")
                    || s.contains("thick")
                    || s.contains("ribbon")
                    || s.contains("fluffy")
                    || OVER_WATER.matcher(s).find();
            if (!foams) {
                return Optional.empty();
            }
            var lines = new ArrayList<>(ofWhites ? whites : yolks);
            if (s.contains("sugar")) {
                draft.all(Of.SUGAR).stream()
                        .filter(i -> i.foam.isEmpty())
                        .limit(1)
                        .forEach(lines::add);
            }
            return Optional.of(draft.foamOf(lines));
        }
        var cream = draft.all(Of.CREAM);
        boolean named = s.contains("cream") || peaks;
        if (cream.isEmpty() || !named || s.contains("cream cheese") && !peaks) {
            return Optional.empty();
        }
        // The cream that was not heated: the last one named in the list.
        var lines = new ArrayList<Draft.Item>();
        lines.add(cream.get(cream.size() - 1));
        if (s.contains("mascarpone")) {
            draft.items.stream()
                    .filter(i -> i.line.text().toLowerCase(Locale.ROOT).contains("mascarpone"))
                    .forEach(lines::add);
        }
        if (s.contains("sugar") && draft.all(Of.SUGAR).size() == 1 && !draft.work.containsKey("heat")) {
            lines.addAll(draft.all(Of.SUGAR));
        }
        return Optional.of(draft.foamOf(lines));
    }

    private static String stage(Matcher found) {
        var word = "";
        for (int g = 1; g <= found.groupCount() && word.isEmpty(); g++) {
            word = found.group(g) == null ? "" : found.group(g);
        }
        return switch (word) {
            case "soft", "softly", "lightly", "floppy" -> "soft";
            case "medium", "firm", "firmly" -> "medium";
            case "stiff", "stiffly" -> "stiff";
            default -> "ribbon";
        };
    }

    private void gelatin(Draft draft, String s, int at) {
        anything |= draft.gelled()
                && !draft.bloom.isEmpty()
                && (SPRINKLED.matcher(s).find() || SQUEEZED.matcher(s).find());
        if (!draft.gelled()
                || !draft.bloom.isEmpty()
                || !s.contains("gelatin") && !s.contains("leaves") && !s.contains("sheets")) {
            return;
        }
        var squeezed = SQUEEZED.matcher(s);
        var sprinkled = SPRINKLED.matcher(s);
        var water = OF_WATER.matcher(s);
        if (sprinkled.find() && water.find() && !squeezed.reset().find()) {
            draft.bloom = "weighed";
            draft.water = water.group(1) + " " + unit(water.group(2));
            fact(draft, "gels/g1/water", "Bloom water", draft.water, at + water.start(), at + water.end(), true);
        } else if (sprinkled.reset().find() && !squeezed.reset().find()) {
            draft.bloom = "weighed";
            anything = true;
        } else if (squeezed.reset().find()) {
            draft.bloom = "squeezed";
            fact(draft, "gels/g1/bloom", "Bloomed", "squeezed out", at + squeezed.start(), at + squeezed.end(), true);
        }
    }

    private static String unit(String word) {
        return word.startsWith("tablespoon") ? "tbsp" : word;
    }

    private void base(Draft draft, String s, int at, boolean oven) {
        var press = PRESS.matcher(s);
        if (press.find()) {
            entry(draft, "press");
            fact(draft, "work/press", "Pressed", "into its tin", at + press.start(), at + press.end(), true);
            var wall = WALL.matcher(s);
            if (wall.find()) {
                boolean first = wall.group(1) != null;
                double mm = Double.parseDouble(wall.group(first ? 1 : 3).replace(',', '.'))
                        * (wall.group(first ? 2 : 4).equals("cm") ? 10 : 1);
                put(
                        draft,
                        "press",
                        "wall",
                        Notation.write(mm, 0) + " mm",
                        "Up the wall",
                        at + wall.start(),
                        at + wall.end(),
                        true);
            }
        }
        if (oven && s.contains("bake")) {
            int from = at + s.indexOf("bake");
            put(draft, "press", "way", "baked", "Base baked", from, from + 4, true);
        }
    }

    private void soak(Draft draft, String s, int at) {
        var liquids = draft.all(Of.LIQUID);
        boolean pieces = draft.items.stream()
                .anyMatch(i -> i.ingredient.flatMap(n -> n.soaking()).isPresent());
        if (liquids.isEmpty() || !pieces) {
            return;
        }
        var dip = DIP.matcher(s);
        var drench = DRENCH.matcher(s);
        boolean dips = dip.find();
        if (!dips && !drench.find()) {
            return;
        }
        draft.work.put(
                "soak",
                entry(draft, "soak").withLines(liquids.stream().map(i -> i.id).toList()));
        var lasts = LASTS.matcher(s);
        boolean timed = dips && lasts.find() && lasts.group(3).startsWith("s");
        var value = timed ? Notation.write(number(lasts.group(1)), 0) + " s" : dips ? "2 s" : "drenched";
        int from = at + (timed ? lasts.start() : dips ? dip.start() : drench.start());
        int to = at + (timed ? lasts.end() : dips ? dip.end() : drench.end());
        put(draft, "soak", "lasts", value, "Soaked", from, to, timed || !dips);
    }

    private void waits(Draft draft, String s, int at) {
        if (TAKEN_OUT.matcher(s).find()) {
            anything = true;
            return;
        }
        boolean freezes = FREEZE.matcher(s).find();
        var chill = CHILL.matcher(s);
        if (!freezes && !chill.find()) {
            return;
        }
        // "at least" and ranges: the least of them is what is waited for.
        var lasts = LASTS.matcher(s);
        var overnight = OVERNIGHT.matcher(s);
        boolean night = overnight.find();
        boolean timed = lasts.find() && !lasts.group(3).startsWith("s");
        if (!timed && !night) {
            return;
        }
        anything = true;
        double minutes = timed ? minutes(lasts) : OVERNIGHT_H * MINUTES_PER_HOUR;
        int from = at + (timed ? lasts.start() : overnight.start());
        int to = at + (timed ? lasts.end() : overnight.end());
        if (freezes) {
            heard.freezes(minutes, from, to);
        } else {
            heard.chills(draft, minutes, from, to, !night || !timed);
        }
    }

    private void served(String s, int at) {
        var out = TURNED_OUT.matcher(s);
        var sliced = SLICED.matcher(s);
        if (out.find()) {
            anything = true;
            heard.served("turned-out", at + out.start(), at + out.end());
        } else if (sliced.find()) {
            anything = true;
            heard.served("sliced", at + sliced.start(), at + sliced.end());
        }
    }

    private static double minutes(Matcher lasts) {
        double number = number(lasts.group(1));
        return lasts.group(3).startsWith("h") ? number * MINUTES_PER_HOUR : number;
    }

    private static String words(Matcher lasts) {
        return Notation.write(minutes(lasts), 0) + " min";
    }

    private static double number(String word) {
        return switch (word) {
            case "a", "an", "one" -> 1;
            case "half an" -> 0.5;
            case "a couple of" -> 2;
            default ->
                Character.isDigit(word.charAt(0))
                        ? Double.parseDouble(word.replace(',', '.'))
                        : VesselWords.number(word);
        };
    }

    /** Sentences of a line, with where they begin in it. */
    static List<int[]> sentences(String text) {
        var found = new ArrayList<int[]>();
        int begin = 0;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            boolean stops = (c == '.' || c == '!' || c == ';' || c == '?')
                    && (i + 1 == text.length() || Character.isWhitespace(text.charAt(i + 1)));
            if (stops) {
                found.add(new int[] {begin, i + 1});
                begin = i + 1;
            }
        }
        if (!text.substring(begin).isBlank()) {
            found.add(new int[] {begin, text.length()});
        }
        return found;
    }
}
