package com.deftchill.core.parameters;

/** Constants of how long it keeps; each is described by its row of {@code parameters.csv}. */
public record KeepingParameters(
        Parameter set, Parameter shell, Parameter freshFruit, Parameter rawEgg, Parameter sameDay) {}
