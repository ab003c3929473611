package com.deftchill.core.judge.chill;

import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.dessert.Portrait;
import com.deftchill.core.dessert.Study;
import com.deftchill.core.dose.Dosing;
import com.deftchill.core.dose.GelEvidence;
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
import java.util.Locale;
import java.util.Optional;

/** Whether the cooler is cold enough to set it, and fast enough for safety. */
public final class CoolingVerdicts {
    /** Chilled food is kept at or below this, °C (handbook 4). */
    private static final double KEEP_C = 8;
    /** Better kept below this, °C. */
    private static final double AIM_BELOW_C = 5;
    /** Air that brings food below 5 °C in time. */
    private static final double AIM_AIR_C = 4;

    private CoolingVerdicts() {}

    /** Air in which this gel never sets, if so. */
    public static List<Verdict> causes(Portrait portrait) {
        return portrait.study().stream()
                .filter(study -> study.component().gels() && study.batch().airC() >= study.meltC())
                .map(CoolingVerdicts::tooWarmToSet)
                .toList();
    }

    private static Verdict tooWarmToSet(Study study) {
        var sentence = "The air is " + study.celsius(study.batch().airC()) + ", and this gel melts at "
                + study.celsius(study.meltC()) + ": it never sets there.";
        // In air as cold as a fridge should have it is not the cooler that is at fault.
        boolean cold = study.batch().airC() <= AIM_AIR_C;
        return verdict(
                "cooler-too-warm",
                Tone.BAD,
                cold ? "Too little of what sets it, even in the cold" : "The cooler is too warm to set it",
                sentence,
                GelEvidence.firmness(study),
                cold ? new Dosing(study).fix().stream().toList() : coldAir(study));
    }

    /** Of the layer that cools slowest. */
    public static Optional<Verdict> safety(Dessert dessert) {
        double last = dessert.kitchen().safety().stages().stream()
                .mapToDouble(stage -> stage.celsius())
                .min()
                .orElse(AIM_BELOW_C);
        return dessert.studies().stream()
                .max(Comparator.comparingDouble(study -> study.history().secondsBelow(last)))
                .map(CoolingVerdicts::safety);
    }

    /** How fast the warmest point cools by the kitchen's rule set, and whether it gets and stays cold enough. */
    private static Verdict safety(Study study) {
        var rules = study.kitchen().safety();
        boolean tooWarmAir = study.batch().airC() >= AIM_BELOW_C;
        var late = rules.stages().stream()
                .filter(stage -> study.history().secondsBelow(stage.celsius()) > stage.hours() * 3600)
                // What is eaten before the time is up has kept the rule.
                .filter(stage -> study.startSeconds() + stage.hours() * 3600
                        <= study.batch().timetable().endSeconds())
                .filter(stage ->
                        !(tooWarmAir && stage.celsius() <= study.batch().airC()))
                .toList();
        var sentence = cooling(study) + " Your food-safety plan and local rules come first.";
        var evidence = evidence(study);
        if (study.batch().airC() > KEEP_C) {
            var reason = "Air of " + study.celsius(study.batch().airC()) + ": chilled food is kept at or below "
                    + study.celsius(KEEP_C) + ", better " + study.celsius(AIM_BELOW_C) + ". ";
            return verdict(
                    "kept-too-warm",
                    Tone.UNSAFE,
                    "Too warm for keeping food",
                    reason + sentence,
                    evidence,
                    coldAir(study));
        }
        if (tooWarmAir) {
            return verdict("air-warm", Tone.CAUTION, "Colder air would be safer", sentence, evidence, coldAir(study));
        }
        return late.isEmpty()
                ? verdict("cooling", Tone.NOTE, "Cooling time", sentence, evidence, List.of())
                : verdict("cooling-slow", Tone.CAUTION, "Cools slowly for safety", sentence, evidence, List.of());
    }

    private static Evidence evidence(Study study) {
        var rules = study.kitchen().safety();
        var constants = new ArrayList<Constant>();
        for (var stage : rules.stages()) {
            constants.add(new Constant(
                    "below " + study.celsius(stage.celsius()),
                    "within " + Notation.write(stage.hours(), 1) + " h",
                    "S",
                    rules.name()));
        }
        constants.add(new Constant("keep at or below", study.celsius(rules.keepC()), "S", rules.name()));
        return new Evidence(
                List.of(
                        new Given("Poured at", study.celsius(study.component().pourC())),
                        new Given("Air", study.celsius(study.batch().airC())),
                        new Given(
                                "Surface coefficient",
                                Notation.write(study.batch().cooler().h(), 0) + " W/m2K"),
                        new Given("Time steps", Integer.toString(study.report().steps())),
                        new Given(
                                "Energy balance",
                                "closes to "
                                        + String.format(
                                                Locale.ROOT,
                                                "%.0e",
                                                study.report().imbalance()))),
                "Heat conduction through dessert and mould, two-dimensional; the warmest point counts.",
                constants,
                "A fifth either way from the surface coefficient; a full or often opened fridge is slower.",
                "A fan fridge or blast chiller, smaller moulds, an ice bath before filling, a lower pour temperature.");
    }

    private static final double SECONDS_PER_MINUTE = 60;

    /** When the warmest point passes each limit of the rule set. */
    private static String cooling(Study study) {
        var rules = study.kitchen().safety();
        var reached = new ArrayList<String>();
        for (var stage : rules.stages()) {
            double seconds = study.history().secondsBelow(stage.celsius());
            if (Double.isInfinite(seconds)) {
                var end = study.celsius(study.history().lastWarmestC());
                return reached.isEmpty()
                        ? "The warmest point stays at " + end + "."
                        : "The warmest point is " + String.join(" and ", reached) + " and ends at " + end
                                + ", not below " + study.celsius(stage.celsius()) + ".";
            }
            reached.add("below " + study.celsius(stage.celsius())
                    + (seconds < SECONDS_PER_MINUTE ? " from the start" : " after " + Words.duration(seconds)));
        }
        return "The warmest point is " + String.join(" and ", reached) + ".";
    }

    private static List<Fix> coldAir(Study study) {
        var usual = study.celsius(Math.min(AIM_AIR_C, study.batch().cooler().airC()));
        return List.of(new Fix(
                "Chill at " + usual,
                "below " + study.celsius(5) + " all through",
                List.of(new Fix.Change("/cooler/air", usual))));
    }

    private static Verdict verdict(
            String code, Tone tone, String headline, String sentence, Evidence evidence, List<Fix> fixes) {
        return new Verdict(code, tone, headline, sentence, "/cooler/air", evidence, fixes);
    }
}
