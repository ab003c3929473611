package com.deftchill.core.learn;

import com.deftchill.core.kitchen.Workplace;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.hipparchus.distribution.discrete.BinomialDistribution;

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
     * A prediction.
     *
     * @param deviation standard deviation that a reading has about it, in its unit
     */
    public record Predicted(double value, double deviation) {
        /** Whether a reading lies where 80 of 100 should. */
        public boolean holds(double reading) {
            return Math.abs(reading - value) <= Prior.EIGHTY * deviation;
        }
    }

    /**
     * A reading beside its predictions.
     *
     * @param handbook by the handbook's set
     * @param leftOut by what all other readings tell
     * @param after by what all of them tell
     * @param deviation that it may have, in its unit
     * @param off how far the prediction is above it, in those
     */
    public record Reading(
            Observation observation,
            Predicted handbook,
            Predicted leftOut,
            double after,
            double deviation,
            double off) {
        /** So far off that something else happened, or was written down wrong. */
        public boolean wild() {
            return Math.abs(off) > Learning.OUTLIER;
        }
    }

    /**
     * How good the predictions of one quantity are.
     *
     * @param readings how many
     * @param bias mean of prediction less reading, in its unit
     * @param spread root of the mean square of it
     * @param held how many readings lay in the range that holds 80 of 100
     */
    public record Goodness(Quantity quantity, boolean learnt, int readings, double bias, double spread, int held) {
        /** Whether its ranges hold as often as they say; of few readings nobody knows. */
        public Ranges ranges() {
            if (readings < FEW) {
                return Ranges.TOO_FEW;
            }
            var said = new BinomialDistribution(readings, RANGE);
            if (said.cumulativeProbability(held) < UNLIKELY) {
                return Ranges.OFF_MORE_OFTEN;
            }
            if (1 - said.cumulativeProbability(held - 1) < UNLIKELY) {
                return Ranges.WIDER_THAN_NEEDED;
            }
            return Math.abs((double) held / readings - RANGE) > NEAR ? Ranges.MAY_BE_CHANCE : Ranges.AS_SAID;
        }
    }

    /** How often ranges hold, beside how often they say. */
    public enum Ranges {
        TOO_FEW,
        AS_SAID,
        /** Not as often as it says, but of so few readings it may be chance. */
        MAY_BE_CHANCE,
        OFF_MORE_OFTEN,
        WIDER_THAN_NEEDED
    }

    private static final int FEW = 5;
    private static final double RANGE = 0.8;
    private static final double UNLIKELY = 0.05;
    private static final double NEAR = 0.15;

    /** How good the handbook's predictions are, and what was learnt from the others, quantity by quantity. */
    public List<Goodness> goodness() {
        var found = new ArrayList<Goodness>();
        for (var quantity : Quantity.values()) {
            var of = readings.stream()
                    .filter(r -> r.observation().measured().measure().quantity() == quantity)
                    .toList();
            if (!of.isEmpty()) {
                found.add(goodness(quantity, of, false));
                found.add(goodness(quantity, of, true));
            }
        }
        return found;
    }

    private static Goodness goodness(Quantity quantity, List<Reading> readings, boolean learnt) {
        double sum = 0;
        double squares = 0;
        int held = 0;
        for (var reading : readings) {
            var predicted = learnt ? reading.leftOut() : reading.handbook();
            double measured = reading.observation().measured().value();
            double off = predicted.value() - measured;
            sum += off;
            squares += off * off;
            held += predicted.holds(measured) ? 1 : 0;
        }
        int n = readings.size();
        return new Goodness(quantity, learnt, n, sum / n, Math.sqrt(squares / n), held);
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

    /**
     * Which reading would tell most of a number for its work: one of those taken, taken once more, or one that was never taken.
     *
     * @param never readings that could be taken, of any value
     */
    public Optional<Worth> next(Unknown about, List<Observation> never) {
        int k = figures.stream().map(Figure::unknown).toList().indexOf(about);
        if (k < 0) {
            return Optional.empty();
        }
        return Stream.concat(readings.stream().map(Reading::observation), never.stream())
                .map(observation -> new Worth(observation.measured(), leaves(observation, k)))
                .filter(worth -> worth.leaves() < 1)
                .max(Comparator.comparingDouble(Worth::perMinute)
                        .thenComparing(worth -> worth.like().made().batch()));
    }

    /** One reading more by Sherman and Morrison's rule. */
    private double leaves(Observation observation, int k) {
        int n = figures.size();
        var unknowns = figures.stream().map(Figure::unknown).toList();
        var z = figures.stream().mapToDouble(Figure::z).toArray();
        var slopes = observation.response().slopes(unknowns, z);
        var moved = new double[n];
        double gain = scatter;
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                moved[i] += covariance[i][j] * slopes[j];
            }
            moved[i] /= observation.deviation();
            gain += slopes[i] / observation.deviation() * moved[i];
        }
        double before = covariance[k][k];
        return Math.sqrt(Math.max(0, before - moved[k] * moved[k] / gain) / before);
    }
}
