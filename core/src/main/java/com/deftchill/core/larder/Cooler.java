package com.deftchill.core.larder;

/**
 * A place to chill in.
 *
 * @param id stable key
 * @param name as the cook reads it
 * @param airC usual air temperature, °C
 * @param h surface coefficient incl. radiation, W/(m2 K)
 * @param hBase coefficient under the mould (shelf or rack), W/(m2 K)
 * @param source where the figures come from
 */
public record Cooler(String id, String name, double airC, double h, double hBase, String source) {}
