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
        private final PolynomialSplineFunction rising;
        private final double[] ends;
        private final double[] slopes;

        /** @param atNodes how far it is moved at each of the nodes */
        Curve(double[] atNodes) {
            inside = new SplineInterpolator().interpolate(NODES, atNodes);
            rising = inside.polynomialSplineDerivative();
            double first = NODES[0];
            double last = NODES[NODES.length - 1];
            ends = new double[] {atNodes[0], atNodes[atNodes.length - 1]};
            slopes = new double[] {rising.value(first), rising.value(last)};
        }

        double slope(double z) {
            if (z < NODES[0] || z > NODES[NODES.length - 1]) {
                return slopes[z < 0 ? 0 : 1];
            }
            return rising.value(z);
        }

        double at(double z) {
            if (z < NODES[0]) {
                return ends[0] + slopes[0] * (z - NODES[0]);
            }
            double last = NODES[NODES.length - 1];
            return z > last ? ends[1] + slopes[1] * (z - last) : inside.value(z);
        }
    }

    /** The same with one more influence. */
    Response with(Unknown unknown, Curve curve) {
        var more = new TreeMap<>(curves);
        more.put(unknown, curve);
        return new Response(quantity, whole, base, more);
    }

    /** How much the figure, in its unit, moves with each of the unknowns. */
    double[] slopes(List<Unknown> unknowns, double[] z) {
        double link = link(unknowns, z);
        double byLink = quantity.slope(link, whole);
        var slopes = new double[z.length];
        for (int i = 0; i < z.length; i++) {
            var curve = curves.get(unknowns.get(i));
            slopes[i] = curve == null ? 0 : byLink * curve.slope(z[i]);
        }
        return slopes;
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
        return quantity.value(link(unknowns, z), whole);
    }

    private double link(List<Unknown> unknowns, double[] z) {
        double link = base;
        for (int i = 0; i < z.length; i++) {
            var curve = curves.get(unknowns.get(i));
            if (curve != null) {
                link += curve.at(z[i]);
            }
        }
        return link;
    }

    /** The figure as the handbook's set has it. */
    public double predicted() {
        return quantity.value(base, whole);
    }
}
