package com.deftchill.core.fat;

import com.deftchill.core.parameters.FatParameters;
import org.hipparchus.analysis.interpolation.LinearInterpolator;
import org.hipparchus.analysis.polynomials.PolynomialSplineFunction;

/**
 * Share of a fat that is solid at rest at a temperature. Source: handbook 3 [L], linear between its points, constant below
 * 5 °C. Fats of nuts and seeds are oils: no curve is given for them.
 */
public final class SolidFat {
    private static final double COLDEST_C = -60;
    private static final double HOTTEST_C = 200;
    private final PolynomialSplineFunction cocoaButter;
    private final PolynomialSplineFunction milkFat;
    private final PolynomialSplineFunction coconut;

    public SolidFat(FatParameters p) {
        cocoaButter = linear(new double[] {COLDEST_C, 5, 15, 20, 28, 34, HOTTEST_C}, new double[] {
            p.cocoaAt5().value(),
            p.cocoaAt5().value(),
            p.cocoaAt15().value(),
            p.cocoaAt20().value(),
            p.cocoaAt28().value(),
            0,
            0
        });
        milkFat = linear(new double[] {COLDEST_C, 5, 12, 20, 30, 37, HOTTEST_C}, new double[] {
            p.milkAt5().value(),
            p.milkAt5().value(),
            p.milkAt12().value(),
            p.milkAt20().value(),
            p.milkAt30().value(),
            0,
            0
        });
        coconut = linear(new double[] {COLDEST_C, 5, 15, 20, 25, HOTTEST_C}, new double[] {
            p.coconutAt5().value(),
            p.coconutAt5().value(),
            p.coconutAt15().value(),
            p.coconutAt20().value(),
            0,
            0
        });
    }

    private static PolynomialSplineFunction linear(double[] celsius, double[] share) {
        return new LinearInterpolator().interpolate(celsius, share);
    }

    /** Solid share of cocoa butter at T °C, g/g. */
    public double cocoaButter(double celsius) {
        return cocoaButter.value(celsius);
    }

    /** Solid share of milk fat, butter's as well, at T °C, g/g. */
    public double milkFat(double celsius) {
        return milkFat.value(celsius);
    }

    /** Solid share of coconut fat at T °C, g/g. */
    public double coconut(double celsius) {
        return coconut.value(celsius);
    }
}
