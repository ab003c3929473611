package com.deftchill.core.assess;

import com.deftchill.core.amount.Typed;
import com.deftchill.core.assess.Assessment.Amounts;
import com.deftchill.core.assess.Assessment.Course;
import com.deftchill.core.assess.Assessment.Prediction;
import com.deftchill.core.assess.Assessment.Understood;
import com.deftchill.core.batch.BatchReader;
import com.deftchill.core.chill.ChillOptions;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.gel.Firmness;
import com.deftchill.core.gel.GelatinParameters;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.larder.GelProduct.Form;
import com.deftchill.core.larder.Mould.Release;
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

    private final GelatinParameters gelatin;
    private final ChillOptions chill;

    public Assessor(GelatinParameters gelatin, ChillOptions chill) {
        this.gelatin = gelatin;
        this.chill = chill;
    }

    /** What came of assessing: an assessment, or the problems that stand in its way. */
    public record Outcome(Optional<Assessment> assessment, List<Problem> problems) {}

    /** Assesses a formula as made in a kitchen; nothing is kept. */
    public Outcome assess(WrittenFormula formula, Workplace workplace) {
        var studied = study(formula, workplace);
        return new Outcome(studied.study().map(study -> assessment(study, workplace)), studied.problems());
    }

    /** What came of swapping: swaps, or the problems that stand in their way. */
    public record SwapOutcome(List<Swap> swaps, List<Problem> problems) {}

    /** Puts other gelling agents of the larder in place of the present one: those named, or all. */
    public SwapOutcome swaps(WrittenFormula formula, List<String> products, Workplace workplace) {
        var studied = study(formula, workplace);
        if (studied.study().isEmpty()) {
            return new SwapOutcome(List.of(), studied.problems());
        }
        var swapping = new Swapping(this, formula, workplace, studied.study().get());
        var present = studied.study().get().batch().component().gel().product().id();
        return new SwapOutcome(
                workplace.larder().gels().stream()
                        .filter(gel -> products.isEmpty() ? !gel.id().equals(present) : products.contains(gel.id()))
                        .map(swapping::to)
                        .toList(),
                List.of());
    }

    /** What came of scaling: a scaled formula, or the problems that stand in its way. */
    public record ScaleOutcome(Optional<Scaled> scaled, List<Problem> problems) {}

    /** Scales a formula to another mould, count or total. */
    public ScaleOutcome scale(WrittenFormula formula, ScaleWish wish, Workplace workplace) {
        var studied = study(formula, workplace);
        if (studied.study().isEmpty()) {
            return new ScaleOutcome(Optional.empty(), studied.problems());
        }
        return new Scaling(this, formula, workplace, studied.study().get()).to(wish);
    }

    /** Two states of a formula side by side. */
    public Comparison compare(WrittenFormula before, WrittenFormula after, Workplace workplace) {
        return Comparison.of(this, before, after, workplace);
    }

    /** What came of studying: a study, or the problems that stand in its way. */
    record Studied(Optional<Study> study, List<Problem> problems) {}

    /** Computes a formula through. */
    Studied study(WrittenFormula formula, Workplace workplace) {
        var reading = BatchReader.read(formula, workplace.larder(), workplace.kitchen());
        if (reading.batch().isEmpty()) {
            return new Studied(Optional.empty(), reading.problems());
        }
        var batch = reading.batch().get();
        double height = Study.fillMm(batch, batch.component().mix());
        if (!(height >= LEAST_FILL_MM)) {
            return new Studied(Optional.empty(), List.of(tooLow(formula, height)));
        }
        return new Studied(Optional.of(Study.of(batch, workplace.kitchen(), gelatin, chill)), List.of());
    }

    private static Problem tooLow(WrittenFormula formula, double height) {
        var rule = "fills each mould only " + Typed.write(height, 2) + " mm high; from " + Words.mm(LEAST_FILL_MM)
                + " on it can be computed: fill fewer moulds";
        return Problem.of(
                "fill-too-low", "/mould/count", "How many", formula.mould().count(), rule);
    }

    /** What a study comes to. */
    Assessment assessment(Study study, Workplace workplace) {
        var flags = new Flags(study, workplace.larder());
        var verdicts = verdicts(study, flags);
        return new Assessment(
                LineWriter.of(study, verdicts),
                amounts(study),
                Sections.of(study),
                course(study),
                Milestones.of(study),
                verdicts,
                prediction(study),
                DoseStrip.of(study),
                flags.all(),
                Method.of(study));
    }

    /** Worst first; within a tone, causes before what they cause. */
    private List<Verdict> verdicts(Study study, Flags flags) {
        var verdicts = new ArrayList<>(MixVerdicts.of(study));
        verdicts.addAll(BloomVerdicts.of(study));
        verdicts.addAll(HeatVerdicts.of(study, setsSooner(study)));
        verdicts.addAll(CoolingVerdicts.causes(study));
        verdicts.add(FirmnessVerdict.of(study));
        verdicts.addAll(TurnOutVerdicts.of(study));
        WantedVerdict.of(study).ifPresent(verdicts::add);
        verdicts.add(FitVerdict.of(study));
        verdicts.addAll(flags.cautions());
        verdicts.add(CoolingVerdicts.safety(study));
        verdicts.sort(Comparator.comparing(Verdict::tone));
        return verdicts;
    }

    /** How much sooner a cold share lets it set; NaN where there is none. */
    private double setsSooner(Study study) {
        return study.joining().filter(Joining::hasColdShare).isPresent() ? study.setsSoonerSeconds(chill) : Double.NaN;
    }

    private static Amounts amounts(Study study) {
        var component = study.batch().component();
        var gel = component.gel();
        boolean sheets = gel.product().form() == Form.SHEET;
        return new Amounts(
                component.lines().stream()
                        .map(line -> new Understood(line.part().grams(), line.how()))
                        .toList(),
                new Understood(gel.grams(), gel.how()),
                study.mix().massG(),
                study.mix().massG() * (1 - study.batch().loss()) / study.batch().count(),
                study.mix().gelatinPercent(),
                study.gramsPerLitre(),
                gel.waterG(),
                sheets ? Optional.of(gel.grams() / gel.product().sheetG()) : Optional.empty());
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
