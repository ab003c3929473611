package com.deftchill.core.assess;

import static com.deftchill.core.Formulas.line;
import static com.deftchill.core.Formulas.pear;
import static com.deftchill.core.Formulas.pearLines;
import static com.deftchill.core.Formulas.withCooler;
import static com.deftchill.core.Formulas.withGel;
import static com.deftchill.core.Formulas.withGelatin;
import static com.deftchill.core.Formulas.withHeat;
import static com.deftchill.core.Formulas.withLines;
import static com.deftchill.core.Formulas.withMould;
import static com.deftchill.core.Formulas.withPour;
import static com.deftchill.core.Formulas.withServed;
import static com.deftchill.core.Formulas.withWanted;
import static com.deftchill.core.Kitchens.assess;
import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.core.Plain.Gel;
import com.deftchill.core.Plain.Line;
import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds for every answer, over formulas that go wrong in every way there is a verdict for. */
class EveryAnswerTest {
    static Stream<WrittenFormula> formulas() {
        var kiwi = new ArrayList<>(pearLines());
        kiwi.add(line("kiwi-raw", "120 g"));
        var yoghurt = List.of(line("yoghurt-35", "500 g"), line("cream-35", "300 g"), line("sugar", "80 g"));
        var yolk = List.of(
                line("egg-yolk", "80 g"), line("cream-35", "500 g"), line("milk-35", "300 g"), line("rum", "90 g"));
        var cold = List.of(new Line("cream-35", "1000 g", "", "cold"), line("milk-35", "130 g"));
        return Stream.of(
                pear(),
                withGelatin(pear(), "6 g", "30 g"),
                withGelatin(pear(), "70 g", "140 g"),
                withGel(pear(), new Gel("powder-225", "14 g", "dry", "")),
                withGel(pear(), new Gel("agar", "5 g", "dry", "")),
                withLines(pear(), kiwi),
                withHeat(withLines(pear(), yoghurt), "80 °C", "10 min", ""),
                withHeat(withLines(pear(), yolk), "60 °C", "", ""),
                withPour(withHeat(withLines(pear(), cold), "60 °C", "", "2 °C"), "25 °C"),
                withPour(pear(), "12 °C"),
                withPour(pear(), "92 °C"),
                withCooler(pear(), "fridge-still", "20 °C"),
                withCooler(pear(), "ice-bath", "0 °C"),
                withMould(pear(), "dariole", "4"),
                withServed(withMould(pear(), "coupe", "8"), "in-glass"),
                withMould(pear(), "coupe", "8"),
                withWanted(pear(), "40 mm"),
                withWanted(pear(), "30"));
    }

    @ParameterizedTest
    @MethodSource("formulas")
    void everyFigureHasEvidenceWithRuleUncertaintyAndRemedy(WrittenFormula formula) {
        var a = assess(formula);
        var evidence = new ArrayList<Evidence>();
        a.verdicts().forEach(v -> evidence.add(v.evidence()));
        a.milestones().forEach(m -> evidence.add(m.evidence()));
        a.flags().forEach(f -> evidence.add(f.evidence()));
        a.components().forEach(c -> c.strip().ifPresent(strip -> evidence.add(strip.evidence())));
        a.components().forEach(c -> c.figures().forEach(figure -> evidence.add(figure.evidence())));
        evidence.add(a.nutrition().evidence());
        assertThat(evidence).allSatisfy(e -> {
            assertThat(e.rule()).isNotBlank();
            assertThat(e.uncertainty()).isNotBlank();
            assertThat(e.wouldChange()).isNotBlank();
            assertThat(e.constants()).allSatisfy(c -> {
                assertThat(c.grade()).isIn("S", "L", "E");
                assertThat(c.source()).isNotBlank();
            });
        });
        assertThat(a.toString()).doesNotContain("NaN");
    }

    @ParameterizedTest
    @MethodSource("formulas")
    void verdictsAreWorstFirstEachOnceAndTheLineBeginsWithTheWorst(WrittenFormula formula) {
        var a = assess(formula);
        assertThat(a.verdicts()).extracting(Verdict::tone).isSorted();
        assertThat(a.verdicts()).extracting(Verdict::code).doesNotHaveDuplicates();
        var worst = a.verdicts().get(0).tone();
        if (worst == Tone.BAD || worst == Tone.UNSAFE) {
            assertThat(a.line().get(0).tone()).isIn(Tone.BAD, Tone.UNSAFE);
        } else {
            assertThat(a.line()).extracting(Sentence::tone).doesNotContain(Tone.BAD, Tone.UNSAFE);
        }
    }

    /** A fix taken is understood, and the verdict that offered it is gone or no worse than it was. */
    @ParameterizedTest
    @MethodSource("formulas")
    void everyFixCanBeTakenAndAnswersItsVerdict(WrittenFormula formula) {
        for (var verdict : assess(formula).verdicts()) {
            for (var fix : verdict.fixes()) {
                var after = assess(Changes.take(formula, fix.changes()));
                if (verdict.tone().compareTo(Tone.CAUTION) <= 0) {
                    assertThat(after.verdicts())
                            .as("%s after: %s", verdict.code(), fix.label())
                            .extracting(Verdict::code)
                            .doesNotContain(verdict.code());
                }
            }
        }
    }
}
