package com.deftchill.server.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.alternative.Trial;
import com.deftchill.core.assess.Assessment;
import com.deftchill.core.assess.Assessor;
import com.deftchill.core.assess.ComponentAnswer.Warming;
import com.deftchill.core.chill.ChillOptions;
import com.deftchill.core.cold.Chilling;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.KitchenReader;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.larder.LarderFiles;
import com.deftchill.core.parameters.Parameters;
import com.deftchill.core.timing.Milestone;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import tools.jackson.databind.json.JsonMapper;

/** A moment is the same minute wherever it is told: on the Bench, in the Cold, in the line, in the log, on the card. */
@Execution(ExecutionMode.CONCURRENT)
class SameMinuteTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final Assessor ASSESSOR = new Assessor(ChillOptions.standard());
    private static final Workplace WORKPLACE =
            new Workplace(LarderFiles.shipped(), KitchenReader.standard(), Parameters.shipped());
    private static final Pattern CLOCK = Pattern.compile("\\d\\d:\\d\\d");

    private static Map<String, WrittenFormula> cases() throws IOException {
        var cases = new TreeMap<String, WrittenFormula>();
        for (var folder : List.of("src/test/resources/practice", "src/main/resources/demo")) {
            try (var files = Files.list(Path.of(folder))) {
                for (var file : files.toList()) {
                    var tree = JSON.readTree(file.toFile());
                    var document = tree.has("document") ? tree.get("document") : tree;
                    if (document.has("components")) {
                        cases.put(file.getFileName().toString(), JSON.treeToValue(document, WrittenFormula.class));
                    }
                }
            }
        }
        return cases;
    }

    @Test
    void everyMilestoneIsTheSameMinuteEverywhere() throws IOException {
        int moments = 0;
        for (var named : cases().entrySet()) {
            var formula = named.getValue();
            var bench = new Trial(ASSESSOR, formula, WORKPLACE).assess().value().orElseThrow();
            var cold = new Chilling(ASSESSOR)
                    .chill(formula, WORKPLACE)
                    .value()
                    .orElseThrow()
                    .answer();
            assertThat(minutes(cold.milestones())).as(named.getKey()).containsAllEntriesOf(minutes(bench.milestones()));
            assertThat(cold.line()).as(named.getKey()).isEqualTo(bench.line());
            logged(named.getKey(), bench);
            told(named.getKey(), bench, bench.line().stream().map(s -> s.text()).collect(Collectors.joining(" ")));
            moments += bench.milestones().size();
        }
        System.out.println("the same minute everywhere: " + moments + " moments of " + cases().size() + " desserts");
        assertThat(moments).isGreaterThan(150);
    }

    /** Minutes out of the fridge and the firmness that is reached are those of the Cold's table. */
    @Test
    void theBenchAndTheTableReadOneCurve() throws IOException {
        int stood = 0;
        for (var named : cases().entrySet()) {
            var bench = new Trial(ASSESSOR, named.getValue(), WORKPLACE)
                    .assess()
                    .value()
                    .orElseThrow();
            var table = new Chilling(ASSESSOR)
                    .chill(named.getValue(), WORKPLACE)
                    .value()
                    .orElseThrow()
                    .answer()
                    .table();
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
                assertThat(layer.minutesOut()).as(named.getKey()).isEqualTo(right);
            } else if (layer.minutesOut().isPresent()) {
                assertThat(right.orElseThrow()).as(named.getKey()).isLessThan(5);
            }
            // Slow helices may not all have come to melt at 19 °C: four points. The table ends with the whole body
            // within a degree and a half of its warmest point.
            double[] firmness = table.get().firmness();
            double[] warmest = table.get().warmestC();
            assertThat(at(layer, warmest[0])).as(named.getKey() + " served").isCloseTo(firmness[0], within(2.0));
            double last = warmest[warmest.length - 1];
            assertThat(firmness[firmness.length - 1])
                    .as(named.getKey() + " at the table")
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
