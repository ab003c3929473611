package com.deftchill.core.alternative;

import com.deftchill.core.assess.Assessment;
import com.deftchill.core.assess.ComponentAnswer;
import com.deftchill.core.text.Notation;
import com.deftchill.core.text.Words;
import java.util.ArrayList;
import java.util.List;

/** The figures of an assessment that a cook compares, in words. */
final class Figures {
    private static final double NO_AIR_PERCENT = 0.05;

    private final Assessment assessment;
    private final List<Entry> entries = new ArrayList<>();

    private Figures(Assessment assessment) {
        this.assessment = assessment;
    }

    static List<Entry> of(Assessment assessment) {
        return new Figures(assessment).all();
    }

    private List<Entry> all() {
        var a = assessment;
        var p = a.prediction();
        add("firmness", "Firmness", Notation.write(p.firmness(), 1) + " of 100, " + p.firmnessWords());
        a.milestones()
                .forEach(m -> add("milestone." + m.code(), m.label(), m.clock().orElse("not within two days")));
        p.standingMm()
                .ifPresent(mm -> add(
                        "stands", "Stands", Notation.write(mm, 1) + " of " + Notation.write(p.mouldedMm(), 1) + " mm"));
        p.dipSeconds().ifPresent(s -> add("dip", "Dip", Words.seconds(s) + " s"));
        double portion =
                a.components().stream().mapToDouble(c -> c.amounts().portionG()).sum();
        add(
                "each",
                "In each",
                Words.grams(portion) + ", " + Words.ml(a.section().fillMl()));
        a.components().forEach(this::component);
        a.flags().forEach(flag -> entries.add(new Entry("flag." + flag.code(), flag.label(), flag.words())));
        return entries;
    }

    private void component(ComponentAnswer component) {
        var of = component.amounts();
        var key = "component." + component.id() + ".";
        var name = assessment.components().size() == 1 ? "" : ": " + component.name();
        add(key + "made", "Made" + name, Words.grams(of.totalG()) + ", " + Words.ml(of.yieldMl()));
        if (of.gelatinPercent() > 0) {
            add(
                    key + "gel",
                    "Gelling agent" + name,
                    Notation.write(of.gelatinPercent(), 2) + " % of the mix, "
                            + Notation.write(of.gelatinGramsPerLitre(), 1) + " g/L of its water");
        }
        if (of.airPercent() > NO_AIR_PERCENT) {
            add(key + "air", "Air" + name, Notation.write(of.airPercent(), 0) + " % of the volume");
        }
    }

    private void add(String key, String name, String text) {
        entries.add(Entry.of(key, name, text));
    }
}
