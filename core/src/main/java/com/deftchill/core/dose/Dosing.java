package com.deftchill.core.dose;

import com.deftchill.core.batch.Mixing;
import com.deftchill.core.batch.Served;
import com.deftchill.core.batch.Wanted;
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

    private final Study study;

    public Dosing(Study study) {
        this.study = study;
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
        var rows = study.history()
                .rowsWhenJudged(
                        mix.gelatinGramsPerLitre(), component.factors(mix).product());
        double mean = Arrays.stream(rows).average().orElse(0);
        double height = heightMm(mix);
        double strain = study.slump().meanStrain(rows, study.nature())
                * height
                / study.slump().heightMm();
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

    /** The fix, unless no dose within reason meets the target (an enzyme, say, or a fridge too warm). */
    public Optional<Fix> fix() {
        return dose().map(this::outcome).map(this::describe);
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
                * study.slump().meanStrain(even)
                / ((study.parameters().turnout().crisp().value()
                                + study.parameters().turnout().trembling().value())
                        / 2);
        return Math.min(study.mostPa(), Math.max(study.aimPa(), needed));
    }

    private Fix describe(Outcome outcome) {
        var gel = study.component().gel();
        boolean bloomed = gel.waterG() > 0;
        var label = "Use " + Words.grams(outcome.grams()) + " of "
                + gel.product().agent().words() + " instead of "
                + Words.grams(gel.grams()) + sheets(gel.product(), outcome.grams())
                + (bloomed ? ", bloomed in " + Words.grams(outcome.waterG()) : "");
        var at = study.at("/gels/0/");
        var dose = new Fix.Change(at + "amount", Words.grams(outcome.grams()));
        var water = new Fix.Change(at + "water", Words.grams(outcome.waterG()));
        return new Fix(label, effect(outcome), bloomed ? List.of(dose, water) : List.of(dose));
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
