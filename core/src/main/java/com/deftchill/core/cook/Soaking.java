package com.deftchill.core.cook;

import com.deftchill.core.parameters.PanParameters;

/**
 * How much liquid a dry piece takes up in a dip (handbook 3 [E]).
 *
 * <pre>
 *   uptake = capacity * (1 - exp(-t / tau))
 * </pre>
 *
 * @param capacity most it takes up, g per g of the dry piece
 * @param tauSeconds time constant, s for each side
 */
public record Soaking(double capacity, double tauSeconds) {
    /** A drenched piece has all it can take. */
    public static final double DRENCHED_SECONDS = 60;

    public Soaking {
        if (!(capacity > 0 && tauSeconds > 0)) {
            throw new IllegalArgumentException("capacity and time constant of a soak must be above 0");
        }
    }

    /** Uptake after so many seconds on each side, g/g. */
    public double uptake(double seconds) {
        return capacity * (1 - Math.exp(-seconds / tauSeconds));
    }

    /** Seconds on each side for an uptake; infinite when it cannot take so much. */
    public double seconds(double uptake) {
        return uptake < capacity ? -tauSeconds * Math.log(1 - uptake / capacity) : Double.POSITIVE_INFINITY;
    }

    /** The uptake to aim at: moist but not wet in the middle, g/g. */
    public double aim(PanParameters p) {
        return Math.min(p.soakAim().value(), p.soakAimOfAll().value() * capacity);
    }
}
