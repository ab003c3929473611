package com.deftchill.core.judge.component;

import com.deftchill.core.batch.Component;
import com.deftchill.core.dessert.Study;
import com.deftchill.core.dose.Dosing;
import com.deftchill.core.dose.GelEvidence;
import com.deftchill.core.gel.Firmness;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.List;
import java.util.Locale;

/** Too soft, right, or too firm for the way it is served, a day after pouring. */
public final class FirmnessVerdict {
    private FirmnessVerdict() {}

    public static Verdict of(Study study) {
        var served = study.batch().served();
        double pa = study.judgedPa();
        double score = Firmness.score(pa);
        double from = Firmness.score(study.leastPa());
        double to = Firmness.score(study.mostPa());
        // One decimal where whole figures would look as if it were on target.
        boolean near = Math.min(Math.abs(score - from), Math.abs(score - to)) < 1;
        var scale = String.format(
                Locale.ROOT,
                near
                        ? "Firmness %.1f of 100 the next day, %s; %s wants %.1f to %.1f."
                        : "Firmness %.0f of 100 the next day, %s; %s wants %.0f to %.0f.",
                score,
                study.words(pa),
                served.words(),
                from,
                to);
        if (pa < study.leastPa()) {
            return verdict(study, "too-soft", Tone.BAD, "Too soft to be " + served.words(), scale, fixes(study));
        }
        if (pa > study.mostPa()) {
            var headline =
                    pa >= Firmness.RUBBER.fromPa() && !study.fatSet() ? "Rubbery" : "Too firm to be " + served.words();
            return verdict(study, "too-firm", Tone.BAD, headline, scale, fixes(study));
        }
        return verdict(study, "firmness-right", Tone.GOOD, "Firmness is on target", scale, List.of());
    }

    private static List<Fix> fixes(Study study) {
        return study.component().gel() == Component.Gel.NONE
                ? List.of()
                : new Dosing(study).fix().stream().toList();
    }

    private static Verdict verdict(
            Study study, String code, Tone tone, String headline, String sentence, List<Fix> fixes) {
        return new Verdict(
                code, tone, headline, sentence, study.at("/gels/0/amount"), GelEvidence.firmness(study), fixes);
    }
}
