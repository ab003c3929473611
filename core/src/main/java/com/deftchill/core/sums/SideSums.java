package com.deftchill.core.sums;

import com.deftchill.core.batch.SideWork;
import com.deftchill.core.body.PlasticFirmness;
import com.deftchill.core.composition.Constituent;
import com.deftchill.core.cook.Caramel;
import com.deftchill.core.cook.CaramelWater;
import com.deftchill.core.cook.Oven;
import com.deftchill.core.foam.Whip;
import com.deftchill.core.foam.Whipping;
import com.deftchill.core.formula.WrittenFormula.Work;
import com.deftchill.core.larder.Roles;
import com.deftchill.core.sums.SumField.Choice;
import com.deftchill.core.text.Notation;
import com.deftchill.core.verdict.Evidence.Given;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** Sums about what lies beside or on top: roasted, toasted, burnt, brushed on, piped (handbook 5). */
final class SideSums {
    private static final double MM2_PER_CM2 = 100;
    private static final double MM3_PER_ML = 1000;

    private SideSums() {}

    /** Fruit in the oven, and the syrup that runs out of it. */
    static final class Roasted extends Sum {
        Roasted() {
            super(
                    "roasted",
                    "Roasted fruit",
                    "How much is left, how much syrup?",
                    SumField.ingredient("fruit", "Fruit", "fruit"),
                    SumField.text("amount", "Amount", "600 g"),
                    SumField.text("sugar", "Sugar on it", "60 g"),
                    SumField.celsius("oven", "Oven", 200));
        }

        @Override
        SumAnswer answer(SumReader in) {
            var fruit = in.ingredient("fruit");
            double grams = in.grams("amount", fruit);
            double sugar = in.number("sugar", 0, 0, 1e5, "g");
            double oven = in.celsius("oven", 60, 300);
            if (!in.problems().allRead() || !(grams > 0)) {
                return null;
            }
            var pan = in.parameters().pan();
            double water = grams * fruit.composition().share(Constituent.WATER);
            double left = grams + sugar - Oven.loses(pan.roastLoses(), grams + sugar, water);
            double syrup = pan.roastSyrup().value() * left;
            var lines = sugar > 0
                    ? List.of(line(fruit.id(), grams), line(Roles.SUGAR, sugar))
                    : List.of(line(fruit.id(), grams));
            return new SumAnswer(
                    g(in.weighed(left)) + " are left, about " + g(in.weighed(syrup)) + " of it syrup.",
                    "On a cream the syrup runs: spoon it over when it is served. Fresh from the oven it is hotter than boiling water.",
                    List.of(
                            figure("Fruit", g(in.weighed(left - syrup))),
                            figure("Syrup", g(in.weighed(syrup))),
                            figure("Gone as steam", g(in.weighed(grams + sugar - left)))),
                    evidence(
                            List.of(new Given("In the oven", g(grams + sugar))),
                            "What goes off as steam and what runs out are shares of what went in.",
                            "A third either way, with fruit, ripeness and tray.",
                            "Time, heat, how closely it lies.",
                            in.constant(pan.roastLoses()),
                            in.constant(pan.roastSyrup())),
                    Optional.of(component(
                            "roasted",
                            "Roasted " + fruit.name().toLowerCase(java.util.Locale.ROOT),
                            "pieces",
                            lines,
                            Work.of(SideWork.ROAST.verb()).with("to", in.celsius(oven)))));
        }
    }

    /** Nuts in the oven. */
    static final class Toasted extends Sum {
        Toasted() {
            super(
                    "toasted",
                    "Toasted nuts",
                    "How much do they lose?",
                    SumField.ingredient("nuts", "Nuts", "nuts"),
                    SumField.text("amount", "Amount", "100 g"));
        }

        @Override
        SumAnswer answer(SumReader in) {
            var nuts = in.ingredient("nuts");
            double grams = in.grams("amount", nuts);
            if (!in.problems().allRead() || !(grams > 0)) {
                return null;
            }
            var pan = in.parameters().pan();
            double water = grams * nuts.composition().share(Constituent.WATER);
            double left = grams - Oven.loses(pan.toastLoses(), grams, water);
            var work = in.parameters().work().toast();
            return new SumAnswer(
                    g(in.weighed(left)) + " are left after " + Notation.write(work.low(), 0) + " to "
                            + Notation.write(work.high(), 0) + " min at " + in.celsius(160) + ".",
                    "Off the hot tray at once. Warm nuts melt a cream: let them cool. Nuts are allergens, and so is their dust.",
                    List.of(figure("Toasted", g(in.weighed(left)))),
                    evidence(
                            List.of(new Given("Nuts", g(grams))),
                            "Nuts lose the water that is in them.",
                            "One or two per cent.",
                            "Time, heat, whether they were fresh.",
                            in.constant(pan.toastLoses()),
                            in.constant(work)),
                    Optional.of(component(
                            "toasted",
                            nuts.name(),
                            "garnish",
                            List.of(line(nuts.id(), grams)),
                            Work.of(SideWork.TOAST.verb()))));
        }
    }

    /** Burnt sugar or honey, broken with juice. */
    static final class Burnt extends Sum {
        Burnt() {
            super(
                    "burnt",
                    "Burnt sugar with juice",
                    "How thick does it get?",
                    SumField.ingredient("sugar", "Sugar or honey", "sugar"),
                    SumField.text("amount", "Amount", "150 g"),
                    SumField.choice(
                            "stage",
                            "Burnt to",
                            "medium",
                            Arrays.stream(Caramel.values())
                                    .map(stage -> new Choice(stage.id(), stage.words()))
                                    .toArray(Choice[]::new)),
                    SumField.ingredient("juice", "Broken with", "fruit"),
                    SumField.text("broken", "Amount", "60 g"));
        }

        @Override
        SumAnswer answer(SumReader in) {
            var sugar = in.ingredient("sugar");
            double grams = in.grams("amount", sugar);
            var stage = in.choice("stage", Caramel.of(in.text("stage")));
            var juice = in.ingredient("juice");
            double broken = in.grams("broken", juice);
            if (!in.problems().allRead() || !(grams > 0)) {
                return null;
            }
            var pan = in.parameters().pan();
            double celsius = stage.celsius(pan);
            double dry =
                    grams * (1 - sugar.composition().share(Constituent.WATER)) * (1 - Caramel.lostAt(pan, celsius));
            double water = broken * juice.composition().share(Constituent.WATER);
            double boiled = Math.min(water, CaramelWater.boiledOffG(grams, celsius));
            double left = dry + broken - boiled;
            double share = (water - boiled) / left;
            double pa = CaramelWater.pa(in.parameters().body(), share);
            return new SumAnswer(
                    g(in.weighed(left)) + " of " + percent(share) + " water; at " + in.celsius(20) + ": "
                            + PlasticFirmness.of(pa).words() + ".",
                    "Warm the juice and pour it in little by little: it foams to four times its height and spits. Burnt sugar is"
                            + " far hotter than boiling water.",
                    List.of(
                            figure("Burnt to", in.celsius(celsius)),
                            figure("Boils off", g(in.weighed(boiled))),
                            figure("Water left in it", percent(share))),
                    evidence(
                            List.of(new Given("Sugar", g(grams)), new Given("Juice", g(broken))),
                            "The sugar loses its water and some of itself, its heat boils some of the juice off; how firm the rest is"
                                    + " goes by its water.",
                            "Two or three per cent of water; twice or half as firm.",
                            "How dark it is burnt, how much juice, how long it boils on.",
                            in.constant(in.parameters().body().caramelAt12()),
                            in.constant(in.parameters().body().caramelAt18())),
                    Optional.of(component(
                            "burnt",
                            "Burnt sugar",
                            "caramel",
                            List.of(
                                    line(sugar.id(), grams),
                                    line(juice.id(), broken).withId("juice")),
                            Work.of("heat").with("stage", stage == Caramel.MEDIUM ? "" : stage.id()),
                            Work.of("join").withLines(List.of("juice")),
                            Work.of("pour").with("at", in.celsius(35)))));
        }
    }

    /** Jam brushed over the top. */
    static final class Glaze extends Sum {
        Glaze() {
            super(
                    "glaze",
                    "Brushed glaze",
                    "How much jam for the top?",
                    SumField.mould("mould", "Tin"),
                    SumField.ingredient("jam", "Glaze", "fruit"),
                    SumField.text("count", "How many", "1"));
        }

        @Override
        SumAnswer answer(SumReader in) {
            var mould = in.mould("mould");
            var jam = in.ingredient("jam");
            double count = in.number("count", 1, 1, 2000, "");
            if (!in.problems().allRead()) {
                return null;
            }
            var per = in.parameters().pan().glazeBrushed();
            var profile = mould.vessel().profile();
            double cm2 = profile.areaMm2(profile.brimMm()) / MM2_PER_CM2;
            double grams = count * cm2 * per.value();
            double water = grams / 6;
            return new SumAnswer(
                            g(in.weighed(grams)) + " in all: " + g(in.weighed(grams - water)) + " of jam, melted with "
                                    + g(in.weighed(water)) + " of water.",
                            "Brush it on warm, not hot, over cold fruit. It is no layer that has to set; heaped fruit takes twice as much.",
                            List.of(
                                    figure("Surface", Notation.write(cm2, 0) + " cm2"),
                                    figure("From", g(in.weighed(count * cm2 * per.low()))),
                                    figure("To", g(in.weighed(count * cm2 * per.high())))),
                            evidence(
                                    List.of(new Given("How many", Notation.write(count, 0))),
                                    "Mass = surface x grams for each square centimetre.",
                                    "A fifth either way; more where fruit is heaped.",
                                    "The tin, how even the top is.",
                                    in.constant(per)),
                            Optional.of(component(
                                    "glaze",
                                    "Glaze",
                                    "garnish",
                                    List.of(line(jam.id(), in.weighed(grams))),
                                    Work.of(SideWork.BRUSH.verb()))))
                    .madeFor(mould.id(), count);
        }
    }

    /** Cream piped on top. */
    static final class Piped extends Sum {
        Piped() {
            super(
                    "piped",
                    "Piped cream",
                    "How much cream for so many?",
                    SumField.ingredient("cream", "Cream", "dairy"),
                    SumField.text("count", "How many", "24"),
                    SumField.text("width", "Each wide", "35 mm"),
                    SumField.text("height", "Each high", "30 mm"));
        }

        @Override
        SumAnswer answer(SumReader in) {
            var cream = in.ingredient("cream");
            double count = in.number("count", 1, 1, 5000, "");
            double width = in.number("width", 35, 5, 200, "mm");
            double height = in.number("height", 30, 5, 200, "mm");
            if (!in.problems().allRead()) {
                return null;
            }
            var foam = in.parameters().foam();
            double fat = cream.composition().share(Constituent.MILK_FAT);
            if (!Whipping.holds(foam, fat)) {
                return new SumAnswer(
                        percent(fat) + " fat does not hold air: it cannot be piped.",
                        "",
                        List.of(figure("Fat", percent(fat))),
                        evidence(
                                List.of(),
                                "Cream holds air from 30 % of fat on.",
                                "None.",
                                "Richer cream.",
                                in.constant(foam.leastFat())),
                        Optional.empty());
            }
            // A rosette is a cone; what stays in the bag is a tenth [E].
            double each = Math.PI * width * width / 12 * height / MM3_PER_ML;
            double overrun = Whipping.cream(foam, Whip.STIFF, fat, 0, 5);
            double grams = count * each / (1 + overrun) * cream.composition().density(20) / 1000 * 1.1;
            return new SumAnswer(
                    g(in.weighed(grams)) + ", whipped to stiff peaks, for " + Notation.write(count, 0) + " of "
                            + ml(each) + ".",
                    "Bag and nozzle cold. Without a stabiliser it weeps by the next day.",
                    List.of(
                            figure("Whipped", ml(count * each)),
                            figure("Each", g(in.weighed(grams / count))),
                            figure("Overrun", percent(overrun))),
                    evidence(
                            List.of(new Given(
                                    "Each", Notation.write(width, 0) + " x " + Notation.write(height, 0) + " mm")),
                            "A rosette is a cone of its width and height; a tenth stays in the bag.",
                            "A fifth either way, with the nozzle and the hand.",
                            "Width, height, how far it is whipped.",
                            in.constant(foam.leastFat())),
                    Optional.of(component(
                            "piped",
                            "Piped cream",
                            "garnish",
                            List.of(line(cream.id(), in.weighed(grams))),
                            Work.of(SideWork.PIPE.verb()))));
        }
    }
}
