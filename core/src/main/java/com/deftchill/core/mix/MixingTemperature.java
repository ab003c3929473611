package com.deftchill.core.mix;

import com.deftchill.core.composition.Composition;

/** The temperature at which shares meet: T = sum(m cp T) / sum(m cp), without loss to bowl and air. */
public final class MixingTemperature {
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
}
