package com.deftchill.core.cook;

/** Water that leaves an open pan, and syrup on its way to caramel. Engineering estimates [E], marked where they show. */
public final class Boiling {
    /** Water that a steady simmer in an open pan gives off, g a minute: about 400 W into steam of 2257 J/g [E]. */
    public static final double SIMMER_G_PER_MIN = 10;
    /** A boiling caramel takes cream with foam up to so many times its height (handbook 6). */
    public static final double CARAMEL_FOAMS = 4;
    /** From here on a syrup burns, °C (handbook 6). */
    public static final double BURNS_FROM_C = 110;

    private Boiling() {}

    /** Water boiled away in so many minutes, g; never more than there is. */
    public static double away(double minutes, double waterG) {
        return Math.min(waterG, SIMMER_G_PER_MIN * minutes);
    }
}
