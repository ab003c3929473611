package com.deftchill.core.assess;

import com.deftchill.core.batch.BatchReader;
import com.deftchill.core.batch.Component;
import com.deftchill.core.batch.Stack;
import com.deftchill.core.build.Settings;
import com.deftchill.core.chill.ChillOptions;
import com.deftchill.core.chill.Stop;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.dessert.Joining;
import com.deftchill.core.dessert.Portrait;
import com.deftchill.core.dessert.Study;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.gel.Firmness;
import com.deftchill.core.judge.Judgement;
import com.deftchill.core.judge.chill.CoolingVerdicts;
import com.deftchill.core.judge.chill.LoadVerdict;
import com.deftchill.core.judge.chill.PlaceVerdicts;
import com.deftchill.core.judge.component.BaseVerdicts;
import com.deftchill.core.judge.component.BloomVerdicts;
import com.deftchill.core.judge.component.CookVerdicts;
import com.deftchill.core.judge.component.FirmnessVerdict;
import com.deftchill.core.judge.component.FoamVerdicts;
import com.deftchill.core.judge.component.GanacheVerdicts;
import com.deftchill.core.judge.component.HeatVerdicts;
import com.deftchill.core.judge.component.MixVerdicts;
import com.deftchill.core.judge.component.WantedVerdict;
import com.deftchill.core.judge.layers.ContactVerdicts;
import com.deftchill.core.judge.layers.FitVerdict;
import com.deftchill.core.judge.layers.FloatVerdicts;
import com.deftchill.core.judge.layers.LayerVerdicts;
import com.deftchill.core.judge.layers.SlantVerdict;
import com.deftchill.core.judge.serving.EatenVerdict;
import com.deftchill.core.judge.serving.ReadyByVerdict;
import com.deftchill.core.judge.serving.ServingVerdicts;
import com.deftchill.core.judge.serving.TurnOutVerdicts;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.label.Flags;
import com.deftchill.core.label.Nutritions;
import com.deftchill.core.larder.Mould.Release;
import com.deftchill.core.method.Method;
import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Words;
import com.deftchill.core.timing.Milestones;
import com.deftchill.core.verdict.Answer;
import com.deftchill.core.verdict.Problem;
import com.deftchill.core.verdict.Verdict;
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

    /**
     * The same, never stopped: for a dessert that is kept, which works out later what it was not asked at first, when whoever
     * asked for it has long gone. What was asked to stop before does so now.
     */
    public Assessor lasting() {
        chill.stop().check();
        return stoppedBy(Stop.NEVER);
    }

    /** The same, less than half as fine in space: for what is a guess itself. */
    public Assessor rough() {
        return new Assessor(chill.coarser().coarser().stoppedBy(chill.stop()));
    }

    /** Assesses a formula as made in a kitchen; nothing is kept. */
    public Answer<Assessment> assess(WrittenFormula formula, Workplace workplace) {
        return study(formula, workplace).map(dessert -> assessment(dessert, workplace));
    }

    /** How finely it computes in a workplace. */
    public Settings settings(Workplace workplace) {
        return new Settings(workplace.kitchen(), chill);
    }

    /** Computes a formula through. */
    public Answer<Dessert> study(WrittenFormula formula, Workplace workplace) {
        return study(formula, workplace, settings(workplace));
    }

    /** Computes a formula through as finely as settings say. */
    public Answer<Dessert> study(WrittenFormula formula, Workplace workplace, Settings settings) {
        var reading = BatchReader.read(formula, workplace);
        if (reading.batch().isEmpty()) {
            return Answer.not(reading.problems());
        }
        var batch = reading.batch().get();
        var stack = Stack.of(batch);
        if (!(stack.fillMm() >= Study.LEAST_MM)) {
            return Answer.not(List.of(tooLow(formula, stack.fillMm())));
        }
        var tooMuch = Effort.of(batch, stack).problem();
        if (tooMuch.isPresent()) {
            return Answer.not(List.of(tooMuch.get()));
        }
        return Answer.of(Dessert.of(batch, settings));
    }

    /** The study of one layer of a formula. */
    public Optional<Study> study(WrittenFormula formula, int index, Workplace workplace) {
        return study(formula, workplace)
                .value()
                .flatMap(dessert -> dessert.portraits().get(index).study());
    }

    private static Problem tooLow(WrittenFormula formula, double height) {
        var rule = Problem.rule("fills-too-low")
                .with("height", Argument.figure(height, 2))
                .with("least", Argument.millimetres(Study.LEAST_MM));
        return Problem.of(
                "fill-too-low", "/moulds/count", "How many", formula.moulds().count(), rule);
    }

    /** What a dessert comes to. */
    public Assessment assessment(Dessert dessert, Workplace workplace) {
        return assessment(
                dessert,
                workplace,
                judge(dessert, new Flags(dessert, workplace.larder())).all(),
                0);
    }

    /** The same, its verdicts judged already, some of their fixes left out until they are tried. */
    public Assessment assessment(Dessert dessert, Workplace workplace, List<Verdict> verdicts, int untried) {
        var flags = new Flags(dessert, workplace.larder());
        return new Assessment(
                LineWriter.of(dessert, verdicts),
                dessert.portraits().stream()
                        .map(portrait -> ComponentAnswers.of(dessert, portrait))
                        .toList(),
                Warmings.whole(dessert),
                Sections.of(dessert),
                Milestones.of(dessert),
                verdicts,
                prediction(dessert),
                flags.all(),
                Nutritions.of(dessert),
                Method.of(dessert),
                untried);
    }

    /** All verdicts on a dessert. */
    public Judgement judge(Dessert dessert, Flags flags) {
        var found = new Judgement();
        for (var portrait : dessert.portraits()) {
            found.add(named(dessert, portrait, causes(portrait)));
            found.addOfChill(named(dessert, portrait, CoolingVerdicts.causes(portrait)));
            found.add(named(dessert, portrait, ofComponent(portrait)));
        }
        found.add(ContactVerdicts.of(dessert));
        found.addOfChill(LayerVerdicts.of(dessert));
        for (var study : dessert.setting()) {
            found.add(named(dessert, dessert.portraits().get(study.index()), FirmnessVerdict.of(dessert, study)));
        }
        found.addOfChill(EatenVerdict.of(dessert).stream().toList());
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
        found.addOfChill(ReadyByVerdict.of(dessert).stream().toList());
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
