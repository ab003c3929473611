package com.deftchill.core.judge.serving;

import com.deftchill.core.batch.Component;
import com.deftchill.core.composition.Constituent;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.dessert.OutOfTheCold;
import com.deftchill.core.dessert.Study;
import com.deftchill.core.text.Words;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.exception.MathRuntimeException;

/**
 * Whether it is right at the temperature at which the cook wants it eaten. Where it is not: the temperature at which it is, with
 * its minutes out of the fridge, and the amount that makes it right at the one wished for.
 */
public final class EatenVerdict {
    /** An amount is looked for between these shares of the one written. */
    private static final double LEAST = 0.1;

    private static final double MOST = 5;
    private static final double ACCURACY = 1e-4;
    /** A line with less hard fat than this does not make it firm, g/g. */
    private static final double FAT = 0.1;

    private final Dessert dessert;
    private final Study study;
    private final double celsius;
    private final double pa;

    private EatenVerdict(Dessert dessert, Study study, double celsius) {
        this.dessert = dessert;
        this.study = study;
        this.celsius = celsius;
        pa = study.rigidityAt(celsius);
    }

    public static Optional<Verdict> of(Dessert dessert) {
        var wish = dessert.batch().eatenAtC();
        return wish.isEmpty()
                ? Optional.empty()
                : dessert.main().map(study -> new EatenVerdict(dessert, study, wish.getAsDouble()).verdict());
    }

    private Verdict verdict() {
        var at = study.celsius(celsius);
        double room = study.kitchen().roomC();
        if (celsius >= room) {
            return told(
                    "eaten-never",
                    Tone.CAUTION,
                    "It does not get as warm as " + at,
                    "The room is " + study.celsius(room) + ".",
                    eatAtRight());
        }
        var firmness = "There it is " + study.words(pa) + out(celsius) + ".";
        if (pa > study.mostPa()) {
            return told("eaten-firm", Tone.CAUTION, "Stiffer than wanted at " + at, firmness, fixes());
        }
        if (pa < study.leastPa()) {
            return told("eaten-soft", Tone.CAUTION, "Softer than wanted at " + at, firmness, fixes());
        }
        return told("eaten-right", Tone.GOOD, "Right at " + at, firmness, List.of());
    }

    /** How long that takes, where it is warmer than the fridge. */
    private String out(double toC) {
        if (toC <= Study.SERVED_COLD_C) {
            return "";
        }
        double minutes = OutOfTheCold.untilAt(dessert, study, toC);
        return Double.isFinite(minutes)
                ? ", after about " + Words.duration(60 * minutes) + " out of the fridge"
                : ", which takes more than four hours out of the fridge";
    }

    private List<Fix> fixes() {
        var fixes = new ArrayList<Fix>(eatAtRight());
        amount().ifPresent(fixes::add);
        return fixes;
    }

    /** Eaten at the coolest temperature at which it is right. */
    private List<Fix> eatAtRight() {
        var right = study.rightAtC();
        if (right.isEmpty() || study.rigidityAt(right.getAsDouble()) < study.leastPa()) {
            return List.of();
        }
        double at = right.getAsDouble();
        return List.of(new Fix(
                "Eat it at " + study.celsius(at),
                study.words(study.rigidityAt(at)) + out(at),
                List.of(new Fix.Change("/eatenAt", study.celsius(at)))));
    }

    /** Another dose of its gelling agent, or of the line that its fat comes from. */
    private Optional<Fix> amount() {
        var gel = study.component().gel();
        var component = study.component();
        int line = fattest();
        if (line >= 0) {
            double now = component.lines().get(line).part().grams();
            return solved(share -> study.rigidityAt(component.withLine(line, share * now), celsius))
                    .map(share -> fix(
                            component.lines().get(line).part().ingredient().name(),
                            share * now,
                            now,
                            study.at("/lines/" + line + "/amount")));
        }
        return gel == Component.Gel.NONE
                ? Optional.empty()
                : solved(share -> study.rigidityAt(component.withGel(share * gel.grams()), celsius))
                        .map(share -> fix(
                                gel.product().agent().words(),
                                share * gel.grams(),
                                gel.grams(),
                                study.at("/gels/0/amount")));
    }

    private Fix fix(String name, double grams, double now, String path) {
        double weighed = study.kitchen().weighed(grams);
        return new Fix(
                "Use " + Words.grams(weighed) + " of " + name + " instead of " + Words.grams(now),
                "right at " + study.celsius(celsius),
                List.of(new Fix.Change(path, Words.grams(weighed))));
    }

    /** The share of the amount written that brings the middle of the band at that temperature. */
    private Optional<Double> solved(DoubleUnaryOperator firmness) {
        double aim = Math.log(study.aimPa());
        try {
            return Optional.of(new BrentSolver(ACCURACY)
                    .solve(60, share -> aim - Math.log(Math.max(1e-6, firmness.applyAsDouble(share))), LEAST, MOST));
        } catch (MathRuntimeException noneWithinReason) {
            return Optional.empty();
        }
    }

    /** The line that brings most of what sets as fat; -1 where a gel or nothing of its own does. */
    private int fattest() {
        int found = -1;
        double most = 0;
        var lines = study.component().lines();
        for (int i = 0; i < lines.size(); i++) {
            var of = lines.get(i).part().ingredient().composition();
            double share = of.share(Constituent.COCOA_BUTTER) + of.share(Constituent.BUTTER_FAT);
            double grams = lines.get(i).part().grams() * share;
            if (!lines.get(i).whipped() && lines.get(i).made().isEmpty() && share > FAT && grams > most) {
                most = grams;
                found = i;
            }
        }
        return found;
    }

    private Verdict told(String code, Tone tone, String headline, String sentence, List<Fix> fixes) {
        return new Verdict(code, tone, headline, sentence, "/eatenAt", ServingVerdicts.evidence(study), fixes);
    }
}
