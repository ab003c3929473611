package com.deftchill.core.larder;

/**
 * A place to chill in.
 *
 * @param id stable key
 * @param name as the cook reads it
 * @param airC usual air temperature, °C
 * @param h surface coefficient incl. radiation, W/(m2 K)
 * @param hBase coefficient under the mould (shelf or rack), W/(m2 K)
 * @param powerW heat that it can take away, W; 0 where that has no limit, as in a room or in ice
 * @param contentsKj heat that what stands in it takes up, kJ/K
 * @param source where the figures come from
 */
public record Cooler(
        String id, String name, double airC, double h, double hBase, double powerW, double contentsKj, String source) {}
