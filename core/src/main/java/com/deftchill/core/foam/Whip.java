package com.deftchill.core.foam;

import java.util.Arrays;
import java.util.Optional;

/** How far a foam is whipped, with the air it takes, ml per ml of liquid: handbook 3 [L/E]. */
public enum Whip {
    RIBBON("ribbon", "to a ribbon", 0.40, 4.0, 0.92),
    SOFT("soft", "to soft peaks", 0.75, 4.5, 0.90),
    MEDIUM("medium", "to medium peaks", 0.95, 5.5, 0.87),
    STIFF("stiff", "to stiff peaks", 1.15, 6.0, 0.80);

    private final String id;
    private final String words;
    private final double ofCream;
    private final double ofWhites;
    private final double kept;

    Whip(String id, String words, double ofCream, double ofWhites, double kept) {
        this.id = id;
        this.words = words;
        this.ofCream = ofCream;
        this.ofWhites = ofWhites;
        this.kept = kept;
    }

    /** As documents write it. */
    public String id() {
        return id;
    }

    /** As the cook reads it. */
    public String words() {
        return words;
    }

    /** Overrun of cream with 35 % fat, cold and unsweetened. */
    double ofCream() {
        return ofCream;
    }

    /** Overrun of egg whites. */
    double ofWhites() {
        return ofWhites;
    }

    /** Share of the air kept when folded in three additions. */
    double kept() {
        return kept;
    }

    /** The one a document names; medium when it names none. */
    public static Optional<Whip> of(String id) {
        return id.isEmpty()
                ? Optional.of(MEDIUM)
                : Arrays.stream(values()).filter(whip -> whip.id.equals(id)).findFirst();
    }
}
