package com.deftchill.core.fat;

import com.deftchill.core.composition.Composition;
import com.deftchill.core.composition.Constituent;
import org.hipparchus.analysis.interpolation.LinearInterpolator;
import org.hipparchus.analysis.polynomials.PolynomialSplineFunction;

/**
 * Share of a fat that is solid at a temperature, after a night in the cold. Source: handbook 3 [L], linear between its
 * points, constant below 5 °C. Other fats (nuts, coconut) are taken as liquid: no curve is given for them.
 */
public final class SolidFat {
    private static final double COLDEST_C = -60;
    private static final double HOTTEST_C = 200;
    private static final PolynomialSplineFunction COCOA_BUTTER = new LinearInterpolator()
            .interpolate(
                    new double[] {COLDEST_C, 5, 15, 20, 28, 34, HOTTEST_C},
                    new double[] {0.85, 0.85, 0.80, 0.72, 0.50, 0, 0});
    private static final PolynomialSplineFunction MILK_FAT = new LinearInterpolator()
            .interpolate(
                    new double[] {COLDEST_C, 5, 12, 20, 30, 37, HOTTEST_C},
                    new double[] {0.52, 0.52, 0.40, 0.20, 0.05, 0, 0});

    private SolidFat() {}

    /** Solid share of cocoa butter at T °C, g/g. */
    public static double cocoaButter(double celsius) {
        return COCOA_BUTTER.value(celsius);
    }

    /** Solid share of milk fat at T °C, g/g. */
    public static double milkFat(double celsius) {
        return MILK_FAT.value(celsius);
    }

    /** Solid fat of a mix at T °C, g per g of the mix. */
    public static double of(Composition mix, double celsius) {
        return mix.share(Constituent.COCOA_BUTTER) * cocoaButter(celsius)
                + mix.share(Constituent.MILK_FAT) * milkFat(celsius);
    }
}
