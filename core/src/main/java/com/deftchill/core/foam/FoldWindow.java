package com.deftchill.core.foam;

import com.deftchill.core.composition.Composition;

/**
 * Between which temperatures of the base foam is folded in (handbook 3 [E]). Upper limit: the mix must end at 24 °C or
 * below and the base itself be at 35 °C or below, or the fat that holds the air melts. Lower: 3 K above the base's own
 * onset of setting, or it sets in lumps. A base set by chocolate alone is folded warmer: at most at 45 °C, at least at
 * 28 °C and so that the mix ends at 24 °C or above, or chips of cocoa butter form.
 *
 * @param lowC coldest base, °C
 * @param highC warmest base, °C
 * @param lowBy what sets the lower limit
 * @param highBy what sets the upper limit
 */
public record FoldWindow(double lowC, double highC, By lowBy, By highBy) {
    /** What sets a limit. */
    public enum By {
        /** The base starts to set {@link #ABOVE_ONSET_K} below it. */
        BASE_SETS,
        /** Nothing in the base sets in the cold. */
        NOTHING_SETS,
        /** The mix ends at {@link #MIX_C}. */
        MIX_ENDS,
        /** Warmer, the fat that holds the air melts. */
        FAT_MELTS,
        /** The mix ends at {@link #MIX_C}; colder, chips of cocoa butter form. */
        CHIPS_FORM,
        /** Cocoa butter sets below it. */
        COCOA_BUTTER_SETS
    }

    /** What the mix may end at, °C. */
    public static final double MIX_C = 24;
    /** Above this the fat that holds the air melts, °C. */
    public static final double MELTS_AIR_C = 32;

    /** Warmest base, °C. */
    public static final double BASE_C = 35;
    /** Warmest base that chocolate alone sets, °C. */
    public static final double CHOCOLATE_BASE_C = 45;
    /** Coldest base that chocolate alone sets, °C. */
    public static final double CHOCOLATE_LOW_C = 28;
    /** So much warmer than where it starts to set, K. */
    public static final double ABOVE_ONSET_K = 3;

    /** A base without anything that sets may be as cold as the fridge, °C. */
    private static final double COLDEST_C = 2;

    /** A share of the mix: grams, composition. */
    public record Share(double grams, Composition composition) {
        double heatPerK(double celsius) {
            return grams * composition.heatCapacity(celsius);
        }
    }

    /**
     * The window of a base that gels, or that neither gels nor is set by chocolate.
     *
     * @param onsetC where the base by itself starts to set, °C; below 0 for a base that does not gel
     */
    public static FoldWindow of(Share base, Share foam, double foamC, double onsetC) {
        double balanced = baseFor(MIX_C, base, foam, foamC);
        boolean gels = onsetC + ABOVE_ONSET_K > COLDEST_C;
        return new FoldWindow(
                Math.max(COLDEST_C, onsetC + ABOVE_ONSET_K),
                Math.min(BASE_C, balanced),
                gels ? By.BASE_SETS : By.NOTHING_SETS,
                balanced < BASE_C ? By.MIX_ENDS : By.FAT_MELTS);
    }

    /** The window of a base set by chocolate alone. */
    public static FoldWindow ofChocolate(Share base, Share foam, double foamC) {
        double balanced = baseFor(MIX_C, base, foam, foamC);
        return new FoldWindow(
                Math.max(CHOCOLATE_LOW_C, balanced),
                CHOCOLATE_BASE_C,
                balanced > CHOCOLATE_LOW_C ? By.CHIPS_FORM : By.COCOA_BUTTER_SETS,
                By.FAT_MELTS);
    }

    /** Whether there is no such temperature. */
    public boolean isEmpty() {
        return !(lowC < highC);
    }

    /** Temperature that the mix ends at when base and foam meet, °C. */
    public static double mixC(Share base, double baseC, Share foam, double foamC) {
        double b = base.heatPerK(baseC);
        double f = foam.heatPerK(foamC);
        return (b * baseC + f * foamC) / (b + f);
    }

    /** Base temperature for which the mix ends at so many °C. */
    static double baseFor(double mixC, Share base, Share foam, double foamC) {
        return mixC + foam.heatPerK(foamC) * (mixC - foamC) / base.heatPerK(mixC);
    }
}
