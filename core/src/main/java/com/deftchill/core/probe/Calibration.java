package com.deftchill.core.probe;

import java.util.OptionalDouble;

/**
 * What is true where a probe shows something: true = offset + slope x shown. From the ice point alone the slope is 1.
 *
 * @param offset K
 * @param slope K per K
 */
public record Calibration(double offset, double slope) {
    /** A probe that nobody has tried. */
    public static final Calibration NONE = new Calibration(0, 1);

    /** Between two points this close nothing can be said of the slope, K. */
    private static final double LEAST_SPAN = 20;
    /** A probe further off than this in ice water is broken, not off, K [E]. */
    private static final double BROKEN_K = 10;
    /** Off by more than this matters at a base's folding window or a custard, K [E]. */
    private static final double MATTERS_K = 0.5;
    /** A probe is tried again after so many days [E]. */
    private static final double DUE_DAYS = 30;

    private static final double SECONDS_PER_DAY = 86_400;
    private static final double SLOPE_LEAST = 0.9;
    private static final double SLOPE_MOST = 1.1;

    /**
     * @param ice what it shows in ice water, °C
     * @param boil what it shows in boiling water, °C; absent where it was not tried there
     * @param boils where that water boils, °C
     * @throws IllegalArgumentException where that is no probe in ice water, or in boiling water
     */
    public static Calibration of(double ice, OptionalDouble boil, double boils) {
        if (!(Math.abs(ice) <= BROKEN_K)) {
            throw new IllegalArgumentException("the ice point " + ice + " °C must lie in -10 to 10 °C");
        }
        if (boil.isEmpty()) {
            return new Calibration(-ice, 1);
        }
        double shown = boil.getAsDouble() - ice;
        double slope = shown >= LEAST_SPAN ? boils / shown : Double.NaN;
        if (!(slope >= SLOPE_LEAST && slope <= SLOPE_MOST)) {
            throw new IllegalArgumentException("the boiling point " + boil.getAsDouble()
                    + " °C must be within a tenth of " + boils + " °C above the ice point");
        }
        return new Calibration(-slope * ice, slope);
    }

    /** The same for a probe that was found to show so many K above what this corrects it to. */
    public Calibration less(double above) {
        return new Calibration(offset - above, slope);
    }

    /** What is true where it shows °C. */
    public double corrected(double shown) {
        return offset + slope * shown;
    }

    /** By how much it is off where that is most, of ice and boiling water, K. */
    public double off() {
        double atBoil = corrected(BoilingPoint.AT_SEA_C) - BoilingPoint.AT_SEA_C;
        return Math.abs(atBoil) > Math.abs(offset) ? atBoil : offset;
    }

    /** Whether its error is more than a cook may leave uncorrected. */
    public boolean matters() {
        return Math.abs(off()) > MATTERS_K;
    }

    /** Whether it is time to try it again, so many s after it was tried. */
    public static boolean isDue(double secondsSince) {
        return secondsSince > DUE_DAYS * SECONDS_PER_DAY;
    }
}
