package com.deftchill.core.cook;

import com.deftchill.core.parameters.Parameter;

/** What fruit and nuts lose in the oven. */
public final class Oven {
    private Oven() {}

    /** Water that leaves, g: a share of the mass that goes in, never more than there is. */
    public static double loses(Parameter share, double grams, double waterG) {
        return Math.min(waterG, share.value() * grams);
    }
}
