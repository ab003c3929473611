package com.deftchill.core;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.formula.WrittenFormula.Component;
import com.deftchill.core.formula.WrittenFormula.Cooling;
import com.deftchill.core.formula.WrittenFormula.Gelatin;
import com.deftchill.core.formula.WrittenFormula.Line;
import com.deftchill.core.formula.WrittenFormula.Moulds;
import java.util.List;

/** Formulas for tests, changed one field at a time. */
public final class Formulas {
    private Formulas() {}

    /** A set cream for twelve darioles, turned out; good as it stands. */
    public static WrittenFormula pear() {
        return new WrittenFormula(
                1,
                "Roasted pear set cream",
                "turned-out",
                List.of(new Component(
                        "set cream",
                        List.of(
                                new Line("cream-35", "600 g"),
                                new Line("milk-35", "330 g"),
                                new Line("pear-puree", "220 g"),
                                new Line("sugar", "100 g")),
                        new Gelatin("sheet-gold", "15 g", "75 g"),
                        "32 °C")),
                new Moulds("dariole", "12"),
                new Cooling("fridge-still", "4 °C"),
                "14:00");
    }

    /** The ramekin of handbook 2: a given share of 200 Bloom gelatin, 150 ml in china, poured at 45 °C. */
    public static WrittenFormula ramekin(double gelatinPercent) {
        // 66 % water, 18 % fat as in handbook 4: cream and milk 1:1 nearly, sugar; per 1000 g.
        double gelatin = 10 * gelatinPercent;
        double water = 5 * gelatin;
        double rest = 1000 - gelatin - water;
        return new WrittenFormula(
                1,
                "Ramekin",
                "in-glass",
                List.of(new Component(
                        "set cream",
                        List.of(
                                new Line("cream-35", grams(0.53 * rest)),
                                new Line("milk-35", grams(0.37 * rest)),
                                new Line("sugar", grams(0.10 * rest))),
                        new Gelatin("sheet-gold", grams(gelatin), grams(water)),
                        "45 °C")),
                new Moulds("ramekin", "6"),
                new Cooling("fridge-still", "4 °C"),
                "12:00");
    }

    public static WrittenFormula withGelatin(WrittenFormula f, String amount, String water) {
        var c = f.components().get(0);
        return withComponent(
                f,
                new Component(
                        c.name(), c.lines(), new Gelatin(c.gelatin().product(), amount, water), c.pourTemperature()));
    }

    public static WrittenFormula withLines(WrittenFormula f, List<Line> lines) {
        var c = f.components().get(0);
        return withComponent(f, new Component(c.name(), lines, c.gelatin(), c.pourTemperature()));
    }

    public static WrittenFormula withPour(WrittenFormula f, String pour) {
        var c = f.components().get(0);
        return withComponent(f, new Component(c.name(), c.lines(), c.gelatin(), pour));
    }

    public static WrittenFormula withComponent(WrittenFormula f, Component component) {
        return new WrittenFormula(
                f.schema(), f.name(), f.served(), List.of(component), f.mould(), f.cooler(), f.pouredAt());
    }

    public static WrittenFormula withMould(WrittenFormula f, String mould, String count) {
        return new WrittenFormula(
                f.schema(), f.name(), f.served(), f.components(), new Moulds(mould, count), f.cooler(), f.pouredAt());
    }

    public static WrittenFormula withCooler(WrittenFormula f, String cooler, String air) {
        return new WrittenFormula(
                f.schema(), f.name(), f.served(), f.components(), f.mould(), new Cooling(cooler, air), f.pouredAt());
    }

    public static WrittenFormula withServed(WrittenFormula f, String served) {
        return new WrittenFormula(f.schema(), f.name(), served, f.components(), f.mould(), f.cooler(), f.pouredAt());
    }

    private static String grams(double g) {
        return String.format(java.util.Locale.ROOT, "%.3f g", g);
    }
}
