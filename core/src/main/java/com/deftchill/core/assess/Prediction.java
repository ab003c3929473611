package com.deftchill.core.assess;

import java.util.Optional;

/**
 * What a batch of this formula is expected to do.
 *
 * @param setsAfterMinutes set to the centre
 * @param turnsOutAfterMinutes may be turned out
 * @param standingMm height on the plate a day after pouring, mm
 * @param mouldedMm height in the mould, mm
 * @param firmness a day after pouring, 0 to 100
 * @param firmnessWords the same in words
 * @param dipSeconds in water of 60 °C
 */
public record Prediction(
        Optional<Double> setsAfterMinutes,
        Optional<Double> turnsOutAfterMinutes,
        Optional<Double> standingMm,
        double mouldedMm,
        double firmness,
        String firmnessWords,
        Optional<Double> dipSeconds) {}
