package com.deftchill.core.gel;

import com.deftchill.core.larder.GelProduct;

/** How firm a gelling agent sets, and at which temperatures. */
public interface GelModel {
    /** What no kitchen reaches: melting point and onset of what is not a gel, °C. */
    double NEVER_C = -100;

    /** Of a mix without a gelling agent. */
    GelModel NONE = new NoGel();

    /** Rigidity, Pa, of c g/L (agent per litre of water and agent) at a share of setting, with strength factor f. */
    double rigidity(double gramsPerLitre, double share, double factor);

    /** Temperature, °C, at which a gel of c g/L melts; far below zero for doses too small to gel. */
    double meltingPoint(double gramsPerLitre);

    /** Temperature, °C, at which a cooling mix of c g/L starts to set. */
    double settingOnset(double gramsPerLitre);

    /** Share of setting left after warming to T °C, of a share reached in the cold. */
    double shareAt(double share, double celsius);

    /** A new history of setting for so many points, all liquid. */
    Setting setting(int points);

    /** The model of a product. */
    static GelModel of(GelatinParameters parameters, GelProduct product) {
        return switch (product.agent()) {
            case GELATIN -> new GelatinModel(parameters, product);
            case AGAR, IOTA, KAPPA -> new TemperatureSetModel(parameters, product);
            case NONE -> NONE;
        };
    }
}
