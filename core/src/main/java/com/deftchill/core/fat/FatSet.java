package com.deftchill.core.fat;

/** Rigidity that a component owes to its fat, over temperature, as a table: the network weakened by its air. */
public final class FatSet {
    private static final double FROM_C = -40;
    private static final double PER_K = 2;
    private static final int POINTS = 301;
    private static final FatSet NONE = new FatSet(null);

    private final double[] pa;

    private FatSet(double[] pa) {
        this.pa = pa;
    }

    /** What a network gives a body of which so much is air, 0 to 1. */
    public static FatSet of(FatNetwork network, double air) {
        if (!network.exists()) {
            return NONE;
        }
        var pa = new double[POINTS];
        for (int i = 0; i < POINTS; i++) {
            pa[i] = (1 - air) * (1 - air) * network.applyAsDouble(FROM_C + i / PER_K);
        }
        return new FatSet(pa);
    }

    /** Whether there is any. */
    public boolean exists() {
        return pa != null;
    }

    /** Rigidity at T °C, Pa. */
    public double at(double celsius) {
        if (pa == null) {
            return 0;
        }
        double place = Math.max(0, Math.min(POINTS - 1.001, (celsius - FROM_C) * PER_K));
        int i = (int) place;
        return pa[i] + (place - i) * (pa[i + 1] - pa[i]);
    }

    /** Warmest temperature at which it still owes so much rigidity, Pa, to its fat, °C; far below zero for none. */
    public double holdsUpToC(double wantedPa) {
        int i = exists() ? POINTS - 1 : -1;
        while (i >= 0 && pa[i] < wantedPa) {
            i--;
        }
        return FROM_C + i / PER_K;
    }
}
