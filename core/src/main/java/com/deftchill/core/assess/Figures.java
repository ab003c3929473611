package com.deftchill.core.assess;

import com.deftchill.core.amount.Typed;
import java.util.LinkedHashMap;
import java.util.Map;

/** The figures of an assessment that a cook compares, in words, by name. */
final class Figures {
    private Figures() {}

    static Map<String, String> of(Assessment a) {
        var figures = new LinkedHashMap<String, String>();
        var prediction = a.prediction();
        figures.put("Firmness", Typed.write(prediction.firmness(), 1) + " of 100, " + prediction.firmnessWords());
        for (var milestone : a.milestones()) {
            figures.put(milestone.label(), milestone.clock().orElse("not within two days"));
        }
        prediction
                .standingMm()
                .ifPresent(mm -> figures.put(
                        "Stands", Typed.write(mm, 1) + " of " + Typed.write(prediction.mouldedMm(), 1) + " mm"));
        prediction.dipSeconds().ifPresent(s -> figures.put("Dip", Words.seconds(s) + " s"));
        figures.put("Made in all", Words.grams(a.amounts().totalG()));
        figures.put(
                "In each",
                Words.grams(a.amounts().portionG()) + ", "
                        + Words.ml(a.section().fillMl()));
        figures.put(
                "Gelling agent",
                Typed.write(a.amounts().gelatinPercent(), 2) + " % of the mix, "
                        + Typed.write(a.amounts().gelatinGramsPerLitre(), 1) + " g/L of its water");
        for (var flag : a.flags()) {
            figures.put(flag.label(), flag.words());
        }
        return figures;
    }
}
