package com.deftchill.core.cook;

import com.deftchill.core.parameters.PanParameters;
import com.deftchill.core.vessel.Profile;

/** Pastry dough for a tin (handbook 5): what lines it, and what is left of it once it is baked. Masses in g, lengths in mm. */
public final class Dough {
    /** Rolled out unless written otherwise, mm. */
    public static final double ROLLED_MM = 3;
    /** The sheet is wider than what it lines by this, mm. */
    public static final double OVERHANG_MM = 20;

    /** Baked pastry holds less water than this, dough more [E], g/g. */
    private static final double DOUGH_WATER = 0.1;
    /** Baked pastry keeps this of it, g/g [E]. */
    private static final double BAKED_WATER = 0.02;

    private static final double MM3_PER_ML = 1000;
    private static final double MM2_PER_CM2 = 100;

    private Dough() {}

    /** Whether flour, fat and so on with so much water, g/g, are a dough and not yet baked. */
    public static boolean isRaw(double waterShare) {
        return waterShare > DOUGH_WATER;
    }

    /** Water that it loses in the oven; never all that it has. */
    public static double loses(PanParameters p, double grams, double waterG) {
        return Math.max(0, Math.min(p.doughLoses().value() * grams, waterG - BAKED_WATER * grams));
    }

    /** Bottom and wall that are lined from a height on, mm2; a sloping wall by its girth half way up. */
    public static double surfaceMm2(Profile inside, double fromMm, double wallMm) {
        double middle = Math.min(inside.brimMm(), fromMm + wallMm / 2);
        return inside.areaMm2(fromMm) + inside.perimeterMm(middle) * wallMm;
    }

    /** Dough that lines a surface at a thickness. */
    public static double lines(PanParameters p, double surfaceMm2, double thicknessMm) {
        return p.dough().value() * surfaceMm2 * thicknessMm / MM3_PER_ML;
    }

    /** How thick so much of it is over a surface; 0 where there is none left to line. */
    public static double thicknessMm(PanParameters p, double grams, double surfaceMm2) {
        return surfaceMm2 > 0 ? grams * MM3_PER_ML / p.dough().value() / surfaceMm2 : 0;
    }

    /** Chocolate or butter that coats a surface, so that what is filled in stays off it. */
    public static double coatG(PanParameters p, double surfaceMm2) {
        return p.shellBarrier().value() * surfaceMm2 / MM2_PER_CM2;
    }

    /** Width of the sheet for a tin so wide with a wall so high. */
    public static double sheetMm(double tinMm, double wallMm) {
        return tinMm + 2 * wallMm + OVERHANG_MM;
    }
}
