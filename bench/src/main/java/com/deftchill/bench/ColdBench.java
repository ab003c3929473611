package com.deftchill.bench;

import com.deftchill.core.alternative.Alternatives;
import com.deftchill.core.alternative.WhatIf;
import com.deftchill.core.assess.Assessor;
import com.deftchill.core.chill.ChillOptions;
import com.deftchill.core.cold.Chilled;
import com.deftchill.core.cold.Chilling;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.formula.WrittenFormula.Component;
import com.deftchill.core.formula.WrittenFormula.Cooling;
import com.deftchill.core.formula.WrittenFormula.Gel;
import com.deftchill.core.formula.WrittenFormula.Line;
import com.deftchill.core.formula.WrittenFormula.Moulds;
import com.deftchill.core.formula.WrittenFormula.Stay;
import com.deftchill.core.formula.WrittenFormula.Work;
import com.deftchill.core.kitchen.KitchenReader;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.larder.LarderFiles;
import com.deftchill.core.parameters.Parameters;
import com.deftchill.core.timing.Uncertainty;
import com.deftchill.core.verdict.Answer;
import java.util.List;
import java.util.Optional;
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

/**
 * The whole chill of a dessert of three layers: 24 h to service with the field kept and the table after it, its corners, and
 * six variants on all cores. Run by ops/bench-cold.
 */
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 5, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
@State(Scope.Benchmark)
public class ColdBench {
    /** Three layers in a fridge; the same frozen through and thawed. */
    @Param({"fridge", "freezer"})
    public String places;

    private final Assessor assessor = new Assessor(ChillOptions.standard());
    private final Workplace workplace =
            new Workplace(LarderFiles.shipped(), KitchenReader.standard(), Parameters.shipped());

    @Benchmark
    public Answer<Chilled> chill() {
        return new Chilling(assessor).chill(dessert("3 g"), workplace);
    }

    @Benchmark
    public Answer<Uncertainty> corners() {
        return new Chilling(assessor).uncertainty(dessert("3 g"), workplace);
    }

    @Benchmark
    public List<WhatIf> sixVariants() {
        return List.of("2.5 g", "3 g", "3.5 g", "4 g", "4.5 g", "5 g").parallelStream()
                .map(dose -> new Alternatives(assessor).whatIf(dessert(dose), Optional.empty(), workplace))
                .toList();
    }

    private WrittenFormula dessert(String dose) {
        var stays = places.equals("fridge")
                ? List.of(new Stay("", "", "24 h", "", ""))
                : List.of(new Stay("freezer-still", "", "8 h", "", ""), new Stay("", "", "16 h", "film", ""));
        return WrittenFormula.of(
                "Three layers",
                "turned-out",
                List.of(
                        layer("cream", dose, "cream-35"),
                        layer("fruit", dose, "pear-puree"),
                        layer("milk", dose, "milk-35")),
                new Moulds("dariole", "8", "", "", ""),
                new Cooling("fridge-still", "4 °C", stays, ""),
                "14:00");
    }

    private static Component layer(String name, String dose, String ingredient) {
        return new Component(
                name,
                name,
                "",
                "",
                List.of(new Line("", ingredient, "", "250 g", "", ""), new Line("", "sugar", "", "25 g", "", "")),
                List.of(new Gel("", "sheet-gold", dose, "weighed", "15 g")),
                List.of(),
                List.of(Work.of("heat").with("to", "60 °C"), Work.of("pour").with("at", "30 °C")));
    }
}
