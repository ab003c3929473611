package com.deftchill.core.gel;

import com.deftchill.core.larder.GelProduct;
import com.deftchill.core.parameters.GelParameters;

/**
 * Agar and the carrageenans: a simpler model, stated as such. The gel forms within minutes below its setting temperature
 * and lasts until it is heated to its melting temperature, far above; so much of the agent is as firm as so many times
 * its mass of 200 Bloom gelatin matured at 4 °C (handbook 2: agar 4 [L]; carrageenans [E]).
 */
public final class TemperatureSetModel implements GelModel {
    private static final double REFERENCE_BLOOM = 200;
    private static final double REFERENCE_C = 4;
    private static final double MAMMAL_MAX_MELT_C = 33;
    private final GelatinModel reference;
    private final double referenceShare;
    private final GelProduct.Heat heat;
    private final double setsSeconds;
    private final double meltsSeconds;

    TemperatureSetModel(GelParameters parameters, GelProduct product) {
        reference = new GelatinModel(parameters, REFERENCE_BLOOM, MAMMAL_MAX_MELT_C);
        referenceShare = reference.equilibriumHelixShare(REFERENCE_C);
        heat = product.heat();
        setsSeconds = parameters.setsWithin().value();
        meltsSeconds = parameters.meltsWithin().value();
    }

    @Override
    public double rigidity(double gramsPerLitre, double share, double factor) {
        return reference.rigidity(heat.likeGelatin() * gramsPerLitre, referenceShare * share, factor);
    }

    @Override
    public double meltingPoint(double gramsPerLitre) {
        return rigidity(gramsPerLitre, 1, 1) > 0 ? heat.meltsC() : NEVER_C;
    }

    @Override
    public double settingOnset(double gramsPerLitre) {
        return heat.setsC();
    }

    @Override
    public double shareAt(double share, double celsius) {
        return celsius > heat.meltsC() ? 0 : share;
    }

    @Override
    public Setting setting(int points) {
        return new Thermal(points);
    }

    /** Shares that grow below the setting point, stay up to the melting point, and vanish above it. */
    private final class Thermal implements Setting {
        private final double[] share;

        Thermal(int points) {
            share = new double[points];
        }

        private Thermal(double[] share) {
            this.share = share.clone();
        }

        @Override
        public Setting copy() {
            return new Thermal(share);
        }

        @Override
        public void advance(double[] celsius, double seconds) {
            double sets = Math.exp(-seconds / setsSeconds);
            double melts = Math.exp(-seconds / meltsSeconds);
            for (int point = 0; point < share.length; point++) {
                if (celsius[point] < heat.setsC()) {
                    share[point] = 1 - (1 - share[point]) * sets;
                } else if (celsius[point] > heat.meltsC()) {
                    share[point] *= melts;
                }
            }
        }

        @Override
        public double[] shares() {
            return share;
        }
    }
}
