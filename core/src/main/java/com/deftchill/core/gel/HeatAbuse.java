package com.deftchill.core.gel;

import com.deftchill.core.parameters.GelParameters;

/**
 * Strength that gelatin loses while it is held hot: first order, rate r = 2 %/h at 80 °C, doubling every 10 K (so 0.5 at
 * 60, 8 at 100), three times as fast at pH 3.5 as at 6.5 and above, on the logarithm between [E]: handbook 2.
 */
public final class HeatAbuse {
    private static final double RATE_C = 80;
    private static final double ACID_PH = 3.5;
    private static final double NEUTRAL_PH = 6.5;

    private HeatAbuse() {}

    /** Share of the strength left after some minutes at T °C. */
    public static double kept(GelParameters p, double celsius, double minutes, double ph) {
        double acid = Math.pow(
                p.heatLossAcid().value(), Math.max(0, Math.min(1, (NEUTRAL_PH - ph) / (NEUTRAL_PH - ACID_PH))));
        double rate = p.heatLoss().value()
                * Math.pow(2, (celsius - RATE_C) / p.heatLossDoubles().value())
                * acid;
        return Math.exp(-rate * minutes / 60);
    }
}
