package com.deftchill.core.vessel;

/**
 * What a mould is made of.
 *
 * @param id stable key
 * @param name as the cook reads it
 * @param conductivity W/(m K)
 * @param heatCapacity per volume, J/(m3 K)
 * @param smooth whether a deep dessert is held in it by suction
 * @param cracksByShock whether it must not go from a freezer into hot water
 * @param source where the figures come from
 */
public record WallMaterial(
        String id,
        String name,
        double conductivity,
        double heatCapacity,
        boolean smooth,
        boolean cracksByShock,
        String source) {}
