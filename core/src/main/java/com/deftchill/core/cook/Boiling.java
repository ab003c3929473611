package com.deftchill.core.cook;

import com.deftchill.core.parameters.PanParameters;

/** Water that leaves an open pan, and syrup on its way to caramel. Engineering estimates [E], marked where they show. */
public final class Boiling {
    /** A boiling caramel takes cream with foam up to so many times its height (handbook 6). */
    public static final double CARAMEL_FOAMS = 4;
    /** From here on a syrup burns, °C (handbook 6). */
    public static final double BURNS_FROM_C = 110;

    private Boiling() {}

    /** Water boiled away in so many minutes, g; never more than there is. */
    public static double away(PanParameters p, double minutes, double waterG) {
        return Math.min(waterG, p.simmer().value() * minutes);
    }
}
