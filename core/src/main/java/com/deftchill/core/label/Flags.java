package com.deftchill.core.label;

import com.deftchill.core.batch.Component;
import com.deftchill.core.composition.Constituent;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.dessert.Portrait;
import com.deftchill.core.larder.Allergen;
import com.deftchill.core.larder.Diet;
import com.deftchill.core.larder.GelProduct;
import com.deftchill.core.larder.Ingredient;
import com.deftchill.core.larder.Ingredient.Trait;
import com.deftchill.core.larder.Larder;
import com.deftchill.core.mix.Mix;
import com.deftchill.core.mix.Treatment;
import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Message;
import com.deftchill.core.text.Notation;
import com.deftchill.core.text.Words;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Evidence.Constant;
import com.deftchill.core.verdict.Evidence.Given;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Allergens, diet, alcohol, egg and keeping life, from the ingredients (handbook 6). */
public final class Flags {
    /** Egg is cooked once it reaches this, °C; or is held at the next for the minutes below [S/L]. */
    public static final double COOKED_C = 71;

    private static final double HELD_C = 63;
    private static final double HELD_MIN = 3.5;
    private static final double NOTEWORTHY_ALCOHOL_ML = 0.05;
    private static final String LOCAL = "Local rules and the kitchen's own food-safety plan come first.";

    private final Dessert dessert;
    private final Larder larder;

    public Flags(Dessert dessert, Larder larder) {
        this.dessert = dessert;
        this.larder = larder;
    }

    public List<Flag> all() {
        var flags = new ArrayList<Flag>();
        var ofGels = gels().stream().flatMap(gel -> gel.allergens().stream()).toList();
        var contains = allergens(Ingredient.Labelling::allergens, ofGels);
        flags.add(allergenFlag("allergens", contains, Tone.CAUTION));
        var may = allergens(Ingredient.Labelling::mayContain, List.of()).stream()
                .filter(allergen -> !contains.contains(allergen))
                .toList();
        if (!may.isEmpty()) {
            flags.add(allergenFlag("may-contain", may, Tone.NOTE));
        }
        flags.add(vegetarian());
        if (alcoholMl() > NOTEWORTHY_ALCOHOL_ML) {
            flags.add(alcohol());
        }
        egg().ifPresent(flags::add);
        flags.add(keeps());
        flags.add(Nutritions.flag(dessert));
        Cost.flag(dessert).ifPresent(flags::add);
        return flags;
    }

    /** A caution where somebody could come to harm. */
    public List<Verdict> cautions() {
        var cautions = new ArrayList<Verdict>();
        if (rawEgg()) {
            cautions.add(new Verdict(
                    "raw-egg",
                    Tone.CAUTION,
                    "Egg is not cooked",
                    "Raw or undercooked egg: not for children, pregnant, elderly or unwell guests. " + LOCAL,
                    raw().get(0).portrait().at("/lines"),
                    eggEvidence(),
                    eggFixes()));
        }
        if (alcoholMl() > NOTEWORTHY_ALCOHOL_ML) {
            cautions.add(new Verdict(
                    "alcohol",
                    Tone.NOTE,
                    "Holds alcohol",
                    Notation.write(alcoholMl(), 1)
                            + " ml of pure alcohol in each portion: not for children or anyone who abstains.",
                    "/components",
                    alcoholEvidence(),
                    List.of()));
        }
        return cautions;
    }

    private List<Allergen> allergens(Function<Ingredient.Labelling, List<String>> which, List<String> ofGel) {
        boolean us = dessert.kitchen().usAllergens();
        return larder.allergens().stream()
                .filter(allergen -> !(us ? allergen.us() : allergen.eu()).isEmpty())
                .filter(allergen -> ofGel.contains(allergen.id())
                        || parts().stream()
                                .anyMatch(part -> which.apply(part.ingredient().labelling())
                                        .contains(allergen.id())))
                .toList();
    }

    private Flag allergenFlag(String code, List<Allergen> found, Tone tone) {
        var given = new ArrayList<Given>();
        for (var allergen : found) {
            given.add(new Given(allergen.name(), from(allergen.id())));
        }
        var list = dessert.kitchen().usAllergens() ? "US list of nine" : "EU list of fourteen";
        var evidence = new Evidence(
                given,
                "Every ingredient's declared allergens, by the " + list + ". " + LOCAL,
                List.of(),
                "As good as the labels of what you buy: compare them. Traces from the kitchen itself are not known here.",
                "Another ingredient, another make.");
        var words = Message.of("flags.allergens.words")
                .with("none", Argument.when(found.isEmpty()))
                .with("list", Argument.either(dessert.kitchen().usAllergens(), "us", "eu"))
                .with("names", Argument.names(found.stream().map(Allergen::name).toList()));
        return Flag.of(code, words, tone, evidence);
    }

    private String from(String allergen) {
        var names = parts().stream()
                .map(Mix.Part::ingredient)
                .filter(i -> i.labelling().allergens().contains(allergen)
                        || i.labelling().mayContain().contains(allergen))
                .map(Ingredient::name)
                .collect(Collectors.joining(", "));
        var fromGels = gels().stream()
                .filter(gel -> gel.allergens().contains(allergen))
                .map(GelProduct::name)
                .collect(Collectors.joining(", "));
        return Stream.of(names, fromGels).filter(text -> !text.isEmpty()).collect(Collectors.joining(", "));
    }

    private Flag vegetarian() {
        var given = new ArrayList<Given>();
        var worst = Diet.VEGETARIAN;
        for (var gel : gels()) {
            if (gel.diet() != Diet.VEGETARIAN) {
                worst = gel.diet();
                given.add(new Given(gel.name(), "from " + gel.origin()));
            }
        }
        for (var part : parts()) {
            var diet = part.ingredient().labelling().diet();
            worst = diet.compareTo(worst) > 0 ? diet : worst;
            if (diet != Diet.VEGETARIAN) {
                given.add(new Given(part.ingredient().name(), "some makes are not vegetarian"));
            }
        }
        var animals = gels().stream()
                .filter(gel -> gel.diet() == Diet.NOT)
                .map(GelProduct::origin)
                .distinct()
                .toList();
        var words = Message.of("flags.vegetarian.words")
                .with("diet", new Argument.Choice(worst.name().toLowerCase(Locale.ROOT)))
                .with("maker", given.isEmpty() ? "" : given.get(0).name())
                .with("animals", Argument.names(animals));
        var evidence = new Evidence(
                given,
                "The doubt of the most doubtful ingredient counts. Halal and kosher need a gelatin of named source and"
                        + " certificate: ask.",
                List.of(),
                "Labels tell more than a list can.",
                "Agar or carrageenan instead of gelatin: another texture, never quite the same.");
        return Flag.of("vegetarian", words, Tone.NOTE, evidence);
    }

    private double alcoholMl() {
        double grams = dessert.grams(Constituent.ALCOHOL) * (1 - dessert.batch().loss());
        return Mix.alcoholMl(grams) / dessert.batch().allPortions();
    }

    private Flag alcohol() {
        var words = Message.of("flags.alcohol.words").with("ml", Argument.figure(alcoholMl(), 1));
        return Flag.of("alcohol", words, Tone.CAUTION, alcoholEvidence());
    }

    private Evidence alcoholEvidence() {
        return new Evidence(
                List.of(
                        new Given("Pure alcohol of all portions", Words.grams(dessert.grams(Constituent.ALCOHOL))),
                        new Given("Portions", Integer.toString(dessert.batch().allPortions()))),
                "All of it counts: a spirit that is only warmed keeps nearly all its alcohol.",
                List.of(new Constant("density", "0.789 g/ml", "S", "ethanol at " + dessert.celsius(20))),
                "A few per cent, from the label's strength.",
                "Less spirit; boiling it off by itself first; a cordial instead.");
    }

    public boolean rawEgg() {
        return !raw().isEmpty();
    }

    /** A line of a component. */
    private record Place(Portrait portrait, int line) {}

    /** Every line with egg that is neither cooked nor pasteurised. */
    private List<Place> raw() {
        var raw = new ArrayList<Place>();
        for (var portrait : dessert.portraits()) {
            var lines = portrait.component().lines();
            for (int i = 0; i < lines.size(); i++) {
                if (raw(portrait, lines.get(i))) {
                    raw.add(new Place(portrait, i));
                }
            }
        }
        return raw;
    }

    private static boolean raw(Portrait portrait, Component.Line line) {
        boolean egg = line.part().ingredient().has(Trait.EGG);
        return egg && line.part().treatment() != Treatment.PASTEURISED && !cooked(portrait, line);
    }

    /** Cooked with the hot share of its component, or heated by itself (whites with syrup, yolks over water). */
    private static boolean cooked(Portrait portrait, Component.Line line) {
        if (line.part().treatment() == Treatment.HEATED || portrait.component().isDough()) {
            return true;
        }
        var heating = portrait.component().heating();
        if (line.cold() || heating.hotC().isEmpty()) {
            return false;
        }
        double hot = heating.hotC().getAsDouble();
        return hot >= COOKED_C || (hot >= HELD_C && heating.heldMinutes() >= HELD_MIN);
    }

    private Optional<Flag> egg() {
        if (parts().stream().noneMatch(part -> part.ingredient().has(Trait.EGG))) {
            return Optional.empty();
        }
        var words = Message.of("flags.egg.words").with("raw", Argument.when(rawEgg()));
        return Optional.of(Flag.of("egg", words, rawEgg() ? Tone.CAUTION : Tone.NOTE, eggEvidence()));
    }

    private List<Fix> eggFixes() {
        var pasteurise = raw().stream()
                .map(at -> new Fix.Change(at.portrait().line(at.line(), "treatment"), Treatment.PASTEURISED.id()))
                .toList();
        var hot = dessert.celsius(82);
        var cook = new ArrayList<Fix.Change>();
        boolean whipped = false;
        for (var at : raw()) {
            var line = at.portrait().component().lines().get(at.line());
            whipped |= line.whipped();
            var heat = at.portrait().change("/work/heat/to", hot);
            if (!cook.contains(heat)) {
                cook.add(heat);
            }
            cook.add(new Fix.Change(at.portrait().line(at.line(), "share"), "hot"));
        }
        var first = new Fix("Use pasteurised egg", "no other change", pasteurise);
        if (whipped) {
            // What is whipped is cooked in its foam: syrup into whites, yolks over water.
            var heated = raw().stream()
                    .map(at -> new Fix.Change(at.portrait().line(at.line(), "treatment"), Treatment.HEATED.id()))
                    .toList();
            return List.of(
                    first,
                    new Fix(
                            "Whip it cooked: hot syrup, or over water to " + dessert.celsius(71),
                            "stands longer, a little denser",
                            heated));
        }
        return List.of(first, new Fix("Cook it in the hot share at " + hot, "thickens as custard", cook));
    }

    private Evidence eggEvidence() {
        var given = new ArrayList<Given>();
        for (var portrait : dessert.portraits()) {
            if (Component.hasEgg(portrait.component().lines())) {
                var heating = portrait.component().heating();
                given.add(new Given(
                        dessert.portraits().size() == 1 ? "Hot share" : "Hot share of " + portrait.name(),
                        heating.hotC().isPresent()
                                ? dessert.celsius(heating.hotC().getAsDouble())
                                : "not written"));
                given.add(new Given("Held", Notation.write(heating.heldMinutes(), 1) + " min"));
            }
        }
        return new Evidence(
                given,
                "Cooked once it reaches " + dessert.celsius(COOKED_C) + ", or is held at " + dessert.celsius(HELD_C)
                        + " for " + Notation.write(HELD_MIN, 1) + " min. " + LOCAL,
                List.of(new Constant("cooked at", dessert.celsius(COOKED_C), "S", "food-safety guidance")),
                "As exact as the thermometer: measure in the mix, not at the pan.",
                "Pasteurised egg, or heating it.");
    }

    private Flag keeps() {
        var life = KeepingLife.of(dessert, rawEgg());
        int hours = life.hours();
        boolean inHours = hours % 24 != 0 || hours == 24;
        var words = Message.of("flags.keeps.words")
                .with("unit", Argument.either(inHours, "hours", "days"))
                .with("number", new Argument.Count(inHours ? hours : hours / 24));
        var evidence = new Evidence(
                List.of(new Given("The shortest counts", life.because())),
                "Chilled at " + dessert.celsius(dessert.kitchen().safety().keepC()) + " or below, covered. " + LOCAL,
                KeepingLife.constants(dessert),
                "A default, not a test of shelf life.",
                "Cooking egg and fruit; cream and fruit on top at service; a clean, cold kitchen.");
        return Flag.of("keeps", words, Tone.NOTE, evidence);
    }

    /** Ingredients of all components, each as often as it is written; components inside others count by their own lines. */
    private List<Mix.Part> parts() {
        return dessert.portraits().stream()
                .flatMap(portrait -> portrait.component().parts().stream())
                .toList();
    }

    private List<GelProduct> gels() {
        return dessert.portraits().stream()
                .map(portrait -> portrait.component().gel().product())
                .filter(product -> product != GelProduct.NONE)
                .distinct()
                .toList();
    }
}
