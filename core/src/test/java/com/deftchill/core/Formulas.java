package com.deftchill.core;

import com.deftchill.core.Plain.Component;
import com.deftchill.core.Plain.Cooling;
import com.deftchill.core.Plain.Gel;
import com.deftchill.core.Plain.Heat;
import com.deftchill.core.Plain.Line;
import com.deftchill.core.Plain.Moulds;
import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.formula.WrittenFormula.Stay;
import java.util.List;

/** Formulas for tests, changed one field at a time. */
public final class Formulas {
    private Formulas() {}

    /** A set cream for twelve darioles, turned out; good as it stands. */
    public static WrittenFormula pear() {
        return Plain.formula(
                "Roasted pear set cream",
                "metric",
                "turned-out",
                "",
                List.of(new Component(
                        "set cream",
                        pearLines(),
                        new Gel("sheet-gold", "15 g", "", "75 g"),
                        new Heat("", "", ""),
                        "32 °C")),
                new Moulds("dariole", "12", ""),
                new Cooling("fridge-still", "4 °C"),
                "14:00",
                List.of());
    }

    /** Its ingredients, to be added to. */
    public static List<Line> pearLines() {
        return List.of(
                line("cream-35", "600 g"),
                line("milk-35", "330 g"),
                line("pear-puree", "220 g"),
                line("sugar", "100 g"));
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
        return set(f, "gels/0/amount", amount, "gels/0/water", water);
    }

    public static WrittenFormula withGel(WrittenFormula f, Gel gel) {
        return set(
                f,
                "gels/0/of",
                gel.product(),
                "gels/0/amount",
                gel.amount(),
                "gels/0/bloom",
                gel.bloom(),
                "gels/0/water",
                gel.bloomWater());
    }

    public static WrittenFormula withHeat(WrittenFormula f, String hot, String held, String cold) {
        return set(f, "work/heat/to", hot, "work/hold/lasts", held, "work/join/at", cold);
    }

    public static WrittenFormula withLines(WrittenFormula f, List<Line> lines) {
        return f.withComponents(List.of(Plain.withLines(f.components().get(0), lines)));
    }

    public static WrittenFormula withPour(WrittenFormula f, String pour) {
        return set(f, "work/pour/at", pour);
    }

    /** Texts at addresses within the first component, by turns. */
    private static WrittenFormula set(WrittenFormula f, String... addressesAndTexts) {
        var changed = f;
        for (int i = 0; i < addressesAndTexts.length; i += 2) {
            changed = Changes.set(changed, "/components/0/" + addressesAndTexts[i], addressesAndTexts[i + 1]);
        }
        return changed;
    }

    public static WrittenFormula withComponent(WrittenFormula f, Component component) {
        return f.withComponents(List.of(component.lifted()));
    }

    public static WrittenFormula withMould(WrittenFormula f, String mould, String count) {
        return Changes.set(Changes.set(f, "/moulds/of", mould), "/moulds/count", count);
    }

    public static WrittenFormula withLoss(WrittenFormula f, String loss) {
        return Changes.set(f, "/moulds/loss", loss);
    }

    public static WrittenFormula withCooler(WrittenFormula f, String cooler, String air) {
        return Changes.set(Changes.set(f, "/cooler/of", cooler), "/cooler/air", air);
    }

    /** The same in places, one after the other. */
    public static WrittenFormula in(WrittenFormula f, Stay... places) {
        var cooler = f.cooler().withPlaces(List.of(places));
        return new WrittenFormula(
                f.schema(),
                f.name(),
                f.measures(),
                f.served(),
                f.wanted(),
                f.eatenAt(),
                f.components(),
                f.moulds(),
                cooler,
                f.room(),
                f.plate(),
                f.starts(),
                f.readyBy(),
                f.dipWater(),
                f.dipLasts(),
                f.variants(),
                f.own(),
                f.notes());
    }

    /** A place, for so long; for ever where that is empty. */
    public static Stay stay(String place, String stay) {
        return new Stay(place, "", stay, "", "");
    }

    public static WrittenFormula withServed(WrittenFormula f, String served) {
        return Changes.set(f, "/served", served);
    }

    public static WrittenFormula withWanted(WrittenFormula f, String wanted) {
        return Changes.set(f, "/wanted", wanted);
    }

    public static WrittenFormula withMeasures(WrittenFormula f, String measures) {
        return Changes.set(f, "/measures", measures);
    }

    private static String grams(double g) {
        return String.format(java.util.Locale.ROOT, "%.3f g", g);
    }
}
