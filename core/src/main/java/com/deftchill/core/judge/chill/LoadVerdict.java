package com.deftchill.core.judge.chill;

import com.deftchill.core.chill.CoolerLoad;
import com.deftchill.core.chill.CoolerLoad.Load;
import com.deftchill.core.chill.CoolerLoad.Outcome;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.dessert.Study;
import com.deftchill.core.text.Notation;
import com.deftchill.core.text.Words;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Evidence.Constant;
import com.deftchill.core.verdict.Evidence.Given;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Whether the cooler can take the heat of the whole batch, and what would be better. */
public final class LoadVerdict {
    /** Air that rises by less is not worth a word, K. */
    private static final double NOTICED_K = 1;
    /** Nor is a delay shorter than this, s. */
    private static final double NOTICED_S = 300;
    /** A pour that is cooler by less is not worth a fix, K. */
    private static final double COOLER_K = 5;

    private static final int PARTS = 4;
    private static final double APART_S = 1800;

    private LoadVerdict() {}

    public static Optional<Verdict> of(Dessert dessert) {
        var cooler = dessert.batch().cooler();
        var studies = dessert.studies();
        double air = dessert.batch().airC();
        if (cooler.powerW() == 0 || studies.isEmpty()) {
            return Optional.empty();
        }
        var loads = studies.stream().map(study -> study.load(1)).toList();
        var lumped = outcome(dessert, loads);
        var found = new Outcome(
                Math.max(air, dessert.build().peakAirC()),
                lumped.warmSeconds(),
                lumped.workSeconds(),
                lumped.lateSeconds());
        if (found.peakC() - air < NOTICED_K) {
            return Optional.empty();
        }
        var spaced = outcome(dessert, spaced(dessert));
        var half =
                outcome(dessert, studies.stream().map(study -> study.load(0.5)).toList());
        double kj = loads.stream()
                        .mapToDouble(l -> l.heatJPerK() * Math.max(0, l.celsius() - air))
                        .sum()
                / 1000;
        boolean tooWarm = found.peakC() > dessert.kitchen().safety().keepC();
        var sentence = "Together they bring " + Notation.write(kj, 0) + " kJ into it, and it takes away about "
                + Notation.write(
                        cooler.powerW()
                                * (1 - dessert.parameters().cold().spent().value()),
                        0)
                + " W more than it needs: " + Words.duration(found.workSeconds()) + " of work. Its air rises to "
                + dessert.celsius(found.peakC()) + ", and all else in it warms along."
                + (found.lateSeconds() < NOTICED_S
                        ? ""
                        : " That costs about " + later(found)
                                + ", counted in the times here; in two loads, one after the other, " + later(half)
                                + " for each. A quarter of it every half hour: the air rises about "
                                + dessert.portraits().get(0).difference(lumped.peakC() - spaced.peakC())
                                + " less.");
        return Optional.of(new Verdict(
                "cooler-load",
                tooWarm ? Tone.CAUTION : Tone.NOTE,
                tooWarm ? "Too much warm food for the cooler" : "The cooler warms for a while",
                sentence,
                "/moulds/count",
                evidence(dessert, loads, found),
                colderPour(dessert, loads, found)));
    }

    private static String later(Outcome outcome) {
        if (Double.isInfinite(outcome.lateSeconds())) {
            return "more than three days";
        }
        return outcome.lateSeconds() < NOTICED_S ? "no delay" : Words.duration(outcome.lateSeconds());
    }

    private static Outcome outcome(Dessert dessert, List<Load> loads) {
        var cooler = dessert.batch().cooler();
        return CoolerLoad.of(
                dessert.parameters().cold(),
                dessert.batch().airC(),
                cooler.powerW(),
                cooler.contentsKj() * 1000,
                loads);
    }

    /** The batch in four parts, half an hour apart. */
    private static List<Load> spaced(Dessert dessert) {
        var loads = new ArrayList<Load>();
        for (int part = 0; part < PARTS; part++) {
            for (var study : dessert.studies()) {
                var load = study.load(1.0 / PARTS);
                loads.add(new Load(
                        load.startSeconds() + part * APART_S, load.heatJPerK(), load.tauSeconds(), load.celsius()));
            }
        }
        return loads;
    }

    /** The layer that brings most, cooled in ice water before it is poured. */
    private static List<Fix> colderPour(Dessert dessert, List<Load> loads, Outcome found) {
        double air = dessert.batch().airC();
        var studies = dessert.studies();
        int most = 0;
        for (int i = 1; i < loads.size(); i++) {
            most = heat(loads.get(i), air) > heat(loads.get(most), air) ? i : most;
        }
        var study = studies.get(most);
        double lowest = Math.ceil(Math.max(
                study.onsetC() + dessert.parameters().gel().pourMargin().value(), Study.PROPERTIES_C));
        if (study.component().kind().fatSets() || study.component().pourC() - lowest < COOLER_K) {
            return List.of();
        }
        var cooled = new ArrayList<>(loads);
        var load = loads.get(most);
        cooled.set(most, new Load(load.startSeconds(), load.heatJPerK(), load.tauSeconds(), lowest));
        var before = outcome(dessert, loads);
        var after = outcome(dessert, cooled);
        double less = Math.max(0, before.peakC() - after.peakC());
        var text = study.celsius(lowest);
        return List.of(new Fix(
                "Cool it in ice water and pour at " + text,
                "the air rises about " + study.difference(less) + " less, "
                        + (before.lateSeconds() - after.lateSeconds() < NOTICED_S
                                ? "as soon cold"
                                : Words.duration(before.lateSeconds() - after.lateSeconds()) + " sooner cold"),
                List.of(new Fix.Change(study.at("/work/pour/at"), text))));
    }

    private static double heat(Load load, double air) {
        return load.heatJPerK() * (load.celsius() - air);
    }

    private static Evidence evidence(Dessert dessert, List<Load> loads, Outcome found) {
        var cooler = dessert.batch().cooler();
        double kg = dessert.batch().count() * dessert.portionG() / 1000;
        double slowest = loads.stream()
                .max(Comparator.comparingDouble(Load::tauSeconds))
                .map(Load::tauSeconds)
                .orElse(0.0);
        return new Evidence(
                List.of(
                        new Given("Goes in", dessert.batch().count() + " moulds, " + Notation.write(kg, 1) + " kg"),
                        new Given("Cooler", cooler.name()),
                        new Given("Its power", Notation.write(cooler.powerW(), 0) + " W"),
                        new Given("Its contents take up", Notation.write(cooler.contentsKj(), 0) + " kJ/K"),
                        new Given("Slowest time constant", Words.duration(slowest)),
                        new Given(
                                "Air above its setting by "
                                        + dessert.portraits().get(0).difference(1) + " or more",
                                Words.duration(found.warmSeconds()))),
                "Heat balance of the air with what stands in it: heat from the batch, less what the cooler can spare.",
                List.of(
                        dessert.constant(dessert.parameters().cold().spent()),
                        new Constant("domestic fridge", "100 to 150 W", "L", "typical ratings")),
                "Half as much again either way: ratings and contents are rough. The peak and the times are those of the"
                        + " chill itself; what it costs is an estimate with each load at one temperature.",
                "Fewer at once, an ice bath first, a stronger cooler; its figures are in the larder.");
    }
}
