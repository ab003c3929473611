package com.deftchill.core.formula;

import com.deftchill.core.larder.OwnEntry;
import java.util.List;

/**
 * A dessert as written. Amounts, temperatures, counts and times are text as typed; names of things are ids of the larder.
 * Text left out counts as not written.
 *
 * @param schema version of this document. Every field of 1 is one of 2, so that a document of 1 is read as one of 2
 * @param name of the dessert
 * @param measures whose spoons and cups: {@code metric}, {@code us}, {@code uk}, {@code au}; empty: each is asked about
 * @param served {@code turned-out} or {@code in-glass}
 * @param wanted firmness such as 55, or standing height such as 44 mm; empty: as it is served
 * @param components bottom first; for now exactly one
 * @param mould what it is filled into
 * @param cooler where it chills
 * @param pouredAt time of day of pouring, such as 14:00
 * @param own larder entries of the kitchen's own that the formula needs, so that a file is whole by itself
 */
public record WrittenFormula(
        int schema,
        String name,
        String measures,
        String served,
        String wanted,
        List<Component> components,
        Moulds mould,
        Cooling cooler,
        String pouredAt,
        List<OwnEntry> own) {

    /** The version this code writes. */
    public static final int SCHEMA = 2;

    /** The oldest version it reads. */
    public static final int OLDEST_SCHEMA = 1;

    public WrittenFormula {
        schema = schema == OLDEST_SCHEMA ? SCHEMA : schema;
        name = text(name);
        measures = text(measures);
        served = text(served);
        wanted = text(wanted);
        components = list(components);
        mould = mould == null ? new Moulds("", "", "") : mould;
        cooler = cooler == null ? new Cooling("", "") : cooler;
        pouredAt = text(pouredAt);
        own = list(own);
    }

    /** The same with other components. */
    public WrittenFormula withComponents(List<Component> others) {
        return new WrittenFormula(schema, name, measures, served, wanted, others, mould, cooler, pouredAt, own);
    }

    /** The same in other moulds. */
    public WrittenFormula withMould(Moulds other) {
        return new WrittenFormula(schema, name, measures, served, wanted, components, other, cooler, pouredAt, own);
    }

    /** The same with other own entries of the larder. */
    public WrittenFormula withOwn(List<OwnEntry> others) {
        return new WrittenFormula(schema, name, measures, served, wanted, components, mould, cooler, pouredAt, others);
    }

    /**
     * One mix.
     *
     * @param name of the component
     * @param lines its ingredients
     * @param gel its gelling agent
     * @param heat how it is heated
     * @param pourTemperature such as 45 °C
     */
    public record Component(String name, List<Line> lines, Gel gel, Heat heat, String pourTemperature) {
        public Component {
            name = text(name);
            lines = list(lines);
            gel = gel == null ? new Gel("", "", "", "") : gel;
            heat = heat == null ? new Heat("", "", "") : heat;
            pourTemperature = text(pourTemperature);
        }
    }

    /**
     * An ingredient's id and its amount, such as 500 g.
     *
     * @param treatment {@code raw}, {@code heated}, {@code canned} or {@code pasteurised}; empty: as bought
     * @param share {@code hot} or {@code cold}: whether it is heated or joins cold; empty: hot
     */
    public record Line(String ingredient, String amount, String treatment, String share) {
        public Line {
            ingredient = text(ingredient);
            amount = text(amount);
            treatment = text(treatment);
            share = text(share);
        }
    }

    /**
     * A gelling agent's id, its amount and its bloom water, such as 8 g and 40 g.
     *
     * @param bloom {@code weighed} water that stays in, {@code squeezed} sheets, or {@code dry} into the hot liquid;
     *     empty: weighed
     */
    public record Gel(String product, String amount, String bloom, String bloomWater) {
        public Gel {
            product = text(product);
            amount = text(amount);
            bloom = text(bloom);
            bloomWater = text(bloomWater);
        }
    }

    /**
     * How it is heated; each empty when not written.
     *
     * @param hot temperature of the hot share when the gel goes in, such as 80 °C
     * @param held how long it is held that hot, such as 5 min
     * @param cold temperature of the cold share, such as 5 °C
     */
    public record Heat(String hot, String held, String cold) {
        public Heat {
            hot = text(hot);
            held = text(held);
            cold = text(cold);
        }
    }

    /** A mould's id, how many are filled, such as 12, and what is lost in bowl and jug, such as 3 % (empty: nothing). */
    public record Moulds(String mould, String count, String loss) {
        public Moulds {
            mould = text(mould);
            count = text(count);
            loss = text(loss);
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

    private static <T> List<T> list(List<T> given) {
        return given == null ? List.of() : List.copyOf(given);
    }
}
