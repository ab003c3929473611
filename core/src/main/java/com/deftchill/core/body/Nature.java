package com.deftchill.core.body;

/** What a body is mostly made firm by: it decides which words, limits and rule of standing speak for it. */
public enum Nature {
    GEL,
    /** Both, neither by much: both rules are computed and the milder tone holds. */
    MIXED,
    /** Fat, curd, starch, egg, foam. */
    PLASTIC;

    private static final double MIXED_FROM = 0.4;
    private static final double MIXED_TO = 0.6;

    private static final double EVEN = 0.5;
    private static final double BLENDED = 0.2;

    /** By what each gives after a night, Pa. */
    public static Nature of(double gelPa, double plasticPa) {
        return ofGel(gelPa + plasticPa > 0 ? gelPa / (gelPa + plasticPa) : 1);
    }

    /** By the share of the gel in it, 0 to 1. */
    public static Nature ofGel(double share) {
        if (share > MIXED_TO) {
            return GEL;
        }
        return share < MIXED_FROM ? PLASTIC : MIXED;
    }

    /** The share of gel by which a nature stands that is thought of, not computed. */
    public double gelShare() {
        return switch (this) {
            case GEL -> 1;
            case MIXED -> EVEN;
            case PLASTIC -> 0;
        };
    }

    /**
     * A figure that follows from the nature, by the share of gel: the milder one where both are even, that of a gel or of a plastic body
     * from {@value #BLENDED} to either side, and straight between, so that a little more gelatin changes it a little.
     */
    public static double between(double gelShare, double gel, double milder, double plastic) {
        double off = Math.min(1, Math.abs(gelShare - EVEN) / BLENDED);
        return (1 - off) * milder + off * (gelShare > EVEN ? gel : plastic);
    }
}
