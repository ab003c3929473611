package com.deftchill.server.formula;

import com.deftchill.core.assess.Prediction;
import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import java.util.Optional;

/**
 * What was predicted for a batch, as it is stored and told: a record of the log's own, so that no renaming in the core makes
 * the log unreadable. What an older or newer version has besides is passed over, what it lacks is absent.
 *
 * @param version of this form; 0 was stored before it had one
 * @param setsAfterMinutes set to the centre
 * @param turnsOutAfterMinutes may be turned out
 * @param standingMm height on the plate a day after pouring, mm
 * @param mouldedMm height in the mould, mm
 * @param firmness a day after pouring, 0 to 100
 * @param firmnessWords the same in words
 * @param dipSeconds in water of 60 °C
 * @param fingerprint what it was computed from: document, larder, settings, constants; empty before version 2
 */
@JsonIgnoreProperties(ignoreUnknown = true)
public record StoredPrediction(
        Integer version,
        Optional<Double> setsAfterMinutes,
        Optional<Double> turnsOutAfterMinutes,
        Optional<Double> standingMm,
        double mouldedMm,
        double firmness,
        String firmnessWords,
        Optional<Double> dipSeconds,
        String fingerprint) {
    /** The version this code writes. */
    private static final int VERSION = 2;

    public StoredPrediction {
        version = version == null ? 0 : version;
        setsAfterMinutes = setsAfterMinutes == null ? Optional.empty() : setsAfterMinutes;
        turnsOutAfterMinutes = turnsOutAfterMinutes == null ? Optional.empty() : turnsOutAfterMinutes;
        standingMm = standingMm == null ? Optional.empty() : standingMm;
        firmnessWords = firmnessWords == null ? "" : firmnessWords;
        dipSeconds = dipSeconds == null ? Optional.empty() : dipSeconds;
        fingerprint = fingerprint == null ? "" : fingerprint;
    }

    public static StoredPrediction of(Prediction predicted, String fingerprint) {
        return new StoredPrediction(
                VERSION,
                predicted.setsAfterMinutes(),
                predicted.turnsOutAfterMinutes(),
                predicted.standingMm(),
                predicted.mouldedMm(),
                predicted.firmness(),
                predicted.firmnessWords(),
                predicted.dipSeconds(),
                fingerprint);
    }

    /** As the core compares it. */
    public Prediction prediction() {
        return new Prediction(
                setsAfterMinutes, turnsOutAfterMinutes, standingMm, mouldedMm, firmness, firmnessWords, dipSeconds);
    }
}
