package com.deftchill.core.assess;

import static com.deftchill.core.Desserts.dessert;
import static com.deftchill.core.Desserts.line;
import static com.deftchill.core.Desserts.of;
import static com.deftchill.core.Desserts.part;
import static com.deftchill.core.Formulas.pear;
import static com.deftchill.core.Formulas.withGel;
import static com.deftchill.core.Formulas.withGelatin;
import static com.deftchill.core.Formulas.withLoss;
import static com.deftchill.core.Formulas.withMould;
import static com.deftchill.core.Formulas.withServed;
import static com.deftchill.core.Kitchens.ASSESSOR;
import static com.deftchill.core.Kitchens.STANDARD;
import static com.deftchill.core.Kitchens.assess;
import static com.deftchill.core.Kitchens.written;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.Desserts;
import com.deftchill.core.Plain.Gel;
import com.deftchill.core.alternative.Alternatives;
import com.deftchill.core.alternative.ScaleWish;
import com.deftchill.core.alternative.Scaled;
import com.deftchill.core.alternative.Swap;
import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.verdict.Problem;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SwapAndScaleTest {
    private static Swap swap(WrittenFormula formula, String product) {
        return new Alternatives(ASSESSOR)
                .swaps(formula, 0, List.of(product), STANDARD)
                .value()
                .orElseThrow()
                .get(0);
    }

    private static Scaled scale(WrittenFormula formula, ScaleWish wish) {
        var outcome = new Alternatives(ASSESSOR).scale(formula, wish, STANDARD);
        return outcome.value()
                .orElseThrow(() -> new AssertionError(outcome.problems().toString()));
    }

    /** 15 g of 200 Bloom gold sheets into 160 Bloom silver: 16.8, 18.8 and 18.75 g by the three schools. */
    @Test
    void threeSchoolsSideBySide() {
        var silver = swap(pear(), "sheet-silver");
        assertThat(silver.doses())
                .extracting(Swap.SwapDose::school)
                .containsExactly("square-root", "proportional", "sheets");
        assertThat(silver.doses().get(0).grams()).isEqualTo(15 * Math.sqrt(200 / 160.0), within(0.05));
        assertThat(silver.doses().get(1).grams()).isEqualTo(15 * 200 / 160.0, within(0.051));
        assertThat(silver.doses().get(2).grams()).isEqualTo(15 / 2.0 * 2.5, within(0.051));
        assertThat(silver.spreadG()).isEqualTo(2, within(0.1));
        assertThat(silver.doses().get(0).recommended()).isTrue();
        assertThat(silver.doses().get(0).firmness())
                .isCloseTo(assess(pear()).prediction().firmness(), within(1.0));
    }

    @Test
    void powderHasNoSheetSchoolAndTakingADoseGivesItsFirmness() {
        var powder = swap(pear(), "powder-225");
        assertThat(powder.doses()).extracting(Swap.SwapDose::school).containsExactly("square-root", "proportional");
        var dose = powder.doses().get(1);
        var taken = withGel(
                pear(),
                new Gel(
                        written(dose.fix(), "/components/0/gels/0/of"),
                        written(dose.fix(), "/components/0/gels/0/amount"),
                        "",
                        written(dose.fix(), "/components/0/gels/0/water")));
        assertThat(assess(taken).prediction().firmness()).isCloseTo(dose.firmness(), within(1e-9));
    }

    @Test
    void agarIsOfferedInTheDoseThatIsAsFirm() {
        var agar = swap(pear(), "agar");
        assertThat(agar.doses()).singleElement().satisfies(dose -> {
            assertThat(dose.firmness()).isCloseTo(assess(pear()).prediction().firmness(), within(1.0));
            assertThat(dose.grams()).isBetween(3.0, 5.0);
        });
        assertThat(agar.advice()).contains("Vegetarian").contains("another texture");
    }

    @Test
    void nothingNamedIsEveryOtherOne() {
        assertThat(new Alternatives(ASSESSOR)
                        .swaps(pear(), 0, List.of(), STANDARD)
                        .value()
                        .orElseThrow())
                .extracting(Swap::product)
                .contains("agar", "sheet-platinum")
                .doesNotContain("sheet-gold");
    }

    @Test
    void twiceTheCountIsTwiceEverything() {
        var scaled = scale(pear(), new ScaleWish("", "24", "", ""));
        assertThat(scaled.factor()).isCloseTo(2, within(1e-9));
        assertThat(scaled.document().components().get(0).lines().get(0).amount())
                .isEqualTo("1200 g");
        assertThat(scaled.document().components().get(0).gel().amount()).isEqualTo("30 g");
        assertThat(scaled.document().moulds().count()).isEqualTo("24");
    }

    @ParameterizedTest
    @ValueSource(strings = {"1 cup", "½ l", "12 tbsp", "120 ml", "90 g", "2 dl"})
    void whatIsTakenOfAnotherComponentByVolumeGrowsWithTheRest(String taken) {
        var cream = part(of("cream", "custard", "30 °C", Desserts.NO_GEL, line("cream-35", "900 g")));
        var jelly = of(
                "jelly",
                "jelly",
                "28 °C",
                new Gel("sheet-gold", "5 g", "weighed", "25 g"),
                line("apple-juice", "250 g"),
                line("@cream", taken));
        var written = dessert("in-glass", "tulip", "4", cream, jelly);
        var scaled = scale(written, new ScaleWish("", "8", "", ""));
        double before = grams(written, 1, 1);
        double after = grams(scaled.document(), 1, 1);
        assertThat(after).isCloseTo(2 * before, within(0.6));
    }

    @Test
    void aShareOfAnotherComponentStaysThatShare() {
        var cream = part(of("cream", "custard", "30 °C", Desserts.NO_GEL, line("cream-35", "300 g")));
        var jelly = of(
                "jelly",
                "jelly",
                "28 °C",
                new Gel("sheet-gold", "5 g", "weighed", "25 g"),
                line("apple-juice", "250 g"),
                line("@cream", "half"));
        var scaled = scale(dessert("in-glass", "tulip", "4", cream, jelly), new ScaleWish("", "8", "", ""));
        assertThat(scaled.document().components().get(1).lines().get(1).amount())
                .isEqualTo("half");
    }

    private static double grams(WrittenFormula formula, int component, int line) {
        return assess(formula)
                .components()
                .get(component)
                .amounts()
                .lines()
                .get(line)
                .grams();
    }

    @Test
    void aSlantStaysInTheSameMouldOnly() {
        var slanted = Changes.set(withMould(pear(), "tulip", "6"), "/moulds/slant", "60 mm");
        slanted = withServed(slanted, "in-glass");
        assertThat(scale(slanted, new ScaleWish("", "12", "", ""))
                        .document()
                        .moulds()
                        .slant())
                .isEqualTo("60 mm");
        assertThat(scale(slanted, new ScaleWish("ramekin", "12", "", ""))
                        .document()
                        .moulds()
                        .slant())
                .isEmpty();
    }

    @Test
    void thereAndBackIsTheSameFormula() {
        var there = scale(pear(), new ScaleWish("ramekin", "8", "", ""));
        var back = scale(there.document(), new ScaleWish("dariole", "12", "", ""));
        assertThat(there.factor() * back.factor()).isCloseTo(1, within(0.005));
        for (int i = 0; i < back.lines().size(); i++) {
            double before = there.lines().get(i).nowG();
            assertThat(back.lines().get(i).weighedG()).isCloseTo(before, within(Math.max(0.11, 0.006 * before)));
        }
    }

    @Test
    void byVolumeNotByDiameter() {
        var scaled = scale(pear(), new ScaleWish("half-sphere-70", "12", "", ""));
        double dariole = assess(pear()).section().brimMl();
        double sphere =
                assess(withMould(pear(), "half-sphere-70", "60")).section().brimMl();
        assertThat(scaled.factor()).isCloseTo(sphere / dariole, within(0.01));
    }

    @Test
    void aTotalGivesTheCountAndSaysWhatIsLeft() {
        var scaled = scale(pear(), new ScaleWish("", "", "2 kg", ""));
        assertThat(scaled.lines().stream()
                                .mapToDouble(Scaled.ScaledLine::exactG)
                                .sum()
                        + 75 * scaled.factor())
                .isCloseTo(2000, within(0.5));
        assertThat(Integer.parseInt(scaled.document().moulds().count())).isBetween(17, 18);
        assertThat(scaled.leftover()).contains("g more than 17 moulds");
    }

    @Test
    void lossIsMadeUpForAndLeftovers() {
        var lossy = withLoss(pear(), "4 %");
        assertThat(assess(lossy).section().fillMl())
                .isCloseTo(0.96 * assess(pear()).section().fillMl(), within(1e-9));
        assertThat(scale(lossy, new ScaleWish("", "12", "", "")).leftover()).contains("stays in bowl and jug");
    }

    @Test
    void roundingIsSaidWithItsEffect() {
        var tiny = scale(withGelatin(pear(), "15 g", "75 g"), new ScaleWish("egg-cup", "1", "", "10 mm"));
        assertThat(tiny.rounding()).containsPattern("share moves by [+-]\\d+\\.\\d %, the firmness from");
        assertThat(tiny.lines())
                .allSatisfy(line ->
                        assertThat(line.weighedG()).isCloseTo(STANDARD.kitchen().weighed(line.exactG()), within(1e-9)));
    }

    @Test
    void whatIsNoWishIsNamed() {
        var outcome =
                new Alternatives(ASSESSOR).scale(pear(), new ScaleWish("bathtub", "many", "a lot", "-3"), STANDARD);
        assertThat(outcome.value()).isEmpty();
        assertThat(outcome.problems()).extracting(Problem::path).contains("/mould", "/count", "/total");
    }
}
