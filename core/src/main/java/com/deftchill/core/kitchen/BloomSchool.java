package com.deftchill.core.kitchen;

import java.util.Arrays;
import java.util.Optional;

/** How gelatin meets its water (handbook 1 and 2). */
public enum BloomSchool {
    WEIGHED("weighed", "in weighed water that stays in the mix"),
    SQUEEZED("squeezed", "in plenty of cold water, then squeezed"),
    DRY("dry", "stirred straight into the hot liquid");

    private final String id;
    private final String words;

    BloomSchool(String id, String words) {
        this.id = id;
        this.words = words;
    }

    /** As documents write it. */
    public String id() {
        return id;
    }

    /** As the cook reads it, after "bloomed". */
    public String words() {
        return words;
    }

    /** The one a document names; weighed water when it names none. */
    public static Optional<BloomSchool> of(String id) {
        return Arrays.stream(values())
                .filter(school -> school.id.equals(id.isEmpty() ? WEIGHED.id : id))
                .findFirst();
    }
}
