package com.deftchill.core.parameters;

/** Constants of coolers, bowls, freezing and the table; each is described by its row of {@code parameters.csv}. */
public record ColdParameters(
        Parameter tray,
        Parameter stillAir,
        Parameter film,
        Parameter lid,
        Parameter doorHeat,
        Parameter spent,
        Parameter bowlRoom,
        Parameter bowlIce,
        Parameter turnsOutBelow,
        Parameter peels,
        Parameter thawed,
        Parameter weeps,
        Parameter tableRoom,
        Parameter plate,
        Parameter surfaceSpread,
        Parameter strengthSpread,
        Parameter airSpread,
        Parameter pourSpread) {}
