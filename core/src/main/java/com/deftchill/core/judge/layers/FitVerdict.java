package com.deftchill.core.judge.layers;

import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.text.Notation;
import com.deftchill.core.text.Words;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Evidence.Given;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.ArrayList;
import java.util.List;

/** Whether the mix fits the moulds. */
public final class FitVerdict {
    /** What a cook fills at most, so that moulds can be carried: share of the brim volume [E]. */
    private static final double CARRIED_FULL = 0.95;
    /** So much of the brim left over of each mould is no longer a spoonful for the cook [E]. */
    private static final double MUCH_LEFT_OVER = 0.1;
    /** Less than this share of the brim looks lost in its mould [E]. */
    private static final double LOOKS_LOST = 0.25;

    private FitVerdict() {}

    public static Verdict of(Dessert dessert) {
        var profile = dessert.batch().mould().vessel().profile();
        double brim = profile.brimMl();
        double fill = dessert.stack().fillMl();
        double over = dessert.stack().overMl();
        int count = dessert.batch().count();
        int comfortable = (int) Math.max(1, Math.ceil(fill * count / (CARRIED_FULL * brim) - 1e-9));
        if (over > 0) {
            var sentence = Words.ml(fill) + " for each mould that holds " + Words.ml(brim) + " to the brim: "
                    + Words.ml(over * count) + " left over in all. What follows is computed for full moulds.";
            return verdict(
                    dessert,
                    "overfilled",
                    over > MUCH_LEFT_OVER * brim ? Tone.BAD : Tone.CAUTION,
                    "Does not fit the moulds",
                    sentence,
                    countFix(dessert, Math.max(comfortable, count + 1)));
        }
        double heaped = dessert.stack().heapedMl();
        double lost = dessert.batch().loss() * dessert.totalG();
        var sentence = count + " x " + Words.ml(fill) + ", filled "
                + Words.mm(dessert.stack().fillMm()) + " high, "
                + Words.mm(profile.brimMm() - dessert.stack().fillMm()) + " below the rim."
                + (heaped > 0 ? " " + Words.ml(heaped) + " of what lies on top stand above it." : "")
                + (lost > 0 ? " " + Words.grams(lost) + " stays in bowl and jug." : "");
        if (fill < LOOKS_LOST * brim) {
            int fewer = (int) Math.max(comfortable, Math.floor(fill * count / (0.8 * brim)));
            return verdict(
                    dessert,
                    "underfilled",
                    Tone.CAUTION,
                    "Little in a large mould",
                    sentence,
                    countFix(dessert, fewer));
        }
        return verdict(dessert, "fits", Tone.NOTE, "Fits the moulds", sentence, List.of());
    }

    private static List<Fix> countFix(Dessert dessert, int count) {
        if (count == dessert.batch().count() || count > 2000) {
            return List.of();
        }
        double each = dessert.stack().fillMl() * dessert.batch().count() / count;
        return List.of(new Fix(
                "Fill " + count + (count == 1 ? " mould" : " moulds") + " instead of "
                        + dessert.batch().count(),
                Words.ml(each) + " in each",
                List.of(new Fix.Change("/moulds/count", Integer.toString(count)))));
    }

    private static Verdict verdict(
            Dessert dessert, String code, Tone tone, String headline, String sentence, List<Fix> fixes) {
        var given = new ArrayList<Given>();
        for (var portrait : dessert.portraits()) {
            if (portrait.bed().grams() > 0) {
                var of = portrait.mix();
                given.add(new Given(
                        portrait.name(),
                        Words.grams(of.massG()) + ", " + Notation.write(of.gramsPerMl(), 3) + " g/ml, "
                                + Words.ml(portrait.bed().ml()) + " in each"));
            }
        }
        given.add(
                new Given("Stays in bowl and jug", Words.percent(dessert.batch().loss())));
        given.add(new Given("Moulds", Integer.toString(dessert.batch().count())));
        given.add(new Given(
                "Brim volume",
                Words.ml(dessert.batch().mould().vessel().profile().brimMl())));
        var evidence = new Evidence(
                given,
                "Volume = mass / density, air included, shared evenly; the heights follow from the mould's profile.",
                List.of(),
                "About 1 % from the density, more with foam, and what stays in the bowl.",
                "The amounts, the count, another mould.");
        return new Verdict(code, tone, headline, sentence, "/moulds/count", evidence, fixes);
    }
}
