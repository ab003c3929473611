package com.deftchill.core.gel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.larder.GelProduct.Agent;
import com.deftchill.core.larder.Larder;
import com.deftchill.core.larder.LarderFiles;
import com.deftchill.core.mix.Mix;
import com.deftchill.core.parameters.Parameters;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Handbook 2's factors on mixes of the larder: each appears by name, with the handbook's value, where it applies. */
class StrengthFactorsTest {
    private final Larder larder = LarderFiles.shipped();

    @Test
    void plainJellyHasNone() {
        assertThat(factors("water", 500).factors()).isEmpty();
        assertThat(factors("water", 500).product()).isEqualTo(1);
    }

    @Test
    void milkProteinAddsFourTimesItsShareOfTheWater() {
        var milk = factors("milk-skim", 500);
        double perWater = 0.035 * 500 / (0.909 * 500 + 25);
        assertThat(value(milk, "milk protein")).isCloseTo(1 + 4 * perWater, within(1e-9));
        assertThat(value(milk, "milk protein")).isBetween(1.1, 1.2);
    }

    @ParameterizedTest
    @CsvSource({"yuzu-juice, 0.4", "blackcurrant-puree, 0.52", "pineapple-canned, 0.81"})
    void acidWeakens(String juice, double expected) {
        assertThat(value(factors(juice, 500), "acidity")).isCloseTo(expected, within(1e-9));
    }

    @Test
    void alcoholIsNeutralToTenPercentAndWeakensAbove() {
        assertThat(names(factors("water", 450, "pear-brandy", 100))).doesNotContain("alcohol");
        var strong = factors("water", 250, "pear-brandy", 250);
        assertThat(value(strong, "alcohol")).isBetween(0.7, 0.95);
    }

    @Test
    void sugarHelpsALittleAndTooMuchHarms() {
        assertThat(value(factors("water", 300, "sugar", 110), "sugar")).isCloseTo(1.1, within(1e-9));
        assertThat(value(factors("water", 100, "sugar", 250), "sugar")).isLessThan(1);
    }

    @Test
    void saltCountsAboveTwoPercent() {
        assertThat(names(factors("water", 500, "salt", 5))).doesNotContain("salt");
        assertThat(value(factors("water", 500, "salt", 15), "salt")).isEqualTo(0.85);
    }

    @Test
    void rawFruitEnzymesPreventOrWeakenHeatedOnesDoNot() {
        assertThat(factors("kiwi-raw", 50, "cream-35", 500).product()).isZero();
        assertThat(value(factors("passion-fruit-raw", 50, "cream-35", 500), "raw fruit enzyme"))
                .isEqualTo(0.6);
        assertThat(names(factors("pineapple-canned", 50, "cream-35", 500))).doesNotContain("raw fruit enzyme");
    }

    @Test
    void theProductIsTheProductOfTheListed() {
        var factors = factors("buttermilk", 300, "cream-35", 300);
        double product = 1;
        for (var factor : factors.factors()) {
            product *= factor.value();
        }
        assertThat(factors.product()).isCloseTo(product, within(1e-12));
        assertThat(names(factors)).contains("milk protein", "fat droplets");
    }

    /** Ingredient ids and grams by turns; 5 g of gelatin in 25 g of water come on top. */
    private StrengthFactors factors(Object... idsAndGrams) {
        List<Mix.Part> parts = new ArrayList<>();
        for (int i = 0; i < idsAndGrams.length; i += 2) {
            var ingredient = larder.ingredient((String) idsAndGrams[i]).orElseThrow();
            parts.add(new Mix.Part(ingredient, ((Number) idsAndGrams[i + 1]).doubleValue()));
        }
        return StrengthFactors.of(
                Mix.of(parts, 5, 25), Agent.GELATIN, 1, Parameters.shipped().gel());
    }

    private static List<String> names(StrengthFactors factors) {
        return factors.factors().stream().map(StrengthFactors.Factor::name).toList();
    }

    private static double value(StrengthFactors factors, String name) {
        return factors.factors().stream()
                .filter(f -> f.name().equals(name))
                .findFirst()
                .orElseThrow()
                .value();
    }
}
