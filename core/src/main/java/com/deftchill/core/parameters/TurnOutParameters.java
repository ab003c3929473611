package com.deftchill.core.parameters;

/** Constants of the dip and how a body stands; each is described by its row of {@code parameters.csv}. */
public record TurnOutParameters(
        Parameter water,
        Parameter dipWater,
        Parameter slides,
        Parameter aim,
        Parameter loses,
        Parameter crisp,
        Parameter trembling,
        Parameter sags,
        Parameter suctionFrom,
        Parameter usualDose) {}
