package com.deftchill.core.fat;

import java.util.function.DoubleUnaryOperator;

/**
 * The network that solid fat builds in whipped cream, soft cheese and chocolate.
 *
 * <pre>
 *   G' = 1500 Pa * (S / 0.175)^2,   S = solid milk fat + 3 x solid cocoa butter, g per g of the mix
 * </pre>
 *
 * <p>Handbook 3 [E]; 0.175 is 35 % cream at 5 °C. Droplets of unwhipped cream are no network and do not count. Air
 * weakens it as it weakens a gel: by (1 - air share)^2, applied by the caller.
 *
 * @param milkFat structured milk fat, g per g of the mix
 * @param cocoaButter g per g of the mix
 */
public record FatNetwork(double milkFat, double cocoaButter) implements DoubleUnaryOperator {
    private static final double REFERENCE_PA = 1500;
    private static final double REFERENCE_SHARE = 0.175;
    private static final double COCOA_COUNTS = 3;
    /** Less than this is a trace between droplets, no network. */
    private static final double LEAST_SHARE = 0.005;

    /** Whether there is fat enough for a network. */
    public boolean exists() {
        return milkFat + cocoaButter > LEAST_SHARE;
    }

    /** Rigidity without the effect of air at T °C, Pa. */
    @Override
    public double applyAsDouble(double celsius) {
        if (!exists()) {
            return 0;
        }
        double solid = milkFat * SolidFat.milkFat(celsius) + COCOA_COUNTS * cocoaButter * SolidFat.cocoaButter(celsius);
        return REFERENCE_PA * Math.pow(solid / REFERENCE_SHARE, 2);
    }
}
