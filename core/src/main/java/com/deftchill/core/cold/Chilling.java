package com.deftchill.core.cold;

import com.deftchill.core.alternative.Trial;
import com.deftchill.core.assess.Assessor;
import com.deftchill.core.batch.Batch;
import com.deftchill.core.batch.BatchReader;
import com.deftchill.core.build.Nudge;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.label.Flags;
import com.deftchill.core.timing.Uncertainty;
import com.deftchill.core.verdict.Answer;
import com.deftchill.core.verdict.Problem;
import java.util.List;

/** The chill of a formula: the whole of it, and how sure its moments are. Safe for use by many threads. */
public final class Chilling {
    private final Assessor assessor;

    public Chilling(Assessor assessor) {
        this.assessor = assessor;
    }

    /** The whole chill of a formula, with the field over time and what happens at the table. */
    public Answer<Chilled> chill(WrittenFormula formula, Workplace workplace) {
        var settings = assessor.settings(workplace).recording();
        return assessor.study(formula, workplace, settings).flatMap(dessert -> {
            if (dessert.studies().isEmpty()) {
                return Answer.not(List.of(
                        Problem.of("nothing-poured", "/components", "Components", "", Problem.rule("nothing-poured"))));
            }
            var judged = assessor.judge(dessert, new Flags(dessert, workplace.larder()));
            var tried = new Trial(assessor, formula, workplace).tried(dessert, judged.all());
            var ofChill = judged.ofChill();
            // Of those of the chill, the same ones as they were tried.
            var shown = tried.stream()
                    .filter(t -> ofChill.stream()
                            .anyMatch(v -> v.code().equals(t.code())
                                    && v.path().equals(t.path())
                                    && v.sentence().equals(t.sentence())))
                    .toList();
            return Answer.of(new Chilled(dessert, ColdWriter.of(dessert, tried, shown)));
        });
    }

    /** How early and how late each milestone may come: the corners of what is not known exactly. */
    public Answer<Uncertainty> uncertainty(WrittenFormula formula, Workplace workplace) {
        var settings = assessor.settings(workplace);
        return assessor.study(formula, workplace, settings)
                .map(likely -> Uncertainty.of(
                        likely, nudge -> Dessert.of(batch(likely, formula, workplace, nudge), settings.with(nudge))));
    }

    private static Batch batch(Dessert likely, WrittenFormula formula, Workplace workplace, Nudge nudge) {
        var now = workplace.parameters();
        var parameters = switch (nudge.body()) {
            case LIKELY -> now;
            case SLOW_FAT -> now.withFat(true);
            case FAST_FAT -> now.withFat(false);
            case WEAK_REST -> now.withRest(true);
            case FIRM_REST -> now.withRest(false);
        };
        if (parameters == now) {
            return likely.batch();
        }
        return BatchReader.read(formula, new Workplace(workplace.larder(), workplace.kitchen(), parameters))
                .batch()
                .orElseThrow();
    }
}
