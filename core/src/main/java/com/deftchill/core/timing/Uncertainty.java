package com.deftchill.core.timing;

import com.deftchill.core.body.Nature;
import com.deftchill.core.build.Nudge;
import com.deftchill.core.build.Nudge.Body;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.text.Notation;
import com.deftchill.core.text.Words;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * How early and how late each milestone may come. The corners of surface coefficients +-20 % and gel strength +-10 %
 * (handbook 4) are run and bound each, and where more than a gel makes a layer firm the ends of
 * the ranges of fat, and of curd, starch, egg and whipped cream; air +-1 K and pour +-2 K [E] are run by themselves, to see what matters.
 *
 * @param ranges of each milestone, in the order of waiting
 * @param influences on the milestone that is waited for most, the greatest first
 * @param sentence what matters most, in words
 */
public record Uncertainty(List<Range> ranges, List<Influence> influences, String sentence) {
    private static final String WHOLE_RANGE = "its whole range";

    /** A milestone: minutes after the first pour and clock times; absent where it never comes within two days. */
    public record Range(
            String code,
            String label,
            Optional<Double> earliestMinutes,
            Optional<Double> likelyMinutes,
            Optional<Double> latestMinutes,
            Optional<String> earliest,
            Optional<String> latest) {}

    /** An input and what it moves: minutes sooner and later. */
    public record Influence(String input, String spread, double soonerMinutes, double laterMinutes) {}

    /** @param run the dessert with inputs nudged */
    public static Uncertainty of(Dessert likely, Function<Nudge, Dessert> run) {
        var p = likely.parameters().cold();
        var times = times(likely);
        var corners = new ArrayList<Map<String, Double>>();
        for (double h : new double[] {
            1 - p.surfaceSpread().value(), 1 + p.surfaceSpread().value()
        }) {
            for (double strength : new double[] {
                1 - p.strengthSpread().value(), 1 + p.strengthSpread().value()
            }) {
                corners.add(times(run.apply(Nudge.of(h, strength))));
            }
        }
        var ofBody = ofBody(likely, run);
        corners.addAll(ofBody.values());
        var ranges = new ArrayList<Range>();
        for (var milestone : Milestones.ofCold(likely)) {
            ranges.add(range(likely, milestone, corners));
        }
        var goal = goal(times);
        var influences = new ArrayList<Influence>();
        // Slow surface and strong gel are corners 0 to 3 in the order above: each is seen at the mean of the other.
        influences.add(influence(
                "How well the air takes heat away",
                "±" + Words.percent(p.surfaceSpread().value()),
                times,
                goal,
                mean(corners, goal, 2, 3),
                mean(corners, goal, 0, 1)));
        influences.add(influence(
                "Strength of the gel",
                "±" + Words.percent(p.strengthSpread().value()),
                times,
                goal,
                mean(corners, goal, 1, 3),
                mean(corners, goal, 0, 2)));
        influences.add(influence(
                "Air of the cooler",
                "±" + likely.portraits().get(0).difference(p.airSpread().value()),
                times,
                goal,
                at(run.apply(Nudge.warmer(-p.airSpread().value(), 0)), goal),
                at(run.apply(Nudge.warmer(p.airSpread().value(), 0)), goal)));
        influences.add(influence(
                "Pour temperature",
                "±" + likely.portraits().get(0).difference(p.pourSpread().value()),
                times,
                goal,
                at(run.apply(Nudge.warmer(0, -p.pourSpread().value())), goal),
                at(run.apply(Nudge.warmer(0, p.pourSpread().value())), goal)));
        if (!ofBody.isEmpty()) {
            influences.add(influence(
                    "How fast fat sets, and how firm",
                    WHOLE_RANGE,
                    times,
                    goal,
                    ofBody.get(Body.FAST_FAT).getOrDefault(goal, Double.POSITIVE_INFINITY),
                    ofBody.get(Body.SLOW_FAT).getOrDefault(goal, Double.POSITIVE_INFINITY)));
            influences.add(influence(
                    "What curd, starch, egg and whipped cream bear",
                    WHOLE_RANGE,
                    times,
                    goal,
                    ofBody.get(Body.FIRM_REST).getOrDefault(goal, Double.POSITIVE_INFINITY),
                    ofBody.get(Body.WEAK_REST).getOrDefault(goal, Double.POSITIVE_INFINITY)));
        }
        influences.sort(Comparator.comparingDouble((Influence i) -> -(i.soonerMinutes() + i.laterMinutes())));
        return new Uncertainty(ranges, influences, sentence(influences.get(0)));
    }

    /** The times with what is firm besides gel at either end of its ranges; nothing where no layer is firm by more than its gel. */
    private static Map<Body, Map<String, Double>> ofBody(Dessert likely, Function<Nudge, Dessert> run) {
        var times = new EnumMap<Body, Map<String, Double>>(Body.class);
        if (likely.setting().stream().anyMatch(study -> study.nature() != Nature.GEL)) {
            for (var body : Body.values()) {
                if (body != Body.LIKELY) {
                    times.put(body, times(run.apply(Nudge.of(body))));
                }
            }
        }
        return times;
    }

    /** What is waited for most: to be turned out or thawed, else to be set. */
    public static String goal(Map<String, Double> times) {
        var codes = times.keySet();
        return codes.stream()
                .filter(code -> code.equals("thawed") || code.equals("turns-out"))
                .findFirst()
                .orElseGet(() -> codes.stream()
                        .filter(code -> code.startsWith("sets"))
                        .reduce((a, b) -> b)
                        .orElse(""));
    }

    /** Minutes of each milestone by code; infinite for one that never comes. */
    public static Map<String, Double> times(Dessert dessert) {
        var times = new LinkedHashMap<String, Double>();
        for (var milestone : Milestones.ofCold(dessert)) {
            times.put(milestone.code(), milestone.minutes().orElse(Double.POSITIVE_INFINITY));
        }
        return times;
    }

    private static Range range(Dessert likely, Milestone milestone, List<Map<String, Double>> corners) {
        double own = milestone.minutes().orElse(Double.POSITIVE_INFINITY);
        double earliest = own;
        double latest = own;
        for (var corner : corners) {
            double minutes = corner.getOrDefault(milestone.code(), Double.POSITIVE_INFINITY);
            earliest = Math.min(earliest, minutes);
            latest = Math.max(latest, minutes);
        }
        return new Range(
                milestone.code(),
                milestone.label(),
                finite(earliest),
                finite(own),
                finite(latest),
                finite(earliest).map(m -> likely.clock(60 * m)),
                finite(latest).map(m -> likely.clock(60 * m)));
    }

    /** Minutes that come; absent where they never do. */
    public static Optional<Double> finite(double minutes) {
        return Double.isFinite(minutes) ? Optional.of(minutes) : Optional.empty();
    }

    private static double at(Dessert dessert, String code) {
        return times(dessert).getOrDefault(code, Double.POSITIVE_INFINITY);
    }

    private static double mean(List<Map<String, Double>> corners, String code, int a, int b) {
        return (corners.get(a).getOrDefault(code, Double.POSITIVE_INFINITY)
                        + corners.get(b).getOrDefault(code, Double.POSITIVE_INFINITY))
                / 2;
    }

    private static Influence influence(
            String input, String spread, Map<String, Double> likely, String goal, double sooner, double later) {
        double own = likely.getOrDefault(goal, Double.POSITIVE_INFINITY);
        return new Influence(input, spread, moved(own - sooner), moved(later - own));
    }

    /** What never comes moves by nothing that can be said. */
    private static double moved(double minutes) {
        return Double.isFinite(minutes) ? minutes : 0;
    }

    private static String sentence(Influence most) {
        double about = (most.soonerMinutes() + most.laterMinutes()) / 2;
        return about < 1
                ? "None of the inputs moves it by a minute."
                : "What matters most: " + Words.lower(most.input()) + ", " + most.spread() + " is ±"
                        + Notation.write(Math.ceil(about), 0) + " min.";
    }
}
