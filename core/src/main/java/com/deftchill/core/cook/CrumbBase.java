package com.deftchill.core.cook;

import com.deftchill.core.parameters.PanParameters;

/** Crumbs pressed with butter into a tin (handbook 3 [E]). Millimetres in, grams out. */
public final class CrumbBase {
    /** Usual thickness, mm. */
    public static final double THIN_MM = 4;

    public static final double THICK_MM = 8;

    private static final double MM3_PER_ML = 1000;

    private CrumbBase() {}

    /** Grams of a fat (g/g of fat) that bring crumbs to the share of fat aimed at. */
    public static double butterG(PanParameters p, double crumbsG, double crumbsFatG, double butterFat) {
        double aim = p.crumbAim().value();
        return Math.max(0, (aim * crumbsG - crumbsFatG) / (butterFat - aim));
    }

    /** Mass of a bottom of an area at a thickness, and of a wall along a perimeter up to a height, g. */
    public static double grams(PanParameters p, double areaMm2, double perimeterMm, double thicknessMm, double wallMm) {
        return p.packed().value() * (areaMm2 + perimeterMm * wallMm) * thicknessMm / MM3_PER_ML;
    }

    /** Thickness of a mass pressed over bottom and wall, mm. */
    public static double thicknessMm(PanParameters p, double grams, double areaMm2, double perimeterMm, double wallMm) {
        return grams / p.packed().value() * MM3_PER_ML / (areaMm2 + perimeterMm * wallMm);
    }
}
