package com.deftchill.core.batch;

import com.deftchill.core.larder.Cooler;
import com.deftchill.core.larder.GelatinProduct;
import com.deftchill.core.larder.Mould;
import com.deftchill.core.mix.Mix;
import java.time.LocalTime;
import java.util.List;

/**
 * A dessert understood.
 *
 * @param component its one mix
 * @param count of moulds, 1 or more
 * @param airC of the cooler, °C
 * @param pouredAt time of day of pouring
 */
public record Batch(
        String name,
        Served served,
        Component component,
        Mould mould,
        int count,
        Cooler cooler,
        double airC,
        LocalTime pouredAt) {

    /**
     * One mix, weighed.
     *
     * @param parts ingredients in the order written
     * @param gelatinG dry gelatin, g
     * @param bloomWaterG water it is bloomed in and keeps, g
     * @param pourC temperature at pouring, °C
     */
    public record Component(
            String name,
            List<Mix.Part> parts,
            GelatinProduct gelatin,
            double gelatinG,
            double bloomWaterG,
            double pourC) {
        public Component {
            parts = List.copyOf(parts);
        }

        /** What the parts make together. */
        public Mix mix() {
            return Mix.of(parts, gelatinG, bloomWaterG);
        }

        /** The same with another dose, its bloom water in proportion. */
        public Component withGelatin(double grams) {
            return new Component(name, parts, gelatin, grams, bloomWaterG * grams / gelatinG, pourC);
        }
    }
}
