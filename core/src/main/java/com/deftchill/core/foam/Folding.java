package com.deftchill.core.foam;

import com.deftchill.core.parameters.FoamParameters;

/**
 * Foam folded into a base (handbook 3 [E]).
 *
 * <pre>
 *   volume = base volume + foam liquid * (1 + overrun * kept)
 * </pre>
 */
public final class Folding {
    private Folding() {}

    /**
     * Share of the foam's air that is kept.
     *
     * @param fat whether fat holds the air (cream), so that warmth melts it; whites and yolks stand warmth
     * @param mixC where base and foam meet, °C
     * @param setting whether the base is already setting
     */
    public static double kept(
            FoamParameters p, FoldSchool school, Whip whip, double mixC, boolean fat, boolean setting) {
        double kept = school.kept(whip, p);
        if (fat && mixC > p.meltsAir().value()) {
            kept *= p.keptTooWarm().value();
        }
        return setting ? kept * p.keptSetting().value() : kept;
    }
}
