package com.deftchill.core.recipe;

import com.deftchill.core.composition.Constituent;
import com.deftchill.core.formula.WrittenFormula.Work;
import com.deftchill.core.larder.Ingredient;
import com.deftchill.core.larder.Ingredient.Trait;
import com.deftchill.core.larder.Roles;
import com.deftchill.core.paste.PastedLine;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** A component while it is being read: its lines, what is whipped, what is done. */
final class Draft {
    /** What an ingredient is to the reading of a recipe. */
    enum Of {
        CREAM,
        DAIRY,
        PLANT,
        CHEESE,
        EGG,
        WHITE,
        YOLK,
        CHOCOLATE,
        BUTTER,
        BISCUIT,
        FRUIT,
        SUGAR,
        STARCH,
        LIQUID,
        FLAVOUR,
        SET_SUGAR
    }

    private static final Pattern WORD = Pattern.compile("\\p{L}{4,}");
    private static final Set<String> SAY_NOTHING = Set.of(
            "gram",
            "grams",
            "tablespoon",
            "tablespoons",
            "teaspoon",
            "teaspoons",
            "cups",
            "ounces",
            "fresh",
            "large",
            "small",
            "medium",
            "cold",
            "warm",
            "full",
            "whole",
            "good",
            "about",
            "plus",
            "sheets",
            "sheet",
            "leaves",
            "leaf",
            "softened",
            "melted",
            "chopped",
            "finely",
            "caster",
            "double",
            "single",
            "heavy",
            "whipping",
            "unsalted",
            "each",
            "from",
            "with",
            "tbsp",
            "room",
            "temperature",
            "puree",
            "juice",
            "strained",
            "cooked",
            "dark",
            "white",
            "milk");

    private static final Pattern BISCUIT = Pattern.compile("(?i)\\b(?:biscuit|cookie|cracker|wafer)s?\\b");

    /** A line of it. */
    static final class Item {
        final RecipeLine line;
        final Optional<Ingredient> ingredient;
        final String id;
        String foam = "";
        boolean treated;

        Item(RecipeLine line, Optional<Ingredient> ingredient, String id) {
            this.line = line;
            this.ingredient = ingredient;
            this.id = id;
        }

        PastedLine read() {
            return line.read();
        }

        /** What the line says it is, without its amount. */
        String words() {
            var text = line.text().strip();
            var amount = read().amount().strip();
            return text.startsWith(amount) && text.length() > amount.length()
                    ? text.substring(amount.length()).strip()
                    : text;
        }
    }

    /** Something whipped. */
    static final class Whipped {
        final String id;
        String stage = "";
        String at = "";
        String cooking = "";

        Whipped(String id) {
            this.id = id;
        }
    }

    private final String name;
    private final String key;
    final int nameFrom;
    final int nameTo;
    final List<Item> items = new ArrayList<>();
    final List<Whipped> foams = new ArrayList<>();
    final Map<String, Work> work = new LinkedHashMap<>();
    final List<String> own = new ArrayList<>();
    RecipeLine gel;
    String bloom = "";
    String water = "";
    boolean folds;
    boolean boils;

    Draft(String name, String key, int nameFrom, int nameTo) {
        this.name = name;
        this.key = key;
        this.nameFrom = nameFrom;
        this.nameTo = nameTo;
    }

    String name() {
        return name;
    }

    String key() {
        return key;
    }

    /** Words of a heading that say which component it is of. */
    static String key(String heading) {
        return heading.toLowerCase(Locale.ROOT)
                .replaceAll("[^\\p{L} ]", " ")
                .replaceAll("\\b(?:for|the|a|an|of|to|make|making|prepare|layer)\\b", " ")
                .strip()
                .replaceAll("\\s+", " ");
    }

    boolean gelled() {
        return gel != null;
    }

    boolean folded() {
        return folds && whipped();
    }

    boolean whipped() {
        return !foams.isEmpty();
    }

    boolean boiled() {
        return boils || work.containsKey("boil");
    }

    boolean soaks() {
        return work.containsKey("soak")
                || items.stream()
                                .anyMatch(i -> i.ingredient
                                        .flatMap(Ingredient::soaking)
                                        .isPresent())
                        && items.stream().anyMatch(i -> is(i, Of.LIQUID));
    }

    boolean has(Of what) {
        return items.stream().anyMatch(i -> is(i, what));
    }

    boolean only(Of what) {
        return !items.isEmpty() && items.stream().allMatch(i -> is(i, what) || is(i, Of.SUGAR));
    }

    List<Item> all(Of what) {
        return items.stream().filter(i -> is(i, what)).toList();
    }

    static boolean is(Item item, Of what) {
        if (item.ingredient.isEmpty()) {
            // What the larder does not have is still known for what its name says it is.
            return what == Of.BISCUIT && BISCUIT.matcher(item.words()).find();
        }
        var i = item.ingredient.get();
        var c = i.composition();
        return switch (what) {
            case CREAM ->
                i.group().equals("dairy")
                        && c.share(Constituent.MILK_FAT) >= 0.28
                        && i.curd().isEmpty();
            case DAIRY -> i.group().equals("dairy") && c.share(Constituent.BUTTER_FAT) < 0.5;
            case PLANT -> i.group().equals("plant");
            case CHEESE ->
                i.group().equals("dairy")
                        && i.curd().isPresent()
                        && !i.id().contains("yoghurt")
                        && !i.id().contains("creme");
            case EGG -> i.has(Trait.EGG);
            case WHITE -> i.id().startsWith(Roles.WHITE);
            case YOLK -> i.id().startsWith(Roles.YOLK);
            case CHOCOLATE -> i.group().equals("chocolate") && c.share(Constituent.COCOA_BUTTER) > 0.15;
            case BUTTER -> c.share(Constituent.BUTTER_FAT) >= 0.5;
            case BISCUIT -> i.group().equals("biscuit");
            case FRUIT -> i.group().equals("fruit");
            case SUGAR -> i.group().equals("sugar");
            case STARCH -> i.group().equals("starch");
            case LIQUID -> i.group().equals("liquid") || i.group().equals("spirit");
            case FLAVOUR -> i.group().equals("seasoning");
            case SET_SUGAR -> i.id().startsWith("jelly-");
        };
    }

    /** How many of its ingredients a sentence names. */
    int namedIn(String sentence) {
        return (int) items.stream().filter(i -> names(sentence, i)).count();
    }

    /** Whether a sentence names an ingredient by a word of its line. */
    static boolean names(String sentence, Item item) {
        return words(item).stream().anyMatch(sentence::contains);
    }

    private static Set<String> words(Item item) {
        var text = (item.line.text() + " " + item.read().name()).toLowerCase(Locale.ROOT);
        return WORD.matcher(text)
                .results()
                .map(found -> found.group())
                .filter(word -> !SAY_NOTHING.contains(word))
                .map(word -> word.length() > 5 && word.endsWith("s") ? word.substring(0, word.length() - 1) : word)
                .collect(Collectors.toSet());
    }

    /** What is whipped of some lines, a bowl of their own; the one that they are in already. */
    Whipped foamOf(List<Item> lines) {
        var there = lines.stream().filter(i -> !i.foam.isEmpty()).findFirst();
        if (there.isPresent()) {
            var id = there.get().foam;
            return foams.stream().filter(f -> f.id.equals(id)).findFirst().orElseThrow();
        }
        var made = new Whipped("f" + (foams.size() + 1));
        foams.add(made);
        lines.forEach(i -> i.foam = made.id);
        return made;
    }
}
