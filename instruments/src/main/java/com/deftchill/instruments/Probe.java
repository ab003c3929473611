package com.deftchill.instruments;

import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;

/**
 * A probe thermometer: its sheath follows what it stands in with a lag of first order, what it reads is off by an offset and a
 * slope, and noisy. Its cable can be pulled. Temperatures in °C, moments in ms since 1970. Not safe for use by many threads.
 */
final class Probe {
    private static final double ROOM_C = 21;
    private static final double STEP_C = 0.01;
    /** Sheath in a liquid and in a gel, s (handbook 7: 4 to 8 and 20 to 40). */
    static final double LIQUID_LAG = 6;

    private final Random random;
    private double[][] curve = {{0, ROOM_C}};
    private long from;
    private double lag = LIQUID_LAG;
    private double offset;
    private double slope = 1;
    private double noise = 0.05;
    private boolean pulled;
    private double sheath = ROOM_C;
    private long at;

    Probe(Random random, long now) {
        this.random = random;
        from = now;
        at = now;
    }

    /**
     * What it stands in from now on.
     *
     * @param points seconds since {@code start} and °C there, in the order of time; straight between them, as the last after
     * @param lagSeconds time constant of its sheath there
     */
    void follow(double[][] points, long start, double lagSeconds) {
        if (points.length == 0 || !(lagSeconds > 0)) {
            throw new IllegalArgumentException("a curve needs a point and a lag above 0 s");
        }
        curve = points.clone();
        from = start;
        lag = lagSeconds;
    }

    /** Makes it misbehave; what is not named stays as it is. */
    void misbehave(Map<String, Object> how) {
        offset = number(how, "offset", offset);
        slope = number(how, "slope", slope);
        noise = Math.max(0, number(how, "noise", noise));
        if (how.get("pulled") instanceof Boolean is) {
            pulled = is;
        }
    }

    static double number(Map<String, Object> of, String name, double otherwise) {
        return of.get(name) instanceof Number number ? number.doubleValue() : otherwise;
    }

    /** What it shows; nothing while its cable is pulled. */
    OptionalDouble read(long now) {
        double seconds = Math.max(0, now - at) / 1000.0;
        at = Math.max(at, now);
        sheath += (medium(now) - sheath) * (1 - Math.exp(-seconds / lag));
        double shown = offset + slope * sheath + noise * random.nextGaussian();
        return pulled ? OptionalDouble.empty() : OptionalDouble.of(Math.rint(shown / STEP_C) * STEP_C);
    }

    /** How warm it is where it stands. */
    double medium(long now) {
        double seconds = (now - from) / 1000.0;
        int i = 0;
        while (i < curve.length && curve[i][0] < seconds) {
            i++;
        }
        if (i == 0 || i == curve.length) {
            return curve[Math.min(i, curve.length - 1)][1];
        }
        double share = (seconds - curve[i - 1][0]) / (curve[i][0] - curve[i - 1][0]);
        return curve[i - 1][1] + share * (curve[i][1] - curve[i - 1][1]);
    }
}
