package com.deftchill.core.judge.component;

import com.deftchill.core.batch.Component;
import com.deftchill.core.batch.Wanted;
import com.deftchill.core.dessert.Study;
import com.deftchill.core.dose.Dosing;
import com.deftchill.core.dose.GelEvidence;
import com.deftchill.core.gel.Firmness;
import com.deftchill.core.text.Notation;
import com.deftchill.core.text.Words;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.List;
import java.util.Optional;

/** The dose for a firmness or a standing height that the cook asked for. */
public final class WantedVerdict {
    /** Nearer than this to the figure asked for is met. */
    private static final double NEAR = 0.5;

    private WantedVerdict() {}

    public static Optional<Verdict> of(Study study) {
        return study.batch().wanted().map(wanted -> verdict(study, wanted));
    }

    private static Verdict verdict(Study study, Wanted wanted) {
        boolean height = wanted.kind() == Wanted.Kind.HEIGHT_MM;
        double now = height ? study.standingMm() : Firmness.score(study.judgedPa());
        var asked = height
                ? "stands " + Words.mm(wanted.value())
                : "firmness " + Notation.write(wanted.value(), 0) + " of 100";
        var is = (height ? Notation.write(now, 1) + " mm" : Notation.write(now, 1)) + " as written";
        if (Math.abs(now - wanted.value()) <= NEAR) {
            return of(study, "wanted-met", Tone.GOOD, "As you want it: " + asked, "It is " + is + ".", true);
        }
        boolean possible = study.component().gel() != Component.Gel.NONE
                && new Dosing(study).fix().isPresent();
        return possible
                ? of(study, "wanted", Tone.CAUTION, "Not yet as you want it: " + asked, "It is " + is + ".", false)
                : of(
                        study,
                        "wanted-impossible",
                        Tone.CAUTION,
                        "No dose reaches it: " + asked,
                        "It is " + is + "; "
                                + (height
                                        ? "it fills " + Words.mm(study.slump().heightMm())
                                                + " and always sinks a little."
                                        : "an enzyme, alcohol or a warm fridge stands in the way."),
                        true);
    }

    private static Verdict of(
            Study study, String code, Tone tone, String headline, String sentence, boolean withoutFix) {
        var fixes =
                withoutFix ? List.<Fix>of() : new Dosing(study).fix().stream().toList();
        return new Verdict(code, tone, headline, sentence, "/wanted", GelEvidence.firmness(study), fixes);
    }
}
