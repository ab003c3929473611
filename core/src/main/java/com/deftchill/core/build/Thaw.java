package com.deftchill.core.build;

import com.deftchill.core.chill.Ice;
import com.deftchill.core.larder.GelProduct;
import com.deftchill.core.parameters.ColdParameters;

/**
 * What freezing does to a layer, and when it is thawed.
 *
 * @param freezesC below this there is ice in it, °C; far below zero where nothing freezes
 * @param weakens strength of its gel times this, once it has been frozen
 * @param thawedC its coldest point is as warm as this when it is thawed, °C; infinite where it is not to be
 */
public record Thaw(double freezesC, double weakens, double thawedC) {
    /** Air that it thaws in comes so near in a useful time, K. */
    private static final double NEAR_K = 0.5;

    public static final Thaw NEVER_FROZEN = new Thaw(-1000, 1, Double.POSITIVE_INFINITY);

    /** @param lastAirC air of the place that it is served from, °C */
    static Thaw of(ColdParameters p, Ice ice, GelProduct gel, double lastAirC) {
        double thawed = Math.min(p.thawed().value(), lastAirC - NEAR_K);
        return new Thaw(
                ice.freezesC(),
                gel.agent() == GelProduct.Agent.IOTA ? 1 : p.weeps().value(),
                thawed > 0 ? thawed : Double.POSITIVE_INFINITY);
    }
}
