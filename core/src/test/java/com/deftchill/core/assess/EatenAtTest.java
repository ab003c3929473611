package com.deftchill.core.assess;

import static com.deftchill.core.Desserts.NO_GEL;
import static com.deftchill.core.Desserts.dessert;
import static com.deftchill.core.Desserts.heated;
import static com.deftchill.core.Desserts.line;
import static com.deftchill.core.Desserts.of;
import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.core.Formulas;
import com.deftchill.core.Plain.Component;
import com.deftchill.core.Plain.Gel;
import com.deftchill.core.alternative.Trial;
import com.deftchill.core.chill.ChillOptions;
import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.KitchenReader;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.larder.LarderFiles;
import com.deftchill.core.parameters.Parameters;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A temperature at which it is to be right: judged there, with what makes it right. */
class EatenAtTest {
    private static final Assessor ASSESSOR = new Assessor(ChillOptions.standard());
    private static final Workplace WORKPLACE =
            new Workplace(LarderFiles.shipped(), KitchenReader.standard(), Parameters.shipped());

    private static WrittenFormula ganache(String eatenAt) {
        var ganache = of("ganache", "ganache", "35 °C", NO_GEL, line("dark-70", "200 g"), line("cream-35", "220 g"));
        return eaten(heated(ganache, "80 °C"), eatenAt);
    }

    private static WrittenFormula cream(String gelatin, String eatenAt) {
        Component cream = of(
                "cream",
                "set-cream",
                "30 °C",
                new Gel("sheet-gold", gelatin, "weighed", "30 g"),
                line("cream-35", "400 g"),
                line("milk-35", "200 g"));
        return eaten(heated(cream, "60 °C"), eatenAt);
    }

    private static WrittenFormula eaten(Component component, String at) {
        return Changes.set(dessert("in-glass", "egg-cup", "20", component), "/eatenAt", at);
    }

    private static Assessment assess(WrittenFormula formula) {
        return new Trial(ASSESSOR, formula, WORKPLACE).assess().value().orElseThrow();
    }

    private static Optional<Verdict> wish(Assessment assessment) {
        return assessment.verdicts().stream()
                .filter(v -> v.path().equals("/eatenAt"))
                .findFirst();
    }

    @ParameterizedTest
    @CsvSource({"6 °C, eaten-firm", "22.5 °C, eaten-never"})
    void aGanacheIsJudgedWhereItIsEaten(String at, String code) {
        assertThat(wish(assess(ganache(at)))).hasValueSatisfying(v -> {
            assertThat(v.code()).isEqualTo(code);
            assertThat(v.tone()).isEqualTo(Tone.CAUTION);
        });
    }

    @Test
    void stiffFromTheFridgeIsNoFaultOfWhatIsEatenWarmer() {
        var right = assess(ganache("6 °C")).verdicts().stream()
                .filter(v -> v.path().equals("/eatenAt"))
                .flatMap(v -> v.fixes().stream())
                .filter(fix -> fix.label().startsWith("Eat it at"))
                .findFirst()
                .orElseThrow();
        var after = assess(Changes.take(ganache("6 °C"), right.changes()));
        assertThat(wish(after).orElseThrow().code()).isEqualTo("eaten-right");
        assertThat(wish(after).orElseThrow().sentence()).contains("out of the fridge");
        assertThat(after.verdicts())
                .noneMatch(v -> v.code().startsWith("stiff") || v.code().equals("too-firm"));
    }

    @ParameterizedTest
    @CsvSource({"ganache, 6 °C", "ganache, 12 °C", "firm cream, 8 °C", "soft cream, 14 °C"})
    void everyFixShownMakesItRight(String what, String at) {
        var formula = what.equals("ganache") ? ganache(at) : cream(what.equals("firm cream") ? "16 g" : "4 g", at);
        var before = wish(assess(formula)).orElseThrow();
        assertThat(before.tone()).as(before.toString()).isEqualTo(Tone.CAUTION);
        assertThat(before.fixes()).as(before.headline()).isNotEmpty();
        for (Fix fix : before.fixes()) {
            var after = assess(Changes.take(formula, fix.changes()));
            assertThat(wish(after).orElseThrow().code()).as(fix.label()).isEqualTo("eaten-right");
        }
    }

    @Test
    void withoutAWishNothingIsSaidOfIt() {
        assertThat(wish(assess(Formulas.pear()))).isEmpty();
    }
}
