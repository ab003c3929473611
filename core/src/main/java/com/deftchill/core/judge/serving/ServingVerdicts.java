package com.deftchill.core.judge.serving;

import com.deftchill.core.body.Nature;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.dessert.OutOfTheCold;
import com.deftchill.core.dessert.Study;
import com.deftchill.core.gel.Firmness;
import com.deftchill.core.text.Notation;
import com.deftchill.core.text.Words;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Evidence.Given;
import com.deftchill.core.verdict.Figure;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** How firm it is at the temperatures at which it is eaten: too stiff from the fridge, right a little later. */
public final class ServingVerdicts {
    private static final double[] EATEN_C = {4, 8, 12, 18};
    private static final double MOST_OUT_MIN = 120;

    private ServingVerdicts() {}

    /** Of each layer that its fat makes stiff in the cold. */
    public static List<Verdict> of(Dessert dessert) {
        var verdicts = new ArrayList<Verdict>();
        for (var study : dessert.setting()) {
            // What is asked for at a temperature is answered by itself.
            boolean answered = dessert.batch().eatenAtC().isPresent()
                    && dessert.main().filter(main -> main == study).isPresent();
            if (study.nature() != Nature.GEL && !answered) {
                stiff(dessert, study).ifPresent(verdicts::add);
            }
        }
        return verdicts;
    }

    private static Optional<Verdict> stiff(Dessert dessert, Study study) {
        if (study.rigidityAt(Study.SERVED_COLD_C) <= study.mostPa()) {
            return Optional.empty();
        }
        var right = study.rightAtC();
        double minutes = right.isPresent() ? OutOfTheCold.untilRight(dessert, study) : Double.POSITIVE_INFINITY;
        boolean never = minutes > MOST_OUT_MIN;
        var name = study.component().name();
        var stiff = "From the fridge it is " + study.words(study.rigidityAt(Study.SERVED_COLD_C));
        var sentence = never
                ? stiff + ", and it stays stiffer than wanted at the table: less cocoa butter, or more cream."
                : stiff + ", right at " + study.celsius(right.getAsDouble()) + ": after about "
                        + Words.duration(minutes * 60) + " out of the fridge.";
        return Optional.of(new Verdict(
                never ? "stiff" : "stiff-from-fridge",
                never ? Tone.CAUTION : Tone.NOTE,
                "Stiff from the fridge: " + name,
                sentence,
                study.at("/lines"),
                evidence(study),
                List.of()));
    }

    public static List<Figure> figures(Study study) {
        var figures = new ArrayList<Figure>();
        var evidence = evidence(study);
        for (double celsius : EATEN_C) {
            double pa = study.rigidityAt(celsius);
            figures.add(new Figure(
                    "At " + study.celsius(celsius),
                    Notation.write(Firmness.score(pa), 0) + " of 100, " + study.words(pa),
                    evidence));
        }
        return figures;
    }

    static Evidence evidence(Study study) {
        var given = new ArrayList<Given>();
        double cocoa = study.history().cocoaWhenJudged();
        double milk = study.history().milkWhenJudged();
        double age = study.history().ageWhenJudged();
        for (double celsius : EATEN_C) {
            given.add(new Given(
                    "At " + study.celsius(celsius),
                    Words.pascal(study.rigidityAt(celsius)) + ", of which not gel "
                            + Words.pascal(study.plastic().broughtTo(celsius, cocoa, milk, age))));
        }
        given.add(new Given("Air", Words.percent(study.mix().airShare())));
        given.add(new Given("Gel melts at", study.component().gels() ? study.celsius(study.meltC()) : "no gel in it"));
        return new Evidence(
                given,
                "Firmness = (1 - air)^2 x gel + (1 - air) x (fat + curd + starch + egg) + whipped cream. Fat = 1000 Pa x (S /"
                        + " 0.162)^8.5, S = solid cocoa butter + 0.6 x solid milk fat + 1.25 x solid butter + 0.06 x dry cocoa, per"
                        + " gram. The gel and the fat a day after pouring, melted back as far as it warms.",
                List.of(
                        study.constant(study.parameters().fat().scale()),
                        study.constant(study.parameters().fat().power()),
                        study.constant(study.parameters().body().uncertainFat()),
                        study.constant(study.parameters().cold().tableRoom())),
                "A factor of two and a half either way for fat; minutes out of the fridge by a half.",
                "Less cocoa butter or butter, more air, a leaner cream, a longer stand before service.");
    }
}
