package com.deftchill.core.assess;

import static com.deftchill.core.Desserts.NO_GEL;
import static com.deftchill.core.Desserts.compote;
import static com.deftchill.core.Desserts.crumb;
import static com.deftchill.core.Desserts.dessert;
import static com.deftchill.core.Desserts.ganache;
import static com.deftchill.core.Desserts.heated;
import static com.deftchill.core.Desserts.jelly;
import static com.deftchill.core.Desserts.line;
import static com.deftchill.core.Desserts.mousse;
import static com.deftchill.core.Desserts.of;
import static com.deftchill.core.Desserts.sponge;
import static com.deftchill.core.Kitchens.assess;
import static com.deftchill.core.Kitchens.verdict;
import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.core.Plain.Component;
import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.verdict.Verdict.Tone;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Egg, starch, chocolate and layers upon each other: what is said, and that its fix mends it. */
class CookingVerdictsTest {
    private static WrittenFormula glass(Component... components) {
        return dessert("in-glass", "glass-straight", "4", components);
    }

    private static void fixMends(WrittenFormula formula, String code) {
        var found = verdict(assess(formula), code).orElseThrow(() -> new AssertionError(code));
        assertThat(found.fixes()).as(code).isNotEmpty();
        var after = assess(Changes.take(formula, found.fixes().get(0).changes()));
        assertThat(verdict(after, code)).as(found.fixes().get(0).label()).isEmpty();
    }

    private static Component custard(String hot) {
        return heated(
                of(
                        "custard",
                        "custard",
                        "34 °C",
                        NO_GEL,
                        line("milk-35", "300 g"),
                        line("egg-yolk", "80 g"),
                        line("sugar", "50 g")),
                hot);
    }

    @ParameterizedTest
    @CsvSource({"75 °C, custard-thin, CAUTION", "83 °C, custard-thickens, GOOD", "90 °C, scrambles, BAD"})
    void aCustardIsJudgedByItsTemperature(String hot, String code, Tone tone) {
        var formula = glass(custard(hot));
        assertThat(verdict(assess(formula), code))
                .hasValueSatisfying(v -> assertThat(v.tone()).isEqualTo(tone));
        if (tone != Tone.GOOD) {
            fixMends(formula, code);
        }
    }

    @Test
    void starchProtectsEggAndMustBoil() {
        var cold = heated(
                of(
                        "pudding",
                        "starch-custard",
                        "40 °C",
                        NO_GEL,
                        line("milk-35", "300 g"),
                        line("egg-yolk", "60 g"),
                        line("corn-starch", "14 g"),
                        line("sugar", "40 g")),
                "84 °C");
        fixMends(glass(cold), "starch-cold");
        var boiled = assess(glass(heated(cold, "95 °C")));
        assertThat(verdict(boiled, "scrambles")).isEmpty();
        assertThat(verdict(boiled, "starch-thickens")).isPresent();
        var little = heated(
                of("pudding", "starch-custard", "40 °C", NO_GEL, line("milk-35", "300 g"), line("corn-starch", "2 g")),
                "95 °C");
        assertThat(assess(glass(little)).milestones()).as("it stays a sauce").isEmpty();
    }

    @Test
    void theFirstAdditionKeepsTheYolksBelowTheirLimit() {
        var said = verdict(assess(glass(custard("83 °C"))), "tempering")
                .orElseThrow()
                .sentence();
        double first = Double.parseDouble(said.replaceAll("^Pour at most ([\\d.]+) g.*$", "$1"));
        // 80 g of yolk from 5 to 65 °C against milk from 83 to 65 °C: heat capacities about 3.0 and 3.9
        assertThat(first).isBetween(190.0, 230.0);
    }

    @Test
    void whatIsLooseDoesNotStandAndIsSet() {
        fixMends(dessert("sliced", "spring-tin-180", "1", crumb(), mousse(), compote()), "does-not-set");
        assertThat(verdict(assess(dessert("in-glass", "trifle-bowl", "1", mousse(), compote())), "does-not-set"))
                .isEmpty();
    }

    @Test
    void spongeUnderAHotLayerSwells() {
        var hot = new Component(
                jelly().id(),
                "jelly",
                "jelly",
                "",
                jelly().lines(),
                jelly().gel(),
                jelly().heat(),
                null,
                null,
                null,
                null,
                null,
                "55 °C");
        fixMends(glass(sponge(), hot), "sponge-swells");
        assertThat(verdict(assess(glass(sponge(), jelly())), "sponge-swells")).isEmpty();
    }

    @Test
    void chocolateMakesAMousseStiffFromTheFridge() {
        var stiff = of(
                "mousse",
                "mousse",
                "28 °C",
                NO_GEL,
                line("dark-70", "300 g"),
                line("milk-35", "150 g"),
                line("cream-35", "200 g", "whipped"));
        var a = assess(glass(stiff));
        assertThat(verdict(a, "stiff-from-fridge").or(() -> verdict(a, "stiff")))
                .isPresent();
        var figures = a.components().get(0).figures().stream()
                .filter(figure -> figure.name().startsWith("At "))
                .map(figure -> Double.parseDouble(figure.value().split(" ")[0]))
                .toList();
        assertThat(figures).hasSize(4).isSortedAccordingTo((x, y) -> Double.compare(y, x));
    }

    @Test
    void aGanacheJoinedTooColdIsMeltedFirst() {
        var cold = heated(ganache(), "30 °C");
        fixMends(glass(cold), "ganache-cold");
        assertThat(verdict(assess(glass(ganache())), "ganache-texture")
                        .orElseThrow()
                        .sentence())
                .contains("20 °C");
    }
}
