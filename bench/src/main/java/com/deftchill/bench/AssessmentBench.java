package com.deftchill.bench;

import com.deftchill.core.assess.Assessment;
import com.deftchill.core.assess.Assessor;
import com.deftchill.core.chill.ChillOptions;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.KitchenReader;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.larder.LarderFiles;
import com.deftchill.core.parameters.Parameters;
import com.deftchill.core.verdict.Answer;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** One whole assessment: reading, 48 h of chill at the default grid, dip, verdicts and fixes. Run by ops/bench. */
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 5, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
@State(Scope.Benchmark)
public class AssessmentBench {
    @Param({"dariole", "ramekin", "half-sphere-70"})
    public String mould;

    /** Gelatin, g: on target, and so low that a fix is computed too. */
    @Param({"15 g", "8 g"})
    public String gelatin;

    private final Assessor assessor = new Assessor(ChillOptions.standard());
    private final Workplace workplace =
            new Workplace(LarderFiles.shipped(), KitchenReader.standard(), Parameters.shipped());

    @Benchmark
    public Answer<Assessment> assessment() {
        var component = new WrittenFormula.Component(
                "set cream",
                List.of(
                        line("cream-35", "600 g"),
                        line("milk-35", "330 g"),
                        line("pear-puree", "220 g"),
                        line("sugar", "100 g")),
                new WrittenFormula.Gel("sheet-gold", gelatin, "weighed", "75 g"),
                null,
                "32 °C");
        var formula = new WrittenFormula(
                WrittenFormula.SCHEMA,
                "Bench",
                "metric",
                "turned-out",
                "",
                List.of(component),
                new WrittenFormula.Moulds(mould, "12", ""),
                new WrittenFormula.Cooling("fridge-still", "4 °C"),
                "14:00",
                List.of());
        return assessor.assess(formula, workplace);
    }

    /** Six gelled components of ten lines each, stacked in a spring tin: the heaviest everyday dessert. */
    @Benchmark
    public Answer<Assessment> layered() {
        var components = new ArrayList<WrittenFormula.Component>();
        for (int c = 0; c < 6; c++) {
            var lines = new ArrayList<WrittenFormula.Line>();
            for (int i = 0; i < 9; i++) {
                lines.add(line(
                        new String[] {"cream-35", "milk-35", "pear-puree", "sugar"}[(c + i) % 4], 10 + 5 * i + " g"));
            }
            lines.add(new WrittenFormula.Line("cream-35", "90 g", "", c % 2 == 0 ? "whipped" : ""));
            var kind = c % 2 == 0 ? "mousse" : "set-cream";
            components.add(new WrittenFormula.Component(
                    "c" + c,
                    "c" + c,
                    kind,
                    "",
                    lines,
                    new WrittenFormula.Gel("sheet-gold", gelatin.equals("15 g") ? "4 g" : "2 g", "weighed", "20 g"),
                    new WrittenFormula.Heat("60 °C", "", ""),
                    null,
                    null,
                    null,
                    null,
                    List.of(),
                    "30 °C"));
        }
        var formula = new WrittenFormula(
                WrittenFormula.SCHEMA,
                "Layered",
                "metric",
                "sliced",
                "",
                components,
                new WrittenFormula.Moulds("spring-tin-230", "1", ""),
                new WrittenFormula.Cooling("fridge-still", "4 °C"),
                "14:00",
                List.of());
        return assessor.assess(formula, workplace);
    }

    private static WrittenFormula.Line line(String ingredient, String amount) {
        return new WrittenFormula.Line(ingredient, amount, "", "");
    }
}
