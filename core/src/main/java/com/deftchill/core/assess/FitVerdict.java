package com.deftchill.core.assess;

import com.deftchill.core.amount.Typed;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Evidence.Given;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.List;

/** Whether the mix fits the moulds. */
final class FitVerdict {
    /** What a cook fills at most, so that moulds can be carried: share of the brim volume [E]. */
    private static final double CARRIED_FULL = 0.95;
    /** Less than this share of the brim looks lost in its mould [E]. */
    private static final double LOOKS_LOST = 0.25;

    private FitVerdict() {}

    static Verdict of(Study study) {
        double brim = study.batch().mould().vessel().profile().brimMl();
        double fill = study.fillMl();
        int count = study.batch().count();
        int comfortable = (int) Math.max(1, Math.ceil(fill * count / (CARRIED_FULL * brim) - 1e-9));
        if (fill > brim) {
            var sentence = Words.ml(fill) + " for each mould that holds " + Words.ml(brim) + " to the brim: "
                    + Words.ml((fill - brim) * count) + " left over in all. What follows is computed for full moulds.";
            return verdict(
                    study, "overfilled", Tone.BAD, "Does not fit the moulds", sentence, countFix(study, comfortable));
        }
        double lost = study.batch().loss() * study.mix().massG();
        var sentence = count + " x " + Words.ml(fill) + ", filled " + Words.mm(study.fillMm()) + " high, "
                + Words.mm(study.batch().mould().vessel().profile().brimMm() - study.fillMm()) + " below the rim."
                + (lost > 0 ? " " + Words.grams(lost) + " stays in bowl and jug." : "");
        if (fill < LOOKS_LOST * brim) {
            int fewer = (int) Math.max(1, Math.floor(fill * count / (0.8 * brim)));
            return verdict(
                    study, "underfilled", Tone.CAUTION, "Little in a large mould", sentence, countFix(study, fewer));
        }
        return verdict(study, "fits", Tone.NOTE, "Fits the moulds", sentence, List.of());
    }

    private static List<Fix> countFix(Study study, int count) {
        if (count == study.batch().count() || count > 2000) {
            return List.of();
        }
        double each = study.fillMl() * study.batch().count() / count;
        return List.of(new Fix(
                "Fill " + count + " moulds instead of " + study.batch().count(),
                Words.ml(each) + " in each",
                List.of(new Fix.Change("/mould/count", Integer.toString(count)))));
    }

    private static Verdict verdict(
            Study study, String code, Tone tone, String headline, String sentence, List<Fix> fixes) {
        var profile = study.batch().mould().vessel().profile();
        var evidence = new Evidence(
                List.of(
                        new Given("Mass of the mix", Words.grams(study.mix().massG())),
                        new Given(
                                "Stays in bowl and jug",
                                Words.percent(study.batch().loss())),
                        new Given("Density", Typed.write(study.material().density(), 0) + " kg/m3"),
                        new Given("Moulds", Integer.toString(study.batch().count())),
                        new Given("Brim volume", Words.ml(profile.brimMl()))),
                "Volume = mass / density, shared evenly; the height follows from the mould's profile.",
                List.of(),
                "About 1 % from the density, and what stays in the bowl.",
                "The amounts, the count, another mould.");
        return new Verdict(code, tone, headline, sentence, "/mould/count", evidence, fixes);
    }
}
