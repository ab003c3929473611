package com.deftchill.core.assess;

import com.deftchill.core.gel.Firmness;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.List;
import java.util.Locale;

/** Too soft, right, or too firm for the way it is served, a day after pouring. */
final class FirmnessVerdict {
    private static final String PATH = "/components/0/gel/amount";

    private FirmnessVerdict() {}

    static Verdict of(Study study) {
        var served = study.batch().served();
        double pa = study.judgedPa();
        double score = Math.rint(Firmness.score(pa));
        double from = Math.rint(Firmness.score(served.leastPa()));
        double to = Math.rint(Firmness.score(served.mostPa()));
        var scale = String.format(
                Locale.ROOT,
                "Firmness %.0f of 100 the next day, %s; %s wants %.0f to %.0f.",
                score,
                Firmness.of(pa).words(),
                served.words(),
                from,
                to);
        if (pa < served.leastPa()) {
            return verdict(study, "too-soft", Tone.BAD, "Too soft to be " + served.words(), scale, fixes(study));
        }
        if (pa > served.mostPa()) {
            var headline = pa >= Firmness.RUBBER.fromPa() ? "Rubbery" : "Too firm to be " + served.words();
            return verdict(study, "too-firm", Tone.BAD, headline, scale, fixes(study));
        }
        return verdict(study, "firmness-right", Tone.GOOD, "Firmness is on target", scale, List.of());
    }

    private static List<Fix> fixes(Study study) {
        return new Dosing(study).fix().stream().toList();
    }

    private static Verdict verdict(
            Study study, String code, Tone tone, String headline, String sentence, List<Fix> fixes) {
        return new Verdict(code, tone, headline, sentence, PATH, GelEvidence.firmness(study), fixes);
    }
}
