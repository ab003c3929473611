package com.deftchill.core.mix;

import java.util.Arrays;
import java.util.Optional;

/** What was done to an ingredient before it is mixed in. */
public enum Treatment {
    /** As it is bought, which for an enzyme fruit or an egg is raw. */
    AS_BOUGHT("", "as bought"),
    RAW("raw", "raw"),
    /** Held at 85 °C or more for 5 minutes: ends protein-cutting enzymes [L]. */
    HEATED("heated", "heated to 85 °C for 5 min"),
    /** Heat-treated in its can: ends enzymes [L]. */
    CANNED("canned", "canned"),
    /** Made safe to eat raw. */
    PASTEURISED("pasteurised", "pasteurised");

    private final String id;
    private final String words;

    Treatment(String id, String words) {
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

    /** Whether enzymes have been heated to their end. */
    public boolean endsEnzymes() {
        return this == HEATED || this == CANNED;
    }

    /** The one a document names. */
    public static Optional<Treatment> of(String id) {
        return Arrays.stream(values()).filter(t -> t.id.equals(id)).findFirst();
    }
}
