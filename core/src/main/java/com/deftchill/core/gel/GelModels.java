package com.deftchill.core.gel;

import com.deftchill.core.larder.GelProduct;
import com.deftchill.core.parameters.GelParameters;

/** The model of each gelling agent. */
public final class GelModels {
    /** Of a mix without a gelling agent. */
    public static final GelModel NONE = new NoGel();

    private GelModels() {}

    /** The model of a product. */
    public static GelModel of(GelParameters parameters, GelProduct product) {
        return switch (product.agent()) {
            case GELATIN -> new GelatinModel(parameters, product);
            case AGAR, IOTA, KAPPA -> new TemperatureSetModel(parameters, product);
            case NONE -> NONE;
        };
    }
}
