package com.deftchill.bench;

import com.deftchill.core.assess.Assessment;
import com.deftchill.core.assess.Assessor;
import com.deftchill.core.chill.ChillOptions;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.formula.WrittenFormula.Work;
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
        var lines = List.of(
                line("cream-35", "600 g", ""),
                line("milk-35", "330 g", ""),
                line("pear-puree", "220 g", ""),
                line("sugar", "100 g", ""));
        var component = new WrittenFormula.Component(
                "cream", "set cream", "", "", lines, gel(gelatin, "75 g"), List.of(), List.of(pour("32 °C")));
        var formula =
                WrittenFormula.of("Bench", "turned-out", List.of(component), moulds(mould, "12"), FRIDGE, "14:00");
        return assessor.assess(formula, workplace);
    }

    /** Six gelled components of ten lines each, stacked in a spring tin: the heaviest everyday dessert. */
    @Benchmark
    public Answer<Assessment> layered() {
        var components = new ArrayList<WrittenFormula.Component>();
        for (int c = 0; c < 6; c++) {
            var lines = new ArrayList<WrittenFormula.Line>();
            for (int i = 0; i < 9; i++) {
                var of = new String[] {"cream-35", "milk-35", "pear-puree", "sugar"}[(c + i) % 4];
                lines.add(line(of, 10 + 5 * i + " g", ""));
            }
            boolean mousse = c % 2 == 0;
            lines.add(line("cream-35", "90 g", mousse ? "f1" : ""));
            components.add(new WrittenFormula.Component(
                    "c" + c,
                    "c" + c,
                    mousse ? "mousse" : "set-cream",
                    "",
                    lines,
                    gel(gelatin.equals("15 g") ? "4 g" : "2 g", "20 g"),
                    mousse ? List.of(new WrittenFormula.Foam("f1", "", "", "")) : List.of(),
                    List.of(Work.of("heat").with("to", "60 °C"), pour("30 °C"))));
        }
        var formula =
                WrittenFormula.of("Layered", "sliced", components, moulds("spring-tin-230", "1"), FRIDGE, "14:00");
        return assessor.assess(formula, workplace);
    }

    private static final WrittenFormula.Cooling FRIDGE = new WrittenFormula.Cooling("fridge-still", "4 °C");

    private static WrittenFormula.Line line(String ingredient, String amount, String foam) {
        return new WrittenFormula.Line("", ingredient, "", amount, "", foam);
    }

    private static List<WrittenFormula.Gel> gel(String amount, String water) {
        return List.of(new WrittenFormula.Gel("", "sheet-gold", amount, "weighed", water));
    }

    private static Work pour(String at) {
        return Work.of("pour").with("at", at);
    }

    private static WrittenFormula.Moulds moulds(String of, String count) {
        return new WrittenFormula.Moulds(of, count, "", "", "");
    }
}
