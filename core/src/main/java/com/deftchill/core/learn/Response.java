package com.deftchill.core.learn;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.hipparchus.analysis.interpolation.SplineInterpolator;
import org.hipparchus.analysis.polynomials.PolynomialSplineFunction;

/**
 * How a figure of a batch depends on what is not known: on the scale of its {@link Quantity} the influences add up.
 *
 * @param whole height as moulded, mm; 0 where it is none
 * @param base the figure with every unknown at the centre of its prior, on that scale
 * @param curves how far each unknown moves it from there
 */
public record Response(Quantity quantity, double whole, double base, Map<Unknown, Curve> curves) {
    /** Where a model is asked, in standard deviations of the prior. */
    static final double[] NODES = {-2.5, -1, 0, 1, 2.5};

    public Response {
        curves = new TreeMap<>(curves);
    }

    /** A curve through the nodes, straight beyond them. */
    public static final class Curve {
        private final PolynomialSplineFunction inside;
        private final double[] ends;
        private final double[] slopes;

        /** @param atNodes how far it is moved at each of the nodes */
        Curve(double[] atNodes) {
            inside = new SplineInterpolator().interpolate(NODES, atNodes);
            var slope = inside.polynomialSplineDerivative();
            double first = NODES[0];
            double last = NODES[NODES.length - 1];
            ends = new double[] {atNodes[0], atNodes[atNodes.length - 1]};
            slopes = new double[] {slope.value(first), slope.value(last)};
        }

        double at(double z) {
            if (z < NODES[0]) {
                return ends[0] + slopes[0] * (z - NODES[0]);
            }
            double last = NODES[NODES.length - 1];
            return z > last ? ends[1] + slopes[1] * (z - last) : inside.value(z);
        }
    }

    /** A measurement that is the unknown itself. */
    static Response direct(Quantity quantity, Unknown unknown, Prior prior) {
        var curve = new Curve(Arrays.stream(NODES)
                .map(z -> Math.log(prior.value(z) / prior.centre()))
                .toArray());
        return new Response(quantity, 0, quantity.link(prior.centre(), 0), Map.of(unknown, curve));
    }

    /**
     * The figure, in its unit.
     *
     * @param unknowns what z is of
     * @param z how many standard deviations each is from its centre
     */
    public double predicted(List<Unknown> unknowns, double[] z) {
        double link = base;
        for (int i = 0; i < z.length; i++) {
            var curve = curves.get(unknowns.get(i));
            if (curve != null) {
                link += curve.at(z[i]);
            }
        }
        return quantity.value(link, whole);
    }

    /** The figure as the handbook's set has it. */
    public double predicted() {
        return quantity.value(base, whole);
    }
}
