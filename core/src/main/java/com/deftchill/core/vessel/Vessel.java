package com.deftchill.core.vessel;

/**
 * A profile with walls.
 *
 * @param profile inner profile
 * @param material of wall and base
 * @param wallMm wall thickness, mm; 0 for none
 * @param baseMm base thickness, mm; 0 for none (a ring)
 */
public record Vessel(Profile profile, WallMaterial material, double wallMm, double baseMm) {}
