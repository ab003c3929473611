package com.deftchill.core.recipe;

import com.deftchill.core.paste.PastedLine;
import com.deftchill.core.paste.PastedList;
import com.deftchill.core.recipe.RecipeLine.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;

/** Tells the lines of a recipe apart: titles, headings, ingredients, method. */
final class RecipeLines {
    private static final int MOST_LINES = 400;
    private static final int LONGEST_INGREDIENT = 110;
    private static final int LONGEST_HEADING = 60;
    private static final int LONG_SENTENCE = 70;
    private static final int WORDS_OF_A_SENTENCE = 5;

    private static final Pattern BULLET = Pattern.compile(
            "^\\s*(?:[-*•–—·▢□☐]\\s+|(?:step\\s*)?\\d{1,2}\\s*[.):]\\s+(?=\\D)|#{1,6}\\s*|>\\s*)",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern MARKS = Pattern.compile("^[*_]{1,2}(.+?)[*_]{1,2}:?$");
    private static final Pattern INGREDIENTS = Pattern.compile(
            "(?i)^(?:the\\s+)?(?:ingredients?|you(?:'ll| will)? need|what you need|shopping list|zutaten|ingrédients)\\b.{0,30}$");
    private static final Pattern METHOD = Pattern.compile(
            "(?i)^(?:the\\s+)?(?:method|directions?|instructions?|preparation|procedure|steps|how to make(?: it)?|to make)\\s*:?$");
    private static final Pattern YIELD = Pattern.compile(
            "(?i)^(?:serves|makes|yields?|enough for|portions|servings|for\\s+(?:\\d+|two|three|four|five|six|seven|eight|nine|ten|twelve)\\b)\\s*:?.{0,60}$");
    private static final Pattern FOR_THE = Pattern.compile("(?i)^for (?:the|a|an|each)\\s+[^\\d]{2,50}$");
    private static final Pattern CAPITALS = Pattern.compile("^[\\p{Lu}][\\p{Lu}\\s&'-]{2,40}$");
    private static final Set<String> VERBS = Set.of(
            "heat",
            "warm",
            "bring",
            "boil",
            "simmer",
            "whisk",
            "whip",
            "beat",
            "fold",
            "pour",
            "chill",
            "melt",
            "soak",
            "bloom",
            "dissolve",
            "stir",
            "add",
            "mix",
            "combine",
            "press",
            "bake",
            "line",
            "dip",
            "spread",
            "spoon",
            "leave",
            "let",
            "cool",
            "turn",
            "unmould",
            "unmold",
            "serve",
            "remove",
            "place",
            "put",
            "strain",
            "infuse",
            "divide",
            "cover",
            "freeze",
            "crush",
            "blend",
            "cook",
            "make",
            "sprinkle",
            "drain",
            "squeeze",
            "take",
            "return",
            "scrape",
            "gently",
            "meanwhile",
            "when",
            "once",
            "refrigerate",
            "set",
            "decorate",
            "top",
            "arrange",
            "layer",
            "slice",
            "cut",
            "split",
            "separate",
            "prepare",
            "use",
            "keep",
            "wait",
            "carefully",
            "slowly",
            "while",
            "after",
            "in",
            "as",
            "then",
            "finally",
            "ladle",
            "finish",
            "smooth",
            "tap",
            "wrap",
            "release",
            "run",
            "loosen",
            "invert",
            "dust",
            "pipe",
            "soften",
            "rub");

    private enum Part {
        START,
        INGREDIENTS,
        METHOD
    }

    private static final int SPARE_LETTERS = 12;

    private final PastedList list;
    private final VesselWords vessels;
    private final List<RecipeLine> lines = new ArrayList<>();
    private Part part = Part.START;
    /** Whether a gap is before the line that is read, and what stands right behind it. */
    private boolean afterGap;

    private String next = "";
    private String under = "";

    RecipeLines(PastedList list, VesselWords vessels) {
        this.list = list;
        this.vessels = vessels;
    }

    List<RecipeLine> read(String text) {
        int at = 0;
        int count = 0;
        var all = text.split("\n", -1);
        for (int i = 0; i < all.length; i++) {
            var raw = all[i];
            afterGap = i == 0 || all[i - 1].isBlank();
            next = following(all, i);
            if (count++ < MOST_LINES && !raw.isBlank()) {
                var bullet = BULLET.matcher(raw);
                int cut = bullet.find()
                        ? bullet.end()
                        : raw.length() - raw.stripLeading().length();
                boolean heading = raw.stripLeading().startsWith("#");
                var rest = raw.substring(cut).stripTrailing();
                line(unmarked(rest), at + cut, at + cut + rest.length(), heading);
            }
            at += raw.length() + 1;
        }
        return lines;
    }

    /** The line behind, if no gap is between; empty where there is one. */
    private static String following(String[] all, int i) {
        return i + 1 < all.length ? BULLET.matcher(all[i + 1]).replaceFirst("").strip() : "";
    }

    private static String unmarked(String text) {
        var marked = MARKS.matcher(text.strip());
        return (marked.matches() ? marked.group(1) : text).strip();
    }

    private void line(String text, int from, int to, boolean marked) {
        var plain = text.replaceAll(":$", "").strip();
        if (INGREDIENTS.matcher(plain).matches()) {
            part = Part.INGREDIENTS;
            under = "";
        } else if (METHOD.matcher(plain).matches()) {
            part = Part.METHOD;
            under = "";
        } else if (YIELD.matcher(plain).matches() && !FOR_THE.matcher(plain).matches()) {
            add(Kind.YIELD, text, from, to, null);
        } else if (isHeading(text, plain, marked)) {
            under = plain;
            add(Kind.HEADING, plain, from, to, null);
        } else if (!inline(text, from)) {
            content(text, from, to);
        }
    }

    /** Nothing but the name of a part of every recipe: "Method". */
    static boolean isSection(String text) {
        var plain =
                BULLET.matcher(text).replaceFirst("").replaceAll("[:*_]+$", "").strip();
        plain = plain.replaceAll("^[*_]+", "");
        return INGREDIENTS.matcher(plain).matches() || METHOD.matcher(plain).matches();
    }

    private boolean isHeading(String text, String plain, boolean marked) {
        boolean named = plain.length() <= LONGEST_HEADING
                && !plain.isEmpty()
                && plain.chars().noneMatch(Character::isDigit)
                && (text.endsWith(":")
                        || FOR_THE.matcher(plain).matches()
                        || CAPITALS.matcher(plain).matches());
        boolean title = lines.isEmpty() && !text.endsWith(":");
        return (named || marked && !lines.isEmpty() || headsAList(text)) && !title;
    }

    /** A few words behind a gap, with an amount right behind them: "Plum compote". */
    private boolean headsAList(String text) {
        return part != Part.METHOD
                && afterGap
                && !lines.isEmpty()
                && text.length() <= LONGEST_HEADING
                && text.chars().noneMatch(Character::isDigit)
                && !isSentence(text)
                && !isIngredient(list.line(text))
                && !next.isEmpty()
                && isIngredient(list.line(next));
    }

    /** A heading with its list behind it on the same line: "Jelly: 300 g juice, 6 g gelatin". */
    private boolean inline(String text, int from) {
        int colon = text.indexOf(':');
        if (colon < 2 || colon > LONGEST_HEADING || isSentence(text.substring(0, colon))) {
            return false;
        }
        var items = text.substring(colon + 1).split("[;,](?=\\s*(?:\\d|½|¼|¾|an?\\b|one\\b|two\\b|half\\b))");
        var read = new ArrayList<RecipeLine>();
        int at = from + colon + 1;
        for (var item : items) {
            var stripped = item.strip();
            var line = list.line(stripped);
            int start = at + item.indexOf(stripped);
            if (!isIngredient(line)) {
                return false;
            }
            read.add(new RecipeLine(Kind.INGREDIENT, stripped, start, start + stripped.length(), "", line));
            at += item.length() + 1;
        }
        under = text.substring(0, colon).strip();
        add(Kind.HEADING, under, from, from + colon, null);
        read.forEach(l -> lines.add(new RecipeLine(l.kind(), l.text(), l.from(), l.to(), under, l.read())));
        return true;
    }

    private static boolean isIngredient(PastedLine line) {
        return switch (line.kind()) {
            case UNDERSTOOD -> true;
            case AMOUNT_UNCLEAR -> !line.amount().isBlank();
            // So much of something that the larder does not have: what it is will be asked.
            case NOT_UNDERSTOOD ->
                !line.amount().isBlank() && line.text().strip().startsWith(line.amount());
            case HEADING -> false;
        };
    }

    private void content(String text, int from, int to) {
        if (isSentence(text)) {
            // A sentence before any list is an introduction.
            boolean method = part != Part.START || lines.stream().anyMatch(l -> l.kind() == Kind.INGREDIENT);
            if (method && part != Part.METHOD) {
                part = Part.METHOD;
                under = "";
            }
            add(method ? Kind.METHOD : Kind.OTHER, text, from, to, null);
            return;
        }
        var read = text.length() <= LONGEST_INGREDIENT ? list.line(text) : null;
        boolean known = read != null && isIngredient(read);
        // "6 espresso cups" are no espresso; "1 cup cream" is cream.
        if (part != Part.METHOD && isYield(text) && !(known && read.sure())) {
            add(Kind.YIELD, text, from, to, null);
            return;
        }
        if (read != null && read.kind() == PastedLine.Kind.HEADING && part != Part.METHOD && !lines.isEmpty()) {
            under = text;
            add(Kind.HEADING, text, from, to, null);
            return;
        }
        boolean listed = part == Part.INGREDIENTS && read != null && read.kind() != PastedLine.Kind.HEADING;
        if (lines.isEmpty() && !known) {
            add(Kind.TITLE, text, from, to, null);
        } else if (known || listed) {
            add(Kind.INGREDIENT, text, from, to, read);
        } else if (part == Part.METHOD) {
            add(Kind.METHOD, text, from, to, null);
        } else {
            add(Kind.OTHER, text, from, to, null);
        }
    }

    /** Nothing but how many of what: "6 espresso cups". */
    private boolean isYield(String text) {
        return vessels.count(text)
                .filter(found -> found.to() - found.from() >= text.length() - SPARE_LETTERS)
                .isPresent();
    }

    private void add(Kind kind, String text, int from, int to, PastedLine read) {
        lines.add(new RecipeLine(kind, text, from, to, under, read));
    }

    /** What is done, rather than what is taken. */
    static boolean isSentence(String text) {
        var words = text.toLowerCase(Locale.ROOT).split("[^\\p{L}\\d°%½¼¾]+");
        var first = words.length > 0 ? words[0].isEmpty() && words.length > 1 ? words[1] : words[0] : "";
        boolean begins = VERBS.contains(first) && words.length >= 3;
        boolean stops = text.endsWith(".") && words.length >= WORDS_OF_A_SENTENCE;
        boolean goesOn = text.length() > LONG_SENTENCE && text.contains(". ");
        return begins || stops || goesOn;
    }
}
