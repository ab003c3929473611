package com.deftchill.core.assess;

import com.deftchill.core.amount.Typed;
import com.deftchill.core.batch.BatchReader;
import com.deftchill.core.batch.Component;
import com.deftchill.core.batch.Kind;
import com.deftchill.core.batch.Stack;
import com.deftchill.core.chill.ChillOptions;
import com.deftchill.core.chill.Stop;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.gel.Firmness;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.larder.Mould.Release;
import com.deftchill.core.text.Words;
import com.deftchill.core.verdict.Problem;
import com.deftchill.core.verdict.Verdict;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** From a written formula to its whole assessment. Safe for use by many threads. */
public final class Assessor {
    private final ChillOptions chill;

    public Assessor(ChillOptions chill) {
        this.chill = chill;
    }

    /** The same, asking at every step whether it is still to go on. */
    public Assessor stoppedBy(Stop stop) {
        return new Assessor(chill.stoppedBy(stop));
    }

    /** What came of assessing: an assessment, or the problems that stand in its way. */
    public record Outcome(Optional<Assessment> assessment, List<Problem> problems) {}

    /** Assesses a formula as made in a kitchen; nothing is kept. */
    public Outcome assess(WrittenFormula formula, Workplace workplace) {
        var studied = study(formula, workplace);
        return new Outcome(studied.dessert().map(dessert -> assessment(dessert, workplace)), studied.problems());
    }

    /** What came of chilling: everything about it, or the problems that stand in its way. */
    public record ColdOutcome(Optional<ColdAnswer> answer, List<Problem> problems) {}

    /** The whole chill of a formula, with the field over time and what happens at the table. */
    public ColdOutcome chill(WrittenFormula formula, Workplace workplace) {
        var settings = new Settings(workplace.kitchen(), chill).recording();
        var studied = study(formula, workplace, settings);
        if (studied.dessert().isEmpty()) {
            return new ColdOutcome(Optional.empty(), studied.problems());
        }
        var dessert = studied.dessert().get();
        if (dessert.studies().isEmpty()) {
            return new ColdOutcome(
                    Optional.empty(),
                    List.of(Problem.of(
                            "nothing-poured",
                            "/components",
                            "Components",
                            "",
                            "nothing in it is poured: there is no chill to follow")));
        }
        var judged = judge(dessert, new Flags(dessert, workplace.larder()));
        return new ColdOutcome(Optional.of(ColdWriter.of(dessert, judged.all(), judged.ofChill())), List.of());
    }

    /** How early and how late each milestone may come; the problems that stand in the way. */
    public record UncertaintyOutcome(Optional<Uncertainty> uncertainty, List<Problem> problems) {}

    /** Runs the corners of what is not known exactly. */
    public UncertaintyOutcome uncertainty(WrittenFormula formula, Workplace workplace) {
        var settings = new Settings(workplace.kitchen(), chill);
        var studied = study(formula, workplace, settings);
        return new UncertaintyOutcome(
                studied.dessert()
                        .map(likely ->
                                Uncertainty.of(likely, nudge -> Dessert.of(likely.batch(), settings.with(nudge)))),
                studied.problems());
    }

    /**
     * A formula in the figures that it is compared by.
     *
     * @param by clock time at which it is wanted; absent when it is not asked
     */
    public WhatIf whatIf(WrittenFormula formula, Optional<LocalTime> by, Workplace workplace) {
        var studied = study(formula, workplace);
        return studied.dessert()
                .map(dessert -> WhatIf.of(
                        dessert,
                        judge(dessert, new Flags(dessert, workplace.larder())).all(),
                        by.map(time -> minutes(dessert.batch().pouredAt(), time))))
                .orElseGet(() -> WhatIf.cannot(studied.problems()));
    }

    /** Minutes until the clock next shows a time. */
    private static double minutes(LocalTime from, LocalTime to) {
        double minutes = (to.toSecondOfDay() - from.toSecondOfDay()) / 60.0;
        return minutes <= 0 ? minutes + 24 * 60 : minutes;
    }

    /** What could be done otherwise to have it sooner, the cheapest first; problems where it cannot be computed. */
    public record WaysOutcome(List<Way> ways, List<Problem> problems) {}

    public WaysOutcome ways(WrittenFormula formula, Workplace workplace) {
        var studied = study(formula, workplace);
        return new WaysOutcome(
                studied.dessert()
                        .map(dessert -> Ways.of(dessert, formula, workplace.larder()))
                        .orElse(List.of()),
                studied.problems());
    }

    /** What came of swapping: swaps, or the problems that stand in their way. */
    public record SwapOutcome(List<Swap> swaps, List<Problem> problems) {}

    /**
     * Puts other gelling agents of the larder in place of that of a component: those named, or all.
     *
     * @param index of the component
     */
    public SwapOutcome swaps(WrittenFormula formula, int index, List<String> products, Workplace workplace) {
        var studied = study(formula, workplace);
        if (studied.dessert().isEmpty()) {
            return new SwapOutcome(List.of(), studied.problems());
        }
        var gelled = studied.dessert().get().portraits().stream()
                .filter(portrait -> portrait.index() == index)
                .flatMap(portrait -> portrait.study().stream())
                .filter(study -> study.component().gel() != Component.Gel.NONE)
                .findFirst();
        if (gelled.isEmpty()) {
            return new SwapOutcome(
                    List.of(),
                    List.of(Problem.of(
                            "component-without-gel",
                            "/component",
                            "Component",
                            Integer.toString(index),
                            "must be a layer with a gelling agent of its own")));
        }
        var swapping = new Swapping(this, formula, workplace, gelled.get());
        var present = gelled.get().component().gel().product().id();
        return new SwapOutcome(
                workplace.larder().gels().stream()
                        .filter(gel -> products.isEmpty() ? !gel.id().equals(present) : products.contains(gel.id()))
                        .map(swapping::to)
                        .toList(),
                List.of());
    }

    /** What came of looking for variants: those there are, or the problems that stand in their way. */
    public record VariantOutcome(List<Variant> variants, List<Problem> problems) {}

    /** The dessert for guests who do not eat or drink something. */
    public VariantOutcome variants(WrittenFormula formula, Workplace workplace) {
        var studied = study(formula, workplace);
        return studied.dessert()
                .map(dessert -> new VariantOutcome(new Variants(this, formula, workplace, dessert).all(), List.of()))
                .orElseGet(() -> new VariantOutcome(List.of(), studied.problems()));
    }

    /** What came of scaling: a scaled formula, or the problems that stand in its way. */
    public record ScaleOutcome(Optional<Scaled> scaled, List<Problem> problems) {}

    /** Scales a formula to another mould, count or total. */
    public ScaleOutcome scale(WrittenFormula formula, ScaleWish wish, Workplace workplace) {
        var studied = study(formula, workplace);
        if (studied.dessert().isEmpty()) {
            return new ScaleOutcome(Optional.empty(), studied.problems());
        }
        return new Scaling(this, formula, workplace, studied.dessert().get()).to(wish);
    }

    /** Two states of a formula side by side. */
    public Comparison compare(WrittenFormula before, WrittenFormula after, Workplace workplace) {
        return Comparison.of(this, before, after, workplace);
    }

    /** What came of studying: a dessert computed through, or the problems that stand in its way. */
    record Studied(Optional<Dessert> dessert, List<Problem> problems) {}

    /** Computes a formula through. */
    Studied study(WrittenFormula formula, Workplace workplace) {
        return study(formula, workplace, new Settings(workplace.kitchen(), chill));
    }

    private Studied study(WrittenFormula formula, Workplace workplace, Settings settings) {
        var reading = BatchReader.read(formula, workplace);
        if (reading.batch().isEmpty()) {
            return new Studied(Optional.empty(), reading.problems());
        }
        var batch = reading.batch().get();
        var stack = Stack.of(batch);
        if (!(stack.fillMm() >= Study.LEAST_MM)) {
            return new Studied(Optional.empty(), List.of(tooLow(formula, stack.fillMm())));
        }
        var tooMuch = Effort.of(batch, stack).problem();
        if (tooMuch.isPresent()) {
            return new Studied(Optional.empty(), List.of(tooMuch.get()));
        }
        return new Studied(Optional.of(Dessert.of(batch, settings)), List.of());
    }

    /** The study of one layer of a formula. */
    Optional<Study> study(WrittenFormula formula, int index, Workplace workplace) {
        return study(formula, workplace)
                .dessert()
                .flatMap(dessert -> dessert.portraits().get(index).study());
    }

    private static Problem tooLow(WrittenFormula formula, double height) {
        var rule = "fills each mould only " + Typed.write(height, 2) + " mm high; from " + Words.mm(Study.LEAST_MM)
                + " on it can be computed: fill fewer moulds";
        return Problem.of(
                "fill-too-low", "/mould/count", "How many", formula.mould().count(), rule);
    }

    /** What a dessert comes to. */
    Assessment assessment(Dessert dessert, Workplace workplace) {
        var flags = new Flags(dessert, workplace.larder());
        var verdicts = judge(dessert, flags).all();
        return new Assessment(
                LineWriter.of(dessert, verdicts),
                dessert.portraits().stream()
                        .map(portrait -> ComponentAnswers.of(dessert, portrait))
                        .toList(),
                Sections.of(dessert),
                Milestones.of(dessert),
                verdicts,
                prediction(dessert),
                flags.all(),
                Nutritions.of(dessert),
                Method.of(dessert));
    }

    private Judgement judge(Dessert dessert, Flags flags) {
        var found = new Judgement();
        for (var portrait : dessert.portraits()) {
            found.add(named(dessert, portrait, causes(portrait)));
            found.addOfChill(named(dessert, portrait, CoolingVerdicts.causes(portrait)));
            found.add(named(dessert, portrait, ofComponent(portrait)));
        }
        found.add(ContactVerdicts.of(dessert));
        found.addOfChill(LayerVerdicts.of(dessert));
        for (var study : dessert.setting()) {
            // A ganache is told by its texture.
            if (study.component().kind() != Kind.GANACHE) {
                found.add(named(dessert, dessert.portraits().get(study.index()), List.of(FirmnessVerdict.of(study))));
            }
        }
        found.addOfChill(ServingVerdicts.of(dessert));
        found.addOfChill(TurnOutVerdicts.of(dessert));
        found.add(dessert.main().flatMap(WantedVerdict::of).stream().toList());
        found.add(List.of(FitVerdict.of(dessert)));
        found.add(flags.cautions());
        found.addOfChill(CoolingVerdicts.safety(dessert).stream().toList());
        found.addOfChill(LoadVerdict.of(dessert).stream().toList());
        found.addOfChill(FloatVerdicts.of(dessert));
        found.addOfChill(SlantVerdict.of(dessert).stream().toList());
        found.addOfChill(PlaceVerdicts.of(dessert, flags.rawEgg()));
        return found;
    }

    private List<Verdict> ofComponent(Portrait portrait) {
        var verdicts = new ArrayList<Verdict>();
        verdicts.addAll(CookVerdicts.of(portrait));
        verdicts.addAll(GanacheVerdicts.of(portrait));
        verdicts.addAll(FoamVerdicts.of(portrait));
        verdicts.addAll(BaseVerdicts.of(portrait));
        return verdicts;
    }

    /** Where there are several components, a headline names its own. */
    private static List<Verdict> named(Dessert dessert, Portrait portrait, List<Verdict> verdicts) {
        if (dessert.portraits().size() == 1) {
            return verdicts;
        }
        return verdicts.stream()
                .map(v -> new Verdict(
                        v.code(),
                        v.tone(),
                        portrait.name() + ": " + Words.lower(v.headline()),
                        v.sentence(),
                        v.path(),
                        v.evidence(),
                        v.fixes()))
                .toList();
    }

    private List<Verdict> causes(Portrait portrait) {
        var verdicts = new ArrayList<Verdict>();
        portrait.study().ifPresent(study -> {
            verdicts.addAll(MixVerdicts.of(study));
            if (study.component().gel() != Component.Gel.NONE) {
                verdicts.addAll(BloomVerdicts.of(study));
            }
            verdicts.addAll(HeatVerdicts.of(study, setsSooner(study)));
        });
        return verdicts;
    }

    /** How much sooner a cold share lets it set; NaN where there is none. */
    private double setsSooner(Study study) {
        boolean folded = study.component().lines().stream().anyMatch(Component.Line::whipped);
        return !folded
                        && study.sets()
                        && study.joining().filter(Joining::hasColdShare).isPresent()
                ? study.setsSoonerSeconds(chill)
                : Double.NaN;
    }

    private static Prediction prediction(Dessert dessert) {
        boolean turnsOut = dessert.batch().turnsOut() && !dessert.setting().isEmpty();
        var main = dessert.main();
        double dip = main.map(study -> study.dip().aim()).orElse(0.0);
        boolean dipped = turnsOut && dessert.batch().mould().release() == Release.DIP;
        double pa = main.map(Study::judgedPa).orElse(0.0);
        return new Prediction(
                minutes(dessert.setSeconds()),
                turnsOut ? minutes(dessert.readySeconds()) : Optional.empty(),
                turnsOut ? Optional.of(dessert.standingMm()) : Optional.empty(),
                dessert.mouldedMm(),
                Firmness.score(pa),
                main.map(study -> study.words(pa)).orElse(Firmness.RUNS.words()),
                dipped && Double.isFinite(dip) && dip > 0 ? Optional.of(dip) : Optional.empty());
    }

    private static Optional<Double> minutes(double seconds) {
        return Double.isInfinite(seconds) ? Optional.empty() : Optional.of(seconds / 60);
    }
}
