package com.deftchill.core.assess;

import static com.deftchill.core.Desserts.NO_GEL;
import static com.deftchill.core.Desserts.dessert;
import static com.deftchill.core.Desserts.heated;
import static com.deftchill.core.Desserts.jelly;
import static com.deftchill.core.Desserts.line;
import static com.deftchill.core.Desserts.of;
import static com.deftchill.core.Kitchens.ASSESSOR;
import static com.deftchill.core.Kitchens.STANDARD;
import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.core.Plain.Component;
import com.deftchill.core.Plain.Gel;
import com.deftchill.core.Plain.Line;
import com.deftchill.core.alternative.Alternatives;
import com.deftchill.core.alternative.ScaleWish;
import com.deftchill.core.text.Words;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What only comes whole, as a scaling says it: eggs, what is left of them, and gelatin in sheets. */
class WholesTest {
    private static String saidOf(Component component) {
        var formula = dessert("in-glass", "glass-straight", "4", component);
        var outcome = new Alternatives(ASSESSOR).scale(formula, new ScaleWish("glass-straight", "4", "", ""), STANDARD);
        return outcome.value()
                .orElseThrow(() -> new AssertionError(outcome.problems()))
                .leftover();
    }

    private static Component custard(Line... eggs) {
        var lines = new java.util.ArrayList<>(List.of(line("milk-35", "300 g"), line("sugar", "50 g")));
        lines.addAll(List.of(eggs));
        return heated(of("custard", "custard", "34 °C", NO_GEL, lines.toArray(Line[]::new)), "83 °C");
    }

    private static double pieceG(String id) {
        var ingredient = STANDARD.larder().ingredients().stream()
                .filter(i -> i.id().equals(id))
                .findFirst()
                .orElseThrow();
        return ingredient.spooned().pieces().values().iterator().next();
    }

    @Test
    void partOfAYolkIsAWholeOneWithTheRestLeft() {
        double yolk = pieceG("egg-yolk");
        var said = saidOf(custard(line("egg-yolk", 3.5 * yolk + " g")));
        assertThat(said).contains("is 4 yolks").contains(Words.grams(0.5 * yolk) + " of it left over");
        assertThat(said).contains("4 whites are left over");
    }

    @Test
    void yolksAndWhitesOfTheSameEggsLeaveNothing() {
        var said = saidOf(custard(
                line("egg-yolk", 3 * pieceG("egg-yolk") + " g"), line("egg-white", 3 * pieceG("egg-white") + " g")));
        assertThat(said)
                .startsWith("nothing is left over.")
                .contains("is 3 yolks")
                .doesNotContain("are left over");
    }

    @Test
    void moreWhitesThanYolksLeaveYolks() {
        var said = saidOf(custard(
                line("egg-yolk", 2 * pieceG("egg-yolk") + " g"), line("egg-white", 3 * pieceG("egg-white") + " g")));
        assertThat(said).contains("1 yolk is left over");
    }

    @ParameterizedTest
    @CsvSource({"0.95, 1", "1.2, 1", "1.3, 1.5", "2.4, 2.5", "0.1, 0.5"})
    void sheetsAreRoundedToHalves(double exact, String half) {
        double sheet = STANDARD.larder().gels().stream()
                .filter(g -> g.id().equals("sheet-gold"))
                .findFirst()
                .orElseThrow()
                .sheetG();
        var j = jelly();
        var gel = new Gel("sheet-gold", exact * sheet + " g", "weighed", "25 g");
        assertThat(saidOf(of(
                        j.id(),
                        "jelly",
                        "28 °C",
                        gel,
                        j.lines().get(0),
                        j.lines().get(1))))
                .contains("In sheets: " + half + " instead of");
    }

    @Test
    void wholeSheetsNeedNoWord() {
        double sheet = STANDARD.larder().gels().stream()
                .filter(g -> g.id().equals("sheet-gold"))
                .findFirst()
                .orElseThrow()
                .sheetG();
        var gel = new Gel("sheet-gold", 3 * sheet + " g", "weighed", "25 g");
        assertThat(saidOf(of("jelly", "jelly", "28 °C", gel, line("apple-juice", "250 g"))))
                .doesNotContain("In sheets");
    }
}
