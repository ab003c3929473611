package com.deftchill.core.assess;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.formula.WrittenFormula.Component;
import com.deftchill.core.formula.WrittenFormula.Gel;
import com.deftchill.core.formula.WrittenFormula.Heat;
import com.deftchill.core.formula.WrittenFormula.Line;
import com.deftchill.core.formula.WrittenFormula.Moulds;
import com.deftchill.core.verdict.Fix;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/** New states of a written formula. */
final class Rewriting {
    private Rewriting() {}

    /** Takes changes to the gelling agent, heat and pouring, as fixes write them. */
    static WrittenFormula take(WrittenFormula formula, List<Fix.Change> changes) {
        var c = formula.components().get(0);
        var gel = c.gel();
        var heat = c.heat();
        var pour = c.pourTemperature();
        for (var change : changes) {
            var value = change.value();
            switch (change.path()) {
                case "/components/0/gel/product" -> gel = new Gel(value, gel.amount(), gel.bloom(), gel.bloomWater());
                case "/components/0/gel/amount" -> gel = new Gel(gel.product(), value, gel.bloom(), gel.bloomWater());
                case "/components/0/gel/bloomWater" -> gel = new Gel(gel.product(), gel.amount(), gel.bloom(), value);
                case "/components/0/heat/hot" -> heat = new Heat(value, heat.held(), heat.cold());
                case "/components/0/pourTemperature" -> pour = value;
                default -> throw new IllegalArgumentException("no rewriting of " + change.path());
            }
        }
        return formula.withComponents(List.of(new Component(c.name(), c.lines(), gel, heat, pour)));
    }

    /** Writes every amount anew. */
    static WrittenFormula amounts(WrittenFormula formula, List<String> lines, UnaryOperator<Gel> gel, Moulds moulds) {
        var c = formula.components().get(0);
        var rewritten = new ArrayList<Line>();
        for (int i = 0; i < lines.size(); i++) {
            var line = c.lines().get(i);
            rewritten.add(new Line(line.ingredient(), lines.get(i), line.treatment(), line.share()));
        }
        var component = new Component(c.name(), rewritten, gel.apply(c.gel()), c.heat(), c.pourTemperature());
        return formula.withComponents(List.of(component)).withMould(moulds);
    }
}
