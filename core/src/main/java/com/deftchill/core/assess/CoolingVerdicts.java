package com.deftchill.core.assess;

import com.deftchill.core.amount.Typed;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Evidence.Constant;
import com.deftchill.core.verdict.Evidence.Given;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.List;

/** Whether the cooler is cold enough to set it, and fast enough for safety. */
final class CoolingVerdicts {
    private static final double TWO_HOURS = 2 * 3600;
    private static final double SIX_HOURS = 6 * 3600;
    /** Chilled food is kept at or below this, °C (handbook 4). */
    private static final double KEEP_C = 8;
    /** Air that brings food below 5 °C in time. */
    private static final double AIM_AIR_C = 4;

    private CoolingVerdicts() {}

    /** Air in which this gel never sets, if so. */
    static List<Verdict> causes(Study study) {
        return study.batch().airC() >= study.meltC() ? List.of(tooWarmToSet(study)) : List.of();
    }

    private static Verdict tooWarmToSet(Study study) {
        var sentence = "The air is " + Words.celsius(study.batch().airC()) + ", and this gel melts at "
                + Words.celsius(study.meltC()) + ": it never sets there.";
        return verdict(
                "cooler-too-warm",
                Tone.BAD,
                "The cooler is too warm to set it",
                sentence,
                GelEvidence.firmness(study),
                coldAir(study));
    }

    /** How fast the warmest point cools, and whether it gets and stays cold enough. */
    static Verdict safety(Study study) {
        double warm = study.history().warmSeconds();
        double cold = study.history().coldSeconds();
        boolean tooWarmAir = study.batch().airC() >= SetHistory.COLD_C;
        boolean slow = warm > TWO_HOURS || (cold > SIX_HOURS && !tooWarmAir);
        var sentence = cooling(study, warm, cold) + " Your food-safety plan and local rules come first.";
        var evidence = new Evidence(
                List.of(
                        new Given(
                                "Poured at",
                                Words.celsius(study.batch().component().pourC())),
                        new Given("Air", Words.celsius(study.batch().airC())),
                        new Given(
                                "Surface coefficient",
                                Typed.write(study.batch().cooler().h(), 0) + " W/m2K"),
                        new Given("Time steps", Integer.toString(study.report().steps())),
                        new Given(
                                "Energy balance",
                                "closes to "
                                        + String.format(
                                                java.util.Locale.ROOT,
                                                "%.0e",
                                                study.report().imbalance()))),
                "Heat conduction through dessert and mould, two-dimensional; the warmest point counts.",
                List.of(
                        new Constant("57 to 21 °C", "2 h", "S", "US Food Code style"),
                        new Constant("to 5 °C", "6 h in all", "S", "US Food Code style"),
                        new Constant("keep at or below", "8 °C, aim 5 °C", "S", "UK guidance style")),
                "A fifth either way from the surface coefficient; a full or often opened fridge is slower.",
                "A fan fridge or blast chiller, smaller moulds, an ice bath before filling, a lower pour temperature.");
        if (study.batch().airC() > KEEP_C) {
            var reason = "Air of " + Words.celsius(study.batch().airC())
                    + ": chilled food is kept at or below 8 °C, better 5 °C. ";
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
        return slow
                ? verdict("cooling-slow", Tone.CAUTION, "Cools slowly for safety", sentence, evidence, List.of())
                : verdict("cooling", Tone.NOTE, "Cooling time", sentence, evidence, List.of());
    }

    private static String cooling(Study study, double warm, double cold) {
        var end = Words.celsius(study.history().lastWarmestC());
        if (Double.isInfinite(warm)) {
            return "The warmest point stays at " + end + ".";
        }
        var below = "The warmest point is below 21 °C after " + Words.duration(warm);
        return Double.isInfinite(cold)
                ? below + " and ends at " + end + ", not below 5 °C."
                : below + " and below 5 °C after " + Words.duration(cold) + ".";
    }

    private static List<Fix> coldAir(Study study) {
        var usual = Words.celsius(Math.min(AIM_AIR_C, study.batch().cooler().airC()));
        return List.of(
                new Fix("Chill at " + usual, "below 5 °C all through", List.of(new Fix.Change("/cooler/air", usual))));
    }

    private static Verdict verdict(
            String code, Tone tone, String headline, String sentence, Evidence evidence, List<Fix> fixes) {
        return new Verdict(code, tone, headline, sentence, "/cooler/air", evidence, fixes);
    }
}
