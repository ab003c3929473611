package com.deftchill.core.sums;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.Kitchens;
import com.deftchill.core.text.TemperatureScale;
import com.deftchill.core.verdict.Problem;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Each sum against figures worked out by hand, and what it says of what it cannot read. */
class SumsTest {
    private static SumAnswer answer(String id, Map<String, String> typed) {
        var outcome = Sums.answer(id, typed, Kitchens.STANDARD).orElseThrow();
        return outcome.answer().orElseThrow(() -> new AssertionError(outcome.problems()));
    }

    private static String figure(SumAnswer answer, String name) {
        return answer.figures().stream()
                .filter(figure -> figure.name().equals(name))
                .findFirst()
                .orElseThrow()
                .value();
    }

    static java.util.stream.Stream<String> ids() {
        return Sums.all(TemperatureScale.CELSIUS).stream().map(Sums.Description::id);
    }

    @ParameterizedTest
    @MethodSource("ids")
    void everySumAnswersItsExampleWithEvidence(String id) {
        var answer = answer(id, Map.of());
        assertThat(answer.sentence()).isNotBlank().doesNotContain("NaN");
        assertThat(answer.toString()).doesNotContain("NaN");
        assertThat(answer.evidence().rule()).isNotBlank();
        assertThat(answer.evidence().uncertainty()).isNotBlank();
        assertThat(answer.evidence().wouldChange()).isNotBlank();
    }

    @ParameterizedTest
    @MethodSource("ids")
    void noSumIsBrokenByNothingOrNonsense(String id) {
        var description = Sums.all(TemperatureScale.CELSIUS).stream()
                .filter(s -> s.id().equals(id))
                .findFirst()
                .orElseThrow();
        for (var text : new String[] {"", "0", "-3 g", "NaN", "1e99", "∞", "a\u0000b", "9".repeat(500)}) {
            for (var field : description.fields()) {
                var outcome = Sums.answer(id, Map.of(field.name(), text), Kitchens.STANDARD)
                        .orElseThrow();
                assertThat(outcome.answer().isPresent() || !outcome.problems().isEmpty())
                        .as("%s with %s = %s", id, field.name(), text)
                        .isTrue();
                outcome.answer().ifPresent(a -> assertThat(a.toString()).doesNotContain("NaN"));
            }
        }
    }

    @Test
    void anUnknownSumIsNone() {
        assertThat(Sums.answer("unheard-of", Map.of(), Kitchens.STANDARD)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "sheet-gold, 4 sheets, sheet-silver, 8.9 g",
        "powder-225, 10 g, sheet-gold, 10.6 g",
        "sheet-gold, 10 g, sheet-gold, 10 g"
    })
    void theSquareRootSwapsByHand(String from, String amount, String to, String grams) {
        assertThat(answer("swap", Map.of("from", from, "amount", amount, "to", to))
                        .sentence())
                .startsWith(grams);
    }

    @Test
    void sheetForSheetIsOnlyForSheets() {
        var sheets = answer("swap", Map.of("from", "sheet-gold", "amount", "4 sheets", "to", "sheet-silver"));
        assertThat(figure(sheets, com.deftchill.core.kitchen.SwapSchool.SHEETS.words()))
                .startsWith("10 g");
        var powder = answer("swap", Map.of("from", "sheet-gold", "amount", "4 sheets", "to", "powder-225"));
        assertThat(powder.figures()).extracting(SumAnswer.SumFigure::name).doesNotContain("sheet for sheet");
    }

    @Test
    void bloomWaterOfPowderAndSheets() {
        assertThat(answer("bloom", Map.of("gel", "powder-225", "amount", "10 g"))
                        .sentence())
                .startsWith("55 g");
        assertThat(answer("bloom", Map.of("gel", "sheet-gold", "amount", "10 g", "school", "squeezed"))
                        .sentence())
                .contains("50 g stays in");
        assertThat(answer("bloom", Map.of("gel", "agar", "amount", "2 g")).sentence())
                .contains("not bloomed");
    }

    @Test
    void anEightInchTinHoldsFourTimesAFourInchOne() {
        var pans = answer("pans", Map.of("from", "tin-4-inch", "to", "tin-8-inch", "fill", "40 mm", "amount", "300 g"));
        assertThat(pans.sentence()).isEqualTo("Times 4: 1200 g instead of 300 g.");
        assertThat(figure(pans, "Walls, by perimeter")).isEqualTo("x 2");
        var two = answer("pans", Map.of("from", "tin-8-inch", "to", "tin-4-inch", "toCount", "2", "amount", "300 g"));
        assertThat(two.sentence()).startsWith("Times 0.5:");
    }

    @Test
    void hotAndColdWaterMeetInTheMiddleAndIceTakesItsHeat() {
        var half = Map.of(
                "first",
                "water",
                "firstAmount",
                "500 g",
                "firstCelsius",
                "80 °C",
                "second",
                "water",
                "secondAmount",
                "500 g",
                "secondCelsius",
                "20 °C");
        assertThat(answer("mixing", half).sentence()).startsWith("They meet at 50");
        var iced = new java.util.HashMap<>(half);
        iced.put("ice", "100 g");
        // (1000 x 4.18 x 50 - 100 x 334) / (1100 x 4.18) = 38.2 °C
        assertThat(answer("mixing", iced).sentence()).startsWith("They meet at 38.");
        iced.put("ice", "5 kg");
        assertThat(answer("mixing", iced).sentence()).contains("0 °C").contains("Not all of the ice melts");
    }

    @Test
    void theClassicFailureTheDipThatFreesMetalLeavesChinaStuck() {
        double metal = seconds("dariole");
        double china = seconds("ramekin");
        assertThat(metal).isBetween(2.5, 5.0);
        assertThat(china).isGreaterThan(6 * metal);
        assertThat(answer("dip", Map.of("melts", "35 °C", "water", "32 °C")).figures())
                .isEmpty();
    }

    private static double seconds(String mould) {
        var sentence = answer("dip", Map.of("mould", mould)).sentence();
        return Double.parseDouble(sentence.split(" ")[0]);
    }

    @Test
    void aSoakIsDryRightOrWetAndMakesAComponent() {
        assertThat(answer("soak", Map.of("dip", "1 s")).sentence()).contains("dry in the middle");
        var right = answer("soak", Map.of("dip", "3 s"));
        assertThat(right.sentence()).contains("right");
        assertThat(right.component().orElseThrow().kind()).isEqualTo("soaked");
        assertThat(answer("soak", Map.of("piece", "meringue", "amount", "50 g")).sentence())
                .contains("not known");
    }

    @Test
    void leanCreamMakesNoVolumeAndNoComponent() {
        var lean = answer("whip", Map.of("cream", "cream-18"));
        assertThat(lean.component()).isEmpty();
        assertThat(lean.caution()).contains("48 % cream");
        assertThat(answer("whip", Map.of("whip", "stiff"))
                        .component()
                        .orElseThrow()
                        .lines())
                .hasSize(2);
    }

    @Test
    void aCrumbBaseHoldsByItsFat() {
        var lines = answer("crumb", Map.of()).component().orElseThrow().lines();
        double crumbs = Double.parseDouble(lines.get(0).amount().split(" ")[0]);
        double butter = Double.parseDouble(lines.get(1).amount().split(" ")[0]);
        assertThat(crumbs / butter).isBetween(2.3, 2.6);
    }

    @Test
    void whatCannotBeReadIsNamedWithItsMeanings() {
        var outcome =
                Sums.answer("units", Map.of("amount", "2 T"), Kitchens.STANDARD).orElseThrow();
        assertThat(outcome.problems()).extracting(Problem::path).containsExactly("/fields/amount");
        assertThat(outcome.problems().get(0).fixes()).hasSize(2);
        var unknown = Sums.answer("ganache", Map.of("chocolate", "unobtainium"), Kitchens.STANDARD)
                .orElseThrow();
        assertThat(unknown.problems()).extracting(Problem::code).containsExactly("ingredient-unknown");
    }

    /** A tin of 230 by 35 mm: 380 cm2 of bottom, some 247 of wall; 3 mm of 1.2 g/ml and 15 % trimmings. */
    @Test
    void aShellFromItsDough() {
        var answer = Sums.answer("shell", Map.of("mould", "fluted-tin-230"), Kitchens.STANDARD)
                .orElseThrow()
                .answer()
                .orElseThrow();
        assertThat(answer.sentence()).contains("dough, rolled out to 320 mm");
        double made = Double.parseDouble(answer.sentence().replaceAll(" g.*", ""));
        assertThat(made).isBetween(245.0, 275.0);
        assertThat(answer.component().orElseThrow().kind()).isEqualTo("shell");
        double parts = answer.figures().stream()
                .filter(f -> List.of("Flour", "Butter", "Sugar", "Egg").contains(f.name()))
                .mapToDouble(f -> Double.parseDouble(f.value().replace(" g", "")))
                .sum();
        assertThat(parts).isCloseTo(made, within(3.0));
    }

    private static SumAnswer answered(String sum, Map<String, String> typed) {
        return Sums.answer(sum, typed, Kitchens.STANDARD).orElseThrow().answer().orElseThrow();
    }

    private static double first(String sentence) {
        return Double.parseDouble(sentence.replaceAll("[^0-9.].*", ""));
    }

    @Test
    void whatTheOvenLeavesIsLessAndRunsOut() {
        var fruit = answered("roasted", Map.of());
        assertThat(first(fruit.sentence())).isBetween(430.0, 560.0);
        assertThat(fruit.component().orElseThrow().work("roast").id()).isNotEmpty();
        assertThat(first(answered("toasted", Map.of()).sentence())).isBetween(95.0, 99.0);
    }

    @Test
    void moreJuiceMakesAThinnerSauce() {
        var thick = answered("burnt", Map.of("broken", "25 g")).sentence();
        var thin = answered("burnt", Map.of("broken", "120 g")).sentence();
        assertThat(thin).contains("runs");
        assertThat(thick).isNotEqualTo(thin).contains("hard");
    }

    @Test
    void aGlazeGoesByTheSurfaceAndARosetteByItsCone() {
        double one = first(answered("glaze", Map.of()).sentence());
        assertThat(one).isBetween(17.0, 25.0);
        assertThat(first(answered("glaze", Map.of("count", "3")).sentence())).isCloseTo(3 * one, within(3.0));
        // A cone of 35 by 30 mm is 9.6 ml; whipped it weighs about half of that.
        assertThat(first(answered("piped", Map.of()).sentence()) / 24).isBetween(4.0, 7.0);
        assertThat(answered("piped", Map.of("cream", "milk-35")).sentence()).contains("cannot be piped");
    }

    @Test
    void everyComponentOfASumIsUnderstoodInADessert() {
        for (var sum : Sums.all(Kitchens.STANDARD.kitchen().temperature())) {
            var made = answered(sum.id(), Map.of()).component();
            if (made.isEmpty()) {
                continue;
            }
            var pear = com.deftchill.core.Formulas.pear();
            var components = new java.util.ArrayList<>(pear.components());
            components.add(made.get());
            var told = new com.deftchill.core.assess.Assessor(com.deftchill.core.chill.ChillOptions.standard())
                    .assess(pear.withComponents(components), Kitchens.STANDARD);
            assertThat(told.problems()).as(sum.id()).isEmpty();
        }
    }
}
