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
 * @param warmerK by so much its air is warmer than what is written or shown of it, K; 0 until a kitchen has learnt otherwise
 * @param source where the figures come from
 */
public record Cooler(
        String id,
        String name,
        double airC,
        double h,
        double hBase,
        double powerW,
        double contentsKj,
        double warmerK,
        String source) {
    /** The same, found to be otherwise by measuring. */
    public Cooler measured(double otherH, double otherPowerW, double otherWarmerK) {
        // What lies between the mould and its shelf changes with the air that moves there.
        double base = hBase == h ? otherH : hBase;
        return new Cooler(id, name, airC, otherH, base, otherPowerW, contentsKj, otherWarmerK, source);
    }
}
