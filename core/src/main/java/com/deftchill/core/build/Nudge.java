package com.deftchill.core.build;

/**
 * Inputs other than written, to see what they do.
 *
 * @param h surface coefficients times this
 * @param strength of every gel times this
 * @param airK air warmer by this, K
 * @param pourK poured warmer by this, K
 * @param fat how fat sets
 */
public record Nudge(double h, double strength, double airK, double pourK, Fat fat) {
    static final Nudge NONE = new Nudge(1, 1, 0, 0, Fat.LIKELY);

    /** Fat's constants as they are, or at the ends of their ranges. */
    public enum Fat {
        /** Slow to set, and weak. */
        SLOW,
        LIKELY,
        FAST
    }

    /** The same as written, but for its fat. */
    public static Nudge of(Fat fat) {
        return new Nudge(1, 1, 0, 0, fat);
    }

    /** Of surface and gel alone. */
    public static Nudge of(double h, double strength) {
        return new Nudge(h, strength, 0, 0, Fat.LIKELY);
    }

    /** Of air and pour alone, K. */
    public static Nudge warmer(double airK, double pourK) {
        return new Nudge(1, 1, airK, pourK, Fat.LIKELY);
    }
}
