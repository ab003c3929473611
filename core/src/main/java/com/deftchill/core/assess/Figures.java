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
        double portion =
                a.components().stream().mapToDouble(c -> c.amounts().portionG()).sum();
        figures.put(
                "In each", Words.grams(portion) + ", " + Words.ml(a.section().fillMl()));
        boolean one = a.components().size() == 1;
        for (var component : a.components()) {
            var of = component.amounts();
            var name = one ? "" : ": " + component.name();
            figures.put("Made" + name, Words.grams(of.totalG()) + ", " + Words.ml(of.yieldMl()));
            if (of.gelatinPercent() > 0) {
                figures.put(
                        "Gelling agent" + name,
                        Typed.write(of.gelatinPercent(), 2) + " % of the mix, "
                                + Typed.write(of.gelatinGramsPerLitre(), 1) + " g/L of its water");
            }
            if (of.airPercent() > 0.05) {
                figures.put("Air" + name, Typed.write(of.airPercent(), 0) + " % of the volume");
            }
        }
        for (var flag : a.flags()) {
            figures.put(flag.label(), flag.words());
        }
        return figures;
    }
}
