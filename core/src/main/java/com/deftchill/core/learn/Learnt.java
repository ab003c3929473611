package com.deftchill.core.learn;

import com.deftchill.core.kitchen.Workplace;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What a kitchen's readings come to.
 *
 * @param figures of all numbers that a reading hangs on, in the order of their keys
 * @param priors of each of them
 * @param readings each with its prediction before and after
 * @param covariance of the numbers, in standard deviations of their priors
 * @param scatter how much more the readings scatter than was said, as a ratio of variances; at least 1
 */
public record Learnt(
        List<Figure> figures, List<Prior> priors, List<Reading> readings, double[][] covariance, double scatter) {
    public Learnt {
        figures = List.copyOf(figures);
        priors = List.copyOf(priors);
        readings = List.copyOf(readings);
    }

    /** Whether the readings tell a number. */
    public enum State {
        LEARNT,
        /** Its interval hardly shrank. */
        TOO_LITTLE,
        /** It trades off with another: only the two together are known. */
        TANGLED
    }

    /**
     * One number.
     *
     * @param prior what was known of it
     * @param z standard deviations of the prior from its centre
     * @param sigma what is left of the prior's deviation, 0 to 1
     * @param readings that hang on it
     * @param tangledWith others that it trades off with
     */
    public record Figure(
            Unknown unknown, Prior prior, double z, double sigma, int readings, List<Unknown> tangledWith) {
        public Figure {
            tangledWith = List.copyOf(tangledWith);
        }

        public State state() {
            if (!tangledWith.isEmpty()) {
                return State.TANGLED;
            }
            return sigma > Learning.NOT_LEARNT ? State.TOO_LITTLE : State.LEARNT;
        }

        public double value() {
            return prior.value(z);
        }

        /** Lower end of the interval that holds it in 80 of 100 kitchens. */
        public double low() {
            return prior.value(z - Prior.EIGHTY * sigma);
        }

        public double high() {
            return prior.value(z + Prior.EIGHTY * sigma);
        }

        /** Ends of an interval so many deviations wide to each side. */
        public double[] within(double deviations) {
            return new double[] {prior.value(z - deviations * sigma), prior.value(z + deviations * sigma)};
        }
    }

    /**
     * A reading beside its predictions.
     *
     * @param before by the handbook's set
     * @param after by what was learnt
     * @param deviation that it may have, in its unit
     * @param off how far the prediction is above it, in those
     */
    public record Reading(Observation observation, double before, double after, double deviation, double off) {
        /** So far off that something else happened, or was written down wrong. */
        public boolean wild() {
            return Math.abs(off) > Learning.OUTLIER;
        }
    }

    /** Those that the readings tell. */
    public List<Figure> told() {
        return figures.stream().filter(figure -> figure.state() == State.LEARNT).toList();
    }

    public Optional<Figure> figure(Unknown unknown) {
        return figures.stream().filter(f -> f.unknown().equals(unknown)).findFirst();
    }

    /** A workplace with what was learnt put in. */
    public Workplace put(Workplace handbook) {
        var now = handbook;
        for (var figure : told()) {
            now = figure.unknown().put(now, figure.value());
        }
        return now;
    }

    /**
     * A reading that could be taken.
     *
     * @param leaves what it would leave of the present interval of the number asked about, 0 to 1
     */
    public record Worth(Measured like, double leaves) {
        /** How much certainty it gives, for its work. */
        double perMinute() {
            return -Math.log(leaves) / like.measure().quantity().minutes();
        }
    }

    /** Which of the readings taken, taken once more, would tell most of a number for its work. */
    public Optional<Worth> next(Unknown about) {
        int k = figures.stream().map(Figure::unknown).toList().indexOf(about);
        if (k < 0) {
            return Optional.empty();
        }
        return readings.stream()
                .map(reading -> new Worth(reading.observation().measured(), leaves(reading, k)))
                .filter(worth -> worth.leaves() < 1)
                .max(Comparator.comparingDouble(Worth::perMinute)
                        .thenComparing(worth -> worth.like().made().batch()));
    }

    /** One reading more by Sherman and Morrison's rule. */
    private double leaves(Reading reading, int k) {
        int n = figures.size();
        var slopes = new double[n];
        var response = reading.observation().response();
        var unknowns = figures.stream().map(Figure::unknown).toList();
        var z = figures.stream().mapToDouble(Figure::z).toArray();
        double step = 1e-3;
        for (int j = 0; j < n; j++) {
            if (response.curves().containsKey(unknowns.get(j))) {
                var up = z.clone();
                up[j] += step;
                slopes[j] = (response.predicted(unknowns, up) - reading.after()) / (step * reading.deviation());
            }
        }
        var moved = new double[n];
        double gain = scatter;
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                moved[i] += covariance[i][j] * slopes[j];
            }
            gain += slopes[i] * moved[i];
        }
        double before = covariance[k][k];
        return Math.sqrt(Math.max(0, before - moved[k] * moved[k] / gain) / before);
    }
}
