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

    /** By what each gives after a night, Pa. */
    public static Nature of(double gelPa, double plasticPa) {
        double share = gelPa + plasticPa > 0 ? gelPa / (gelPa + plasticPa) : 1;
        if (share > MIXED_TO) {
            return GEL;
        }
        return share < MIXED_FROM ? PLASTIC : MIXED;
    }
}
