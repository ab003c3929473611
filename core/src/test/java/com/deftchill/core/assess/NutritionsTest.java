package com.deftchill.core.assess;

import static com.deftchill.core.Desserts.NO_GEL;
import static com.deftchill.core.Desserts.dessert;
import static com.deftchill.core.Desserts.jelly;
import static com.deftchill.core.Desserts.layered;
import static com.deftchill.core.Desserts.line;
import static com.deftchill.core.Desserts.of;
import static com.deftchill.core.Desserts.part;
import static com.deftchill.core.Kitchens.assess;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.label.Nutrition.Nutrient;
import org.junit.jupiter.api.Test;

/** Energy and nutrients against sums done by hand. */
class NutritionsTest {
    private static Nutrient per100(com.deftchill.core.formula.WrittenFormula formula) {
        return assess(formula).nutrition().per100g();
    }

    @Test
    void sugarAloneIsFourKilocaloriesAGram() {
        var sugar = per100(
                dessert("in-glass", "glass-straight", "1", of("s", "pieces", "", NO_GEL, line("sugar", "50 g"))));
        assertThat(sugar.sugars()).isCloseTo(100, within(0.5));
        assertThat(sugar.kcal()).isCloseTo(400, within(2.0));
        assertThat(sugar.kj()).isCloseTo(1700, within(9.0));
        assertThat(sugar.fat() + sugar.protein() + sugar.alcohol()).isCloseTo(0, within(0.5));
    }

    @Test
    void energyIsThatOfItsParts() {
        var each = assess(layered()).nutrition().perPortion();
        double kcal = 9 * each.fat() + 4 * each.carbohydrate() + 4 * each.protein() + 7 * each.alcohol();
        double kj = 37 * each.fat() + 17 * each.carbohydrate() + 17 * each.protein() + 29 * each.alcohol();
        assertThat(each.kcal()).isCloseTo(kcal, within(1e-9 * kcal));
        assertThat(each.kj()).isCloseTo(kj, within(1e-9 * kj));
        assertThat(each.carbohydrate()).isGreaterThanOrEqualTo(each.sugars());
    }

    @Test
    void aPortionIsItsShareOfAHundredGrams() {
        var nutrition = assess(layered()).nutrition();
        double ratio = nutrition.perPortion().grams() / 100;
        assertThat(nutrition.perPortion().fat())
                .isCloseTo(ratio * nutrition.per100g().fat(), within(1e-9));
        assertThat(nutrition.perPortion().kcal())
                .isCloseTo(ratio * nutrition.per100g().kcal(), within(1e-6));
    }

    @Test
    void whatIsMadeApartCountsAsIfItWereWrittenThere() {
        var plain = per100(dessert("in-glass", "glass-straight", "2", jelly()));
        var syrup = part(of("syrup", "compote", "20 °C", NO_GEL, line("apple-juice", "250 g"), line("sugar", "20 g")));
        var nested = of("jelly", "jelly", "28 °C", jelly().gel(), line("@syrup", "all"));
        var apart = per100(dessert("in-glass", "glass-straight", "2", syrup, nested));
        assertThat(apart.sugars()).isCloseTo(plain.sugars(), within(1e-6 + 0.02 * plain.sugars()));
    }
}
