package com.deftchill.core.vessel;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.analysis.solvers.BrentSolver;

/**
 * Inner half-width of a vessel as a polyline over height. Millimetres in, millilitres out (1 ml = 1000 mm3).
 *
 * <p>Volumes are exact for the polyline: the cross-section is at most quadratic in height, so Simpson's rule is exact on
 * each segment.
 */
public final class Profile {
    private static final double MM3_PER_ML = 1000;
    private static final double HEIGHT_ACCURACY_MM = 1e-9;

    private final Symmetry symmetry;
    private final double lengthMm;
    private final double[] halfWidthMm;
    private final double[] heightMm;

    /**
     * @param lengthMm length of a long vessel; ignored for a round one
     * @throws IllegalArgumentException unless heights start at 0 and rise, and half-widths are 0 to 1000 mm
     */
    public Profile(Symmetry symmetry, double lengthMm, double[] halfWidthMm, double[] heightMm) {
        this.symmetry = symmetry;
        this.lengthMm = lengthMm;
        this.halfWidthMm = halfWidthMm.clone();
        this.heightMm = heightMm.clone();
        if (heightMm.length != halfWidthMm.length || heightMm.length < 2) {
            throw new IllegalArgumentException("a profile needs two or more points, each a half-width and a height");
        }
        if (symmetry == Symmetry.LONG && !(lengthMm > 0)) {
            throw new IllegalArgumentException("length " + lengthMm + " mm must be above 0 for a long vessel");
        }
        for (int i = 0; i < heightMm.length; i++) {
            boolean rises = i == 0 ? heightMm[0] == 0 : heightMm[i] > heightMm[i - 1];
            if (!rises || !(halfWidthMm[i] >= 0 && halfWidthMm[i] <= 1000)) {
                throw new IllegalArgumentException("profile point " + i + " (" + halfWidthMm[i] + " mm wide at "
                        + heightMm[i] + " mm): heights must start at 0 and rise, half-widths lie in 0 to 1000 mm");
            }
        }
    }

    /** A dome lying on its pole (half-sphere or half-round log) of the given radius, mm, as a polyline. */
    public static Profile dome(Symmetry symmetry, double lengthMm, double radiusMm) {
        int segments = 32;
        var r = new double[segments + 1];
        var z = new double[segments + 1];
        for (int i = 0; i <= segments; i++) {
            double angle = i * Math.PI / 2 / segments;
            r[i] = radiusMm * Math.sin(angle);
            z[i] = radiusMm * (1 - Math.cos(angle));
        }
        return new Profile(symmetry, lengthMm, r, z);
    }

    /** What of this vessel lies above a height below the brim, as a vessel of its own. */
    public Profile above(double fromMm) {
        int first = 0;
        while (heightMm[first] <= fromMm) {
            first++;
        }
        int kept = heightMm.length - first;
        var r = new double[kept + 1];
        var z = new double[kept + 1];
        r[0] = halfWidthAtMm(fromMm);
        for (int i = 0; i < kept; i++) {
            r[i + 1] = halfWidthMm[first + i];
            z[i + 1] = heightMm[first + i] - fromMm;
        }
        return new Profile(symmetry, lengthMm, r, z);
    }

    /** What fills this vessel to a height, turned over: its surface below, its tip on top. */
    public Profile upsideDown(double fillMm) {
        var r = new ArrayList<Double>();
        var z = new ArrayList<Double>();
        add(r, z, halfWidthAtMm(fillMm), 0);
        for (int i = points() - 1; i >= 0; i--) {
            if (heightMm[i] < fillMm) {
                add(r, z, halfWidthMm[i], fillMm - heightMm[i]);
            }
        }
        return new Profile(
                symmetry,
                lengthMm,
                r.stream().mapToDouble(Double::doubleValue).toArray(),
                z.stream().mapToDouble(Double::doubleValue).toArray());
    }

    /** This vessel lined with something of a thickness up to a height: what is left inside. */
    public Profile lined(double thicknessMm, double toMm) {
        double top = Math.min(toMm, brimMm());
        double step = Math.min(0.01, (brimMm() - top) / 2);
        var r = new ArrayList<Double>();
        var z = new ArrayList<Double>();
        for (int i = 0; i < points(); i++) {
            if (i > 0 && heightMm[i - 1] < top && heightMm[i] >= top) {
                add(r, z, halfWidthAtMm(top) - thicknessMm, top);
                if (step > 0) {
                    add(r, z, halfWidthAtMm(top + step), top + step);
                }
            }
            if (heightMm[i] < top) {
                add(r, z, halfWidthMm[i] - thicknessMm, heightMm[i]);
            } else if (heightMm[i] > top + step) {
                add(r, z, halfWidthMm[i], heightMm[i]);
            }
        }
        return new Profile(
                symmetry,
                lengthMm,
                r.stream().mapToDouble(Double::doubleValue).toArray(),
                z.stream().mapToDouble(Double::doubleValue).toArray());
    }

    private static void add(List<Double> r, List<Double> z, double halfWidth, double height) {
        r.add(Math.max(0, halfWidth));
        z.add(height);
    }

    /** Length of wall met at a height, mm. */
    public double perimeterMm(double z) {
        return symmetry.perimeter(halfWidthAtMm(z), lengthMm);
    }

    public Symmetry symmetry() {
        return symmetry;
    }

    /** Length of a long vessel, mm. */
    public double lengthMm() {
        return lengthMm;
    }

    /** Number of points of the polyline. */
    public int points() {
        return heightMm.length;
    }

    /** Half-width of point i, mm. */
    public double halfWidthMm(int i) {
        return halfWidthMm[i];
    }

    /** Height of point i, mm. */
    public double heightMm(int i) {
        return heightMm[i];
    }

    /** Inner height to the brim, mm. */
    public double brimMm() {
        return heightMm[heightMm.length - 1];
    }

    /** Volume to the brim, ml. */
    public double brimMl() {
        return volumeMl(brimMm());
    }

    /** Half-width at a height within 0 to the brim, mm. */
    public double halfWidthAtMm(double z) {
        int i = 1;
        while (i < heightMm.length - 1 && heightMm[i] < z) {
            i++;
        }
        double share = (z - heightMm[i - 1]) / (heightMm[i] - heightMm[i - 1]);
        return halfWidthMm[i - 1] + share * (halfWidthMm[i] - halfWidthMm[i - 1]);
    }

    /** Area of the surface at a height, mm2. */
    public double areaMm2(double z) {
        return symmetry.area(halfWidthAtMm(z), lengthMm);
    }

    /** Volume below a height, ml. */
    public double volumeMl(double z) {
        double volume = 0;
        for (int i = 1; i < heightMm.length && heightMm[i - 1] < z; i++) {
            double top = Math.min(z, heightMm[i]);
            double bottom = heightMm[i - 1];
            double simpson = areaMm2(bottom) + 4 * areaMm2((bottom + top) / 2) + areaMm2(top);
            volume += simpson * (top - bottom) / 6;
        }
        return volume / MM3_PER_ML;
    }

    /**
     * Height that a volume fills to, mm.
     *
     * @param ml volume, above 0 and at most {@link #brimMl()}
     */
    public double fillHeightMm(double ml) {
        if (!(ml > 0 && ml <= brimMl())) {
            throw new IllegalArgumentException("volume " + ml + " ml must be above 0 and at most " + brimMl() + " ml");
        }
        if (ml == brimMl()) {
            return brimMm();
        }
        return new BrentSolver(HEIGHT_ACCURACY_MM).solve(200, z -> volumeMl(z) - ml, 0, brimMm());
    }
}
