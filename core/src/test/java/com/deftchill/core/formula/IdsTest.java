package com.deftchill.core.formula;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import com.deftchill.core.Formulas;
import com.deftchill.core.Kitchens;
import com.deftchill.core.batch.BatchReader;
import com.deftchill.core.formula.WrittenFormula.Component;
import com.deftchill.core.formula.WrittenFormula.Line;
import com.deftchill.core.formula.WrittenFormula.OwnStep;
import com.deftchill.core.verdict.Problem;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Components and lines keep their ids whatever becomes of their neighbours; earlier documents are given some. */
class IdsTest {
    private static Line line(String id, String ingredient) {
        return new Line(id, ingredient, "100 g", "", "");
    }

    private static Component component(List<Line> lines, OwnStep... steps) {
        return new Component("", "cream", "", "", lines, null, null, null, null, null, null, List.of(steps), "");
    }

    private static List<String> ids(Component component) {
        return component.lines().stream().map(Line::id).toList();
    }

    @Test
    void linesWithoutIdsAreGivenSome() {
        assertThat(ids(component(List.of(line("", "pears"), line("", "kiwi"), line("", "sugar")))))
                .containsExactly("l1", "l2", "l3");
    }

    @Test
    void aLineThatIsAddedTakesNoneThatIsTaken() {
        assertThat(ids(component(List.of(line("l2", "pears"), line("", "kiwi"), line("", "sugar")))))
                .containsExactly("l2", "l1", "l3");
    }

    @Test
    void stepsOfAnEarlierDocumentFollowTheirLinesToTheirIds() {
        var lines = List.of(line("", "pears"), line("", "kiwi"));
        var steps = component(
                        lines,
                        new OwnStep("treat-1", "Simmer the kiwi", ""),
                        new OwnStep("after:treat-0", "Taste", ""),
                        new OwnStep("move:treat-1", "treat-0", ""),
                        new OwnStep("heat", "treat-0 gently", ""))
                .steps();
        assertThat(steps)
                .containsExactly(
                        new OwnStep("treat-l2", "Simmer the kiwi", ""),
                        new OwnStep("after:treat-l1", "Taste", ""),
                        new OwnStep("move:treat-l2", "treat-l1", ""),
                        new OwnStep("heat", "treat-0 gently", ""));
    }

    @Test
    void stepsOfADocumentWithIdsStayAsTheyAre() {
        var steps = component(List.of(line("l7", "pears")), new OwnStep("treat-0", "Simmer", ""))
                .steps();
        assertThat(steps).containsExactly(new OwnStep("treat-0", "Simmer", ""));
    }

    @Test
    void aStepOfALineThatIsNotThereStaysAsItIs() {
        var steps = component(List.of(line("", "pears")), new OwnStep("treat-5", "Simmer", ""))
                .steps();
        assertThat(steps).containsExactly(new OwnStep("treat-5", "Simmer", ""));
    }

    @Test
    void componentsWithoutIdsAreGivenSomeAndTheOthersKeepTheirs() {
        var plain = component(List.of(line("", "pears")));
        var formula = new WrittenFormula(
                4, "x", "", "", "", List.of(plain, plain.withId("cream"), plain), null, null, "", List.of());
        assertThat(formula.components()).extracting(Component::id).containsExactly("cream-2", "cream", "cream-3");
    }

    @Test
    void twoLinesOfOneIdAreAProblem() {
        var twice = List.of(line("l1", "pears"), line("l1", "sugar"));
        var formula = Formulas.withLines(Formulas.pear(), twice);
        assertThat(BatchReader.read(formula, Kitchens.STANDARD).problems())
                .extracting(Problem::code, Problem::path)
                .contains(tuple("line-id-twice", "/components/0/lines/1/id"));
    }
}
