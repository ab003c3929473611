package com.deftchill.core.batch;

import com.deftchill.core.gel.HeatAbuse;
import com.deftchill.core.gel.StrengthFactors;
import com.deftchill.core.kitchen.BloomSchool;
import com.deftchill.core.larder.Cooler;
import com.deftchill.core.larder.GelProduct;
import com.deftchill.core.larder.Mould;
import com.deftchill.core.mix.Mix;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;

/**
 * A dessert understood.
 *
 * @param wanted firmness or height asked for
 * @param component its one mix
 * @param mould what it is filled into
 * @param count of moulds, 1 or more
 * @param loss share of the mix that stays in bowl and jug, 0 to below 1
 * @param airC of the cooler, °C
 * @param pouredAt time of day of pouring
 */
public record Batch(
        String name,
        Served served,
        Optional<Wanted> wanted,
        Component component,
        Mould mould,
        int count,
        double loss,
        Cooler cooler,
        double airC,
        LocalTime pouredAt) {

    /**
     * A line of the formula.
     *
     * @param part ingredient, grams, treatment
     * @param cold whether it joins cold
     * @param how what its amount was understood as; empty for plain grams
     */
    public record Line(Mix.Part part, boolean cold, String how) {}

    /**
     * The gelling agent, weighed.
     *
     * @param grams dry
     * @param how what its amount was understood as; empty for plain grams
     * @param bloom how it meets its water
     * @param waterG water it is bloomed in and keeps, g
     */
    public record Gel(GelProduct product, double grams, String how, BloomSchool bloom, double waterG) {}

    /**
     * One mix, weighed.
     *
     * @param lines ingredients in the order written
     * @param pourC temperature at pouring, °C
     */
    public record Component(String name, List<Line> lines, Gel gel, Heating heating, double pourC) {
        public Component {
            lines = List.copyOf(lines);
        }

        /** Ingredients in the order written; what is held hot long enough counts as heated. */
        public List<Mix.Part> parts() {
            boolean ends = heating.endsEnzymes();
            return lines.stream()
                    .map(line -> ends && !line.cold() ? line.part().heated() : line.part())
                    .toList();
        }

        /** What the parts make together. */
        public Mix mix() {
            return Mix.of(parts(), gel.grams(), gel.waterG());
        }

        /** What strengthens or weakens the gel in a mix of this component. */
        public StrengthFactors factors(Mix mix) {
            double kept = heating.hotC().isPresent()
                    ? HeatAbuse.kept(heating.hotC().getAsDouble(), heating.heldMinutes(), mix.ph())
                    : 1;
            return StrengthFactors.of(mix, gel.product().agent(), kept);
        }

        /** The same with another dose, its bloom water in proportion. */
        public Component withGel(double grams) {
            double water = gel.grams() > 0 ? gel.waterG() * grams / gel.grams() : gel.waterG();
            return new Component(name, lines, new Gel(gel.product(), grams, "", gel.bloom(), water), heating, pourC);
        }
    }
}
