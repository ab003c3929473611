package com.deftchill.core.assess;

import com.deftchill.core.batch.Component;
import com.deftchill.core.fat.FatNetwork;
import com.deftchill.core.mix.Mix;

/** Rigidity that a component owes to its fat, over temperature, as a table: the network weakened by its air. */
final class FatSet {
    /** Where a body set by fat alone softens enough at the wall to slide out, °C [E]. */
    static final double SOFTENS_C = 22;

    private static final double FROM_C = -40;
    private static final double PER_K = 2;
    private static final int POINTS = 301;
    private static final FatSet NONE = new FatSet(null);

    private final double[] pa;

    private FatSet(double[] pa) {
        this.pa = pa;
    }

    static FatSet of(Component component, Mix mix) {
        var network = component.network();
        return network.exists() ? of(network, mix.airShare()) : NONE;
    }

    private static FatSet of(FatNetwork network, double air) {
        var pa = new double[POINTS];
        for (int i = 0; i < POINTS; i++) {
            pa[i] = (1 - air) * (1 - air) * network.applyAsDouble(FROM_C + i / PER_K);
        }
        return new FatSet(pa);
    }

    boolean exists() {
        return pa != null;
    }

    /** Rigidity at T °C, Pa. */
    double at(double celsius) {
        if (pa == null) {
            return 0;
        }
        double place = Math.max(0, Math.min(POINTS - 1.001, (celsius - FROM_C) * PER_K));
        int i = (int) place;
        return pa[i] + (place - i) * (pa[i + 1] - pa[i]);
    }

    /** Warmest temperature at which it still owes so much rigidity, Pa, to its fat, °C; far below zero for none. */
    double holdsUpToC(double wantedPa) {
        int i = exists() ? POINTS - 1 : -1;
        while (i >= 0 && pa[i] < wantedPa) {
            i--;
        }
        return FROM_C + i / PER_K;
    }
}
