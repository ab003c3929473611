package com.deftchill.core.formula;

import java.util.List;

/**
 * A dessert as written. Amounts, temperatures, counts and times are text as typed; names of things are ids of the larder.
 * Text left out counts as not written.
 *
 * @param schema version of this document; 1
 * @param name of the dessert
 * @param served {@code turned-out} or {@code in-glass}
 * @param components bottom first; for now exactly one
 * @param mould what it is filled into
 * @param cooler where it chills
 * @param pouredAt time of day of pouring, such as 14:00
 */
public record WrittenFormula(
        int schema,
        String name,
        String served,
        List<Component> components,
        Moulds mould,
        Cooling cooler,
        String pouredAt) {

    /** The version this code writes and reads. */
    public static final int SCHEMA = 1;

    public WrittenFormula {
        name = text(name);
        served = text(served);
        components = components == null ? List.of() : List.copyOf(components);
        mould = mould == null ? new Moulds("", "") : mould;
        cooler = cooler == null ? new Cooling("", "") : cooler;
        pouredAt = text(pouredAt);
    }

    /**
     * One mix.
     *
     * @param name of the component
     * @param lines its ingredients
     * @param gelatin its gelling agent
     * @param pourTemperature such as 45 °C
     */
    public record Component(String name, List<Line> lines, Gelatin gelatin, String pourTemperature) {
        public Component {
            name = text(name);
            lines = lines == null ? List.of() : List.copyOf(lines);
            gelatin = gelatin == null ? new Gelatin("", "", "") : gelatin;
            pourTemperature = text(pourTemperature);
        }
    }

    /** An ingredient's id and its amount, such as 500 g. */
    public record Line(String ingredient, String amount) {
        public Line {
            ingredient = text(ingredient);
            amount = text(amount);
        }
    }

    /** A gelatin product's id, its amount and its bloom water, such as 8 g and 40 g. */
    public record Gelatin(String product, String amount, String bloomWater) {
        public Gelatin {
            product = text(product);
            amount = text(amount);
            bloomWater = text(bloomWater);
        }
    }

    /** A mould's id and how many are filled, such as 12. */
    public record Moulds(String mould, String count) {
        public Moulds {
            mould = text(mould);
            count = text(count);
        }
    }

    /** A cooler's id and its air, such as 4 °C. */
    public record Cooling(String cooler, String air) {
        public Cooling {
            cooler = text(cooler);
            air = text(air);
        }
    }

    private static String text(String given) {
        return given == null ? "" : given;
    }
}
