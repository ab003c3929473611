package com.deftchill.core.sums;

import com.deftchill.core.amount.Subject;
import com.deftchill.core.gel.Firmness;
import com.deftchill.core.gel.GelatinModel;
import com.deftchill.core.kitchen.BloomSchool;
import com.deftchill.core.kitchen.SwapSchool;
import com.deftchill.core.larder.GelProduct;
import com.deftchill.core.larder.GelProduct.Form;
import com.deftchill.core.text.Notation;
import com.deftchill.core.verdict.Evidence.Given;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Sums about gelatin. */
final class GelSums {
    private static final double WATER_FOR_POWDER = 5.5;
    private static final double NEXT_DAY_C = 4;

    private GelSums() {}

    /** Another sheet or powder in place of one. */
    static final class Swap extends Sum {
        Swap() {
            super(
                    "swap",
                    "Sheet swap",
                    "How much of another gelatin?",
                    SumField.gel("from", "Instead of"),
                    SumField.text("amount", "Amount", "4 sheets"),
                    SumField.gel("to", "Use"),
                    SumField.text("water", "Water of the mix", "500 g"));
        }

        @Override
        SumAnswer answer(SumReader in) {
            var from = in.gel("from");
            var to = in.gel("to");
            double grams = from == null ? Double.NaN : in.grams("amount", from.subject());
            double water = in.grams("water", Subject.water("Water"));
            if (!in.problems().allRead()) {
                return null;
            }
            if (!from.isGelatin() || !to.isGelatin()) {
                double like = (from.isGelatin() ? 1 : from.heat().likeGelatin())
                        / (to.isGelatin() ? 1 : to.heat().likeGelatin());
                double other = grams * like;
                return new SumAnswer(
                        g(other) + " of " + to.name() + " is about as firm as " + g(grams) + " of " + from.name() + ".",
                        "Another texture: never quite the same. Try one cup.",
                        List.of(figure("Ratio", Notation.write(like, 3))),
                        evidence(
                                List.of(new Given(from.name(), g(grams))),
                                "By how many grams of 200 Bloom gelatin a gram stands for.",
                                "A third either way.",
                                "A trial cup of each.",
                                constant("agar stands for", "4 x", "L"),
                                constant("iota 3.5 x, kappa", "5 x", "E")),
                        Optional.empty());
            }
            double ratio = from.bloom() / to.bloom();
            var figures = new ArrayList<SumAnswer.SumFigure>();
            double root = grams * Math.sqrt(ratio);
            figures.add(dose(SwapSchool.SQUARE_ROOT.words(), root, to.sheetG()));
            figures.add(dose(SwapSchool.PROPORTIONAL.words(), grams * ratio, to.sheetG()));
            if (from.form() == Form.SHEET && to.form() == Form.SHEET) {
                figures.add(dose(SwapSchool.SHEETS.words(), grams / from.sheetG() * to.sheetG(), to.sheetG()));
            }
            figures.add(figure("Firmness as it was", firmness(in, from, grams, water)));
            figures.add(figure("Firmness by the square root", firmness(in, to, root, water)));
            figures.add(figure("Firmness by proportion", firmness(in, to, grams * ratio, water)));
            return new SumAnswer(
                    g(root) + " of " + to.name() + " instead of " + g(grams) + " of " + from.name()
                            + sheets(root, to.sheetG()) + ".",
                    "Schools differ by " + g(Math.abs(root - grams * ratio))
                            + "; the model's own firmness follows the square root.",
                    figures,
                    evidence(
                            List.of(
                                    new Given(from.name(), Notation.write(from.bloom(), 0) + " Bloom"),
                                    new Given(to.name(), Notation.write(to.bloom(), 0) + " Bloom")),
                            "Square root: m2 = m1 x sqrt(B1/B2). Proportional: m2 = m1 x B1/B2. Firmness in plain water a day at "
                                    + in.celsius(4) + ".",
                            "A lot's true strength may differ by a tenth from its label.",
                            "The school of the house; a trial cup.",
                            constant("firmness follows", "Bloom x concentration^2", "L")),
                    Optional.empty());
        }

        private static SumAnswer.SumFigure dose(String school, double grams, double sheetG) {
            return figure(school, g(grams) + sheets(grams, sheetG));
        }

        private static String sheets(double grams, double sheetG) {
            return sheetG > 0 ? " (" + Notation.write(grams / sheetG, 1) + " sheets)" : "";
        }

        private static String firmness(SumReader in, GelProduct product, double grams, double water) {
            var model = new GelatinModel(in.parameters().gel(), product);
            double c = 1000 * grams / (grams + Math.max(1, water));
            double pa = model.rigidity(c, model.equilibriumHelixShare(NEXT_DAY_C), 1);
            return Notation.write(Firmness.score(pa), 0) + " of 100, "
                    + Firmness.of(pa).words();
        }
    }

    /** How much water to bloom in. */
    static final class Bloom extends Sum {
        Bloom() {
            super(
                    "bloom",
                    "Bloom water",
                    "How much water, how long?",
                    SumField.gel("gel", "Gelatin"),
                    SumField.text("amount", "Amount", "7 g"),
                    SumField.choice(
                            "school",
                            "Bloomed",
                            "weighed",
                            new SumField.Choice("weighed", "in weighed water"),
                            new SumField.Choice("squeezed", "soaked and squeezed"),
                            new SumField.Choice("dry", "stirred in dry")));
        }

        @Override
        SumAnswer answer(SumReader in) {
            var gel = in.gel("gel");
            double grams = gel == null ? Double.NaN : in.grams("amount", gel.subject());
            var school = in.choice("school", BloomSchool.of(in.text("school")));
            if (!in.problems().allRead()) {
                return null;
            }
            if (!gel.isGelatin()) {
                return new SumAnswer(
                        gel.name() + " is not bloomed: whisk it into the cold liquid and boil it.",
                        "",
                        List.of(),
                        evidence(List.of(), "Only gelatin is bloomed.", "None.", "Another agent."),
                        Optional.empty());
            }
            boolean sheets = gel.form() == Form.SHEET;
            double times = sheets ? in.parameters().gel().squeezedKeeps().value() : WATER_FOR_POWDER;
            var sentence = switch (school) {
                case WEIGHED ->
                    g(times * grams) + " of cold water for " + g(grams) + ", 5 to 10 minutes; all of it goes in.";
                case SQUEEZED ->
                    "Soak 5 to 10 minutes in plenty of cold water, squeeze: about "
                            + g(in.parameters().gel().squeezedKeeps().value() * grams) + " stays in and counts.";
                case DRY -> "No water of its own: sprinkle it in while whisking, and strain.";
            };
            return new SumAnswer(
                    sentence,
                    school == BloomSchool.DRY
                            ? "Dry grains gel outside over dry cores: lumps."
                            : "Water of " + in.celsius(15)
                                    + " or colder; below 4 times its mass powder swells unevenly.",
                    List.of(
                            figure("Gelatin", g(grams)),
                            figure("Water that stays in the mix", g(school == BloomSchool.DRY ? 0 : times * grams)),
                            figure("Minutes", "5 to 10")),
                    evidence(
                            List.of(new Given(gel.name(), g(grams))),
                            "Powder takes 5 to 6 times its mass; squeezed sheets keep about 5 times theirs.",
                            "Squeezed sheets keep 4 to 7 times: weigh them once.",
                            "The product; how hard it is squeezed.",
                            in.constant(in.parameters().gel().squeezedKeeps())),
                    Optional.empty());
        }
    }
}
