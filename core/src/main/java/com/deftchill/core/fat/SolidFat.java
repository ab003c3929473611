package com.deftchill.core.fat;

import com.deftchill.core.composition.Composition;
import com.deftchill.core.composition.Constituent;
import com.deftchill.core.parameters.FatParameters;
import org.hipparchus.analysis.interpolation.LinearInterpolator;
import org.hipparchus.analysis.polynomials.PolynomialSplineFunction;

/**
 * Share of a fat that is solid at a temperature, after a night in the cold. Source: handbook 3 [L], linear between its
 * points, constant below 5 °C. Other fats (nuts, coconut) are taken as liquid: no curve is given for them.
 */
public final class SolidFat {
    private static final double COLDEST_C = -60;
    private static final double HOTTEST_C = 200;
    private final PolynomialSplineFunction cocoaButter;
    private final PolynomialSplineFunction milkFat;

    public SolidFat(FatParameters p) {
        double cocoaAt5 = p.cocoaAt5().value();
        double milkAt5 = p.milkAt5().value();
        cocoaButter = new LinearInterpolator()
                .interpolate(new double[] {COLDEST_C, 5, 15, 20, 28, 34, HOTTEST_C}, new double[] {
                    cocoaAt5,
                    cocoaAt5,
                    p.cocoaAt15().value(),
                    p.cocoaAt20().value(),
                    p.cocoaAt28().value(),
                    0,
                    0
                });
        milkFat = new LinearInterpolator()
                .interpolate(new double[] {COLDEST_C, 5, 12, 20, 30, 37, HOTTEST_C}, new double[] {
                    milkAt5,
                    milkAt5,
                    p.milkAt12().value(),
                    p.milkAt20().value(),
                    p.milkAt30().value(),
                    0,
                    0
                });
    }

    /** Solid share of cocoa butter at T °C, g/g. */
    public double cocoaButter(double celsius) {
        return cocoaButter.value(celsius);
    }

    /** Solid share of milk fat at T °C, g/g. */
    public double milkFat(double celsius) {
        return milkFat.value(celsius);
    }

    /** Solid fat of a mix at T °C, g per g of the mix. */
    public double of(Composition mix, double celsius) {
        return mix.share(Constituent.COCOA_BUTTER) * cocoaButter(celsius)
                + mix.share(Constituent.MILK_FAT) * milkFat(celsius);
    }
}
