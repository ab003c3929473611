package com.deftchill.core.cook;

import com.deftchill.core.parameters.PanParameters;
import java.util.Arrays;

/** Water that leaves an open pan, and syrup on its way to caramel. Engineering estimates [E], marked where they show. */
public final class Boiling {
    /** A boiling caramel takes cream with foam up to so many times its height (handbook 6). */
    public static final double CARAMEL_FOAMS = 4;
    /** From here on a syrup burns, °C (handbook 6). */
    public static final double BURNS_FROM_C = 110;

    private Boiling() {}

    /** Inner widths of the kitchen's pans, cm; each is 0.45 of that high. */
    private static final double[] PANS_CM = {16, 20, 24, 28, 36};

    private static final double HEIGHT_PER_WIDTH = 0.45;
    private static final double FULL = 0.5;

    /** Width of the smallest pan that so much fills at most half, cm; the largest where none does. */
    public static double panCm(double ml) {
        return Arrays.stream(PANS_CM)
                .filter(width -> ml <= FULL * HEIGHT_PER_WIDTH * width * areaCm2(width))
                .findFirst()
                .orElse(PANS_CM[PANS_CM.length - 1]);
    }

    private static double areaCm2(double widthCm) {
        return Math.PI * widthCm * widthCm / 4;
    }

    /** Water boiled away in so many minutes from a pan so wide, g; never more than there is. */
    public static double away(PanParameters p, double panCm, double minutes, double waterG) {
        return Math.min(waterG, p.simmer().value() * areaCm2(panCm) * minutes);
    }

    /** Minutes that so much water takes to leave a pan so wide. */
    public static double minutes(PanParameters p, double panCm, double grams) {
        return grams / (p.simmer().value() * areaCm2(panCm));
    }
}
