package com.deftchill.core.parameters;

/** Constants of layers upon each other; each is described by its row of {@code parameters.csv}. */
public record LayerParameters(
        Parameter carries,
        Parameter crumbHardens,
        Parameter bonds,
        Parameter best,
        Parameter bleeds,
        Parameter mixes,
        Parameter swells,
        Parameter seepingAlcohol,
        Parameter seepingAcid,
        Parameter seepingSalt,
        Parameter tannin,
        Parameter rawFruitAir,
        Parameter holdsPieces,
        Parameter floatMargin,
        Parameter steep) {}
