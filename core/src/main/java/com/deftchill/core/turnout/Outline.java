package com.deftchill.core.turnout;

import com.deftchill.core.vessel.Profile;
import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;

/** The body out of its mould. */
public final class Outline {
    private static final int OUTLINE_POINTS = 24;

    private Outline() {}

    /** A body out of its mould, from plate to top, each slice pressed by its strain and wider for it. */
    public static List<Point> of(Profile profile, double fillMm, boolean over, DoubleUnaryOperator strainAtMm) {
        var outline = new ArrayList<Point>();
        double height = 0;
        for (int i = 0; i <= OUTLINE_POINTS; i++) {
            double share = (double) i / OUTLINE_POINTS;
            double inMould = fillMm * (over ? 1 - share : share);
            double strain = strainAtMm.applyAsDouble(inMould);
            outline.add(new Point(profile.halfWidthAtMm(inMould) / Math.sqrt(1 - strain), height));
            height += fillMm / OUTLINE_POINTS * (1 - strain);
        }
        return outline;
    }
}
