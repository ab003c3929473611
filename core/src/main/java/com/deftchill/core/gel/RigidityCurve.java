package com.deftchill.core.gel;

/**
 * Rigidity by share of setting for one concentration and factor, tabulated: a chill asks for it at every cell and step,
 * and a power is slow. Linear between nodes; above 20 Pa within 2e-4 of {@link GelModel#rigidity}.
 */
public final class RigidityCurve {
    private static final int NODES = 2048;
    /** Beyond any share of setting: the strongest gelatin matured at 0 °C comes to 1.4. */
    private static final double MOST_SHARE = 1.6;

    private final double[] pa = new double[NODES + 2];

    public RigidityCurve(GelModel model, double gramsPerLitre, double factor) {
        for (int node = 0; node < pa.length; node++) {
            pa[node] = model.rigidity(gramsPerLitre, node * MOST_SHARE / NODES, factor);
        }
    }

    /** Rigidity, Pa, at a share of setting from 0 to {@value #MOST_SHARE}. */
    public double at(double share) {
        double place = Math.min(NODES, share * (NODES / MOST_SHARE));
        int node = (int) place;
        return pa[node] + (place - node) * (pa[node + 1] - pa[node]);
    }
}
