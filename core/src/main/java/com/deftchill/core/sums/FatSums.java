package com.deftchill.core.sums;

import com.deftchill.core.amount.Subject;
import com.deftchill.core.composition.Constituent;
import com.deftchill.core.fat.Ganache;
import com.deftchill.core.foam.Whip;
import com.deftchill.core.foam.Whipping;
import com.deftchill.core.formula.WrittenFormula.Component;
import com.deftchill.core.formula.WrittenFormula.Line;
import com.deftchill.core.formula.WrittenFormula.Work;
import com.deftchill.core.larder.Ingredient;
import com.deftchill.core.larder.Roles;
import com.deftchill.core.mix.Mix;
import com.deftchill.core.text.Notation;
import com.deftchill.core.text.Words;
import com.deftchill.core.verdict.Evidence.Given;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Sums about chocolate and cream. */
final class FatSums {
    private static final double MOST_RATIO = 8;
    private static final double SERVED_C = 20;

    private FatSums() {}

    /** Does it hold, how does it eat, and how much of another chocolate. */
    static final class GanacheRatio extends Sum {
        GanacheRatio() {
            super(
                    "ganache",
                    "Ganache ratio",
                    "Will it split, how will it eat?",
                    SumField.ingredient("chocolate", "Chocolate", "chocolate"),
                    SumField.text("chocolateAmount", "Amount", "200 g"),
                    SumField.ingredient("liquid", "With", ""),
                    SumField.text("liquidAmount", "Amount of it", "200 g"),
                    SumField.ingredient("other", "As soft with", "chocolate"));
        }

        @Override
        SumAnswer answer(SumReader in) {
            var chocolate = in.ingredient("chocolate");
            var liquid = in.ingredient("liquid");
            var other = in.optionalIngredient("other");
            double c = in.grams("chocolateAmount", chocolate);
            double l = in.grams("liquidAmount", liquid);
            if (!in.problems().allRead() || !(c + l > 0)) {
                return null;
            }
            var mix = Mix.of(List.of(new Mix.Part(chocolate, c), new Mix.Part(liquid, l)), 0, 0);
            var ganache = new Ganache(mix.composition(), mix.massG(), in.parameters());
            double phi = ganache.phi();
            var holds = ganache.seizes(mix.waterG())
                    ? "It seizes"
                    : phi < in.parameters().ganache().safePhi().value()
                            ? "It holds"
                            : phi < in.parameters().ganache().splitsPhi().value()
                                    ? "It needs care"
                                    : "It likely splits";
            var figures = new ArrayList<SumAnswer.SumFigure>();
            figures.add(figure("Fat by volume", percent(phi) + " (holds below 55, likely splits from 60)"));
            for (double celsius : new double[] {4, 12, SERVED_C}) {
                figures.add(figure(
                        "At " + in.celsius(celsius), ganache.texture(celsius).words()));
            }
            ganache.rescue(liquid.composition()).ifPresent(grams -> {
                if (grams > 0) {
                    figures.add(figure(
                            "Rescue", "warm to " + in.celsius(40, 45) + ", work in " + g(grams) + " " + liquid.name()));
                }
            });
            if (ganache.seizes(mix.waterG())) {
                ganache.passesSeizing(liquid.composition(), mix.waterG())
                        .ifPresent(grams -> figures.add(figure("Least more to pass seizing", g(grams))));
            }
            other.ifPresent(o -> figures.add(figure("As firm with " + o.name(), same(ganache, o, liquid))));
            return new SumAnswer(
                    holds + ": " + percent(phi) + " of its volume is fat; "
                            + ganache.texture(SERVED_C).words() + " at " + in.celsius(SERVED_C) + ".",
                    "Join at " + in.celsius(45, 60) + ", keep it above " + in.celsius(32) + " while stirring.",
                    figures,
                    evidence(
                            List.of(
                                    new Given(chocolate.name(), g(c)),
                                    new Given(liquid.name(), g(l)),
                                    new Given("Bears at " + in.celsius(20), Words.pascal(ganache.restPa(SERVED_C)))),
                            "Fat volume = all fats / 0.91; water phase = water + 0.62 x sugar + alcohol / 0.789. Another chocolate by"
                                    + " the same firmness at " + in.celsius(20) + ".",
                            "About 3 points of fat; textures are estimates.",
                            "The ratio, the fat of the cream, the chocolate.",
                            in.constant(in.parameters().ganache().safePhi()),
                            in.constant(in.parameters().ganache().splitsPhi()),
                            in.constant(in.parameters().ganache().fatContinuousPhi()),
                            in.constant(in.parameters().fat().cocoaAt20())),
                    Optional.of(made(in, chocolate, c, liquid, l)));
        }

        private static String same(Ganache ganache, Ingredient other, Ingredient liquid) {
            var ratio = ganache.sameAs(other.composition(), liquid.composition(), SERVED_C, MOST_RATIO);
            return ratio.isPresent()
                    ? Notation.write(ratio.getAsDouble(), 2) + " parts to one of " + liquid.name()
                    : "no ratio up to " + Notation.write(MOST_RATIO, 0) + " to 1 gets there";
        }

        private static Component made(SumReader in, Ingredient chocolate, double c, Ingredient liquid, double l) {
            return component(
                    "ganache",
                    "Ganache",
                    "ganache",
                    List.of(line(chocolate.id(), c), line(liquid.id(), l)),
                    Work.of("heat").with("to", in.celsius(85)),
                    Work.of("pour").with("at", in.celsius(34)));
        }
    }

    /** Volume of whipped cream. */
    static final class Whipped extends Sum {
        Whipped() {
            super(
                    "whip",
                    "Whipped volume",
                    "How much does it make?",
                    SumField.ingredient("cream", "Cream", "dairy"),
                    SumField.text("amount", "Amount", "500 g"),
                    SumField.choice(
                            "whip",
                            "Whipped",
                            "soft",
                            Arrays.stream(Whip.values())
                                    .map(whip -> new SumField.Choice(whip.id(), whip.words()))
                                    .toArray(SumField.Choice[]::new)),
                    SumField.text("sugar", "Sugar with it", "30 g"),
                    SumField.celsius("celsius", "Cream at", 5));
        }

        @Override
        SumAnswer answer(SumReader in) {
            var cream = in.ingredient("cream");
            double grams = in.grams("amount", cream);
            double sugar = in.grams("sugar", Subject.of("sugar", 0.85, false, Map.of()));
            double celsius = in.celsius("celsius", 0, 40);
            var whip = in.choice("whip", Whip.of(in.text("whip")));
            if (!in.problems().allRead() || !(grams > 0)) {
                return null;
            }
            double fat = cream.composition().share(Constituent.MILK_FAT);
            double liquid = 1000 * grams / cream.composition().density(20);
            double overrun = Whipping.cream(in.parameters().foam(), whip, fat, sugar / grams, celsius);
            double ml = liquid * (1 + overrun) + 0.62 * sugar;
            if (!Whipping.holds(in.parameters().foam(), fat)) {
                double rich = Whipping.blend(fat, 0.48, 0.33);
                return new SumAnswer(
                        percent(fat) + " fat does not hold air: below "
                                + percent(in.parameters().foam().leastFat().value()) + " it stays liquid.",
                        Double.isNaN(rich)
                                ? ""
                                : "Add " + g(Math.ceil(rich * grams)) + " of 48 % cream: the blend has 33 %.",
                        List.of(figure("Fat", percent(fat))),
                        evidence(
                                List.of(),
                                "Cream holds air from 30 % of fat on.",
                                "None.",
                                "Richer cream.",
                                in.constant(in.parameters().foam().leastFat())),
                        Optional.empty());
            }
            var figures = new ArrayList<SumAnswer.SumFigure>();
            figures.add(figure("Overrun", percent(overrun)));
            figures.add(figure("Density", Notation.write((grams + sugar) / ml, 2) + " g/ml"));
            for (var other : Whip.values()) {
                figures.add(figure(
                        other.words(),
                        ml(liquid * (1 + Whipping.cream(in.parameters().foam(), other, fat, sugar / grams, celsius))
                                + 0.62 * sugar)));
            }
            figures.add(figure(
                    "Over-whipped",
                    "fold in " + g(in.parameters().foam().rescueLeast().value() * grams) + " to "
                            + g(in.parameters().foam().rescueMost().value() * grams) + " of liquid cream by hand"));
            var lines = new ArrayList<Line>();
            lines.add(whipped(cream.id(), grams));
            if (sugar > 0) {
                lines.add(whipped(Roles.SUGAR, sugar));
            }
            return new SumAnswer(
                    g(grams) + " whipped " + whip.words() + " makes " + ml(ml) + ".",
                    celsius > in.parameters().foam().whipsBelow().value()
                            ? "Cream whips below " + in.celsius(7) + ", best from " + in.celsius(2, 5) + "."
                            : "",
                    figures,
                    evidence(
                            List.of(new Given("Fat", percent(fat)), new Given("Cream at", in.celsius(celsius))),
                            "Volume = liquid x (1 + overrun).",
                            "A tenth: measure a jug of it once.",
                            "The stage, fat, sugar, temperature.",
                            in.constant(in.parameters().foam().overrunRibbon()),
                            in.constant(in.parameters().foam().overrunSoft()),
                            in.constant(in.parameters().foam().overrunMedium()),
                            in.constant(in.parameters().foam().overrunStiff()),
                            in.constant(in.parameters().foam().lostPerFat()),
                            in.constant(in.parameters().foam().keptSweet()),
                            in.constant(in.parameters().foam().keptWarm())),
                    Optional.of(component("whipped", "Whipped cream", "whipped", lines)));
        }
    }
}
