package com.deftchill.core.assess;

import static com.deftchill.core.Desserts.dessert;
import static com.deftchill.core.Desserts.heated;
import static com.deftchill.core.Desserts.line;
import static com.deftchill.core.Desserts.of;
import static com.deftchill.core.Kitchens.assess;
import static com.deftchill.core.Kitchens.verdict;
import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.core.Plain.Gel;
import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.verdict.Fix.Change;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A batch too large for its cooler. */
class LoadVerdictTest {
    private static WrittenFormula darioles(int count, String pour) {
        var cream = heated(
                of(
                        "cream",
                        "set-cream",
                        pour,
                        new Gel("sheet-gold", 1.2 * count + " g", "weighed", 6 * count + " g"),
                        line("cream-35", 60 * count + " g"),
                        line("milk-35", 35 * count + " g"),
                        line("sugar", 10 * count + " g")),
                "70 °C");
        return dessert("turned-out", "dariole", String.valueOf(count), cream);
    }

    @Test
    void aFewInADomesticFridgeNeedNoWord() {
        assertThat(verdict(assess(darioles(8, "32 °C")), "cooler-load")).isEmpty();
    }

    @Test
    void manyHotOnesAreSaidWithPeakDelayAndABetterWay() {
        var formula = darioles(60, "60 °C");
        var found = verdict(assess(formula), "cooler-load").orElseThrow();
        assertThat(found.tone()).isEqualTo(Tone.CAUTION);
        assertThat(found.sentence())
                .contains("kJ")
                .contains("That costs about")
                .contains("in two loads")
                .containsPattern("every half hour: the air rises about [1-9]\\d* °C less");
        var cooled = assess(Changes.take(formula, found.fixes().get(0).changes()));
        assertThat(verdict(cooled, "cooler-load").filter(v -> v.tone() == Tone.CAUTION))
                .isEmpty();
    }

    @Test
    void aStrongerCoolerTakesThem() {
        var blast = Changes.take(darioles(60, "60 °C"), List.of(new Change("/cooler/of", "blast-chiller")));
        assertThat(verdict(assess(blast), "cooler-load").filter(v -> v.tone() == Tone.CAUTION))
                .isEmpty();
        var ice = Changes.take(darioles(60, "60 °C"), List.of(new Change("/cooler/of", "ice-bath")));
        assertThat(verdict(assess(ice), "cooler-load")).isEmpty();
    }
}
