package com.deftchill.core.vessel;

/** How a profile becomes a body: turned about its axis, or drawn out along a length. */
public enum Symmetry {
    /** Axisymmetric: the half-width is a radius. */
    ROUND {
        @Override
        public double area(double halfWidth, double length) {
            return Math.PI * halfWidth * halfWidth;
        }

        @Override
        public double perimeter(double halfWidth, double length) {
            return 2 * Math.PI * halfWidth;
        }
    },
    /** Extruded: both halves count, the two ends are left out. */
    LONG {
        @Override
        public double area(double halfWidth, double length) {
            return 2 * halfWidth * length;
        }

        @Override
        public double perimeter(double halfWidth, double length) {
            return 2 * length;
        }
    };

    /** Cross-section (seen from above) within a half-width. */
    public abstract double area(double halfWidth, double length);

    /** Length of wall met at a half-width: the derivative of {@link #area}. */
    public abstract double perimeter(double halfWidth, double length);
}
