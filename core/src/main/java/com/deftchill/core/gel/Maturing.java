package com.deftchill.core.gel;

import com.deftchill.core.gel.GelatinParameters.Mode;
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

    private final GelatinParameters parameters;
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
    public Maturing(GelatinParameters parameters, DoubleUnaryOperator equilibrium, int points) {
        this.parameters = parameters;
        this.equilibrium = equilibrium;
        var given = parameters.modes();
        this.hours = given.stream().mapToDouble(Mode::hours).toArray();
        double normal = given.stream()
                .mapToDouble(mode -> mode.weight() * -Math.expm1(-GelatinParameters.BLOOM_TEST_HOURS / mode.hours()))
                .sum();
        this.weight = given.stream().mapToDouble(mode -> mode.weight() / normal).toArray();
        this.modes = new double[points * hours.length];
        this.shares = new double[points];
        this.table = new double[(INTERVALS + 2) * hours.length];
    }

    private Maturing(Maturing other) {
        parameters = other.parameters;
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
        var p = parameters;
        double share = (p.rateZeroC() - celsius) / (p.rateZeroC() - GelatinParameters.BLOOM_TEST_CELSIUS);
        return share <= 0 ? p.rateFloor() : Math.max(p.rateFloor(), share * Math.sqrt(share));
    }

    /**
     * Moves every point on by some seconds, each at its own temperature, °C (as many as there are points). The decay of
     * each mode is tabulated over the temperatures present: an exponential for every point would cost most of a chill.
     */
    @Override
    public void advance(double[] celsius, double seconds) {
        double h = seconds / SECONDS_PER_HOUR;
        double melt = Math.exp(-h / parameters.meltHours());
        double coldest = Double.POSITIVE_INFINITY;
        double warmest = Double.NEGATIVE_INFINITY;
        for (double c : celsius) {
            coldest = Math.min(coldest, c);
            warmest = Math.max(warmest, c);
        }
        int intervals = Math.min(INTERVALS, 1 + (int) ((warmest - coldest) / INTERVAL_K));
        double width = Math.max(LEAST_WIDTH_K, (warmest - coldest) / intervals);
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
