package com.deftchill.core.vessel;

import org.hipparchus.analysis.solvers.BrentSolver;

/**
 * A layer set in a tilted round glass: its surface is a plane that meets the wall at a height on one side.
 *
 * <pre>
 *   below the plane: x &gt; r(H) - (H - z) / tan(tilt), within the circle of radius r(z)
 * </pre>
 *
 * <p>Volume by Simpson's rule over the height, each slice a segment of a circle. Millimetres, millilitres, degrees.
 *
 * @param tiltDegrees of the glass's axis from upright
 * @param highMm where the surface meets the wall on its high side
 * @param lowMm where it meets the opposite wall; 0 where it runs out on the base
 */
public record Slant(double tiltDegrees, double highMm, double lowMm) {
    private static final double MM3_PER_ML = 1000;
    private static final int SLICES = 400;
    private static final double MOST_DEGREES = 85;
    private static final double LEAST_DEGREES = 1e-3;

    /**
     * The tilt at which a volume reaches a height.
     *
     * @param ml above 0, and less than the glass holds below that height
     * @param highMm within the glass
     */
    public static Slant of(Profile profile, double ml, double highMm) {
        if (!(highMm > 0 && highMm <= profile.brimMm())) {
            throw new IllegalArgumentException(
                    "height " + highMm + " mm must be above 0 and at most " + profile.brimMm() + " mm");
        }
        double most = volumeMl(profile, highMm, LEAST_DEGREES);
        double least = volumeMl(profile, highMm, MOST_DEGREES);
        if (!(ml > least && ml < most)) {
            throw new IllegalArgumentException(
                    "volume " + ml + " ml must lie between " + least + " and " + most + " ml for that height");
        }
        double tilt =
                new BrentSolver(1e-6).solve(100, t -> volumeMl(profile, highMm, t) - ml, LEAST_DEGREES, MOST_DEGREES);
        return new Slant(tilt, highMm, lowSide(profile, highMm, tilt));
    }

    /** Volume below a plane that meets the wall at a height, tilted by some degrees, ml. */
    public static double volumeMl(Profile profile, double highMm, double degrees) {
        double slope = Math.tan(Math.toRadians(degrees));
        double wall = profile.halfWidthAtMm(highMm);
        double dz = profile.brimMm() / SLICES;
        double sum = 0;
        for (int i = 0; i <= SLICES; i++) {
            double z = i * dz;
            double weight = i == 0 || i == SLICES ? 1 : i % 2 == 1 ? 4 : 2;
            sum += weight * segment(profile.halfWidthAtMm(z), wall - (highMm - z) / slope);
        }
        return sum * dz / 3 / MM3_PER_ML;
    }

    /** Area of the part of a circle beyond a chord, mm2. */
    private static double segment(double r, double x) {
        if (x >= r) {
            return 0;
        }
        return x <= -r ? Math.PI * r * r : r * r * Math.acos(x / r) - x * Math.sqrt(r * r - x * x);
    }

    private static double lowSide(Profile profile, double highMm, double degrees) {
        double slope = Math.tan(Math.toRadians(degrees));
        double wall = profile.halfWidthAtMm(highMm);
        double z = highMm;
        double step = highMm / SLICES;
        while (z > 0 && highMm - (wall + profile.halfWidthAtMm(z)) * slope < z) {
            z -= step;
        }
        return Math.max(0, z);
    }

    /** How far the edge of a base is raised to tilt it so, mm. */
    public double propMm(double baseWidthMm) {
        return baseWidthMm * Math.sin(Math.toRadians(tiltDegrees));
    }
}
