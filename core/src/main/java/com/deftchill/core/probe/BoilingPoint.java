package com.deftchill.core.probe;

/** Where water boils. Sources: handbook 7 [S]; Antoine's constants for water from 1 to 100 °C, in mmHg, as usually tabled. */
public final class BoilingPoint {
    /** At 1013 hPa, °C. */
    public static final double AT_SEA_C = 100;
    /** Lower by so much with each metre, K. */
    private static final double PER_METRE = 0.0034;

    private static final double HIGHEST_M = 3000;
    private static final double LOWEST_M = -430;
    private static final double A = 8.07131;
    private static final double B = 1730.63;
    private static final double C = 233.426;
    private static final double MMHG_PER_HPA = 0.750062;
    /** Pressures between which people cook, hPa. */
    private static final double LEAST_HPA = 650;

    private static final double MOST_HPA = 1085;

    private BoilingPoint() {}

    /**
     * Boiling point at an altitude in standard air, °C.
     *
     * @param metres above the sea, -430 to 3000
     * @throws IllegalArgumentException outside of that
     */
    public static double atAltitude(double metres) {
        if (!(metres >= LOWEST_M && metres <= HIGHEST_M)) {
            throw new IllegalArgumentException("altitude " + metres + " m must lie in -430 to 3000 m");
        }
        return AT_SEA_C - PER_METRE * metres;
    }

    /**
     * Boiling point at a pressure of the air, °C: Antoine, T = B / (A - log10 p) - C.
     *
     * @param hectopascal as measured on the spot, not reduced to the sea, 650 to 1085
     * @throws IllegalArgumentException outside of that
     */
    public static double atPressure(double hectopascal) {
        if (!(hectopascal >= LEAST_HPA && hectopascal <= MOST_HPA)) {
            throw new IllegalArgumentException("pressure " + hectopascal + " hPa must lie in 650 to 1085 hPa");
        }
        return B / (A - Math.log10(MMHG_PER_HPA * hectopascal)) - C;
    }
}
