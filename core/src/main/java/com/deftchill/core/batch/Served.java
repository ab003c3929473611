package com.deftchill.core.batch;

import com.deftchill.core.parameters.GelParameters;
import com.deftchill.core.parameters.Parameter;
import java.util.Arrays;
import java.util.Optional;
import java.util.function.Function;

/** How the dessert is served; it fixes the firmness target. */
public enum Served {
    TURNED_OUT("turned-out", "turned out on a plate", GelParameters::turnedOutLeast, GelParameters::turnedOutMost),
    IN_GLASS("in-glass", "in its glass", GelParameters::glassLeast, GelParameters::glassMost),
    FROM_DISH("from-dish", "from its dish", GelParameters::glassLeast, GelParameters::glassMost),
    PIPED("piped", "piped or scooped", GelParameters::glassLeast, GelParameters::turnedOutMost),
    SLICED("sliced", "sliced", GelParameters::slicedLeast, GelParameters::slicedMost);

    private final String id;
    private final String words;
    private final Function<GelParameters, Parameter> least;
    private final Function<GelParameters, Parameter> most;

    Served(String id, String words, Function<GelParameters, Parameter> least, Function<GelParameters, Parameter> most) {
        this.id = id;
        this.words = words;
        this.least = least;
        this.most = most;
    }

    /** Whether it stays in what it was filled into. */
    public boolean stays() {
        return this == IN_GLASS || this == FROM_DISH || this == PIPED;
    }

    /** As documents write it. */
    public String id() {
        return id;
    }

    /** As the cook reads it. */
    public String words() {
        return words;
    }

    /** Lower end of the target band of a gel. */
    public Parameter least(GelParameters p) {
        return least.apply(p);
    }

    /** Upper end of the target band of a gel. */
    public Parameter most(GelParameters p) {
        return most.apply(p);
    }

    /** The one a document names. */
    public static Optional<Served> of(String id) {
        return Arrays.stream(values()).filter(served -> served.id.equals(id)).findFirst();
    }
}
