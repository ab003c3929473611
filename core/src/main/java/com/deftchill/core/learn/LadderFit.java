package com.deftchill.core.learn;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.distribution.continuous.TDistribution;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.QRDecomposition;

/**
 * What tasters said of a ladder: a parabola over the logarithm of the value, with an offset of each taster's own (handbook 7),
 * by least squares.
 *
 * <pre>
 *   score = a(taster) + b x + c x^2      best at x = -b / 2c, where c is below 0
 * </pre>
 *
 * <p>The interval of the best value is Fieller's (1954): exact for a ratio of two estimates, and endless where the curve may as
 * well be flat.
 *
 * @param finding what they tell
 * @param best where the curve is highest, on the log scale; only where there is one
 * @param curve a, b, c of the mean taster
 * @param scatter standard deviation of a score about the curve
 * @param tastings how many scores
 */
public record LadderFit(Finding finding, Optional<Best> best, double[] curve, double scatter, int tastings) {
    /** How sure the interval is. */
    public static final double SURE = 0.9;

    /** What a ladder tells. */
    public enum Finding {
        FOUND,
        /** The best lies above the highest cup: the ladder was too narrow. */
        ABOVE,
        /** The best lies below the lowest cup. */
        BELOW,
        /** No cup can be told from another, or the tasters do not agree. */
        FLAT,
        /** Fewer scores than it takes. */
        TOO_FEW
    }

    /**
     * @param x on the log scale
     * @param low lower end of the interval
     * @param moreToHalve so many scores more would about halve it
     */
    public record Best(double x, double low, double high, int moreToHalve) {}

    /**
     * @param taster any name
     * @param x value of the cup on the log scale
     * @param score on the kitchen's own anchors
     */
    public record Score(String taster, double x, double score) {}

    public static LadderFit of(List<Score> scores) {
        var tasters = scores.stream().map(Score::taster).distinct().sorted().toList();
        long cups = scores.stream().mapToDouble(Score::x).distinct().count();
        int n = scores.size();
        int p = tasters.size() + 2;
        if (cups < Ladder.FEWEST || n <= p) {
            return new LadderFit(Finding.TOO_FEW, Optional.empty(), new double[0], Double.NaN, n);
        }
        double mean = scores.stream().mapToDouble(Score::x).average().orElseThrow();
        var rows = new Array2DRowRealMatrix(n, p);
        var said = new double[n];
        for (int i = 0; i < n; i++) {
            var score = scores.get(i);
            double x = score.x() - mean;
            rows.setEntry(i, tasters.indexOf(score.taster()), 1);
            rows.setEntry(i, p - 2, x);
            rows.setEntry(i, p - 1, x * x);
            said[i] = score.score();
        }
        var qr = new QRDecomposition(rows, 1e-10);
        if (!qr.getSolver().isNonSingular()) {
            return new LadderFit(Finding.TOO_FEW, Optional.empty(), new double[0], Double.NaN, n);
        }
        var solution = qr.getSolver().solve(new ArrayRealVector(said, false)).toArray();
        var left = rows.operate(solution);
        double sum = 0;
        for (int i = 0; i < n; i++) {
            sum += (said[i] - left[i]) * (said[i] - left[i]);
        }
        double variance = sum / (n - p);
        var inverse =
                new QRDecomposition(rows.transposeMultiply(rows)).getSolver().getInverse();
        var fit = new Parabola(
                solution[p - 2],
                solution[p - 1],
                variance * inverse.getEntry(p - 2, p - 2),
                variance * inverse.getEntry(p - 2, p - 1),
                variance * inverse.getEntry(p - 1, p - 1),
                new TDistribution(n - p).inverseCumulativeProbability((1 + SURE) / 2));
        double offset = 0;
        for (int i = 0; i < tasters.size(); i++) {
            offset += solution[i] / tasters.size();
        }
        var curve = new double[] {offset - fit.b * mean + fit.c * mean * mean, fit.b - 2 * fit.c * mean, fit.c};
        return told(fit, scores, mean, curve, Math.sqrt(variance), n);
    }

    private static LadderFit told(
            Parabola fit, List<Score> scores, double mean, double[] curve, double scatter, int n) {
        double low = scores.stream().mapToDouble(Score::x).min().orElseThrow() - mean;
        double high = scores.stream().mapToDouble(Score::x).max().orElseThrow() - mean;
        var interval = fit.interval();
        if (interval.isEmpty()) {
            var finding = fit.rises(low, high) ? Finding.ABOVE : fit.falls(low, high) ? Finding.BELOW : Finding.FLAT;
            return new LadderFit(finding, Optional.empty(), curve, scatter, n);
        }
        double x = -fit.b / (2 * fit.c);
        // Half the width wants four times the scores.
        var best = new Best(mean + x, mean + interval.get()[0], mean + interval.get()[1], 3 * n);
        var finding = x > high ? Finding.ABOVE : x < low ? Finding.BELOW : Finding.FOUND;
        return new LadderFit(finding, Optional.of(best), curve, scatter, n);
    }

    /** b and c with their covariance, and how many standard errors the interval is wide. */
    private record Parabola(double b, double c, double bb, double bc, double cc, double t) {
        /** Fieller: every x at which b + 2 c x may be 0; empty where that has no ends or where c may be 0 or above. */
        Optional<double[]> interval() {
            double square = 4 * (c * c - t * t * cc);
            double linear = 4 * (b * c - t * t * bc);
            double free = b * b - t * t * bb;
            double under = linear * linear - 4 * square * free;
            if (c >= 0 || square <= 0 || under < 0) {
                return Optional.empty();
            }
            double root = Math.sqrt(under);
            return Optional.of(new double[] {(-linear - root) / (2 * square), (-linear + root) / (2 * square)});
        }

        /** Whether it surely goes up all the way. */
        boolean rises(double low, double high) {
            return surely(low, 1) && surely(high, 1);
        }

        boolean falls(double low, double high) {
            return surely(low, -1) && surely(high, -1);
        }

        private boolean surely(double x, int sign) {
            double slope = sign * (b + 2 * c * x);
            return slope > t * Math.sqrt(Math.max(0, bb + 4 * x * bc + 4 * x * x * cc));
        }
    }

    /** Points of the curve from one x to another, as x and score. */
    public List<double[]> drawn(double from, double to, int points) {
        var drawn = new ArrayList<double[]>();
        for (int i = 0; i < points && curve.length > 0; i++) {
            double x = from + (to - from) * i / (points - 1);
            drawn.add(new double[] {x, curve[0] + curve[1] * x + curve[2] * x * x});
        }
        return drawn;
    }
}
