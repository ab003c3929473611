package com.deftchill.core.fat;

import com.deftchill.core.composition.Composition;
import com.deftchill.core.composition.Constituent;
import com.deftchill.core.parameters.FatParameters;

/**
 * What chocolate, butter and coconut fat make a body firm by: the stress at which it yields.
 *
 * <pre>
 *   S = cocoa butter * solid + 0.60 milk fat * solid + 1.25 butter's fat * solid + 0.6 coconut fat * solid + 0.06 dry cocoa
 *   F = 1000 Pa * (S / 0.162)^8.5 * ramp
 * </pre>
 *
 * <p>All in g per g of the mix. The ramp goes from 0 to 1 from 1 to 3 % of cocoa butter or from 5 to 10 % of butter's (or
 * coconut) fat, whichever gives more: the fat of cream alone is droplets. Handbook 3 [E], fitted to some twenty ganaches and
 * mousses, true within a factor of 2.5, from 0 to 28 °C.
 *
 * @param p constants of the model
 */
public record FatLaw(double cocoa, double milk, double butter, double coconut, double dry, FatParameters p) {
    /** No fat at all. */
    public static FatLaw none(FatParameters p) {
        return new FatLaw(0, 0, 0, 0, 0, p);
    }

    public static FatLaw of(Composition mix, FatParameters p) {
        return new FatLaw(
                mix.share(Constituent.COCOA_BUTTER),
                mix.share(Constituent.MILK_FAT),
                mix.share(Constituent.BUTTER_FAT),
                mix.share(Constituent.COCONUT_FAT),
                mix.share(Constituent.COCOA_SOLIDS),
                p);
    }

    /** How much of the law counts, 0 to 1. */
    public double ramp() {
        double byCocoa =
                between(cocoa, p.rampCocoaFrom().value(), p.rampCocoaTo().value());
        double byButter = between(
                butter + coconut, p.rampButterFrom().value(), p.rampButterTo().value());
        return Math.max(byCocoa, byButter);
    }

    private static double between(double share, double from, double to) {
        return Math.max(0, Math.min(1, (share - from) / (to - from)));
    }

    /** S for solid shares of its fats. */
    public double solid(double cocoaSolid, double milkSolid, double coconutSolid) {
        return cocoa * cocoaSolid
                + p.milkCounts().value() * milk * milkSolid
                + p.butterCounts().value() * butter * milkSolid
                + p.coconutCounts().value() * coconut * coconutSolid
                + p.dryCounts().value() * dry;
    }

    /** Yield stress for an S, Pa, without air. */
    public double pa(double solid) {
        return p.scale().value()
                * Math.pow(solid / p.scaleShare().value(), p.power().value())
                * ramp();
    }

    /** Yield stress at rest at T °C, Pa, without air. */
    public double restPa(double celsius) {
        var fat = new SolidFat(p);
        return ramp() == 0 ? 0 : pa(solid(fat.cocoaButter(celsius), fat.milkFat(celsius), fat.coconut(celsius)));
    }

    /** Warmest temperature at which its rest value is still so much, °C; far below zero where it never is. */
    public double restReachesC(double wantedPa) {
        double celsius = HOTTEST_C;
        while (celsius > COLDEST_C && restPa(celsius) < wantedPa) {
            celsius -= STEP_K;
        }
        return celsius > COLDEST_C ? celsius : NEVER_C;
    }

    private static final double HOTTEST_C = 40;
    private static final double COLDEST_C = -5;
    private static final double STEP_K = 0.25;
    /** What no kitchen reaches, °C. */
    public static final double NEVER_C = -100;
}
