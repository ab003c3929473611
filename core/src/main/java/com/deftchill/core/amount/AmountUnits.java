package com.deftchill.core.amount;

import com.deftchill.core.amount.Measures.KitchenUnit;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/** The words that cooks write for units. */
final class AmountUnits {
    /** Avoirdupois pound [S]. */
    private static final double POUND_G = 453.59237;
    /** A pinch is 1/16 and a dash 1/8 of a US teaspoon, a drop 0.05 ml [L]. */
    private static final double US_TEASPOON_ML = Measures.US.ml(KitchenUnit.TEASPOON);

    /** A splash is about a teaspoon, a knob about that of butter; a dessertspoon is two teaspoons [E]. */
    private static final double SPLASH_ML = 5;

    private static final double KNOB_G = 15;
    private static final double DESSERTSPOON_ML = 10;

    private static final Map<String, Unit> UNITS = units();
    private static final Map<String, Measures> WHOSE = Map.of(
            "us", Measures.US,
            "american", Measures.US,
            "uk", Measures.UK,
            "imperial", Measures.UK,
            "british", Measures.UK,
            "metric", Measures.METRIC,
            "au", Measures.AU,
            "australian", Measures.AU);

    private AmountUnits() {}

    /**
     * A unit: of mass (grams), of volume (ml), of a kitchen (size by its measures) or a piece of the subject (by name).
     *
     * @param symbol as it is written back
     */
    record Unit(String symbol, Kind kind, double size, KitchenUnit kitchen) {
        enum Kind {
            MASS,
            VOLUME,
            KITCHEN,
            PIECE
        }
    }

    /** The unit that a word, or two or three joined by blanks, stands for. */
    static Optional<Unit> of(String words) {
        return Optional.ofNullable(UNITS.get(words));
    }

    /** Whose spoons a word names. */
    static Optional<Measures> whose(String word) {
        return Optional.ofNullable(WHOSE.get(word));
    }

    private static Map<String, Unit> units() {
        var units = new HashMap<String, Unit>();
        mass(units, "g", 1, "g gr gm gram grams gramme grammes");
        mass(units, "kg", 1000, "kg kgs kilo kilos kilogram kilograms kilogramme kilogrammes");
        mass(units, "mg", 1e-3, "mg");
        mass(units, "oz", POUND_G / 16, "oz ounce ounces");
        mass(units, "lb", POUND_G, "lb lbs pound pounds");
        volume(units, "ml", 1, "ml mls mil mils mill mills millilitre millilitres milliliter milliliters cc");
        volume(units, "cl", 10, "cl");
        volume(units, "dl", 100, "dl");
        volume(units, "l", 1000, "l litre litres liter liters");
        volume(units, "pinch", US_TEASPOON_ML / 16, "pinch pinches");
        volume(units, "dash", US_TEASPOON_ML / 8, "dash dashes");
        volume(units, "drop", 0.05, "drop drops");
        volume(units, "splash", SPLASH_ML, "splash splashes");
        volume(units, "dessertspoon", DESSERTSPOON_ML, "dessertspoon dessertspoons dsp dsps");
        mass(units, "knob", KNOB_G, "knob knobs");
        kitchen(units, KitchenUnit.TEASPOON, "tsp tsps teaspoon teaspoons");
        kitchen(units, KitchenUnit.TABLESPOON, "tbsp tbsps tbs tbl tablespoon tablespoons");
        kitchen(units, KitchenUnit.CUP, "c cup cups");
        kitchen(units, KitchenUnit.PINT, "pint pints pt pts");
        kitchen(units, KitchenUnit.QUART, "quart quarts qt qts");
        kitchen(units, KitchenUnit.GALLON, "gallon gallons gal");
        kitchen(units, KitchenUnit.FLUID_OUNCE, "floz");
        for (var words : new String[] {"fl oz", "fluid oz", "fluid ounce", "fluid ounces"}) {
            units.put(words, units.get("floz"));
        }
        piece(units, "yolk", "yolk yolks");
        piece(units, "white", "white whites");
        piece(units, "egg", "egg eggs");
        piece(units, "sheet", "sheet sheets leaf leaves");
        piece(units, "biscuit", "biscuit biscuits finger fingers");
        piece(units, "stick", "stick sticks");
        piece(units, "packet", "packet packets sachet sachets envelope envelopes");
        for (var part : new String[] {"yolk", "yolks", "white", "whites"}) {
            units.put("egg " + part, units.get(part));
        }
        return units;
    }

    private static void mass(Map<String, Unit> units, String symbol, double grams, String words) {
        put(units, new Unit(symbol, Unit.Kind.MASS, grams, null), words);
    }

    private static void volume(Map<String, Unit> units, String symbol, double ml, String words) {
        put(units, new Unit(symbol, Unit.Kind.VOLUME, ml, null), words);
    }

    private static void kitchen(Map<String, Unit> units, KitchenUnit unit, String words) {
        put(units, new Unit(unit.symbol(), Unit.Kind.KITCHEN, Double.NaN, unit), words);
    }

    private static void piece(Map<String, Unit> units, String symbol, String words) {
        put(units, new Unit(symbol, Unit.Kind.PIECE, Double.NaN, null), words);
    }

    private static void put(Map<String, Unit> units, Unit unit, String words) {
        for (var word : words.split(" ")) {
            units.put(word, unit);
        }
    }
}
