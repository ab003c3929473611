package com.deftchill.core.foam;

import com.deftchill.core.composition.Composition;
import com.deftchill.core.parameters.FoamParameters;

/**
 * Between which temperatures of the base foam is folded in (handbook 3 [E]). Upper limit: where cream holds the air the mix
 * must end at 24 °C or below and the base be at most at 45 °C; whites alone stand a base of 50 °C. Lower limit: by what the
 * base is. More foam never asks for a hotter base.
 *
 * @param lowC coldest base, °C
 * @param highC warmest base, °C
 * @param lowBy what sets the lower limit
 * @param highBy what sets the upper limit
 */
public record FoldWindow(double lowC, double highC, By lowBy, By highBy) {
    /** What sets a limit. */
    public enum By {
        /** A gel no longer flows below it, on its own way down in its bowl. */
        GEL_SETS,
        /** A ganache no longer flows. */
        GANACHE_STIFFENS,
        /** Cold cream on bare cocoa butter makes chips. */
        CHIPS_FORM,
        /** Chocolate and butter with egg worked in grow stiff. */
        CHOCOLATE_STIFFENS,
        /** Beaten butter is too stiff. */
        BUTTER_STIFF,
        /** Nothing in the base sets in the cold. */
        NOTHING_SETS,
        /** The mix ends at mixEnds. */
        MIX_ENDS,
        /** Warmer, the fat that holds the air melts. */
        FAT_MELTS,
        /** Warmer, the air of beaten butter melts. */
        BUTTER_MELTS,
        /** Whites stand no hotter base. */
        WHITES_COOK
    }

    /** A base without anything that sets may be as cold as the fridge, °C. */
    public static final double COLDEST_C = 2;

    /** A share of the mix: grams, composition. */
    public record Share(double grams, Composition composition) {
        double heatPerK(double celsius) {
            return grams * composition.heatCapacity(celsius);
        }
    }

    /** The lower limit, and what sets it. */
    public record Low(double celsius, By by) {}

    /** Below which the mix must end, and the base be, where cream holds the air. */
    public static FoldWindow ofCream(FoamParameters p, Low low, Share base, Share foam, double foamC) {
        double balanced = baseFor(p.mixEnds().value(), base, foam, foamC);
        double most = p.baseMost().value();
        return new FoldWindow(
                Math.max(COLDEST_C, low.celsius()),
                Math.min(most, balanced),
                low.by(),
                balanced < most ? By.MIX_ENDS : By.FAT_MELTS);
    }

    /** Where whites or yolks alone hold the air. */
    public static FoldWindow ofEgg(FoamParameters p, Low low) {
        return new FoldWindow(Math.max(COLDEST_C, low.celsius()), p.whitesMost().value(), low.by(), By.WHITES_COOK);
    }

    /** Where butter beaten with sugar is part of the base. */
    public static FoldWindow ofButter(FoamParameters p) {
        return new FoldWindow(p.butterLeast().value(), p.butterMost().value(), By.BUTTER_STIFF, By.BUTTER_MELTS);
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
