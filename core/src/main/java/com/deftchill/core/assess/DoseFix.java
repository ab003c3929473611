package com.deftchill.core.assess;

import com.deftchill.core.amount.Typed;
import com.deftchill.core.batch.Served;
import com.deftchill.core.gel.Firmness;
import com.deftchill.core.gel.StrengthFactors;
import com.deftchill.core.larder.GelatinProduct;
import com.deftchill.core.turnout.Slump;
import com.deftchill.core.verdict.Fix;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.exception.MathRuntimeException;

/**
 * The gelatin dose that meets the target. Temperature and helix share hardly depend on the dose, so the helix shares of
 * the chill already computed serve for every dose; only concentration, dilution by bloom water and the factors are new.
 */
final class DoseFix {
    private static final double LEAST_SHARE = 0.05;
    private static final double MOST_SHARE = 20;
    /** What kitchen scales for gelatin show, g. */
    private static final double SCALE_G = 0.1;

    private final Study study;

    DoseFix(Study study) {
        this.study = study;
    }

    /**
     * What a dose would do.
     *
     * @param grams of gelatin
     * @param rigidityPa mean of the body a day after pouring
     * @param mouldedMm height in the mould, which the bloom water raises a little
     * @param standingMm height turned out
     */
    record Outcome(double grams, double rigidityPa, double mouldedMm, double standingMm) {}

    /** The outcome of a dose, its bloom water in proportion. */
    Outcome outcome(double grams) {
        var rows = rows(grams);
        double mean = Arrays.stream(rows).average().orElse(0);
        double height = Study.fillMm(
                study.batch(), study.batch().component().withGelatin(grams).mix());
        double strain = study.slump().meanStrain(rows) * height / study.fillMm();
        return new Outcome(grams, mean, height, height * (1 - strain));
    }

    /** The fix, unless no dose within reason meets the target (an enzyme, say, or a fridge too warm). */
    Optional<Fix> fix() {
        return dose().map(this::outcome).map(this::describe);
    }

    /** Grams that meet the target, to what a scale weighs. */
    Optional<Double> dose() {
        double now = study.batch().component().gelatinG();
        try {
            double grams =
                    new BrentSolver(SCALE_G / 100).solve(200, this::shortfall, LEAST_SHARE * now, MOST_SHARE * now);
            double rounded = Math.max(SCALE_G, SCALE_G * Math.rint(grams / SCALE_G));
            return Optional.of(rounded);
        } catch (MathRuntimeException noDoseInRange) {
            return Optional.empty();
        }
    }

    /** Rigidity wanted less rigidity got, on the logarithm, so that the solver sees a nearly straight line. */
    private double shortfall(double grams) {
        var rows = rows(grams);
        double got = Arrays.stream(rows).average().orElse(0);
        return Math.log(aimPa()) - Math.log(Math.max(got, 1e-6));
    }

    /** The middle of the target band; for a tall body turned out, enough to stand trembling, within the band. */
    private double aimPa() {
        var served = study.batch().served();
        if (served != Served.TURNED_OUT) {
            return served.aimPa();
        }
        double stiff = 1000;
        var even = new double[study.grid().rows()];
        Arrays.fill(even, stiff);
        double needed = stiff * study.slump().meanStrain(even) / ((Slump.CRISP + Slump.READY) / 2);
        return Math.min(served.mostPa(), Math.max(served.aimPa(), needed));
    }

    private double[] rows(double grams) {
        var mix = study.batch().component().withGelatin(grams).mix();
        double factor = StrengthFactors.of(mix).product();
        return study.history().rowsWhenJudged(mix.gelatinGramsPerLitre(), factor);
    }

    private Fix describe(Outcome outcome) {
        var component = study.batch().component();
        double water = component.withGelatin(outcome.grams()).bloomWaterG();
        var label =
                "Use " + Words.grams(outcome.grams()) + " of gelatin instead of " + Words.grams(component.gelatinG())
                        + sheets(component.gelatin(), outcome.grams()) + ", bloomed in " + Words.grams(water);
        var at = "/components/0/gelatin/";
        return new Fix(
                label,
                effect(outcome),
                List.of(
                        new Fix.Change(at + "amount", Words.grams(outcome.grams())),
                        new Fix.Change(at + "bloomWater", Words.grams(water))));
    }

    private String effect(Outcome outcome) {
        var firm = Firmness.of(outcome.rigidityPa()).words();
        if (study.batch().served() != Served.TURNED_OUT) {
            return firm;
        }
        return "stands " + Typed.write(outcome.standingMm(), 0) + " of " + Words.mm(outcome.mouldedMm()) + ", " + firm;
    }

    private static String sheets(GelatinProduct product, double grams) {
        return product.form() == GelatinProduct.Form.SHEET
                ? " (" + Typed.write(grams / product.sheetG(), 1) + " sheets)"
                : "";
    }
}
