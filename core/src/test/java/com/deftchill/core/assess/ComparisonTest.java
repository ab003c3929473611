package com.deftchill.core.assess;

import static com.deftchill.core.Desserts.dessert;
import static com.deftchill.core.Desserts.jelly;
import static com.deftchill.core.Desserts.mousse;
import static com.deftchill.core.Kitchens.ASSESSOR;
import static com.deftchill.core.Kitchens.STANDARD;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import com.deftchill.core.Plain.Component;
import com.deftchill.core.Plain.Line;
import com.deftchill.core.Told;
import com.deftchill.core.alternative.Alternatives;
import com.deftchill.core.alternative.Comparison;
import com.deftchill.core.alternative.Comparison.Row;
import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.verdict.Fix.Change;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Two states side by side lose no change, whatever things are called. */
class ComparisonTest {
    /** Two components of one name, each with two lines of sugar. */
    private static WrittenFormula twins() {
        return dessert("in-glass", "tulip", "4", named(mousse()), named(jelly()));
    }

    private static Component named(Component c) {
        var lines = new ArrayList<>(c.lines());
        lines.add(new Line("extra", "sugar", "5 g", "", ""));
        return new Component(
                c.id(),
                "Cream",
                c.kind(),
                c.place(),
                lines,
                c.gel(),
                c.heat(),
                c.fold(),
                c.cook(),
                c.soak(),
                c.crust(),
                c.own(),
                c.pourTemperature());
    }

    private static WrittenFormula with(WrittenFormula formula, String pointer, String text) {
        return Changes.take(formula, List.of(new Change(pointer, text)));
    }

    private static List<Row> changes(WrittenFormula before, WrittenFormula after) {
        return Comparison.changes(before, after, STANDARD);
    }

    @Test
    void componentsOfOneNameAreToldApart() {
        var changed = changes(twins(), with(twins(), "/components/0/lines/0/amount", "310 g"));
        assertThat(changed).hasSize(1);
        assertThat(Told.of(changed.get(0).name())).startsWith("Cream (2): ");
        assertThat(changes(twins(), with(twins(), "/components/1/gels/0/amount", "7 g")))
                .extracting(row -> Told.of(row.name()), row -> Told.of(row.before()), row -> Told.of(row.after()))
                .containsExactly(tuple("Cream (1): Dose", "5 g", "7 g"));
    }

    @Test
    void theFigureOfEachIsThereToo() {
        var comparison = new Alternatives(ASSESSOR)
                .compare(twins(), with(twins(), "/components/1/lines/0/amount", "300 g"), STANDARD);
        assertThat(comparison.figures())
                .filteredOn(row -> Told.of(row.name()).equals("Made: Cream"))
                .extracting(Row::differs)
                .containsExactly(false, true);
    }

    @Test
    void theLineThatWasTakenOutIsTheOneThatIsSaid() {
        var twins = twins();
        var c = twins.components().get(0);
        var lines = new ArrayList<>(c.lines());
        lines.remove(1);
        var without = twins.withComponents(
                List.of(c.withLines(lines), twins.components().get(1)));
        assertThat(changes(twins, without))
                .extracting(row -> Told.of(row.name()), row -> Told.of(row.before()), row -> Told.of(row.after()))
                .containsExactly(tuple("Cream (2): Sugar", "60 g", ""));
    }

    @Test
    void layersInAnotherOrderAreAChange() {
        var twins = twins();
        var turned = twins.withComponents(
                List.of(twins.components().get(1), twins.components().get(0)));
        assertThat(changes(twins, turned)).extracting(Row::key).contains("order");
    }

    @Test
    void anotherNameOfAComponentIsOneChange() {
        var changed = changes(twins(), with(twins(), "/components/0/name", "Foam"));
        assertThat(changed).extracting(Row::key).containsExactly("order", "component.mousse.name");
    }

    @Test
    void nothingChangedIsNothing() {
        assertThat(changes(twins(), twins())).isEmpty();
    }
}
