package com.deftchill.core.gel;

import com.deftchill.core.parameters.GelParameters;
import java.util.Arrays;
import java.util.function.DoubleUnaryOperator;

/**
 * Helix share over time along the temperature history of many points at once.
 *
 * <p>Each mode m relaxes to the equilibrium share: dm/dt = (chi_eq(T) - m) * k(T) / tau, or with the melting time constant
 * when the target lies below m. The helix share is the weighted sum, scaled so that 17 h at 10 °C gives the Bloom test's
 * value. Steps of constant temperature are exact, whatever their length.
 */
public final class Maturing implements Setting {
    private static final double SECONDS_PER_HOUR = 3600;
    /** The temperatures of a step are cut into at most so many intervals; the error stays below 1e-4. */
    private static final int INTERVALS = 64;
    /** None need be narrower than this, K. */
    private static final double INTERVAL_K = 0.5;

    private static final double LEAST_WIDTH_K = 1e-6;

    private final double rateZeroC;
    private final double rateFloor;
    private final double meltHours;
    private final DoubleUnaryOperator equilibrium;
    private final double[] weight;
    private final double[] hours;
    private final double[] modes;
    private final double[] table;
    private final double[] shares;

    /**
     * All points start liquid: no helices.
     *
     * @param equilibrium helix share that is reached in the end, at T °C
     */
    public Maturing(GelParameters parameters, DoubleUnaryOperator equilibrium, int points) {
        rateZeroC = parameters.rateZero().value();
        rateFloor = parameters.rateFloor().value();
        meltHours = parameters.meltTime().value();
        this.equilibrium = equilibrium;
        hours = hours(parameters);
        weight = weights(parameters, hours);
        this.modes = new double[points * hours.length];
        this.shares = new double[points];
        this.table = new double[(INTERVALS + 2) * hours.length];
    }

    private static double[] hours(GelParameters parameters) {
        return new double[] {
            parameters.firstTime().value(),
            parameters.secondTime().value(),
            parameters.thirdTime().value(),
            parameters.fourthTime().value()
        };
    }

    private static double[] weights(GelParameters parameters, double[] hours) {
        var weight = new double[] {
            parameters.firstShare().value(),
            parameters.secondShare().value(),
            parameters.thirdShare().value(),
            0
        };
        weight[3] = 1 - weight[0] - weight[1] - weight[2];
        double normal = 0;
        for (int mode = 0; mode < hours.length; mode++) {
            normal += weight[mode] * -Math.expm1(-GelatinModel.BLOOM_TEST_HOURS / hours[mode]);
        }
        for (int mode = 0; mode < hours.length; mode++) {
            weight[mode] /= normal;
        }
        return weight;
    }

    /** How many times the share of 17 h is reached at a constant temperature in the end: a little over 1. */
    static double inTheEnd(GelParameters parameters) {
        return Arrays.stream(weights(parameters, hours(parameters))).sum();
    }

    private Maturing(Maturing other) {
        rateZeroC = other.rateZeroC;
        rateFloor = other.rateFloor;
        meltHours = other.meltHours;
        equilibrium = other.equilibrium;
        hours = other.hours;
        weight = other.weight;
        modes = other.modes.clone();
        shares = other.shares.clone();
        table = new double[other.table.length];
    }

    @Override
    public Setting copy() {
        return new Maturing(this);
    }

    /** Rate of maturing at T °C relative to 10 °C: ((30 - T) / 20)^1.5, never below its floor. */
    public double rate(double celsius) {
        double share = (rateZeroC - celsius) / (rateZeroC - GelatinModel.BLOOM_TEST_CELSIUS);
        return share <= 0 ? rateFloor : Math.max(rateFloor, share * Math.sqrt(share));
    }

    /**
     * Moves every point on by some seconds, each at its own temperature, °C (as many as there are points). The decay of
     * each mode is tabulated over the temperatures present: an exponential for every point would cost most of a chill.
     */
    @Override
    public void advance(double[] celsius, double seconds) {
        double h = seconds / SECONDS_PER_HOUR;
        double melt = Math.exp(-h / meltHours);
        double coldest = Double.POSITIVE_INFINITY;
        double warmest = Double.NEGATIVE_INFINITY;
        for (double c : celsius) {
            coldest = c < coldest ? c : coldest;
            warmest = c > warmest ? c : warmest;
        }
        // Points of one temperature need no interval at all.
        int intervals = warmest == coldest ? 0 : Math.min(INTERVALS, 1 + (int) ((warmest - coldest) / INTERVAL_K));
        double width = Math.max(LEAST_WIDTH_K, (warmest - coldest) / Math.max(1, intervals));
        tabulate(coldest, width, intervals, h);
        int count = hours.length;
        for (int point = 0; point < celsius.length; point++) {
            double target = equilibrium.applyAsDouble(celsius[point]);
            double place = (celsius[point] - coldest) / width;
            int node = (int) place;
            double share = place - node;
            double helix = 0;
            for (int i = 0; i < count; i++) {
                int at = node * count + i;
                int mode = point * count + i;
                double gap = modes[mode] - target;
                double decay = table[at] + share * (table[at + count] - table[at]);
                modes[mode] = target + gap * (gap > 0 ? melt : decay);
                helix += weight[i] * modes[mode];
            }
            shares[point] = helix;
        }
    }

    private void tabulate(double coldest, double width, int intervals, double h) {
        for (int node = 0; node < intervals + 2; node++) {
            double rate = rate(coldest + node * width);
            for (int i = 0; i < hours.length; i++) {
                table[node * hours.length + i] = Math.exp(-h * rate / hours[i]);
            }
        }
    }

    @Override
    public double[] shares() {
        return shares;
    }
}
