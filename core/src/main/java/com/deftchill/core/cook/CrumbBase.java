package com.deftchill.core.cook;

/** Crumbs pressed with butter into a tin (handbook 3 [E]). Millimetres in, grams out. */
public final class CrumbBase {
    /** Crumb by mass per butter: below the first greasy and hard, above the second it falls apart. */
    public static final double LEAST_RATIO = 1.8;

    public static final double MOST_RATIO = 2.5;
    public static final double AIM_RATIO = 2.0;
    /** Packed density, g/ml. */
    public static final double PACKED_G_PER_ML = 0.75;
    /** Usual thickness, mm. */
    public static final double THIN_MM = 4;

    public static final double THICK_MM = 8;

    private static final double MM3_PER_ML = 1000;

    private CrumbBase() {}

    /** Mass of a bottom of an area at a thickness, and of a wall along a perimeter up to a height, g. */
    public static double grams(double areaMm2, double perimeterMm, double thicknessMm, double wallMm) {
        return PACKED_G_PER_ML * (areaMm2 + perimeterMm * wallMm) * thicknessMm / MM3_PER_ML;
    }

    /** Thickness of a mass pressed over bottom and wall, mm. */
    public static double thicknessMm(double grams, double areaMm2, double perimeterMm, double wallMm) {
        return grams / PACKED_G_PER_ML * MM3_PER_ML / (areaMm2 + perimeterMm * wallMm);
    }
}
