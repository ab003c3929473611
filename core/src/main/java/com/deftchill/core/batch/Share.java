package com.deftchill.core.batch;

import java.util.Arrays;
import java.util.Optional;

/** How an ingredient joins its component. */
public enum Share {
    HOT("hot"),
    COLD("cold"),
    /** Whipped and folded in. */
    WHIPPED("whipped"),
    /** Steeped and strained out: leaves flavour, takes liquid along. */
    INFUSED("infused"),
    /** The liquid that pieces are dipped into. */
    SOAK("soak");

    private final String id;

    Share(String id) {
        this.id = id;
    }

    /** As documents write it. */
    public String id() {
        return id;
    }

    /** The one a document names; hot when it names none. */
    public static Optional<Share> of(String id) {
        return id.isEmpty()
                ? Optional.of(HOT)
                : Arrays.stream(values()).filter(share -> share.id.equals(id)).findFirst();
    }
}
