package com.deftchill.core.making;

import com.deftchill.core.batch.Component;
import com.deftchill.core.chill.BowlCooling;
import com.deftchill.core.chill.Material;
import com.deftchill.core.dessert.Dessert;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * How warm it gets where a probe is put, as the models have it: what a stand-in probe is told to follow.
 *
 * @param points seconds from now and °C there
 * @param lagSeconds time constant of the probe's sheath there (handbook 7: 4 to 8 s in a liquid, 20 to 40 s in a gel)
 */
public record ProbeCurve(double[][] points, double lagSeconds) {
    private static final double LIQUID_LAG = 6;
    private static final double GEL_LAG = 30;
    private static final double ICE_C = 0;
    private static final double COLD_C = 5;
    /** As hot as a base leaves the heat where nothing is written, °C. */
    private static final double USUAL_HOT_C = 60;

    private static final int MINUTES = 240;
    private static final double PAN_MINUTES = 8;
    private static final double PROPERTIES_C = 50;

    /** Where it is put. */
    public enum Where {
        /** In the pan on the heat. */
        PAN,
        /** In the bowl, in the room. */
        BOWL,
        /** In the bowl, over ice. */
        ICE,
        /** In the slowest point of a filled mould. */
        CORE;

        /** @return empty where it is none of them */
        public static Optional<Where> of(String word) {
            for (var where : values()) {
                if (where.name().toLowerCase(Locale.ROOT).equals(word)) {
                    return Optional.of(where);
                }
            }
            return Optional.empty();
        }
    }

    /**
     * @param index of the component that it stands in; of a core it is the layer that the dessert is judged by where it has none
     */
    public static ProbeCurve of(Dessert dessert, int index, Where where) {
        var component = dessert.portraits().get(index).component();
        double hot = component.heating().hotC().orElse(USUAL_HOT_C);
        return switch (where) {
            case PAN -> new ProbeCurve(new double[][] {{0, COLD_C}, {60 * PAN_MINUTES, hot}}, LIQUID_LAG);
            case BOWL -> cooling(component, hot, dessert.kitchen().roomC(), true);
            case ICE -> cooling(component, hot, ICE_C, false);
            case CORE -> core(dessert, index);
        };
    }

    private static ProbeCurve cooling(Component component, double from, double around, boolean room) {
        var base = component.base();
        var material = Material.of(base.composition());
        double rate = new BowlCooling(
                        component.parameters().cold(),
                        base.massG(),
                        material.density(),
                        material.heatCapacity(PROPERTIES_C))
                .perSecond(room);
        var points = IntStream.rangeClosed(0, MINUTES)
                .mapToObj(minute ->
                        new double[] {60.0 * minute, around + (from - around) * Math.exp(-rate * 60 * minute)})
                .toArray(double[][]::new);
        return new ProbeCurve(points, LIQUID_LAG);
    }

    private static ProbeCurve core(Dessert dessert, int index) {
        var study = dessert.portraits().get(index).study().or(dessert::main);
        if (study.isEmpty()) {
            return new ProbeCurve(new double[][] {{0, dessert.batch().airC()}}, GEL_LAG);
        }
        var minutes = study.get().history().minutes();
        var warmest = study.get().history().warmestC();
        return new ProbeCurve(
                IntStream.range(0, minutes.length)
                        .mapToObj(i -> new double[] {60 * minutes[i], warmest[i]})
                        .toArray(double[][]::new),
                GEL_LAG);
    }
}
