package com.deftchill.core.sums;

import com.deftchill.core.amount.Subject;
import com.deftchill.core.chill.Material;
import com.deftchill.core.composition.Composition;
import com.deftchill.core.composition.Constituent;
import com.deftchill.core.cook.CrumbBase;
import com.deftchill.core.cook.Soaking;
import com.deftchill.core.formula.WrittenFormula.Work;
import com.deftchill.core.larder.Roles;
import com.deftchill.core.mix.MixingTemperature;
import com.deftchill.core.text.Notation;
import com.deftchill.core.turnout.Dip;
import com.deftchill.core.verdict.Evidence.Given;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Sums about temperatures, moulds, amounts, dips and bases. */
final class BenchSums {
    /** A set cream of handbook 4 at the wall. */
    private static final Composition SET_CREAM = Composition.of(Map.of(
            Constituent.WATER, 0.66,
            Constituent.MILK_FAT, 0.18,
            Constituent.SUGARS, 0.13,
            Constituent.MILK_PROTEIN, 0.03));

    private static final double FRIDGE_C = 4;
    private static final double ICE_J_PER_G = 334;

    private BenchSums() {}

    /** Where hot and cold meet, ice included. */
    static final class Mixing extends Sum {
        Mixing() {
            super(
                    "mixing",
                    "Mixing temperature",
                    "How warm when they meet?",
                    SumField.ingredient("first", "First", ""),
                    SumField.text("firstAmount", "Amount", "300 g"),
                    SumField.celsius("firstCelsius", "at", 85),
                    SumField.ingredient("second", "Second", ""),
                    SumField.text("secondAmount", "Amount of it", "500 g"),
                    SumField.celsius("secondCelsius", "at", 5),
                    SumField.text("ice", "Ice in it", ""));
        }

        @Override
        SumAnswer answer(SumReader in) {
            var first = in.ingredient("first");
            var second = in.ingredient("second");
            double a = in.grams("firstAmount", first);
            double b = in.grams("secondAmount", second);
            double ta = in.celsius("firstCelsius", 0, 110);
            double tb = in.celsius("secondCelsius", 0, 110);
            double ice = in.grams("ice", Subject.water("Ice"));
            if (!in.problems().allRead() || !(a + b > 0)) {
                return null;
            }
            var mixing = new MixingTemperature();
            mixing.add(a, first.composition(), ta);
            mixing.add(b, second.composition(), tb);
            double without = mixing.celsius();
            double melts = mixing.withIce(ice);
            boolean all = melts > 0;
            double meets = ice > 0 ? Math.max(0, melts) : without;
            var curdles = new ArrayList<String>();
            if (first.curdles() && Math.max(meets, ta) > 60) {
                curdles.add(first.name());
            }
            if (second.curdles() && Math.max(meets, tb) > 60) {
                curdles.add(second.name());
            }
            return new SumAnswer(
                    "They meet at " + in.celsius(meets) + "." + (ice > 0 && !all ? " Not all of the ice melts." : ""),
                    curdles.isEmpty() ? "" : String.join(", ", curdles) + " curdles above " + in.celsius(60) + ".",
                    List.of(figure("Without ice", in.celsius(without)), figure("In all", g(a + b + ice))),
                    evidence(
                            List.of(
                                    new Given(first.name(), g(a) + " at " + in.celsius(ta)),
                                    new Given(second.name(), g(b) + " at " + in.celsius(tb)),
                                    new Given("Ice", g(ice))),
                            "T = sum of mass x heat capacity x temperature / sum of mass x heat capacity; ice takes 334 J/g.",
                            "About " + in.difference(2) + ": pan and bowl take some of it.",
                            "The amounts and their temperatures.",
                            constant("ice", ICE_J_PER_G + " J/g", "L")),
                    Optional.empty());
        }
    }

    /** One pan for another. */
    static final class Pans extends Sum {
        Pans() {
            super(
                    "pans",
                    "Pan conversion",
                    "By how much for another tin?",
                    SumField.mould("from", "From"),
                    SumField.text("fromCount", "How many", "1"),
                    SumField.mould("to", "To"),
                    SumField.text("toCount", "How many of it", "1"),
                    SumField.text("fill", "Filled to", "40 mm"),
                    SumField.text("amount", "Amount now", "300 g"));
        }

        @Override
        SumAnswer answer(SumReader in) {
            var from = in.mould("from");
            var to = in.mould("to");
            double many = in.number("fromCount", 1, 1, 2000, "");
            double toMany = in.number("toCount", 1, 1, 2000, "");
            double fill = in.number("fill", 40, 1, 300, "mm");
            double grams = in.grams("amount", Subject.of("the mix", 1, true, Map.of()));
            if (!in.problems().allRead()) {
                return null;
            }
            var a = from.vessel().profile();
            var b = to.vessel().profile();
            double heightA = Math.min(fill, a.brimMm());
            double heightB = Math.min(fill, b.brimMm());
            double volume = toMany * b.volumeMl(heightB) / (many * a.volumeMl(heightA));
            double area = toMany * b.areaMm2(0) / (many * a.areaMm2(0));
            double perimeter = toMany * b.perimeterMm(0) / (many * a.perimeterMm(0));
            return new SumAnswer(
                    "Times " + Notation.write(volume, 2) + ": " + g(grams * volume) + " instead of " + g(grams) + ".",
                    heightB < fill ? to.name() + " is only " + Notation.write(b.brimMm(), 0) + " mm high." : "",
                    List.of(
                            figure("Fillings, by volume", "x " + Notation.write(volume, 3)),
                            figure("Bases and glazes, by area", "x " + Notation.write(area, 3)),
                            figure("Walls, by perimeter", "x " + Notation.write(perimeter, 3)),
                            figure(
                                    from.name() + " holds",
                                    ml(a.volumeMl(heightA)) + " to " + Notation.write(heightA, 0) + " mm"),
                            figure(
                                    to.name() + " holds",
                                    ml(b.volumeMl(heightB)) + " to " + Notation.write(heightB, 0) + " mm")),
                    evidence(
                            List.of(new Given("Filled to", Notation.write(fill, 0) + " mm")),
                            "By real volume at the filled height, from the profiles; never by diameter.",
                            "About 1 %.",
                            "The height, the count, the tin."),
                    Optional.empty());
        }
    }

    /** How long to dip. */
    static final class Dipping extends Sum {
        Dipping() {
            super(
                    "dip",
                    "Dip time",
                    "How many seconds in hot water?",
                    SumField.mould("mould", "Mould"),
                    SumField.celsius("water", "Water at", 60),
                    SumField.celsius("melts", "Gel melts at", 23),
                    SumField.celsius("cold", "Out of a fridge of", 4));
        }

        @Override
        SumAnswer answer(SumReader in) {
            var mould = in.mould("mould");
            double water = in.celsius("water", 30, 100);
            double melts = in.celsius("melts", 10, 40);
            double cold = in.celsius("cold", -1, 20);
            if (!in.problems().allRead()) {
                return null;
            }
            var vessel = mould.vessel();
            if (!(vessel.wallMm() > 0) || melts >= water || cold >= melts) {
                return new SumAnswer(
                        "That does not melt its way out: the water must be hotter than the gel melts, the gel colder.",
                        "",
                        List.of(),
                        evidence(List.of(), "Dipping melts a thin layer at the wall.", "None.", "Hotter water."),
                        Optional.empty());
            }
            var window = Dip.of(
                    in.parameters().turnout(),
                    vessel.wallMm(),
                    vessel.material(),
                    Material.of(SET_CREAM),
                    cold,
                    water,
                    melts);
            boolean never = Double.isInfinite(window.aim());
            return new SumAnswer(
                    never
                            ? "Do not dip: within two minutes it does not melt through this wall."
                            : Notation.write(window.aim(), window.aim() < 10 ? 1 : 0) + " s in water of "
                                    + in.celsius(water) + ".",
                    vessel.material().cracksByShock()
                            ? "Glass and china straight from a freezer crack in hot water."
                            : "",
                    never
                            ? List.of()
                            : List.of(
                                    figure("Least", Notation.write(window.least(), 1) + " s"),
                                    figure("Most", Notation.write(window.most(), 1) + " s"),
                                    figure(
                                            "Wall",
                                            Notation.write(vessel.wallMm(), 1) + " mm of "
                                                    + vessel.material().name())),
                    evidence(
                            List.of(new Given("Gel melts at", in.celsius(melts))),
                            "Conduction from the water through the wall until 0.25 mm of gel has melted (0.2 to 0.5).",
                            "About a fifth either way.",
                            "Hotter water, a thinner wall.",
                            in.constant(in.parameters().turnout().water())),
                    Optional.empty());
        }
    }

    /** Grams of what a notebook says. */
    static final class Units extends Sum {
        Units() {
            super(
                    "units",
                    "Units",
                    "What is it in grams?",
                    SumField.ingredient("ingredient", "Of", ""),
                    SumField.text("amount", "Amount", "1 1/2 cups + 2 tbsp"));
        }

        @Override
        SumAnswer answer(SumReader in) {
            var ingredient = in.ingredient("ingredient");
            double grams = in.grams("amount", ingredient);
            if (!in.problems().allRead()) {
                return null;
            }
            double density = ingredient.subject().gramsPerMl();
            double volume = grams / density;
            return new SumAnswer(
                    in.text("amount") + " of " + ingredient.name() + " is " + g(grams) + ".",
                    "",
                    List.of(
                            figure("Millilitres", ml(volume)),
                            figure("Ounces", Notation.write(grams / 28.349523125, 2) + " oz"),
                            figure("US cups", Notation.write(volume / 236.5882365, 2)),
                            figure("Metric cups", Notation.write(volume / 250, 2)),
                            figure("Tablespoons of 15 ml", Notation.write(volume / 15, 1))),
                    evidence(
                            List.of(new Given("A millilitre weighs", Notation.write(density, 3) + " g")),
                            "Volume x density of what is poured, or the level spooned weight of what is heaped.",
                            "A spoon of something dry is a tenth either way: weigh it.",
                            "Whose spoons and cups, in the kitchen's settings."),
                    Optional.empty());
        }
    }

    /** How wet a dip makes it. */
    static final class Soaks extends Sum {
        Soaks() {
            super(
                    "soak",
                    "Soak",
                    "How long to dip, how much liquid?",
                    SumField.ingredient("piece", "Biscuit or sponge", "biscuit"),
                    SumField.text("amount", "Amount", "24 biscuits"),
                    SumField.text("dip", "Each side", "2 s"));
        }

        @Override
        SumAnswer answer(SumReader in) {
            var piece = in.ingredient("piece");
            double grams = in.grams("amount", piece);
            double seconds = in.number("dip", 2, 0, 600, "s");
            if (!in.problems().allRead() || !(grams > 0)) {
                return null;
            }
            if (piece.soaking().isEmpty()) {
                return new SumAnswer(
                        "How much " + piece.name() + " takes up is not known: weigh a piece before and after a dip.",
                        "",
                        List.of(),
                        evidence(List.of(), "Uptake needs a capacity and a time constant.", "None.", "Another piece."),
                        Optional.empty());
            }
            Soaking soaking = piece.soaking().get();
            double uptake = soaking.uptake(seconds);
            var is = uptake < in.parameters().pan().soakDry().value()
                    ? "dry in the middle"
                    : uptake > in.parameters().pan().soakWet().value() ? "wet" : "right";
            double needs =
                    grams * uptake * (1 + in.parameters().pan().soakLeft().value());
            double best = soaking.seconds(soaking.aim(in.parameters().pan()));
            var lines = List.of(line(piece.id(), grams), line(Roles.SOAK, Math.max(1, needs)));
            var dip = Work.of("soak").withLines(List.of("l2")).with("lasts", Notation.write(seconds, 1) + " s");
            var made = component("soaked", "Soaked " + piece.name(), "soaked", lines, dip);
            return new SumAnswer(
                    Notation.write(seconds, 1) + " s a side: " + is + ", " + Notation.write(uptake, 2)
                            + " g per gram; have " + g(needs) + " of liquid.",
                    "Alcohol in it counts in full: none boils off.",
                    List.of(
                            figure("Taken up in all", g(grams * uptake)),
                            figure("A right dip", Notation.write(best, 1) + " s a side"),
                            figure(
                                    "Right for",
                                    in.parameters().pan().soakDry().value() + " to "
                                            + in.parameters().pan().soakWet().value() + " g per gram")),
                    evidence(
                            List.of(
                                    new Given("Takes up at most", Notation.write(soaking.capacity(), 2) + " g/g"),
                                    new Given("Time constant", Notation.write(soaking.tauSeconds(), 1) + " s a side")),
                            "Uptake = capacity x (1 - exp(-seconds / time constant)); 15 % stays in the dish.",
                            "A fifth: weigh one piece before and after.",
                            "Seconds, the piece.",
                            in.constant(in.parameters().pan().soakDry()),
                            in.constant(in.parameters().pan().soakWet())),
                    Optional.of(made));
        }
    }

    /** Crumbs for a tin. */
    static final class Crumbs extends Sum {
        Crumbs() {
            super(
                    "crumb",
                    "Crumb base",
                    "How much for this tin?",
                    SumField.mould("mould", "Tin"),
                    SumField.text("thickness", "Thickness", "6 mm"),
                    SumField.text("wall", "Wall", "0 mm"),
                    SumField.ingredient("crumbs", "Crumbs", "biscuit"),
                    SumField.ingredient("butter", "Butter", "dairy"));
        }

        @Override
        SumAnswer answer(SumReader in) {
            var mould = in.mould("mould");
            var crumbs = in.ingredient("crumbs");
            var butter = in.ingredient("butter");
            double thickness = in.number("thickness", 6, 1, 60, "mm");
            double wall = in.number("wall", 0, 0, 300, "mm");
            if (!in.problems().allRead()) {
                return null;
            }
            var profile = mould.vessel().profile();
            double grams =
                    CrumbBase.grams(in.parameters().pan(), profile.areaMm2(0), profile.perimeterMm(0), thickness, wall);
            double perCrumb = CrumbBase.butterG(
                    in.parameters().pan(),
                    1,
                    crumbs.composition().fat(),
                    Math.max(0.5, butter.composition().fat()));
            double fat = in.weighed(grams * perCrumb / (1 + perCrumb));
            double dry = in.weighed(grams - fat);
            var lines = List.of(line(crumbs.id(), dry), line(butter.id(), fat));
            var press = Work.of("press")
                    .with("thickness", Notation.write(thickness, 1) + " mm")
                    .with("wall", wall > 0 ? Notation.write(wall, 0) + " mm" : "")
                    .with("way", "chilled");
            var made = component("crumb", "Crumb base", "crumb", lines, press);
            return new SumAnswer(
                    g(dry) + " of crumbs and " + g(fat) + " of butter.",
                    "So 38 % of it is fat: from 33 to 44 % it holds and still cuts. 30 min at " + in.celsius(4)
                            + ", or 10 min at " + in.celsius(175) + ".",
                    List.of(
                            figure("In all", g(grams)),
                            figure("Area", Notation.write(profile.areaMm2(0) / 100, 0) + " cm2"),
                            figure("Around", Notation.write(profile.perimeterMm(0), 0) + " mm")),
                    evidence(
                            List.of(new Given("Thickness", Notation.write(thickness, 1) + " mm")),
                            "Mass = 0.75 g/ml x (area + perimeter x wall) x thickness.",
                            "A tenth, from how hard it is pressed.",
                            "Thickness, wall, tin.",
                            in.constant(in.parameters().pan().packed())),
                    Optional.of(made));
        }
    }
}
