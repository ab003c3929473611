package com.deftchill.core.foam;

/**
 * Foam folded into a base (handbook 3 [E]).
 *
 * <pre>
 *   volume = base volume + foam liquid * (1 + overrun * kept)
 * </pre>
 */
public final class Folding {
    /** A base too warm melts the fat that holds the air; one that sets makes lumps. */
    private static final double TOO_WARM_KEEPS = 0.6;

    private static final double SETTING_KEEPS = 0.8;

    private Folding() {}

    /**
     * Share of the foam's air that is kept.
     *
     * @param fat whether fat holds the air (cream), so that warmth melts it; whites and yolks stand warmth
     * @param setting whether the base is already setting
     */
    public static double kept(FoldSchool school, Whip whip, double baseC, boolean fat, boolean setting) {
        double kept = school.kept(whip);
        if (fat && baseC > FoldWindow.MELTS_AIR_C) {
            kept *= TOO_WARM_KEEPS;
        }
        return setting ? kept * SETTING_KEEPS : kept;
    }
}
