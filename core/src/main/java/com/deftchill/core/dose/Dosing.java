package com.deftchill.core.dose;

import com.deftchill.core.batch.Mixing;
import com.deftchill.core.batch.Served;
import com.deftchill.core.batch.Wanted;
import com.deftchill.core.body.Nature;
import com.deftchill.core.dessert.Study;
import com.deftchill.core.gel.Firmness;
import com.deftchill.core.larder.GelProduct;
import com.deftchill.core.mix.Mix;
import com.deftchill.core.text.Notation;
import com.deftchill.core.text.Words;
import com.deftchill.core.verdict.Fix;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.exception.MathRuntimeException;

/**
 * The dose that meets the target. Temperature and share of setting hardly depend on the dose, so the shares of the chill
 * already computed serve for every dose; only concentration, dilution by bloom water and the factors are new.
 */
public final class Dosing {
    private static final double LEAST_SHARE = 0.05;
    private static final double MOST_SHARE = 20;
    private static final double ACCURACY_G = 1e-4;
    /** Where it takes so many times the dose of a day to be right when served, it is time that is missing [E]. */
    private static final double IN_HASTE = 1.5;

    private static final double DAY_S = 24 * 3600.0;
    private static final double DAY_STEP_S = 600;

    private final Study study;
    /** Rigidity of each row, Pa, by the concentration of the gel, g/L, and what weakens it. */
    private final BiFunction<Double, Double, double[]> rows;

    public Dosing(Study study) {
        this(study, study.history()::rowsWhenJudged);
    }

    private Dosing(Study study, BiFunction<Double, Double, double[]> rows) {
        this.study = study;
        this.rows = rows;
    }

    /** As if it had set for a day where it is chilled. */
    private static Dosing afterADay(Study study) {
        double celsius = study.batch().airC() + study.batch().cooler().warmerK();
        var day = study.model().setting(1);
        for (double s = 0; s < DAY_S; s += DAY_STEP_S) {
            day.advance(new double[] {celsius}, DAY_STEP_S);
        }
        double share = day.shares()[0];
        return new Dosing(
                study, (concentration, factor) -> study.history().rowsGrownTo(share, celsius, concentration, factor));
    }

    /**
     * What a dose would do.
     *
     * @param grams of the agent
     * @param waterG its bloom water, g
     * @param rigidityPa mean of the body a day after pouring
     * @param mouldedMm height in the mould, which the bloom water raises a little
     * @param standingMm height turned out
     */
    record Outcome(double grams, double waterG, double rigidityPa, double mouldedMm, double standingMm) {}

    /** The outcome of a dose, its bloom water in proportion. */
    Outcome outcome(double grams) {
        var component = study.component().withGel(grams);
        var mix = Mixing.of(component);
        var firm = rows.apply(mix.gelatinGramsPerLitre(), component.factors(mix).product());
        double mean = Arrays.stream(firm).average().orElse(0);
        double height = heightMm(mix);
        double strain = study.slump().meanStrain(firm) * height / study.slump().heightMm();
        return new Outcome(grams, component.gel().waterG(), mean, height, height * Math.max(0, 1 - strain));
    }

    /** Height of the layer had the mix this volume, mm; as it is when it reaches the brim. */
    private double heightMm(Mix other) {
        var bed = study.bed();
        double ml = bed.ml() * other.volumeMl() / study.mix().volumeMl();
        double below = bed.inside().volumeMl(bed.fromMm());
        double to = Math.min(bed.inside().brimMl(), below + ml);
        return to > below ? bed.inside().fillHeightMm(to) - bed.fromMm() : bed.heightMm();
    }

    /**
     * The fix, unless no dose within reason meets the target (an enzyme, say, or a fridge too warm). What is served too soon
     * for a sensible dose gets that of a day: the time that is missing is not made up for by gelatin.
     */
    public Optional<Fix> fix() {
        var here = asItBecomes();
        var dose = here.dose();
        if (study.batch().timetable().ends()) {
            var later = afterADay(study).asItBecomes();
            var ofADay = later.dose();
            if (ofADay.isPresent() && dose.orElse(Double.POSITIVE_INFINITY) > IN_HASTE * ofADay.get()) {
                return ofADay.map(later::outcome).map(outcome -> later.describe(outcome, ", given a day in the cold"));
            }
        }
        return dose.map(here::outcome).map(outcome -> here.describe(outcome, ""));
    }

    /** What fat or foam held may be a gel with more gelatin: then its dose is that of a gel. */
    private Dosing asItBecomes() {
        return dose().map(this::nature)
                .filter(becomes -> becomes != study.nature())
                .map(becomes -> new Dosing(study.of(becomes), rows))
                .filter(other -> other.dose().map(this::nature).stream().anyMatch(other.study.nature()::equals))
                .orElse(this);
    }

    private Nature nature(double grams) {
        var component = study.component().withGel(grams);
        var mix = Mixing.of(component);
        return Mixing.nature(component, mix, component.factors(mix).product(), Mixing.plastic(component));
    }

    /** Grams that meet the target, to what the kitchen's fine scale weighs. */
    public Optional<Double> dose() {
        double now = study.component().gel().grams();
        double division = study.kitchen().fineScaleG();
        try {
            double grams = new BrentSolver(ACCURACY_G).solve(200, shortfall(), LEAST_SHARE * now, MOST_SHARE * now);
            return Optional.of(division * Math.max(1, Math.rint(grams / division)));
        } catch (MathRuntimeException noDoseInRange) {
            return Optional.empty();
        }
    }

    /** What is missing to the target, as a function of the dose. */
    private UnivariateFunction shortfall() {
        var wanted = study.batch().wanted();
        if (wanted.isPresent() && wanted.get().kind() == Wanted.Kind.HEIGHT_MM) {
            return grams -> wanted.get().value() - outcome(grams).standingMm();
        }
        double aim = Math.log(wanted.map(w -> Firmness.rigidity(w.value())).orElseGet(this::aimPa));
        // On the logarithm, so that the solver sees a nearly straight line.
        return grams -> aim - Math.log(Math.max(outcome(grams).rigidityPa(), 1e-6));
    }

    /** The middle of the target band; for a tall body turned out, enough to stand trembling, within the band. */
    private double aimPa() {
        if (study.batch().served().stays()) {
            return study.aimPa();
        }
        double stiff = 1000;
        var even = new double[study.slump().rows()];
        Arrays.fill(even, stiff);
        double needed = stiff
                * study.slump().elasticStrain(even)
                / ((study.parameters().turnout().crisp().value()
                                + study.parameters().turnout().trembling().value())
                        / 2);
        return Math.min(study.mostPa(), Math.max(study.aimPa(), needed));
    }

    private Fix describe(Outcome outcome, String condition) {
        var gel = study.component().gel();
        boolean bloomed = gel.waterG() > 0;
        var label = "Use " + Words.grams(outcome.grams()) + " of "
                + gel.product().agent().words() + " instead of "
                + Words.grams(gel.grams()) + sheets(gel.product(), outcome.grams())
                + (bloomed ? ", bloomed in " + Words.grams(outcome.waterG()) : "");
        var at = study.at("/gels/0/");
        var dose = new Fix.Change(at + "amount", Words.grams(outcome.grams()));
        var water = new Fix.Change(at + "water", Words.grams(outcome.waterG()));
        return new Fix(label, effect(outcome) + condition, bloomed ? List.of(dose, water) : List.of(dose));
    }

    private String effect(Outcome outcome) {
        var firm = study.words(outcome.rigidityPa());
        if (study.batch().served() != Served.TURNED_OUT || !study.alone()) {
            return firm;
        }
        return "stands " + Notation.write(outcome.standingMm(), 0) + " of " + Words.mm(outcome.mouldedMm()) + ", "
                + firm;
    }

    private static String sheets(GelProduct product, double grams) {
        return product.form() == GelProduct.Form.SHEET
                ? " (" + Notation.write(grams / product.sheetG(), 1) + " sheets)"
                : "";
    }
}
