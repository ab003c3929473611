package com.deftchill.core.body;

import java.util.Arrays;

/** Yield stress of what fat, curd and foam make firm, in the cook's words: as firm as a gel it is not rubbery (handbook 3). */
public enum PlasticFirmness {
    RUNS(0, "runs"),
    LOOSE(20, "loose"),
    SOFT(100, "soft"),
    HOLDS(400, "holds its shape"),
    FIRM(2000, "firm"),
    HARD(8000, "hard");

    private final double fromPa;
    private final String words;

    PlasticFirmness(double fromPa, String words) {
        this.fromPa = fromPa;
        this.words = words;
    }

    /** As the cook reads it. */
    public String words() {
        return words;
    }

    /** Lower end, Pa. */
    public double fromPa() {
        return fromPa;
    }

    /** The zone that a stress lies in. */
    public static PlasticFirmness of(double pa) {
        return Arrays.stream(values())
                .filter(zone -> pa >= zone.fromPa)
                .reduce((lower, higher) -> higher)
                .orElse(RUNS);
    }
}
