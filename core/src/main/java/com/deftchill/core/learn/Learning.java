package com.deftchill.core.learn;

import com.deftchill.core.chill.Stop;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.Function;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.DiagonalMatrix;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.optim.nonlinear.vector.leastsquares.MultivariateJacobianFunction;
import org.hipparchus.util.Pair;

/**
 * The most likely numbers, given what was known before and what was measured: least squares of all residuals over their errors,
 * the prior's among them (handbook 7), by Hipparchus' Levenberg-Marquardt.
 *
 * <pre>
 *   minimise  sum rho((predicted(z) - measured) / s) + sum z^2      z: standard deviations from the prior's centre
 *   covariance  (J' W J / b + 1)^-1                                   b: how much more they scatter than said, at least 1
 * </pre>
 *
 * <p>rho is Huber's (1964): beyond {@value #HUBER} a residual counts by its size and not by its square, so that one wild reading
 * moves nothing by more than its interval. The answer does not depend on the order of the readings.
 */
public final class Learning {
    /** Where a reading begins to count less (Huber 1964: 95 % as good as least squares where errors are normal). */
    static final double HUBER = 1.345;

    /** A reading so many deviations off is pointed out. */
    static final double OUTLIER = 3;
    /** An interval that shrank by less than a fifth is not learnt (handbook 7). */
    static final double NOT_LEARNT = 0.8;
    /** Two whose errors go together like this trade off, */
    static final double TANGLED = 0.7;
    /** unless it is known to half of its prior all the same. */
    static final double TOLD_ANYWAY = 0.5;

    private static final int MOST_ROUNDS = 40;
    private static final int MOST_STEPS = 200;
    private static final double SAME = 1e-7;
    private static final double MOST_OWN = 0.95;
    /** Fewer tell nothing of how much they scatter. */
    private static final int SCATTER_FROM = 5;

    private final List<Observation> observations;
    private final List<Unknown> unknowns;
    private final List<Prior> priors;
    private final Stop stop;
    private final Progress progress;

    /** Told how much of the work is done, 0 to 1. */
    @FunctionalInterface
    public interface Progress {
        void at(double share);
    }

    private Learning(
            List<Observation> observations, List<Unknown> unknowns, List<Prior> priors, Stop stop, Progress progress) {
        this.observations = observations;
        this.unknowns = unknowns;
        this.priors = priors;
        this.stop = stop;
        this.progress = progress;
    }

    /**
     * Learns from readings.
     *
     * @param prior what is known of a number before
     */
    public static Learnt of(
            List<Observation> observations, Function<Unknown, Optional<Prior>> prior, Stop stop, Progress progress) {
        var sorted = observations.stream()
                .sorted(Comparator.comparing(
                                (Observation o) -> o.measured().made().batch())
                        .thenComparing(o -> o.measured().measure().toString())
                        .thenComparing(o -> o.measured().value()))
                .toList();
        var all = new TreeSet<Unknown>();
        sorted.forEach(o -> all.addAll(o.response().curves().keySet()));
        var unknowns = new ArrayList<Unknown>();
        var priors = new ArrayList<Prior>();
        for (var unknown : all) {
            prior.apply(unknown).ifPresent(known -> {
                unknowns.add(unknown);
                priors.add(known);
            });
        }
        return new Learning(sorted, unknowns, priors, stop, progress).learnt();
    }

    private Learnt learnt() {
        int n = unknowns.size();
        double[] z = new double[n];
        double[] weights = new double[observations.size()];
        Arrays.fill(weights, 1);
        boolean settled = n == 0;
        for (int round = 0; round < MOST_ROUNDS && !settled; round++) {
            stop.check();
            var next = fitted(z, weights);
            double moved = 0;
            for (int i = 0; i < n; i++) {
                moved = Math.max(moved, Math.abs(next[i] - z[i]));
            }
            z = next;
            weights = weights(z);
            settled = moved < SAME;
            progress.at((round + 1.0) / MOST_ROUNDS);
        }
        progress.at(1);
        return answer(z, weights);
    }

    /** Most likely z where each reading counts so much. */
    private double[] fitted(double[] from, double[] weights) {
        int n = unknowns.size();
        int m = observations.size();
        MultivariateJacobianFunction model = point -> {
            stop.check();
            var z = point.toArray();
            var value = new double[m + n];
            var jacobian = jacobian(z);
            for (int i = 0; i < m; i++) {
                value[i] = residual(i, z);
            }
            var rows = new Array2DRowRealMatrix(m + n, n);
            rows.setSubMatrix(jacobian, 0, 0);
            for (int j = 0; j < n; j++) {
                value[m + j] = z[j];
                rows.setEntry(m + j, j, 1);
            }
            return new Pair<>(new ArrayRealVector(value, false), rows);
        };
        var each = new double[m + n];
        System.arraycopy(weights, 0, each, 0, m);
        Arrays.fill(each, m, m + n, 1);
        var problem = new LeastSquaresBuilder()
                .start(from)
                .model(model)
                .target(new double[m + n])
                .weight(new DiagonalMatrix(each))
                .parameterValidator(point -> point.map(x -> Math.max(-Prior.FARTHEST, Math.min(Prior.FARTHEST, x))))
                .maxEvaluations(MOST_STEPS)
                .maxIterations(MOST_STEPS)
                .lazyEvaluation(false)
                .build();
        return new LevenbergMarquardtOptimizer().optimize(problem).getPoint().toArray();
    }

    private double residual(int i, double[] z) {
        var o = observations.get(i);
        return o.residual(o.response().predicted(unknowns, z));
    }

    /** Slopes of all residuals; at least one row, so that it is a matrix. */
    private double[][] jacobian(double[] z) {
        var rows = new double[observations.size()][unknowns.size()];
        for (int i = 0; i < rows.length; i++) {
            rows[i] = slopes(observations.get(i), z);
        }
        return rows.length == 0 ? new double[1][unknowns.size()] : rows;
    }

    /** How much a residual moves with each of the numbers. */
    private double[] slopes(Observation o, double[] z) {
        var slopes = o.response().slopes(unknowns, z);
        for (int j = 0; j < slopes.length; j++) {
            slopes[j] /= o.deviation();
        }
        return slopes;
    }

    private double[] weights(double[] z) {
        var weights = new double[observations.size()];
        for (int i = 0; i < weights.length; i++) {
            double off = Math.abs(residual(i, z));
            weights[i] = off <= HUBER ? 1 : HUBER / off;
        }
        return weights;
    }

    /** How much more the readings scatter than was said, squared; at least 1. */
    private double scatter(double[] z, double[] weights) {
        int m = observations.size();
        if (m < SCATTER_FROM) {
            return 1;
        }
        double sum = 0;
        for (int i = 0; i < m; i++) {
            double off = residual(i, z);
            sum += weights[i] * off * off;
        }
        // The priors pull as one reading each: what the fit uses up is counted by neither.
        return Math.max(1, sum / m);
    }

    private Learnt answer(double[] z, double[] weights) {
        int n = unknowns.size();
        if (n == 0) {
            return new Learnt(List.of(), List.of(), readings(z, weights, new double[0][0], 1), new double[0][0], 1);
        }
        double scatter = scatter(z, weights);
        RealMatrix normal = MatrixUtils.createRealIdentityMatrix(n);
        for (int i = 0; i < observations.size(); i++) {
            var row = new ArrayRealVector(slopes(observations.get(i), z), false);
            normal = normal.add(row.outerProduct(row).scalarMultiply(weights[i] / scatter));
        }
        var covariance = new CholeskyDecomposition(normal).getSolver().getInverse();
        var figures = new ArrayList<Learnt.Figure>();
        for (int i = 0; i < n; i++) {
            figures.add(figure(i, z, covariance));
        }
        var found = covariance.getData();
        return new Learnt(figures, priors, readings(z, weights, found, scatter), found, scatter);
    }

    private Learnt.Figure figure(int i, double[] z, RealMatrix covariance) {
        double sigma = Math.sqrt(covariance.getEntry(i, i));
        var with = new ArrayList<Unknown>();
        for (int j = 0; j < unknowns.size(); j++) {
            double together =
                    covariance.getEntry(i, j) / Math.sqrt(covariance.getEntry(i, i) * covariance.getEntry(j, j));
            if (j != i && Math.abs(together) > TANGLED && sigma > TOLD_ANYWAY) {
                with.add(unknowns.get(j));
            }
        }
        var unknown = unknowns.get(i);
        int readings = (int) observations.stream()
                .filter(o -> o.response().curves().containsKey(unknown))
                .count();
        return new Learnt.Figure(unknown, priors.get(i), z[i], sigma, readings, with);
    }

    private List<Learnt.Reading> readings(double[] z, double[] weights, double[][] covariance, double scatter) {
        var readings = new ArrayList<Learnt.Reading>();
        for (int i = 0; i < observations.size(); i++) {
            var o = observations.get(i);
            double after = o.response().predicted(unknowns, z);
            double told = spread(slopes(o, z), covariance);
            // How much of its own prediction a reading makes: left out, the fit would miss it by so much more.
            double own = Math.min(MOST_OWN, weights[i] * told / scatter);
            double leftOut = o.measured().value() + o.deviation() * o.residual(after) / (1 - own);
            readings.add(new Learnt.Reading(
                    o,
                    new Learnt.Predicted(
                            o.response().predicted(),
                            o.deviation() * Math.sqrt(1 + spread(slopes(o, new double[z.length]), null))),
                    new Learnt.Predicted(leftOut, o.deviation() * Math.sqrt(scatter + told / (1 - own))),
                    after,
                    o.deviation(),
                    o.residual(after)));
        }
        return readings;
    }

    /** Variance that what is not known gives to a prediction; by the priors where there is no covariance. */
    private static double spread(double[] slopes, double[][] covariance) {
        double sum = 0;
        for (int i = 0; i < slopes.length; i++) {
            for (int j = 0; j < slopes.length; j++) {
                double together = covariance == null ? (i == j ? 1 : 0) : covariance[i][j];
                sum += slopes[i] * together * slopes[j];
            }
        }
        return sum;
    }
}
