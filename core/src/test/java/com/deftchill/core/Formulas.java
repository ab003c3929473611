package com.deftchill.core;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.formula.WrittenFormula.Component;
import com.deftchill.core.formula.WrittenFormula.Cooling;
import com.deftchill.core.formula.WrittenFormula.Gel;
import com.deftchill.core.formula.WrittenFormula.Heat;
import com.deftchill.core.formula.WrittenFormula.Line;
import com.deftchill.core.formula.WrittenFormula.Moulds;
import com.deftchill.core.formula.WrittenFormula.Stay;
import java.util.List;

/** Formulas for tests, changed one field at a time. */
public final class Formulas {
    private Formulas() {}

    /** A set cream for twelve darioles, turned out; good as it stands. */
    public static WrittenFormula pear() {
        return new WrittenFormula(
                2,
                "Roasted pear set cream",
                "metric",
                "turned-out",
                "",
                List.of(new Component(
                        "set cream",
                        List.of(
                                line("cream-35", "600 g"),
                                line("milk-35", "330 g"),
                                line("pear-puree", "220 g"),
                                line("sugar", "100 g")),
                        new Gel("sheet-gold", "15 g", "", "75 g"),
                        new Heat("", "", ""),
                        "32 °C")),
                new Moulds("dariole", "12", ""),
                new Cooling("fridge-still", "4 °C"),
                "14:00",
                List.of());
    }

    /** The ramekin of handbook 2: a given share of 200 Bloom gelatin, 150 ml in china, poured at 45 °C. */
    public static WrittenFormula ramekin(double gelatinPercent) {
        // 66 % water, 18 % fat as in handbook 4: cream and milk 1:1 nearly, sugar; per 1000 g.
        double gelatin = 10 * gelatinPercent;
        double water = 5 * gelatin;
        double rest = 1000 - gelatin - water;
        var lines = List.of(
                line("cream-35", grams(0.53 * rest)),
                line("milk-35", grams(0.37 * rest)),
                line("sugar", grams(0.10 * rest)));
        var f = withPour(withGelatin(withLines(pear(), lines), grams(gelatin), grams(water)), "45 °C");
        return withCooler(withServed(withMould(f, "ramekin", "6"), "in-glass"), "fridge-still", "4 °C");
    }

    public static Line line(String ingredient, String amount) {
        return new Line(ingredient, amount, "", "");
    }

    public static WrittenFormula withGelatin(WrittenFormula f, String amount, String water) {
        var gel = component(f).gel();
        return withGel(f, new Gel(gel.product(), amount, gel.bloom(), water));
    }

    public static WrittenFormula withGel(WrittenFormula f, Gel gel) {
        var c = component(f);
        return withComponent(f, new Component(c.name(), c.lines(), gel, c.heat(), c.pourTemperature()));
    }

    public static WrittenFormula withHeat(WrittenFormula f, String hot, String held, String cold) {
        var c = component(f);
        return withComponent(
                f, new Component(c.name(), c.lines(), c.gel(), new Heat(hot, held, cold), c.pourTemperature()));
    }

    public static WrittenFormula withLines(WrittenFormula f, List<Line> lines) {
        var c = component(f);
        return withComponent(f, new Component(c.name(), lines, c.gel(), c.heat(), c.pourTemperature()));
    }

    public static WrittenFormula withPour(WrittenFormula f, String pour) {
        var c = component(f);
        return withComponent(f, new Component(c.name(), c.lines(), c.gel(), c.heat(), pour));
    }

    public static WrittenFormula withComponent(WrittenFormula f, Component component) {
        return f.withComponents(List.of(component));
    }

    public static WrittenFormula withMould(WrittenFormula f, String mould, String count) {
        return f.withMould(new Moulds(mould, count, f.mould().loss()));
    }

    public static WrittenFormula withLoss(WrittenFormula f, String loss) {
        return f.withMould(new Moulds(f.mould().mould(), f.mould().count(), loss));
    }

    public static WrittenFormula withCooler(WrittenFormula f, String cooler, String air) {
        return with(f, f.measures(), f.served(), f.wanted(), new Cooling(cooler, air));
    }

    /** The same in places, one after the other. */
    public static WrittenFormula in(WrittenFormula f, Stay... places) {
        return with(f, f.measures(), f.served(), f.wanted(), f.cooler().withPlaces(List.of(places)));
    }

    /** A place, for so long; for ever where that is empty. */
    public static Stay stay(String place, String stay) {
        return new Stay(place, "", stay, "", "");
    }

    public static WrittenFormula withServed(WrittenFormula f, String served) {
        return with(f, f.measures(), served, f.wanted(), f.cooler());
    }

    public static WrittenFormula withWanted(WrittenFormula f, String wanted) {
        return with(f, f.measures(), f.served(), wanted, f.cooler());
    }

    public static WrittenFormula withMeasures(WrittenFormula f, String measures) {
        return with(f, measures, f.served(), f.wanted(), f.cooler());
    }

    private static Component component(WrittenFormula f) {
        return f.components().get(0);
    }

    private static WrittenFormula with(
            WrittenFormula f, String measures, String served, String wanted, Cooling cooler) {
        return new WrittenFormula(
                f.schema(),
                f.name(),
                measures,
                served,
                wanted,
                f.components(),
                f.mould(),
                cooler,
                f.pouredAt(),
                f.own());
    }

    private static String grams(double g) {
        return String.format(java.util.Locale.ROOT, "%.3f g", g);
    }
}
