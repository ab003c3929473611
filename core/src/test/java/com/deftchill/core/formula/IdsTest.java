package com.deftchill.core.formula;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import com.deftchill.core.Formulas;
import com.deftchill.core.Kitchens;
import com.deftchill.core.batch.BatchReader;
import com.deftchill.core.formula.WrittenFormula.Component;
import com.deftchill.core.formula.WrittenFormula.Line;
import com.deftchill.core.formula.WrittenFormula.Work;
import com.deftchill.core.verdict.Problem;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Components, lines and what is done keep their ids whatever becomes of their neighbours; what has none is given one. */
class IdsTest {
    private static Line line(String id, String ingredient) {
        return new Line(id, ingredient, "", "100 g", "", "");
    }

    private static Component component(String id, List<Line> lines, Work... work) {
        return new Component(id, "cream", "", "", lines, null, null, List.of(work));
    }

    private static List<String> ids(Component component) {
        return component.lines().stream().map(Line::id).toList();
    }

    @Test
    void linesWithoutIdsAreGivenSome() {
        assertThat(ids(component("", List.of(line("", "pears"), line("", "kiwi"), line("", "sugar")))))
                .containsExactly("l1", "l2", "l3");
    }

    @Test
    void aLineThatIsAddedTakesNoneThatIsTaken() {
        assertThat(ids(component("", List.of(line("l2", "pears"), line("", "kiwi"), line("", "sugar")))))
                .containsExactly("l2", "l1", "l3");
    }

    @Test
    void whatIsDoneIsGivenIdsThatStay() {
        var c = component("", List.of(line("", "pears")), Work.of("heat"), Work.of("pour"));
        assertThat(c.work()).extracting(Work::id).containsExactly("w1", "w2");
        var without = c.withWork(c.work().subList(1, 2));
        assertThat(without.work()).extracting(Work::id).containsExactly("w2");
    }

    @Test
    void componentsWithoutIdsAreGivenSomeAndTheOthersKeepTheirs() {
        var lines = List.of(line("", "pears"));
        var components = List.of(component("", lines), component("cream", lines), component("", lines));
        var formula = WrittenFormula.of("x", "", components, null, null, "");
        assertThat(formula.components()).extracting(Component::id).containsExactly("cream-2", "cream", "cream-3");
    }

    @Test
    void twoLinesOfOneIdAreAProblem() {
        var pear = Formulas.pear();
        var twice = pear.components().get(0).withLines(List.of(line("l1", "pears"), line("l1", "sugar")));
        assertThat(BatchReader.read(pear.withComponents(List.of(twice)), Kitchens.STANDARD)
                        .problems())
                .extracting(Problem::code, Problem::path)
                .contains(tuple("line-id-twice", "/components/0/lines/1/id"));
    }
}
