package com.deftchill.core.dose;

import com.deftchill.core.dessert.Study;
import com.deftchill.core.larder.Roles;
import com.deftchill.core.text.Words;
import com.deftchill.core.verdict.Fix;
import java.util.ArrayList;
import java.util.List;

/** What has nothing that sets it is set with a usual dose of the gelatin that is in the larder first. */
public final class UsualDose {
    /** Bloom water to a gram of gelatin, g. */
    private static final double WATER = 5;

    private static final double POURED_C = 34;

    private UsualDose() {}

    public static Fix fix(Study study) {
        return with(study, List.of(new Fix.Change(study.at("/work/pour/at"), study.celsius(POURED_C))));
    }

    /** The same where foam is folded in: how warm it is then poured follows from that. */
    public static Fix ofFoam(Study study) {
        return with(study, List.of());
    }

    private static Fix with(Study study, List<Fix.Change> poured) {
        double grams = study.kitchen()
                .weighed(study.parameters().turnout().usualDose().value()
                        * study.mix().massG());
        var dose = Words.grams(grams);
        var changes = new ArrayList<>(List.of(
                new Fix.Change(study.at("/gels/0/of"), Roles.SHEET),
                new Fix.Change(study.at("/gels/0/amount"), dose),
                new Fix.Change(study.at("/gels/0/bloom"), "weighed"),
                new Fix.Change(study.at("/gels/0/water"), Words.grams(WATER * grams))));
        changes.addAll(poured);
        return new Fix(
                "Set " + study.component().name() + " with " + dose + " of gold gelatin",
                "a usual dose: see how firm it gets",
                changes);
    }
}
