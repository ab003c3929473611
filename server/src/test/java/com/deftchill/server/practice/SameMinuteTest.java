package com.deftchill.server.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.assess.Assessment;
import com.deftchill.core.assess.ComponentAnswer.Warming;
import com.deftchill.core.timing.Milestone;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;

/** A moment is the same minute wherever it is told: on the Bench, in the Cold, in the line, in the log, on the card. */
@Execution(ExecutionMode.CONCURRENT)
class SameMinuteTest {
    private static final Pattern CLOCK = Pattern.compile("\\d\\d:\\d\\d");

    @Test
    void everyMilestoneIsTheSameMinuteEverywhere() {
        int moments = 0;
        var all = Answered.all().toList();
        for (var dessert : all) {
            var bench = dessert.bench().value().orElseThrow();
            var cold = dessert.cold().value().orElseThrow().answer();
            assertThat(minutes(cold.milestones())).as(dessert.name()).containsAllEntriesOf(minutes(bench.milestones()));
            assertThat(cold.line()).as(dessert.name()).isEqualTo(bench.line());
            logged(dessert.name(), bench);
            told(dessert.name(), bench, bench.line().stream().map(s -> s.text()).collect(Collectors.joining(" ")));
            moments += bench.milestones().size();
        }
        System.out.println("the same minute everywhere: " + moments + " moments of " + all.size() + " desserts");
        assertThat(moments).isGreaterThan(150);
    }

    /** Minutes out of the fridge and the firmness that is reached are those of the Cold's table. */
    @Test
    void theBenchAndTheTableReadOneCurve() {
        int stood = 0;
        for (var dessert : Answered.all().toList()) {
            var bench = dessert.bench().value().orElseThrow();
            var table = dessert.cold().value().orElseThrow().answer().table();
            var layers = bench.components().stream()
                    .flatMap(c -> c.warming().stream())
                    .toList();
            // What is served while its core is still warm is not of one temperature.
            if (table.isEmpty() || layers.size() != 1 || table.get().warmestC()[0] > 8) {
                continue;
            }
            var layer = layers.get(0);
            var right = table.get().rightFromMinutes();
            if (layer.minutesOut().filter(minutes -> minutes > 0).isPresent()) {
                assertThat(layer.minutesOut()).as(dessert.name()).isEqualTo(right);
            } else if (layer.minutesOut().isPresent()) {
                assertThat(right.orElseThrow()).as(dessert.name()).isLessThan(5);
            }
            // Slow helices may not all have come to melt at 19 °C: four points. The table ends with the whole body
            // within a degree and a half of its warmest point.
            double[] firmness = table.get().firmness();
            double[] warmest = table.get().warmestC();
            assertThat(at(layer, warmest[0])).as(dessert.name() + " served").isCloseTo(firmness[0], within(2.0));
            double last = warmest[warmest.length - 1];
            assertThat(firmness[firmness.length - 1])
                    .as(dessert.name() + " at the table")
                    .isBetween(at(layer, last) - 4, at(layer, last - 1.5) + 4);
            stood++;
        }
        assertThat(stood).isGreaterThan(50);
    }

    private static double at(Warming curve, double celsius) {
        for (int i = 0; i < curve.celsius().length; i++) {
            if (curve.celsius()[i] >= celsius) {
                return curve.firmness()[i];
            }
        }
        return curve.firmness()[curve.firmness().length - 1];
    }

    private static Map<String, Optional<Double>> minutes(List<Milestone> milestones) {
        return milestones.stream().collect(Collectors.toMap(Milestone::code, Milestone::minutes));
    }

    /** What a batch's entry in the log predicts is one of the milestones. */
    private static void logged(String name, Assessment bench) {
        var minutes = bench.milestones().stream()
                .flatMap(m -> m.minutes().stream())
                .map(Math::round)
                .toList();
        bench.prediction()
                .turnsOutAfterMinutes()
                .ifPresent(m -> assertThat(minutes).as(name + " turns out").contains(Math.round(m)));
    }

    /** Every clock time of the line, but a service's, is a milestone's. */
    private static void told(String name, Assessment bench, String line) {
        var clocks =
                bench.milestones().stream().flatMap(m -> m.clock().stream()).collect(Collectors.joining(" "));
        var found = CLOCK.matcher(line.replaceAll("served at \\S+", ""));
        while (found.find()) {
            assertThat(clocks).as(name + ": " + line).contains(found.group());
        }
    }
}
