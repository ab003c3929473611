package com.deftchill.core.sums;

import com.deftchill.core.cook.Dough;
import com.deftchill.core.formula.WrittenFormula.Work;
import com.deftchill.core.larder.Roles;
import com.deftchill.core.sums.SumField.Choice;
import com.deftchill.core.text.Notation;
import com.deftchill.core.verdict.Evidence.Given;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Sums about what is baked or torched beside a chilled dessert (handbook 5, pastry shells). */
final class PastrySums {
    private static final double MM2_PER_CM2 = 100;

    private PastrySums() {}

    /** Shares of a dough by mass: flour, butter, sugar, egg, water. */
    private enum Recipe {
        SWEET("sweet", 250, 140, 90, 55, 0),
        SHORT("short", 250, 150, 0, 0, 60);

        private final String words;
        private final double flour;
        private final double butter;
        private final double sugar;
        private final double egg;
        private final double water;

        Recipe(String words, double flour, double butter, double sugar, double egg, double water) {
            this.words = words;
            this.flour = flour;
            this.butter = butter;
            this.sugar = sugar;
            this.egg = egg;
            this.water = water;
        }

        double whole() {
            return flour + butter + sugar + egg + water;
        }

        /** What is in it, by name. */
        Map<String, Double> parts() {
            var parts = new LinkedHashMap<String, Double>();
            parts.put("Flour", flour);
            parts.put("Butter", butter);
            parts.put("Sugar", sugar);
            parts.put("Egg", egg);
            parts.put("Water", water);
            parts.values().removeIf(share -> share == 0);
            return parts;
        }

        static Optional<Recipe> of(String id) {
            return List.of(values()).stream()
                    .filter(dough -> dough.name().toLowerCase(Locale.ROOT).equals(id))
                    .findFirst();
        }
    }

    /** Dough for a tin, blind-baked. */
    static final class Shell extends Sum {
        Shell() {
            super(
                    "shell",
                    "Pastry shell",
                    "How much dough for this tin?",
                    SumField.mould("mould", "Tin"),
                    SumField.choice(
                            "dough", "Dough", "sweet", new Choice("sweet", "sweet"), new Choice("short", "short")),
                    SumField.text("thickness", "Rolled out", "3 mm"),
                    SumField.text("count", "How many", "1"),
                    SumField.ingredient("flour", "Flour", "starch"),
                    SumField.ingredient("butter", "Butter", "dairy"),
                    SumField.ingredient("sugar", "Sugar", "sugar"),
                    SumField.ingredient("egg", "Egg", "egg"));
        }

        @Override
        SumAnswer answer(SumReader in) {
            var mould = in.mould("mould");
            var dough = in.choice("dough", Recipe.of(in.text("dough")));
            var flour = in.ingredient("flour");
            var butter = in.ingredient("butter");
            var sugar = in.ingredient("sugar");
            var egg = in.ingredient("egg");
            double thickness = in.number("thickness", 3, 1, 10, "mm");
            double count = in.number("count", 1, 1, 500, "");
            if (!in.problems().allRead()) {
                return null;
            }
            var pan = in.parameters().pan();
            var profile = mould.vessel().profile();
            double wall = profile.brimMm();
            double area = Dough.surfaceMm2(profile, 0, wall);
            double lined = Dough.lines(pan, area, thickness);
            double made = count * lined * (1 + pan.doughTrimmed().value());
            double light = count * lined * (1 - pan.doughLoses().value());
            double across = Dough.sheetMm(2 * profile.halfWidthAtMm(wall), wall);
            double per = made / dough.whole();
            var kind = dough.words;
            var ingredients = Map.of(
                    "Flour",
                    flour.id(),
                    "Butter",
                    butter.id(),
                    "Sugar",
                    sugar.id(),
                    "Egg",
                    egg.id(),
                    "Water",
                    Roles.WATER);
            var lines = dough.parts().entrySet().stream()
                    .map(part -> line(ingredients.get(part.getKey()), in.weighed(per * part.getValue())))
                    .toList();
            var component = component(
                    "shell",
                    "Pastry shell",
                    "shell",
                    lines,
                    Work.of("press").with("thickness", Notation.write(thickness, 1) + " mm"));
            var figures = new ArrayList<SumAnswer.SumFigure>();
            for (var part : dough.parts().entrySet()) {
                figures.add(figure(part.getKey(), g(in.weighed(per * part.getValue()))));
            }
            figures.add(figure("Baked", g(in.weighed(light))));
            figures.add(figure("Chocolate as a barrier", g(in.weighed(count * Dough.coatG(pan, area)))));
            return new SumAnswer(
                            g(in.weighed(made)) + " of " + kind + " dough, rolled out to " + Notation.write(across, 0)
                                    + " mm.",
                            "Rest it cold for 30 to 60 min, and 10 to 20 min in the freezer once it is in the tin, so that it does not"
                                    + " shrink. With weights 15 to 18 min at " + in.celsius(200)
                                    + ", without 8 to 12 min at "
                                    + in.celsius(180)
                                    + ", until dry to the touch. Crisp for about 6 h under a filling, 24 h behind a thin coat of"
                                    + " chocolate or butter.",
                            List.of(
                                    figure("Flour", g(in.weighed(per * dough.flour))),
                                    figure("Butter", g(in.weighed(per * dough.butter))),
                                    figure("Sugar", g(in.weighed(per * dough.sugar))),
                                    figure("Egg", g(in.weighed(per * dough.egg))),
                                    figure("Water", g(in.weighed(per * dough.water))),
                                    figure("Baked", g(in.weighed(light))),
                                    figure("Chocolate as a barrier", g(in.weighed(count * Dough.coatG(pan, area))))),
                            evidence(
                                    List.of(
                                            new Given(
                                                    "Bottom and wall", Notation.write(area / MM2_PER_CM2, 0) + " cm2"),
                                            new Given("Rolled out", Notation.write(thickness, 1) + " mm")),
                                    "Mass = (bottom + wall) x thickness x density of the dough, and what is trimmed off. The sheet is as wide"
                                            + " as the tin and twice its wall, and 20 mm more.",
                                    "A tenth, from how evenly it is rolled; trimmings may be used again.",
                                    "Thickness, tin, how far it hangs over.",
                                    in.constant(pan.dough()),
                                    in.constant(pan.doughTrimmed()),
                                    in.constant(pan.doughLoses())),
                            Optional.of(component))
                    .madeFor(mould.id(), count);
        }
    }

    /** Sugar on top, torched. */
    static final class Torched extends Sum {
        Torched() {
            super(
                    "torched",
                    "Torched sugar top",
                    "How much sugar for a crisp top?",
                    SumField.mould("mould", "Dish"),
                    SumField.text("count", "How many", "6"));
        }

        @Override
        SumAnswer answer(SumReader in) {
            var mould = in.mould("mould");
            double count = in.number("count", 6, 1, 2000, "");
            if (!in.problems().allRead()) {
                return null;
            }
            var pan = in.parameters().pan();
            var profile = mould.vessel().profile();
            double area = profile.areaMm2(profile.brimMm() * 0.9) / MM2_PER_CM2;
            double each = area * pan.torchedSugar().value();
            return new SumAnswer(
                            g(in.weighed(count * each)) + " of sugar, half of it in each of two coats.",
                            "On a surface below " + in.celsius(8)
                                    + ", dry; torch one coat, then the other. Crisp for 30 to 60 min: not before it is called for.",
                            List.of(figure("For each", g(each)), figure("Surface", Notation.write(area, 0) + " cm2")),
                            evidence(
                                    List.of(new Given("How many", Notation.write(count, 0))),
                                    "Sugar = surface x grams for each square centimetre.",
                                    "A third either way: thicker is crisper for longer, and harder to break.",
                                    "The dish, how thick the crust is wanted.",
                                    in.constant(pan.torchedSugar())),
                            Optional.of(component(
                                    "torched",
                                    "Torched sugar",
                                    "garnish",
                                    List.of(line(Roles.SUGAR, in.weighed(count * each))),
                                    Work.of("torch"))))
                    .madeFor(mould.id(), count);
        }
    }
}
