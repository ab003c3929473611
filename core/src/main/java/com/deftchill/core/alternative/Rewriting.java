package com.deftchill.core.alternative;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.formula.WrittenFormula.Component;
import com.deftchill.core.formula.WrittenFormula.Gel;
import com.deftchill.core.formula.WrittenFormula.Heat;
import com.deftchill.core.verdict.Fix;
import java.util.ArrayList;
import java.util.List;

/** New states of a written formula. */
public final class Rewriting {
    private Rewriting() {}

    /** Takes changes to the gelling agent, heat and pouring of a component, as fixes write them. */
    static WrittenFormula take(WrittenFormula formula, int index, List<Fix.Change> changes) {
        var c = formula.components().get(index);
        var gel = c.gel();
        var heat = c.heat();
        var pour = c.pourTemperature();
        var at = "/components/" + index;
        for (var change : changes) {
            var value = change.value();
            switch (change.path().substring(at.length())) {
                case "/gel/product" -> gel = new Gel(value, gel.amount(), gel.bloom(), gel.bloomWater());
                case "/gel/amount" -> gel = new Gel(gel.product(), value, gel.bloom(), gel.bloomWater());
                case "/gel/bloomWater" -> gel = new Gel(gel.product(), gel.amount(), gel.bloom(), value);
                case "/heat/hot" -> heat = new Heat(value, heat.held(), heat.cold());
                case "/pourTemperature" -> pour = value;
                default -> throw new IllegalArgumentException("no rewriting of " + change.path());
            }
        }
        return with(formula, index, c.withGel(gel, heat, pour));
    }

    /** Another component in the place of one. */
    public static WrittenFormula with(WrittenFormula formula, int index, Component component) {
        var components = new ArrayList<>(formula.components());
        components.set(index, component);
        return formula.withComponents(components);
    }
}
