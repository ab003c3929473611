package com.deftchill.core.kitchen;

import java.util.Arrays;
import java.util.Optional;

/** How a dose of one gelatin becomes a dose of another (handbook 2). */
public enum SwapSchool {
    SQUARE_ROOT(
            "square-root", "square root", "m2 = m1 x sqrt(B1 / B2): firmness goes with Bloom x concentration squared"),
    PROPORTIONAL("proportional", "proportional", "m2 = m1 x B1 / B2: strength times mass stays the same"),
    SHEETS("sheets", "sheet for sheet", "the same number of sheets, whatever the grade");

    private final String id;
    private final String words;
    private final String rule;

    SwapSchool(String id, String words, String rule) {
        this.id = id;
        this.words = words;
        this.rule = rule;
    }

    /** As documents write it. */
    public String id() {
        return id;
    }

    /** As the cook reads it. */
    public String words() {
        return words;
    }

    /** The rule in words. */
    public String rule() {
        return rule;
    }

    /** The one a document names. */
    public static Optional<SwapSchool> of(String id) {
        return Arrays.stream(values()).filter(school -> school.id.equals(id)).findFirst();
    }
}
