package com.deftchill.core.learn;

import com.deftchill.core.assess.Assessor;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.Workplace;
import java.util.ArrayList;
import java.util.List;

/**
 * A reading beside what the models say.
 *
 * @param predicted in the unit of its quantity
 * @param off how far the reading is above it, in the deviations that readings of batches made alike have
 */
public record Beside(Measured measured, double predicted, double off) {
    /** All readings of one batch, computed through once; what the formula has no such figure for is left out. */
    public static List<Beside> of(
            Assessor assessor, WrittenFormula document, List<Measured> measured, Workplace workplace) {
        var dessert = assessor.study(document, workplace).value();
        var found = new ArrayList<Beside>();
        for (var one : measured) {
            var measure = one.measure();
            if (measure.unknown().isPresent()) {
                measure.unknown().get().in(workplace).ifPresent(value -> found.add(of(one, value, 0)));
            } else {
                dessert.flatMap(d -> Responses.figure(d, measure))
                        .filter(figure -> Double.isFinite(figure[0]))
                        .ifPresent(figure -> found.add(of(one, figure[0], figure[1])));
            }
        }
        return found;
    }

    private static Beside of(Measured one, double predicted, double whole) {
        double deviation = one.measure().quantity().deviation(predicted, whole, one.readings());
        return new Beside(one, predicted, (one.value() - predicted) / deviation);
    }
}
