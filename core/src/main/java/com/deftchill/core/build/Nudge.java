package com.deftchill.core.build;

/**
 * Inputs other than written, to see what they do.
 *
 * @param h surface coefficients times this
 * @param strength of every gel times this
 * @param airK air warmer by this, K
 * @param pourK poured warmer by this, K
 */
public record Nudge(double h, double strength, double airK, double pourK) {
    static final Nudge NONE = new Nudge(1, 1, 0, 0);
}
