package com.deftchill.core.mix;

import com.deftchill.core.composition.Composition;

/** The temperature at which shares meet: T = sum(m cp T) / sum(m cp), without loss to bowl and air. */
public final class MixingTemperature {
    /** Heat that melts ice, J/kg, and heat capacity of its water (handbook 3) [L]. */
    private static final double ICE_J_PER_KG = 334_000;

    private static final double WATER_J_PER_KGK = 4180;

    private double heat;
    private double heatPerK;

    /** Adds so many grams of a composition at T °C. */
    public void add(double grams, Composition composition, double celsius) {
        double perK = grams * composition.heatCapacity(celsius);
        heat += perK * celsius;
        heatPerK += perK;
    }

    /** Temperature of all that was added, °C; NaN when nothing was. */
    public double celsius() {
        return heat / heatPerK;
    }

    /**
     * Temperature once ice of 0 °C has melted in it, °C; 0 or below when there is more ice than it can melt.
     *
     * @param iceG grams of ice; its water then shares the heat
     */
    public double withIce(double iceG) {
        return (heat - ICE_J_PER_KG * iceG) / (heatPerK + WATER_J_PER_KGK * iceG);
    }
}
