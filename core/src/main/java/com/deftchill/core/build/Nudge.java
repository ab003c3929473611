package com.deftchill.core.build;

/**
 * Inputs other than written, to see what they do.
 *
 * @param h surface coefficients times this
 * @param strength of every gel times this
 * @param airK air warmer by this, K
 * @param pourK poured warmer by this, K
 * @param body what makes it firm besides its gel
 */
public record Nudge(double h, double strength, double airK, double pourK, Body body) {
    static final Nudge NONE = new Nudge(1, 1, 0, 0, Body.LIKELY);

    /** The constants of what makes it firm besides its gel: as they are, or at the ends of their ranges. */
    public enum Body {
        LIKELY,
        /** Fat that is slow to set, and weak. */
        SLOW_FAT,
        FAST_FAT,
        /** Curd, starch, egg, whipped cream and caramel that bear little, and are slow to. */
        WEAK_REST,
        FIRM_REST
    }

    /** The same as written, but for what makes it firm besides its gel. */
    public static Nudge of(Body body) {
        return new Nudge(1, 1, 0, 0, body);
    }

    /** Of surface and gel alone. */
    public static Nudge of(double h, double strength) {
        return new Nudge(h, strength, 0, 0, Body.LIKELY);
    }

    /** Of air and pour alone, K. */
    public static Nudge warmer(double airK, double pourK) {
        return new Nudge(1, 1, airK, pourK, Body.LIKELY);
    }
}
