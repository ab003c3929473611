package com.deftchill.instruments;

import java.util.Map;
import java.util.Random;

/**
 * A scale: what it shows settles on what it carries, with a ripple that dies away, drifts, and is counted from its tare. Masses
 * in g, moments in ms since 1970. Not safe for use by many threads.
 */
final class Scale {
    private static final double SETTLES_SECONDS = 0.35;
    private static final double CALM_SECONDS = 1.2;
    private static final double RIPPLE = 0.02;
    private static final double PER_OUNCE = 28.349523125;

    private final Random random;
    private double division = 0.1;
    private double capacity = 5000;
    private double driftPerMinute;
    private double load;
    private double shown;
    private double tare;
    private double drifted;
    private String unit = "g";
    private long at;
    private long changed;
    private double step;
    private boolean resting = true;
    private boolean taring;

    Scale(Random random, long now) {
        this.random = random;
        at = now;
        changed = now;
    }

    /**
     * What it shows.
     *
     * @param value in the unit shown
     * @param grams the same in g
     * @param state {@code ok}, {@code overload} or {@code under}
     */
    record Shown(double value, double grams, String unit, boolean stable, String state) {}

    /** Puts something on it, or takes it off: what it carries from now on, g. */
    void put(double grams, long now) {
        step = grams - load;
        load = grams;
        changed = now;
        resting = false;
    }

    /** Counts from what is on it, once that has come to rest. */
    void tare() {
        taring = true;
        tareAtRest();
    }

    private void tareAtRest() {
        if (taring && resting) {
            tare = shown + drifted;
            taring = false;
        }
    }

    void unit(String other) {
        if (!other.equals("g") && !other.equals("oz")) {
            throw new IllegalArgumentException("a unit must be g or oz, not " + other);
        }
        unit = other;
    }

    /** Makes it misbehave; what is not named stays as it is. */
    void misbehave(Map<String, Object> how, long now) {
        driftPerMinute = Probe.number(how, "drift", driftPerMinute);
        division = Math.max(0.01, Probe.number(how, "division", division));
        capacity = Probe.number(how, "capacity", capacity);
        if (how.get("load") instanceof Number grams) {
            put(grams.doubleValue(), now);
        }
    }

    Shown read(long now) {
        double seconds = Math.max(0, now - at) / 1000.0;
        at = Math.max(at, now);
        drifted += driftPerMinute * seconds / 60;
        shown += (load - shown) * (1 - Math.exp(-seconds / SETTLES_SECONDS));
        double since = (now - changed) / 1000.0;
        double ripple = RIPPLE * step * Math.exp(-since / SETTLES_SECONDS) * random.nextGaussian();
        resting = since > CALM_SECONDS && Math.abs(load - shown) < division / 2;
        tareAtRest();
        double grams = Math.rint((shown + drifted - tare + (resting ? 0 : ripple)) / division) * division;
        if (load > capacity) {
            return new Shown(0, 0, unit, false, "overload");
        }
        double value = unit.equals("oz") ? Math.rint(grams / PER_OUNCE * 100) / 100 : grams;
        return new Shown(value, grams, unit, resting, load < 0 ? "under" : "ok");
    }
}
