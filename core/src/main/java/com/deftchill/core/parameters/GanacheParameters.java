package com.deftchill.core.parameters;

/** Constants of chocolate joined with something wet; each is described by its row of {@code parameters.csv}. */
public record GanacheParameters(
        Parameter safePhi,
        Parameter splitsPhi,
        Parameter fatContinuousPhi,
        Parameter rescuePhi,
        Parameter seizesFrom,
        Parameter seizesTo,
        Parameter joinFrom,
        Parameter joinTo,
        Parameter keepAbove,
        Parameter softFrom,
        Parameter pipesFrom,
        Parameter rollsFrom,
        Parameter hardFrom,
        Parameter yolkFrom,
        Parameter yolkCarries,
        Parameter isOneFrom) {}
