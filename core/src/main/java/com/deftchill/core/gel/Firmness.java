package com.deftchill.core.gel;

import java.util.Arrays;

/** Rigidity in the cook's words and on one scale: 0 at 20 Pa, 100 at 20 kPa, logarithmic (handbook 2, anchors [E]). */
public enum Firmness {
    RUNS(0, "runs", "runs"),
    BARELY_HOLDS(20, "barely holds, for the spoon only", "barely holds"),
    TREMBLING(80, "trembling, for glasses", "trembling"),
    TENDER(300, "tender, turns out if low enough", "tender"),
    FIRM(1500, "firm, slices", "firm"),
    BOUNCY(5000, "bouncy", "bouncy"),
    RUBBER(12000, "rubber", "rubber");

    /** Below this a gel runs, Pa. */
    public static final double HOLDS_PA = 20;

    private static final double DECADES = 3;

    private final double fromPa;
    private final String words;
    private final String shortWord;

    Firmness(double fromPa, String words, String shortWord) {
        this.fromPa = fromPa;
        this.words = words;
        this.shortWord = shortWord;
    }

    /** Lower end of the zone, Pa. */
    public double fromPa() {
        return fromPa;
    }

    /** The zone in words. */
    public String words() {
        return words;
    }

    /** The zone in one or two words. */
    public String shortWord() {
        return shortWord;
    }

    /** The zone that a rigidity lies in. */
    public static Firmness of(double rigidityPa) {
        return Arrays.stream(values())
                .filter(zone -> rigidityPa >= zone.fromPa)
                .reduce((lower, higher) -> higher)
                .orElse(RUNS);
    }

    /** The 0 to 100 scale; below 20 Pa is 0, above 20 kPa is 100. */
    public static double score(double rigidityPa) {
        if (rigidityPa <= HOLDS_PA) {
            return 0;
        }
        return Math.min(100, 100 / DECADES * Math.log10(rigidityPa / HOLDS_PA));
    }

    /** Rigidity, Pa, of a score from 0 to 100. */
    public static double rigidity(double score) {
        return HOLDS_PA * Math.pow(10, score * DECADES / 100);
    }
}
