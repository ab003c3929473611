package com.deftchill.core.fat;

import com.deftchill.core.parameters.FatParameters;
import java.util.function.DoubleUnaryOperator;

/**
 * The network that solid fat builds in whipped cream, soft cheese and chocolate.
 *
 * <pre>
 *   G' = scale * (S / scale share)^2,   S = solid milk fat + cocoa counts x solid cocoa butter, g per g of the mix
 * </pre>
 *
 * <p>Handbook 3 [E]; 0.175 is 35 % cream at 5 °C. Droplets of unwhipped cream are no network and do not count. Air
 * weakens it as it weakens a gel: by (1 - air share)^2, applied by the caller.
 *
 * @param milkFat structured milk fat, g per g of the mix
 * @param cocoaButter g per g of the mix
 * @param p constants of the model
 */
public record FatNetwork(double milkFat, double cocoaButter, FatParameters p) implements DoubleUnaryOperator {
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
        var solid = new SolidFat(p);
        double share =
                milkFat * solid.milkFat(celsius) + p.cocoaCounts().value() * cocoaButter * solid.cocoaButter(celsius);
        return p.scale().value() * Math.pow(share / p.scaleShare().value(), 2);
    }
}
