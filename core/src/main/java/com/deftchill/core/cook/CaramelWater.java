package com.deftchill.core.cook;

import com.deftchill.core.parameters.BodyParameters;

/**
 * How firm a caramel is at 20 °C by the water left in it, log-linear between its points and on by the last slopes (handbook 3
 * [E]); and what its heat boils off when cream goes in.
 */
public final class CaramelWater {
    private static final double[] SHARE = {0.08, 0.12, 0.18, 0.25};
    /** Heat capacity of molten sugar, J/(g K), and heat that a gram of water takes away, J/g. */
    private static final double SUGAR_J_PER_GK = 2.0;

    private static final double VAPOUR_J_PER_G = 2257;

    private CaramelWater() {}

    /** Pa at 20 °C for a share of water, g/g. */
    public static double pa(BodyParameters p, double water) {
        double[] log = {
            Math.log(p.caramelAt8().value()),
            Math.log(p.caramelAt12().value()),
            Math.log(p.caramelAt18().value()),
            Math.log(p.caramelAt25().value())
        };
        int i = 0;
        while (i < SHARE.length - 2 && water > SHARE[i + 1]) {
            i++;
        }
        double share = (water - SHARE[i]) / (SHARE[i + 1] - SHARE[i]);
        return Math.exp(log[i] + share * (log[i + 1] - log[i]));
    }

    /** Water that sugar so hot boils off when something wet is stirred in, g. */
    public static double boiledOffG(double sugarG, double celsius) {
        return sugarG * SUGAR_J_PER_GK * Math.max(0, celsius - Boiling.BURNS_FROM_C) / VAPOUR_J_PER_G;
    }
}
