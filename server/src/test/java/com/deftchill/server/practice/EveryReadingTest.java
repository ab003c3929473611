package com.deftchill.server.practice;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.core.assess.Assessor;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.learn.Beside;
import com.deftchill.core.learn.MadeOf;
import com.deftchill.core.learn.Measure;
import com.deftchill.core.learn.Measured;
import com.deftchill.core.learn.Quantity;
import com.deftchill.core.learn.Responses;
import com.deftchill.core.learn.Unknown.Scope;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;

/** Whatever may be measured of a dessert that cooks make can be held against its prediction, and learnt from. */
@Execution(ExecutionMode.CONCURRENT)
class EveryReadingTest {
    private static final Assessor ROUGH = Answered.ASSESSOR.rough();

    private static Measured reading(WrittenFormula formula, String batch, Measure measure) {
        return new Measured(new MadeOf(batch, formula, Map.of(), ""), measure, 8);
    }

    /** The minutes at which something is poured: they stand in the curve twice. */
    private static List<Double> pours(WrittenFormula formula) {
        var found = new ArrayList<Double>();
        ROUGH.study(formula, Answered.KITCHEN).value().flatMap(d -> d.main()).ifPresent(study -> {
            var minutes = study.history().minutes();
            for (int i = 1; i < minutes.length; i++) {
                if (minutes[i] == minutes[i - 1]) {
                    found.add(minutes[i]);
                }
            }
        });
        return found;
    }

    @Test
    void everyDessertHasItsFiguresForWhateverWasMeasured() {
        int jumps = 0;
        for (var dessert : Answered.all().toList()) {
            var measures = new ArrayList<Measure>();
            List.of(Quantity.STANDING_HEIGHT, Quantity.FIRMNESS, Quantity.SET_AFTER)
                    .forEach(quantity -> measures.add(Measure.of(quantity)));
            for (int i = 0; i < dessert.formula().components().size(); i++) {
                measures.add(Measure.of(Quantity.FOAM_DENSITY, i));
                measures.add(Measure.of(Quantity.VOLUME, i));
            }
            var pours = pours(dessert.formula());
            jumps += pours.size();
            pours.forEach(minute -> measures.add(Measure.coreAt(minute)));
            List.of(0.0, 61.7, 1e6).forEach(minute -> measures.add(Measure.coreAt(minute)));
            var measured = measures.stream()
                    .map(measure -> reading(dessert.formula(), "a", measure))
                    .toList();
            assertThat(Beside.of(ROUGH, dessert.formula(), measured, Answered.KITCHEN))
                    .as(dessert.name())
                    .allSatisfy(beside -> assertThat(beside.predicted()).isFinite());
        }
        assertThat(jumps).isGreaterThan(10);
    }

    @Test
    void whatCannotBeComputedIsLeftOutAndNamedAndTheRestIsLearntFrom() {
        var layered = Answered.all()
                .filter(dessert -> !pours(dessert.formula()).isEmpty())
                .findFirst()
                .orElseThrow()
                .formula();
        var responses = new Responses(ROUGH, Answered.KITCHEN, Set.of(Scope.COOLER), Set.of());
        var failed = new ArrayList<String>();
        var seen = responses.observations(
                List.of(
                        reading(layered, "bad", Measure.of(Quantity.VOLUME, -1)),
                        reading(layered, "good", Measure.coreAt(90))),
                share -> {},
                (one, why) -> failed.add(one.made().batch()));
        assertThat(seen).extracting(o -> o.measured().made().batch()).containsExactly("good");
        assertThat(failed).containsExactly("bad");
    }
}
