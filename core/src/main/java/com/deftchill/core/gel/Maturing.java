package com.deftchill.core.gel;

import com.deftchill.core.gel.GelatinParameters.Mode;

/**
 * Helix share over time along the temperature history of many points at once.
 *
 * <p>Each mode m relaxes to the equilibrium share: dm/dt = (chi_eq(T) - m) * k(T) / tau, or with the melting time constant
 * when the target lies below m. The helix share is the weighted sum, scaled so that 17 h at 10 °C gives the Bloom test's
 * value. Steps of constant temperature are exact, whatever their length.
 */
public final class Maturing implements Setting {
    private static final double SECONDS_PER_HOUR = 3600;
    /** Neighbours this close in temperature share their rate; its error is below 1e-4 relative. */
    private static final double SAME_K = 1e-3;

    private final GelatinModel model;
    private final double[] weight;
    private final double[] hours;
    private final double[] modes;
    private final double[] decay;

    /** All points start liquid: no helices. */
    public Maturing(GelatinModel model, int points) {
        this.model = model;
        var given = model.parameters().modes();
        this.hours = given.stream().mapToDouble(Mode::hours).toArray();
        double normal = given.stream()
                .mapToDouble(mode -> mode.weight() * -Math.expm1(-GelatinParameters.BLOOM_TEST_HOURS / mode.hours()))
                .sum();
        this.weight = given.stream().mapToDouble(mode -> mode.weight() / normal).toArray();
        this.modes = new double[points * hours.length];
        this.decay = new double[hours.length];
    }

    /** Rate of maturing at T °C relative to 10 °C: ((30 - T) / 20)^1.5, never below its floor. */
    public double rate(double celsius) {
        var p = model.parameters();
        double share = (p.rateZeroC() - celsius) / (p.rateZeroC() - GelatinParameters.BLOOM_TEST_CELSIUS);
        return share <= 0 ? p.rateFloor() : Math.max(p.rateFloor(), share * Math.sqrt(share));
    }

    /** Moves every point on by some seconds, each at its own temperature, °C (as many as there are points). */
    @Override
    public void advance(double[] celsius, double seconds) {
        double h = seconds / SECONDS_PER_HOUR;
        double melt = Math.exp(-h / model.parameters().meltHours());
        double last = Double.NaN;
        double target = 0;
        for (int point = 0; point < celsius.length; point++) {
            if (!(Math.abs(celsius[point] - last) <= SAME_K)) {
                last = celsius[point];
                target = model.equilibriumHelixShare(last);
                double rate = rate(last);
                for (int i = 0; i < hours.length; i++) {
                    decay[i] = Math.exp(-h * rate / hours[i]);
                }
            }
            int from = point * hours.length;
            for (int i = 0; i < hours.length; i++) {
                double gap = modes[from + i] - target;
                modes[from + i] = target + gap * (gap > 0 ? melt : decay[i]);
            }
        }
    }

    /** Present helix share of a point. */
    @Override
    public double share(int point) {
        double sum = 0;
        for (int i = 0; i < weight.length; i++) {
            sum += weight[i] * modes[point * weight.length + i];
        }
        return sum;
    }
}
