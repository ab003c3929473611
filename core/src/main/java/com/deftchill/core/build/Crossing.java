package com.deftchill.core.build;

/**
 * The moment from which a quantity that follows the steps has reached a limit, interpolated within its step. What falls
 * back, as a gel does that melts under the next layer, has not reached it.
 */
final class Crossing {
    private final double limit;
    private final boolean rising;
    private final boolean stays;
    private double lastSeconds;
    private double lastValue = Double.NaN;
    private double found = Double.POSITIVE_INFINITY;

    private Crossing(double limit, boolean rising, boolean stays) {
        this.limit = limit;
        this.rising = rising;
        this.stays = stays;
    }

    static Crossing risesTo(double limit) {
        return new Crossing(limit, true, true);
    }

    static Crossing fallsTo(double limit) {
        return new Crossing(limit, false, true);
    }

    /** The first moment at which it has fallen to a limit, whatever becomes of it. */
    static Crossing firstFallsTo(double limit) {
        return new Crossing(limit, false, false);
    }

    void follow(double seconds, double value) {
        boolean reached = rising ? value >= limit : value <= limit;
        if (reached && found == Double.POSITIVE_INFINITY) {
            double share = Double.isNaN(lastValue) ? 1 : (limit - lastValue) / (value - lastValue);
            found = lastSeconds + share * (seconds - lastSeconds);
        } else if (!reached && stays) {
            found = Double.POSITIVE_INFINITY;
        }
        lastSeconds = seconds;
        lastValue = value;
    }

    /** Seconds, or infinity when never reached. */
    double seconds() {
        return found;
    }
}
