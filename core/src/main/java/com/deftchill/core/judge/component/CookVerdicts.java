package com.deftchill.core.judge.component;

import com.deftchill.core.batch.Component;
import com.deftchill.core.batch.Kind;
import com.deftchill.core.batch.Mixing;
import com.deftchill.core.batch.Share;
import com.deftchill.core.composition.Constituent;
import com.deftchill.core.cook.Boiling;
import com.deftchill.core.dessert.Portrait;
import com.deftchill.core.larder.Ingredient.Trait;
import com.deftchill.core.parameters.Parameter;
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
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;

/** Egg and starch in the pan, tempering, what boils away, and the burn of caramel. */
public final class CookVerdicts {
    private static final double STARCH_BOILS_C = 95;
    /** Nothing in a pan gets hotter, °C. */
    private static final double BOILS_C = 106;

    private static final double FRIDGE_C = 5;
    private static final String PRACTICE = "kitchen practice";

    private CookVerdicts() {}

    /** Above this, egg scrambles in a mix, °C: with starch enough it may boil, with less its limit falls linearly. */
    static double scramblesC(Component component) {
        return scrambles(component, Parameter::value);
    }

    /** Bad once it is sure; up to there it is watched. */
    static Tone scrambled(Component component, double celsius) {
        return celsius > scrambles(component, Parameter::high) ? Tone.BAD : Tone.CAUTION;
    }

    private static double scrambles(Component component, ToDoubleFunction<Parameter> at) {
        var p = component.parameters().pan();
        double share = starch(component) / p.starchProtects().value();
        if (share >= 1) {
            return BOILS_C;
        }
        double plain = at.applyAsDouble(p.yolkScrambles());
        return plain + share * (at.applyAsDouble(p.starchedScrambles()) - plain);
    }

    /** Added starch as a share of the whole. */
    private static double starch(Component component) {
        double grams = component.lines().stream()
                .filter(line -> line.part().ingredient().group().equals("starch"))
                .mapToDouble(line -> line.part().grams())
                .sum();
        return grams / Mixing.of(component).massG();
    }

    public static List<Verdict> of(Portrait portrait) {
        var verdicts = new ArrayList<Verdict>();
        var component = portrait.component();
        if (component.isDough()) {
            // An oven, no pan.
            return verdicts;
        }
        var hot = component.lines().stream()
                .filter(line -> line.share() == Share.HOT)
                .toList();
        boolean egg = Component.hasEgg(hot);
        double to = component.heating().hotC().orElse(Double.NaN);
        if (egg && portrait.study().isEmpty() && to > scramblesC(component)) {
            verdicts.add(scrambles(portrait, to));
        }
        if (egg && portrait.kind() == Kind.CUSTARD) {
            verdicts.add(custard(portrait, to));
        }
        if (egg && to > portrait.parameters().pan().tempersBelow().value()) {
            verdicts.add(tempering(portrait, hot, to));
        }
        if (portrait.kind() == Kind.STARCH_CUSTARD || starch(component) > 0) {
            verdicts.add(starched(portrait, to, egg));
        }
        if (component.keptBackG() > 0) {
            verdicts.add(infused(portrait));
        }
        if (component.lostG() > component.keptBackG()) {
            verdicts.add(boiled(portrait));
        }
        if (portrait.kind() == Kind.CARAMEL) {
            verdicts.add(burns(portrait));
        }
        return verdicts;
    }

    private static Verdict scrambles(Portrait portrait, double to) {
        double limit = scramblesC(portrait.component());
        return verdict(
                portrait,
                "scrambles",
                scrambled(portrait.component(), to),
                "Yolk scrambles that hot",
                portrait.celsius(to) + ": egg scrambles above " + portrait.celsius(limit) + " in this mix.",
                "/work/heat/to",
                List.of(hot(portrait, 84)));
    }

    private static Fix hot(Portrait portrait, double celsius) {
        var text = portrait.celsius(celsius);
        return new Fix(
                "Heat to " + text, "thickens, does not scramble", List.of(portrait.change("/work/heat/to", text)));
    }

    private static Verdict custard(Portrait portrait, double to) {
        if (Double.isNaN(to) || to < portrait.parameters().pan().yolkThickens().value()) {
            return verdict(
                    portrait,
                    "custard-thin",
                    Tone.CAUTION,
                    "The custard stays thin",
                    (Double.isNaN(to) ? "It is not written how hot it gets" : portrait.celsius(to))
                            + ": yolk thickens at "
                            + portrait.celsius(
                                    portrait.parameters().pan().yolkThickens().value()) + " to " + portrait.celsius(84)
                            + ", coating the spoon.",
                    "/work/heat/to",
                    List.of(hot(portrait, 83)));
        }
        return verdict(
                portrait,
                "custard-thickens",
                Tone.GOOD,
                "The custard thickens",
                portrait.celsius(to) + ": coats the spoon; it scrambles above "
                        + portrait.celsius(scramblesC(portrait.component())) + ".",
                "/work/heat/to",
                List.of());
    }

    /** The largest first addition of hot liquid that keeps the yolks below the limit. */
    private static Verdict tempering(Portrait portrait, List<Component.Line> hot, double to) {
        double perK = 0;
        for (var line : hot) {
            if (line.part().ingredient().has(Trait.EGG)) {
                perK += line.part().grams()
                        * line.part().ingredient().composition().heatCapacity(FRIDGE_C);
            }
        }
        double liquidG = 0;
        double liquidPerK = 0;
        for (var line : hot) {
            boolean dairyOrLiquid = !line.part().ingredient().has(Trait.EGG)
                    && line.part().ingredient().composition().share(Constituent.WATER) > 0.4;
            if (dairyOrLiquid) {
                liquidG += line.part().grams();
                liquidPerK += line.part().grams()
                        * line.part().ingredient().composition().heatCapacity(to);
            }
        }
        double cp = liquidG > 0 ? liquidPerK / liquidG : 0;
        double first = cp > 0
                ? perK
                        * (portrait.parameters().pan().tempersBelow().value() - FRIDGE_C)
                        / (cp * (to - portrait.parameters().pan().tempersBelow().value()))
                : 0;
        var sentence = first >= liquidG
                ? "All " + Words.grams(liquidG) + " at " + portrait.celsius(to)
                        + " may go onto the yolks at once: they stay below "
                        + portrait.celsius(
                                portrait.parameters().pan().tempersBelow().value()) + "."
                : "Pour at most " + Words.grams(Math.floor(first)) + " of the " + Words.grams(liquidG) + " at "
                        + portrait.celsius(to) + " onto the yolks first, whisking: more lifts them above "
                        + portrait.celsius(
                                portrait.parameters().pan().tempersBelow().value()) + " at once.";
        return verdict(portrait, "tempering", Tone.NOTE, "Tempering the yolks", sentence, "/lines", List.of());
    }

    private static Verdict starched(Portrait portrait, double to, boolean egg) {
        double share = starch(portrait.component());
        var dose = Words.percent(share) + " starch";
        double needs = egg
                ? STARCH_BOILS_C
                : portrait.parameters().pan().starchThickens().value();
        if (Double.isNaN(to) || to < needs) {
            var why = egg
                    ? ": yolk's enzyme thins it again unless it boils."
                    : ": it thickens from " + portrait.celsius(82, 95) + ".";
            return verdict(
                    portrait,
                    "starch-cold",
                    Tone.BAD,
                    "Not hot enough for the starch",
                    dose + (Double.isNaN(to) ? ", not written how hot" : " at " + portrait.celsius(to)) + why,
                    "/work/heat/to",
                    List.of(hot(portrait, STARCH_BOILS_C)));
        }
        return verdict(
                portrait,
                "starch-thickens",
                Tone.GOOD,
                "The starch thickens",
                dose + ", boiled at " + portrait.celsius(to) + (egg ? ": yolk may boil with it." : "."),
                "/work/heat/to",
                List.of());
    }

    private static Verdict boiled(Portrait portrait) {
        var component = portrait.component();
        double before = component.raw().massG();
        double after = portrait.mix().massG();
        var estimate = component.cooked().awayHow().isEmpty() || portrait.kind() != Kind.COMPOTE
                ? ""
                : " Estimated from " + Notation.write(component.cooked().minutes(), 0)
                        + " min: weigh the pan and write it.";
        return verdict(
                portrait,
                "boiled-away",
                Tone.NOTE,
                component.sideWork().isPresent() ? "What the oven leaves" : "What is left in the pan",
                Words.grams(before) + " comes down to " + Words.grams(after) + " (" + Words.percent(after / before)
                        + ")." + estimate,
                "/work/boil/away",
                List.of());
    }

    private static Verdict infused(Portrait portrait) {
        var names = portrait.component().lines().stream()
                .filter(line -> line.share() == Share.INFUSED)
                .map(line -> line.part().ingredient().name())
                .collect(Collectors.joining(", "));
        double kept = portrait.component().keptBackG();
        return verdict(
                portrait,
                "infusion-keeps",
                Tone.NOTE,
                "What the infusion keeps",
                names + " strained out keeps about " + Words.grams(kept)
                        + " of the liquid: weigh what comes through and make it up.",
                "/lines",
                List.of());
    }

    private static Verdict burns(Portrait portrait) {
        return verdict(
                portrait,
                "caramel-burns",
                Tone.CAUTION,
                "Caramel burns",
                "Sugar at " + portrait.celsius(portrait.component().caramelC()) + " burns deep, and foams up to "
                        + Boiling.CARAMEL_FOAMS
                        + " times when liquid goes in: a large pan, liquid warm, sleeves down, ice water at hand.",
                "/work/heat/stage",
                List.of());
    }

    private static Verdict verdict(
            Portrait portrait,
            String code,
            Tone tone,
            String headline,
            String sentence,
            String place,
            List<Fix> fixes) {
        var component = portrait.component();
        var given = new ArrayList<Given>();
        given.add(new Given("In the pan", Words.grams(component.raw().massG())));
        given.add(new Given("Boils away", Words.grams(component.lostG())));
        given.add(new Given(
                "Heated to",
                component.heating().hotC().isPresent()
                        ? portrait.celsius(component.heating().hotC().getAsDouble())
                        : "not written"));
        var eggs = component.lines().stream()
                .filter(line -> line.part().ingredient().has(Trait.EGG))
                .map(line -> Words.grams(line.part().grams()) + " "
                        + line.part().ingredient().name())
                .collect(Collectors.joining(", "));
        if (!eggs.isEmpty()) {
            given.add(new Given("Egg", eggs));
        }
        var evidence = new Evidence(
                given,
                "Yolk thickens at " + portrait.celsius(82, 84) + " and scrambles above " + portrait.celsius(86)
                        + ", with starch above " + portrait.celsius(95) + ". A first addition is found by"
                        + " heat balance, the yolks from the fridge. Water leaves an open pan by its surface.",
                List.of(
                        new Constant(
                                "yolk scrambles above",
                                portrait.celsius(86) + ", with starch " + portrait.celsius(95),
                                "L",
                                PRACTICE),
                        portrait.constant(portrait.parameters().pan().tempersBelow()),
                        new Constant("starch thickens", portrait.celsius(82, 95) + ", 2 to 5 %", "L", PRACTICE),
                        portrait.constant(portrait.parameters().pan().steepedKeeps()),
                        portrait.constant(portrait.parameters().pan().simmer()),
                        new Constant(
                                "dark caramel",
                                portrait.celsius(187) + ", amber " + portrait.celsius(175) + ", light "
                                        + portrait.celsius(165),
                                "E",
                                "engineering estimate")),
                "About " + portrait.difference(2) + "; a third of what boils away by time.",
                "Temperature, time, the width of the pan.");
        return new Verdict(code, tone, headline, sentence, portrait.at(place), evidence, fixes);
    }
}
