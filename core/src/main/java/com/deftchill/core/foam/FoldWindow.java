package com.deftchill.core.foam;

import com.deftchill.core.composition.Composition;
import com.deftchill.core.parameters.FoamParameters;

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
        /** The base starts to set aboveOnset below it. */
        BASE_SETS,
        /** Nothing in the base sets in the cold. */
        NOTHING_SETS,
        /** The mix ends at mixEnds. */
        MIX_ENDS,
        /** Warmer, the fat that holds the air melts. */
        FAT_MELTS,
        /** The mix ends at mixEnds; colder, chips of cocoa butter form. */
        CHIPS_FORM,
        /** Cocoa butter sets below it. */
        COCOA_BUTTER_SETS
    }

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
    public static FoldWindow of(FoamParameters p, Share base, Share foam, double foamC, double onsetC) {
        double balanced = baseFor(p.mixEnds().value(), base, foam, foamC);
        boolean gels = onsetC + p.aboveOnset().value() > COLDEST_C;
        return new FoldWindow(
                Math.max(COLDEST_C, onsetC + p.aboveOnset().value()),
                Math.min(p.baseMost().value(), balanced),
                gels ? By.BASE_SETS : By.NOTHING_SETS,
                balanced < p.baseMost().value() ? By.MIX_ENDS : By.FAT_MELTS);
    }

    /** The window of a base set by chocolate alone. */
    public static FoldWindow ofChocolate(FoamParameters p, Share base, Share foam, double foamC) {
        double balanced = baseFor(p.mixEnds().value(), base, foam, foamC);
        return new FoldWindow(
                Math.max(p.chocolateLeast().value(), balanced),
                p.chocolateMost().value(),
                balanced > p.chocolateLeast().value() ? By.CHIPS_FORM : By.COCOA_BUTTER_SETS,
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
