package com.deftchill.core.batch;

import java.util.Arrays;
import java.util.Optional;

/** How the dessert is served; it fixes the firmness target (handbook 2, in Pa [E]). */
public enum Served {
    TURNED_OUT("turned-out", "turned out on a plate", 350, 1500),
    IN_GLASS("in-glass", "in its glass", 100, 400),
    SLICED("sliced", "sliced", 1500, 6000);

    private final String id;
    private final String words;
    private final double leastPa;
    private final double mostPa;

    Served(String id, String words, double leastPa, double mostPa) {
        this.id = id;
        this.words = words;
        this.leastPa = leastPa;
        this.mostPa = mostPa;
    }

    /** As documents write it. */
    public String id() {
        return id;
    }

    /** As the cook reads it. */
    public String words() {
        return words;
    }

    /** Lower end of the target band, Pa. */
    public double leastPa() {
        return leastPa;
    }

    /** Upper end of the target band, Pa. */
    public double mostPa() {
        return mostPa;
    }

    /** The middle of the band on the firmness scale, Pa: what a fix aims at. */
    public double aimPa() {
        return Math.sqrt(leastPa * mostPa);
    }

    /** The one a document names. */
    public static Optional<Served> of(String id) {
        return Arrays.stream(values()).filter(served -> served.id.equals(id)).findFirst();
    }
}
