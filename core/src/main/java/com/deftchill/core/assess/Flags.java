package com.deftchill.core.assess;

import com.deftchill.core.amount.Typed;
import com.deftchill.core.batch.Batch;
import com.deftchill.core.composition.Constituent;
import com.deftchill.core.larder.Allergen;
import com.deftchill.core.larder.Diet;
import com.deftchill.core.larder.Ingredient;
import com.deftchill.core.larder.Ingredient.Trait;
import com.deftchill.core.larder.Larder;
import com.deftchill.core.mix.Mix;
import com.deftchill.core.mix.Treatment;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Evidence.Constant;
import com.deftchill.core.verdict.Evidence.Given;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Allergens, diet, alcohol, egg and keeping life, from the ingredients (handbook 6). */
final class Flags {
    /** Egg is cooked once it reaches this, °C; or is held at the next for the minutes below [S/L]. */
    private static final double COOKED_C = 71;

    private static final double HELD_C = 63;
    private static final double HELD_MIN = 3.5;
    /** Keeping life of a set cream, and with fruit that was never cooked, h; with raw egg, h: conservative defaults. */
    private static final int KEEPS_H = 72;

    private static final int FRESH_FRUIT_H = 48;
    private static final int RAW_EGG_H = 24;
    private static final double NOTEWORTHY_ALCOHOL_ML = 0.05;
    private static final String LOCAL = "Local rules and the kitchen's own food-safety plan come first.";

    private final Study study;
    private final Larder larder;

    Flags(Study study, Larder larder) {
        this.study = study;
        this.larder = larder;
    }

    List<Flag> all() {
        var flags = new ArrayList<Flag>();
        var contains = allergens(
                Ingredient.Labelling::allergens,
                study.batch().component().gel().product().allergens());
        flags.add(allergenFlag("allergens", "Contains", contains, Tone.CAUTION));
        var may = allergens(Ingredient.Labelling::mayContain, List.of()).stream()
                .filter(allergen -> !contains.contains(allergen))
                .toList();
        if (!may.isEmpty()) {
            flags.add(allergenFlag("may-contain", "May contain", may, Tone.NOTE));
        }
        flags.add(vegetarian());
        if (alcoholMl() > NOTEWORTHY_ALCOHOL_ML) {
            flags.add(alcohol());
        }
        egg().ifPresent(flags::add);
        flags.add(keeps());
        return flags;
    }

    /** A caution where somebody could come to harm. */
    List<Verdict> cautions() {
        var cautions = new ArrayList<Verdict>();
        if (rawEgg()) {
            cautions.add(new Verdict(
                    "raw-egg",
                    Tone.CAUTION,
                    "Egg is not cooked",
                    "Raw or undercooked egg: not for children, pregnant, elderly or unwell guests. " + LOCAL,
                    "/components/0/lines",
                    eggEvidence(),
                    eggFixes()));
        }
        if (alcoholMl() > NOTEWORTHY_ALCOHOL_ML) {
            cautions.add(new Verdict(
                    "alcohol",
                    Tone.NOTE,
                    "Holds alcohol",
                    Typed.write(alcoholMl(), 1)
                            + " ml of pure alcohol in each portion: not for children or anyone who abstains.",
                    "/components/0/lines",
                    alcoholEvidence(),
                    List.of()));
        }
        return cautions;
    }

    private List<Allergen> allergens(Function<Ingredient.Labelling, List<String>> which, List<String> ofGel) {
        boolean us = study.kitchen().usAllergens();
        return larder.allergens().stream()
                .filter(allergen -> !(us ? allergen.us() : allergen.eu()).isEmpty())
                .filter(allergen -> ofGel.contains(allergen.id())
                        || parts().stream()
                                .anyMatch(part -> which.apply(part.ingredient().labelling())
                                        .contains(allergen.id())))
                .toList();
    }

    private Flag allergenFlag(String code, String label, List<Allergen> found, Tone tone) {
        var names = found.stream().map(Allergen::name).collect(Collectors.joining(", "));
        var given = new ArrayList<Given>();
        for (var allergen : found) {
            given.add(new Given(allergen.name(), from(allergen.id())));
        }
        var list = study.kitchen().usAllergens() ? "US list of nine" : "EU list of fourteen";
        var evidence = new Evidence(
                given,
                "Every ingredient's declared allergens, by the " + list + ". " + LOCAL,
                List.of(),
                "As good as the labels of what you buy: compare them. Traces from the kitchen itself are not known here.",
                "Another ingredient, another make.");
        return new Flag(
                code, label, found.isEmpty() ? "none of the " + list + " in the formula" : names, tone, evidence);
    }

    private String from(String allergen) {
        var names = parts().stream()
                .map(Mix.Part::ingredient)
                .filter(i -> i.labelling().allergens().contains(allergen)
                        || i.labelling().mayContain().contains(allergen))
                .map(Ingredient::name)
                .collect(Collectors.joining(", "));
        var gel = study.batch().component().gel().product();
        return gel.allergens().contains(allergen) ? (names.isEmpty() ? "" : names + ", ") + gel.name() : names;
    }

    private Flag vegetarian() {
        var gel = study.batch().component().gel().product();
        var given = new ArrayList<Given>();
        var worst = gel.diet();
        if (gel.diet() != Diet.VEGETARIAN) {
            given.add(new Given(gel.name(), "from " + gel.origin()));
        }
        for (var part : parts()) {
            var diet = part.ingredient().labelling().diet();
            worst = diet.compareTo(worst) > 0 ? diet : worst;
            if (diet != Diet.VEGETARIAN) {
                given.add(new Given(part.ingredient().name(), "some makes are not vegetarian"));
            }
        }
        var words = switch (worst) {
            case VEGETARIAN -> "yes, by its ingredients";
            case ASK -> "ask the maker of " + given.get(0).name();
            case NOT -> "no: gelatin from " + gel.origin();
        };
        var evidence = new Evidence(
                given,
                "The doubt of the most doubtful ingredient counts. Halal and kosher need a gelatin of named source and"
                        + " certificate: ask.",
                List.of(),
                "Labels tell more than a list can.",
                "Agar or carrageenan instead of gelatin: another texture, never quite the same.");
        return new Flag("vegetarian", "Vegetarian", words, Tone.NOTE, evidence);
    }

    private double alcoholMl() {
        double grams =
                study.mix().grams(Constituent.ALCOHOL) * (1 - study.batch().loss());
        return Mix.alcoholMl(grams) / study.batch().count();
    }

    private Flag alcohol() {
        return new Flag(
                "alcohol",
                "Alcohol",
                Typed.write(alcoholMl(), 1) + " ml pure in each",
                Tone.CAUTION,
                alcoholEvidence());
    }

    private Evidence alcoholEvidence() {
        return new Evidence(
                List.of(
                        new Given(
                                "Pure alcohol of the mix",
                                Words.grams(study.mix().grams(Constituent.ALCOHOL))),
                        new Given("Portions", Integer.toString(study.batch().count()))),
                "All of it counts: a spirit that is only warmed keeps nearly all its alcohol.",
                List.of(new Constant("density", "0.789 g/ml", "S", "ethanol at 20 °C")),
                "A few per cent, from the label's strength.",
                "Less spirit; boiling it off by itself first; a cordial instead.");
    }

    private boolean rawEgg() {
        return study.batch().component().lines().stream().anyMatch(this::raw);
    }

    private boolean raw(Batch.Line line) {
        boolean egg = line.part().ingredient().has(Trait.EGG);
        return egg && line.part().treatment() != Treatment.PASTEURISED && !cooked(line);
    }

    private boolean cooked(Batch.Line line) {
        var heating = study.batch().component().heating();
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
        return Optional.of(
                rawEgg()
                        ? new Flag("egg", "Egg", "raw or undercooked", Tone.CAUTION, eggEvidence())
                        : new Flag("egg", "Egg", "cooked or pasteurised, as written", Tone.NOTE, eggEvidence()));
    }

    private List<Fix> eggFixes() {
        var lines = study.batch().component().lines();
        var pasteurise = IntStream.range(0, lines.size())
                .filter(i -> raw(lines.get(i)))
                .mapToObj(i -> new Fix.Change("/components/0/lines/" + i + "/treatment", Treatment.PASTEURISED.id()))
                .toList();
        var hot = study.celsius(82);
        var cook = new ArrayList<Fix.Change>();
        cook.add(new Fix.Change("/components/0/heat/hot", hot));
        IntStream.range(0, lines.size())
                .filter(i -> raw(lines.get(i)))
                .forEach(i -> cook.add(new Fix.Change("/components/0/lines/" + i + "/share", "hot")));
        return List.of(
                new Fix("Use pasteurised egg", "no other change", pasteurise),
                new Fix("Cook it in the hot share at " + hot, "thickens as custard", cook));
    }

    private Evidence eggEvidence() {
        var heating = study.batch().component().heating();
        return new Evidence(
                List.of(
                        new Given(
                                "Hot share",
                                heating.hotC().isPresent()
                                        ? study.celsius(heating.hotC().getAsDouble())
                                        : "not written"),
                        new Given("Held", Typed.write(heating.heldMinutes(), 1) + " min")),
                "Cooked once it reaches " + study.celsius(COOKED_C) + ", or is held at " + study.celsius(HELD_C)
                        + " for " + Typed.write(HELD_MIN, 1) + " min. " + LOCAL,
                List.of(new Constant("cooked at", study.celsius(COOKED_C), "S", "food-safety guidance")),
                "As exact as the thermometer: measure in the mix, not at the pan.",
                "Pasteurised egg, or heating it.");
    }

    private Flag keeps() {
        boolean fresh = parts().stream()
                .anyMatch(part -> part.ingredient().has(Trait.FRESH_FRUIT)
                        && !part.treatment().endsEnzymes());
        int hours = rawEgg() ? RAW_EGG_H : fresh ? FRESH_FRUIT_H : KEEPS_H;
        var because = rawEgg() ? "raw egg" : fresh ? "fruit that was never cooked" : "a set cream";
        var words = hours == RAW_EGG_H ? "24 h" : hours / 24 + " days";
        var evidence = new Evidence(
                List.of(new Given("The shortest counts", because)),
                "Chilled at " + study.celsius(study.kitchen().safety().keepC()) + " or below, covered. " + LOCAL,
                List.of(
                        new Constant("set cream", "3 days", "E", "conservative default"),
                        new Constant("uncooked fruit", "2 days", "E", "conservative default"),
                        new Constant("raw egg", "24 h", "E", "conservative default")),
                "A default, not a test of shelf life.",
                "Cooking egg and fruit; a clean, cold kitchen.");
        return new Flag("keeps", "Keeps", words + " chilled", Tone.NOTE, evidence);
    }

    private List<Mix.Part> parts() {
        return study.batch().component().parts();
    }
}
