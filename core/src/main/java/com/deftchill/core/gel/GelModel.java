package com.deftchill.core.gel;

import com.deftchill.core.larder.GelProduct;

/** How firm a gelling agent sets, and at which temperatures. */
public interface GelModel {

    /** Rigidity, Pa, of c g/L (agent per litre of water and agent) at a share of setting, with strength factor f. */
    double rigidity(double gramsPerLitre, double share, double factor);

    /** Temperature, °C, at which a gel of c g/L melts; far below zero for doses too small to gel. */
    double meltingPoint(double gramsPerLitre);

    /** Temperature, °C, at which a cooling mix of c g/L starts to set. */
    double settingOnset(double gramsPerLitre);

    /** A new history of setting for so many points, all liquid. */
    Setting setting(int points);

    /** The model of a product. */
    static GelModel of(GelatinParameters parameters, GelProduct product) {
        return product.isGelatin()
                ? new GelatinModel(parameters, product)
                : new TemperatureSetModel(parameters, product);
    }
}
