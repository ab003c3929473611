package com.deftchill.core.batch;

import java.util.Arrays;
import java.util.Optional;

/** How chocolate and liquid are joined: the schools of handbook 1. */
public enum GanacheJoin {
    HOT_CREAM("hot-cream", "hot cream over chopped chocolate"),
    MELTED("melted", "chocolate melted on its own, then joined"),
    BUTTER_IN_BITS("butter-in-bits", "butter added bit by bit");

    private final String id;
    private final String words;

    GanacheJoin(String id, String words) {
        this.id = id;
        this.words = words;
    }

    /** As documents write it. */
    public String id() {
        return id;
    }

    /** As the cook reads it. */
    public String words() {
        return words;
    }

    /** The one a document names; hot cream when it names none. */
    public static Optional<GanacheJoin> of(String id) {
        return id.isEmpty()
                ? Optional.of(HOT_CREAM)
                : Arrays.stream(values()).filter(join -> join.id.equals(id)).findFirst();
    }
}
