package com.deftchill.core.fat;

import java.util.Arrays;

/** Rigidity of what fat and air set, in the cook's words: as firm as a gel it is not rubbery (handbook 3, anchors [E]). */
public enum FatFirmness {
    RUNS(0, "runs"),
    LOOSE(20, "loose"),
    SOFT(100, "soft"),
    HOLDS(400, "holds its shape"),
    FIRM(2000, "firm"),
    HARD(8000, "hard");

    private final double fromPa;
    private final String words;

    FatFirmness(double fromPa, String words) {
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

    /** The zone that a rigidity lies in. */
    public static FatFirmness of(double rigidityPa) {
        return Arrays.stream(values())
                .filter(zone -> rigidityPa >= zone.fromPa)
                .reduce((lower, higher) -> higher)
                .orElse(RUNS);
    }
}
