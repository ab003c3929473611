package com.deftchill.core.alternative;

import com.deftchill.core.batch.Stay;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.dessert.Study;
import com.deftchill.core.gel.Firmness;
import com.deftchill.core.timing.Uncertainty;
import com.deftchill.core.verdict.Problem;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.List;
import java.util.Optional;

/**
 * A dessert with something changed, in the figures that it is compared by. Minutes count from the first pour.
 *
 * @param setMinutes until all of it is set; absent when it never is within two days, as with the others
 * @param goal what is waited for most: set, turned out or thawed
 * @param goalMinutes until then
 * @param coldMinutes until its warmest point is below 8 °C
 * @param standingMm height turned out; absent when it is not
 * @param firmness 0 to 100 of the layer that it is judged by
 * @param peakAirC highest air of the cooler; absent where that has no limit
 * @param worst headline of the worst news about it, and how it bears; absent when there is none
 * @param meets whether the goal is met by the time asked for; absent when none was
 * @param minutes of the course
 * @param firmnessCourse of the layer that it is judged by, slowest point
 * @param warmestCourse of the same layer, °C
 * @param problems that stand in its way; then nothing else is known
 */
public record WhatIf(
        Optional<Double> setMinutes,
        Optional<String> set,
        String goal,
        Optional<Double> goalMinutes,
        Optional<String> goalClock,
        Optional<Double> coldMinutes,
        Optional<Double> standingMm,
        double mouldedMm,
        double firmness,
        String firmnessWords,
        Optional<Double> peakAirC,
        Optional<Worst> worst,
        Optional<Boolean> meets,
        double[] minutes,
        double[] firmnessCourse,
        double[] warmestCourse,
        List<Problem> problems) {
    /** The worst news. */
    public record Worst(Tone tone, String headline) {}

    static WhatIf cannot(List<Problem> problems) {
        return new WhatIf(
                Optional.empty(),
                Optional.empty(),
                "",
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                0,
                0,
                "",
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                new double[0],
                new double[0],
                new double[0],
                problems);
    }

    /** @param byMinutes latest moment for the goal, after the first pour; absent when none was asked for */
    static WhatIf of(Dessert dessert, List<Verdict> verdicts, Optional<Double> byMinutes) {
        var times = Uncertainty.times(dessert);
        var goal = Uncertainty.goal(times);
        double minutes = times.getOrDefault(goal, Double.POSITIVE_INFINITY);
        double set = dessert.setSeconds() / 60;
        double cold = dessert.studies().stream()
                        .mapToDouble(s -> s.startSeconds() + s.history().secondsBelow(Stay.COLD_C))
                        .max()
                        .orElse(0)
                / 60;
        var main = dessert.main();
        double pa = main.map(Study::judgedPa).orElse(0.0);
        double peak = dessert.build().peakAirC();
        boolean stands = dessert.batch().turnsOut() && !dessert.setting().isEmpty();
        return new WhatIf(
                Uncertainty.finite(set),
                Uncertainty.finite(set).map(m -> dessert.clock(60 * m)),
                words(goal),
                Uncertainty.finite(minutes),
                Uncertainty.finite(minutes).map(m -> dessert.clock(60 * m)),
                Uncertainty.finite(cold),
                stands ? Optional.of(dessert.standingMm()) : Optional.empty(),
                dessert.mouldedMm(),
                Firmness.score(pa),
                main.map(study -> study.words(pa)).orElse(Firmness.RUNS.words()),
                Uncertainty.finite(peak),
                verdicts.stream()
                        .filter(v -> v.tone().compareTo(Tone.CAUTION) <= 0)
                        .findFirst()
                        .map(v -> new Worst(v.tone(), v.headline())),
                byMinutes.map(by -> minutes <= by),
                main.map(Study::minutes).orElse(new double[0]),
                main.map(Study::scores).orElse(new double[0]),
                main.map(s -> s.history().warmestC()).orElse(new double[0]),
                List.of());
    }

    private static String words(String goal) {
        return switch (goal) {
            case "turns-out" -> "Turns out from";
            case "thawed" -> "Thawed by";
            default -> "Set by";
        };
    }
}
