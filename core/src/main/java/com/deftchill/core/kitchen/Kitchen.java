package com.deftchill.core.kitchen;

import com.deftchill.core.amount.Measures;
import com.deftchill.core.text.TemperatureScale;
import java.time.ZoneId;
import java.util.Map;
import java.util.Optional;

/**
 * How a kitchen works, understood.
 *
 * @param measures whose spoons and cups a new formula is written in
 * @param temperature scale that temperatures are shown in
 * @param swap school that is recommended first
 * @param bloom school that a new formula follows
 * @param strains whether mixes are strained
 * @param safety rule set for cooling
 * @param usAllergens whether the US list of nine counts, rather than the EU list of fourteen
 * @param scaleG what the scale shows, g
 * @param fineScaleG what the fine scale shows, g
 * @param fineBelowG what is weighed on the fine scale, g
 * @param roomC temperature of the room, °C
 * @param currency that prices are in
 * @param pricePerKg of ingredients and gelling agents by id, as far as they are given
 * @param zone time zone by whose clock plans are made; empty: that of whoever makes the plan
 */
public record Kitchen(
        String name,
        Measures measures,
        TemperatureScale temperature,
        SwapSchool swap,
        BloomSchool bloom,
        boolean strains,
        SafetyRules safety,
        boolean usAllergens,
        double scaleG,
        double fineScaleG,
        double fineBelowG,
        double roomC,
        String currency,
        Map<String, Double> pricePerKg,
        Optional<ZoneId> zone) {
    public Kitchen {
        pricePerKg = Map.copyOf(pricePerKg);
    }

    /** What the scale used for so many grams shows, g. */
    public double scaleFor(double grams) {
        return grams < fineBelowG ? fineScaleG : scaleG;
    }

    /** A mass rounded to what the scale shows, at least one division. */
    public double weighed(double grams) {
        double division = scaleFor(grams);
        return division * Math.max(1, Math.rint(grams / division));
    }
}
