package com.deftchill.core.judge.layers;

import com.deftchill.core.batch.Component;
import com.deftchill.core.batch.Kind;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.dessert.Portrait;
import com.deftchill.core.larder.GelProduct;
import com.deftchill.core.larder.Ingredient.Protease;
import com.deftchill.core.larder.Ingredient.Trait;
import com.deftchill.core.mix.Treatment;
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

/** What a component does to the one it touches. */
public final class ContactVerdicts {
    private static final double MILKY = 0.01;
    private static final double WET_SHARE = 0.2;

    private ContactVerdicts() {}

    public static List<Verdict> of(Dessert dessert) {
        var verdicts = new ArrayList<Verdict>();
        var layers = dessert.portraits().stream()
                .filter(p -> p.bed().exists() || p.kind() == Kind.GARNISH)
                .toList();
        for (int i = 1; i < layers.size(); i++) {
            enzyme(layers.get(i - 1), layers.get(i), verdicts);
            enzyme(layers.get(i), layers.get(i - 1), verdicts);
            seeping(layers.get(i - 1), layers.get(i), verdicts);
            seeping(layers.get(i), layers.get(i - 1), verdicts);
            swelling(dessert, layers.get(i - 1), layers.get(i), verdicts);
        }
        return verdicts;
    }

    /** Raw fruit on or under a gelatin gel cuts it where they touch. */
    private static void enzyme(Portrait fruit, Portrait gel, List<Verdict> verdicts) {
        var active = fruit.mix().protease();
        // What goes on at service has no time to act.
        boolean cuts = active != Protease.NONE
                && fruit.kind() != Kind.GARNISH
                && !fruit.component().heating().endsEnzymes(fruit.parameters().pan());
        // A gel that carries the enzyme itself is told so already.
        boolean gelatin = gel.component().gelProduct().isGelatin() && gel.mix().protease() == Protease.NONE;
        if (!cuts || !gelatin || fruit.component().gelProduct().isGelatin()) {
            return;
        }
        boolean strong = active == Protease.STRONG;
        var from = fruit.mix().proteaseFrom();
        var evidence = new Evidence(
                List.of(
                        new Given("Carries the enzyme", from + ", in " + fruit.name()),
                        new Given("Touches", gel.name())),
                "Protein-cutting enzymes of raw fruit wander into the gel they touch and take it apart from there.",
                List.of(new Constant(
                        "ended by", "5 min at " + fruit.celsius(85) + ", or canning", "L", "kitchen practice")),
                "How deep depends on hours and ripeness; an hour before service does little.",
                "Heat the fruit, use it canned, add it at service, or put a layer without gelatin between.");
        verdicts.add(new Verdict(
                "enzyme-contact",
                strong ? Tone.BAD : Tone.CAUTION,
                "Raw fruit eats into " + gel.name(),
                from + " raw lies on gelatin: the border turns liquid" + (strong ? " within hours." : " and weeps.")
                        + " Heat the fruit to " + fruit.celsius(85) + " for 5 min, or add it at service.",
                fruit.at("/lines"),
                evidence,
                fixes(fruit)));
    }

    /** Alcohol, acid, tannin or salt that seeps into the gel it touches, where the border can notice it. */
    private static void seeping(Portrait from, Portrait into, List<Verdict> verdicts) {
        var mix = from.mix();
        // What is dry has nothing to seep.
        if (!into.component().gels() || mix.waterG() < WET_SHARE * mix.massG()) {
            return;
        }
        boolean gelatin = into.component().gelProduct().isGelatin();
        boolean milk = into.mix().milkProteinPerWater() > MILKY;
        boolean tannin = from.component().lines().stream()
                .anyMatch(line -> line.part().ingredient().has(Trait.TANNIN)
                        && line.part().grams()
                                > from.parameters().layers().tannin().value() * mix.massG());
        var reasons = new ArrayList<String>();
        if (mix.alcoholByVolume() > from.parameters().layers().seepingAlcohol().value()) {
            reasons.add(Words.percent(mix.alcoholByVolume()) + " of alcohol keeps the border soft");
        }
        if (mix.ph() < from.parameters().layers().seepingAcid().value()
                && mix.buffer() > into.mix().buffer()
                && milk) {
            reasons.add("acid of pH " + Notation.write(mix.ph(), 1) + " curdles milk at the border");
        }
        if (tannin && gelatin && from.component().gelProduct() == GelProduct.NONE) {
            reasons.add("tannin clouds the gelatin at the border");
        }
        if (mix.saltOfAqueous() > from.parameters().layers().seepingSalt().value()
                && mix.saltOfAqueous() > 2 * into.mix().saltOfAqueous()) {
            reasons.add("salt draws water out of the gel");
        }
        if (reasons.isEmpty()) {
            return;
        }
        var evidence = new Evidence(
                List.of(
                        new Given("Alcohol of " + from.name(), Words.percent(mix.alcoholByVolume()) + " by volume"),
                        new Given("pH of " + from.name(), Notation.write(mix.ph(), 1)),
                        new Given("Salt of its water", Words.percent(mix.saltOfAqueous()))),
                "What is dissolved in one layer wanders into the next: a few millimetres in a night.",
                List.of(
                        from.constant(from.parameters().layers().seepingAlcohol()),
                        from.constant(from.parameters().layers().seepingAcid()),
                        from.constant(from.parameters().layers().seepingSalt())),
                "How far is not computed: hours and thickness decide.",
                "A thin layer of set cream or chocolate between, fewer hours, a milder layer.");
        verdicts.add(new Verdict(
                "seeps",
                Tone.NOTE,
                from.name() + " seeps into " + into.name(),
                "Where they touch, " + String.join(", and ", reasons) + ".",
                from.at("/lines"),
                evidence,
                List.of()));
    }

    private static List<Fix> fixes(Portrait fruit) {
        var heated = new ArrayList<Fix.Change>();
        var lines = fruit.component().lines();
        for (int i = 0; i < lines.size(); i++) {
            Component.Line line = lines.get(i);
            if (line.part().protease() != Protease.NONE && line.made().isEmpty()) {
                heated.add(new Fix.Change(fruit.line(i, "treatment"), Treatment.HEATED.id()));
            }
        }
        var fixes = new ArrayList<Fix>();
        if (!heated.isEmpty()) {
            fixes.add(new Fix(
                    "Heat the fruit to " + fruit.celsius(85) + " for 5 min, then cool it",
                    "the enzyme is ended",
                    heated));
        }
        if (fruit.kind() == Kind.PIECES) {
            fixes.add(new Fix(
                    "Add it at service",
                    "touches the gel for minutes only",
                    List.of(fruit.change("/kind", "garnish"))));
        }
        return fixes;
    }

    private static void swelling(Dessert dessert, Portrait sponge, Portrait above, List<Verdict> verdicts) {
        boolean hot = above.study().isPresent()
                && above.component().pourC()
                        > above.parameters().layers().swells().value();
        if (sponge.kind() != Kind.SOAKED || !hot) {
            return;
        }
        double height = sponge.bed().heightMm();
        double rim = dessert.batch().mould().vessel().profile().brimMm()
                - dessert.stack().fillMm();
        var evidence = new Evidence(
                List.of(
                        new Given("Sponge", Words.mm(height) + " high"),
                        new Given(
                                "Poured on it",
                                above.name() + " at "
                                        + above.celsius(above.component().pourC())),
                        new Given("Room below the rim", Words.mm(rim))),
                "Sponge under a hot liquid swells to as much as twice its height and lifts what is on it.",
                List.of(above.constant(above.parameters().layers().swells())),
                "Sponges differ; a soaked one swells less.",
                "Pour it cooler, soak the sponge first, leave room.");
        var cooler = above.celsius(above.parameters().layers().swells().value() - 5);
        verdicts.add(new Verdict(
                "sponge-swells",
                Tone.CAUTION,
                "The sponge will swell",
                above.name() + " is poured at "
                        + above.celsius(above.component().pourC()) + ": the sponge may rise to " + Words.mm(2 * height)
                        + "; " + Words.mm(rim) + " is free below the rim.",
                above.at("/work/pour/at"),
                evidence,
                List.of(new Fix(
                        "Pour it at " + cooler,
                        "the sponge stays as it is",
                        List.of(above.change("/work/pour/at", cooler))))));
    }
}
