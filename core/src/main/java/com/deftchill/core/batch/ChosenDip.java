package com.deftchill.core.batch;

import java.util.OptionalDouble;

/**
 * The dip that the cook wants.
 *
 * @param waterC of its water, °C; absent: as usual
 * @param seconds that it lasts; 0: as computed
 */
public record ChosenDip(OptionalDouble waterC, double seconds) {}
