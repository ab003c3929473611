package com.deftchill.core.assess;

import com.deftchill.core.amount.Typed;
import com.deftchill.core.assess.Assessment.Amounts;
import com.deftchill.core.assess.Assessment.Course;
import com.deftchill.core.assess.Assessment.Prediction;
import com.deftchill.core.batch.BatchReader;
import com.deftchill.core.chill.ChillOptions;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.gel.Firmness;
import com.deftchill.core.gel.GelatinParameters;
import com.deftchill.core.larder.GelatinProduct.Form;
import com.deftchill.core.larder.Larder;
import com.deftchill.core.larder.Mould.Release;
import com.deftchill.core.mix.Mix;
import com.deftchill.core.verdict.Problem;
import com.deftchill.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** From a written formula to its whole assessment. Safe for use by many threads. */
public final class Assessor {
    /** A film lower than this is no dessert, and its cooling is that of its mould. */
    private static final double LEAST_FILL_MM = 2;

    private final Larder larder;
    private final GelatinParameters gelatin;
    private final ChillOptions chill;

    public Assessor(Larder larder, GelatinParameters gelatin, ChillOptions chill) {
        this.larder = larder;
        this.gelatin = gelatin;
        this.chill = chill;
    }

    /** What came of assessing: an assessment, or the problems that stand in its way. */
    public record Outcome(Optional<Assessment> assessment, List<Problem> problems) {}

    /** Assesses a formula; nothing is kept. */
    public Outcome assess(WrittenFormula formula) {
        var reading = BatchReader.read(formula, larder);
        if (reading.batch().isEmpty()) {
            return new Outcome(Optional.empty(), reading.problems());
        }
        var batch = reading.batch().get();
        double height = Study.fillMm(batch, batch.component().mix());
        if (!(height >= LEAST_FILL_MM)) {
            return new Outcome(Optional.empty(), List.of(tooLow(formula, height)));
        }
        return new Outcome(Optional.of(assessment(Study.of(batch, gelatin, chill))), List.of());
    }

    private static Problem tooLow(WrittenFormula formula, double height) {
        var rule = "fills each mould only " + Typed.write(height, 2) + " mm high; from " + Words.mm(LEAST_FILL_MM)
                + " on it can be computed: fill fewer moulds";
        return new Problem(
                "fill-too-low", "/mould/count", "How many", formula.mould().count(), rule);
    }

    private static Assessment assessment(Study study) {
        var verdicts = verdicts(study);
        return new Assessment(
                LineWriter.of(study, verdicts),
                amounts(study),
                Sections.of(study),
                course(study),
                Milestones.of(study),
                verdicts,
                prediction(study));
    }

    /** Worst first; within a tone, causes before what they cause. */
    private static List<Verdict> verdicts(Study study) {
        var verdicts = new ArrayList<>(MixVerdicts.of(study));
        verdicts.addAll(CoolingVerdicts.causes(study));
        verdicts.add(FirmnessVerdict.of(study));
        verdicts.addAll(TurnOutVerdicts.of(study));
        verdicts.add(FitVerdict.of(study));
        verdicts.add(CoolingVerdicts.safety(study));
        verdicts.sort(Comparator.comparing(Verdict::tone));
        return verdicts;
    }

    private static Amounts amounts(Study study) {
        var component = study.batch().component();
        var product = component.gelatin();
        return new Amounts(
                component.parts().stream().map(Mix.Part::grams).toList(),
                study.mix().massG(),
                study.mix().massG() / study.batch().count(),
                study.mix().gelatinPercent(),
                study.gramsPerLitre(),
                product.form() == Form.SHEET ? Optional.of(component.gelatinG() / product.sheetG()) : Optional.empty());
    }

    private static Course course(Study study) {
        var served = study.batch().served();
        return new Course(
                study.history().minutes(),
                Arrays.stream(study.history().weakestPa()).map(Firmness::score).toArray(),
                study.history().warmestC(),
                Firmness.score(served.leastPa()),
                Firmness.score(served.mostPa()));
    }

    private static Prediction prediction(Study study) {
        boolean turnsOut = Milestones.turnsOut(study);
        double dip = study.dip().aim();
        boolean dipped = turnsOut && study.batch().mould().release() == Release.DIP;
        return new Prediction(
                minutes(study.history().setSeconds()),
                turnsOut ? minutes(study.history().readySeconds()) : Optional.empty(),
                turnsOut ? Optional.of(study.standingMm()) : Optional.empty(),
                study.slump().heightMm(),
                Firmness.score(study.judgedPa()),
                Firmness.of(study.judgedPa()).words(),
                dipped && Double.isFinite(dip) ? Optional.of(dip) : Optional.empty());
    }

    private static Optional<Double> minutes(double seconds) {
        return Double.isInfinite(seconds) ? Optional.empty() : Optional.of(seconds / 60);
    }
}
