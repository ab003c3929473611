package com.deftchill.core.larder;

import com.deftchill.core.vessel.Vessel;

/**
 * A mould or glass the kitchen owns.
 *
 * @param id stable key
 * @param name as the cook reads it
 * @param vessel its profile and walls
 * @param release how the dessert leaves it
 * @param source where the figures come from
 */
public record Mould(String id, String name, Vessel vessel, Release release, String source) {

    /** How the dessert leaves its mould. */
    public enum Release {
        /** Dipped in hot water and turned over. */
        DIP,
        /** Flexible: peeled off, frozen first if need be. */
        PEEL,
        /** Lined or ring: lifted off. */
        LIFT,
        /** A glass or bowl, eaten from. */
        NONE
    }
}
