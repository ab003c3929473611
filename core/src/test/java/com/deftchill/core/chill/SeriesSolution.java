package com.deftchill.core.chill;

import java.util.HashMap;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.special.BesselJ;

/**
 * Exact temperatures of a body at 1 above its surroundings at 0, suddenly cooled by convection: the separated series in
 * the eigenvalues z of its shape, each root of f(z) = 0 in its own interval. Carslaw and Jaeger, Conduction of Heat in
 * Solids (1959), 3.11 (slab), 7.7 (cylinder), 9.4 (sphere).
 *
 * <p>x is the distance from the middle over the half-width, fourier = a t / L^2, biot = h L / k.
 */
enum SeriesSolution {
    SLAB {
        @Override
        double eigenvalue(int n, double biot) {
            return root(z -> z * Math.sin(z) - biot * Math.cos(z), n * Math.PI, (n + 0.5) * Math.PI);
        }

        @Override
        double term(double z, double x) {
            return 4 * Math.sin(z) / (2 * z + Math.sin(2 * z)) * Math.cos(z * x);
        }
    },
    CYLINDER {
        @Override
        double eigenvalue(int n, double biot) {
            // z J1(z) = Bi J0(z): one root between successive zeros of J1, which lie close to (n + 1/4) pi.
            double from = n == 0 ? 0 : zeroOfJ1(n);
            return root(z -> z * j(1, z) - biot * j(0, z), from, zeroOfJ1(n + 1));
        }

        @Override
        double term(double z, double x) {
            double j0 = j(0, z);
            double j1 = j(1, z);
            return 2 / z * j1 / (j0 * j0 + j1 * j1) * j(0, z * x);
        }
    },
    SPHERE {
        @Override
        double eigenvalue(int n, double biot) {
            return root(z -> z * Math.cos(z) - (1 - biot) * Math.sin(z), n * Math.PI, (n + 1) * Math.PI);
        }

        @Override
        double term(double z, double x) {
            double c = 4 * (Math.sin(z) - z * Math.cos(z)) / (2 * z - Math.sin(2 * z));
            return c * (x == 0 ? 1 : Math.sin(z * x) / (z * x));
        }
    };

    private static final int TERMS = 40;
    private static final double EDGE = 1e-9;
    /** exp(-50) is far below rounding. */
    private static final double NEGLIGIBLE = 50;

    private final Map<Double, double[]> eigenvalues = new HashMap<>();

    abstract double eigenvalue(int n, double biot);

    abstract double term(double z, double x);

    double temperature(double x, double fourier, double biot) {
        double[] roots = eigenvalues.computeIfAbsent(biot, this::eigenvaluesOf);
        double sum = 0;
        for (double z : roots) {
            if (z * z * fourier > NEGLIGIBLE) {
                break;
            }
            sum += term(z, x) * Math.exp(-z * z * fourier);
        }
        return sum;
    }

    private double[] eigenvaluesOf(double biot) {
        return IntStream.range(0, TERMS).mapToDouble(n -> eigenvalue(n, biot)).toArray();
    }

    private static double root(DoubleUnaryOperator f, double from, double to) {
        return new BrentSolver(1e-14, 1e-13).solve(1000, f::applyAsDouble, from + EDGE, to - EDGE);
    }

    private static double zeroOfJ1(int n) {
        double guess = (n + 0.25) * Math.PI;
        return new BrentSolver(1e-14, 1e-13).solve(1000, z -> j(1, z), guess - 1, guess + 1);
    }

    private static double j(double order, double z) {
        return BesselJ.value(order, z);
    }
}
