package com.deftchill.core.batch;

import static com.deftchill.core.Desserts.NO_GEL;
import static com.deftchill.core.Desserts.cooked;
import static com.deftchill.core.Desserts.dessert;
import static com.deftchill.core.Desserts.folded;
import static com.deftchill.core.Desserts.ganache;
import static com.deftchill.core.Desserts.line;
import static com.deftchill.core.Desserts.mousse;
import static com.deftchill.core.Desserts.of;
import static com.deftchill.core.Desserts.part;
import static com.deftchill.core.Desserts.pouredAt;
import static com.deftchill.core.Kitchens.STANDARD;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.Plain;
import com.deftchill.core.Plain.Cook;
import com.deftchill.core.Plain.Fold;
import com.deftchill.core.composition.Constituent;
import com.deftchill.core.cook.CaramelWater;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** One component understood: what is in it, what leaves it, how much air it keeps. */
class ComponentTest {
    private static Component component(Plain.Component... written) {
        var reading = BatchReader.read(dessert("in-glass", "trifle-bowl", "1", written), STANDARD);
        var components = reading.batch()
                .orElseThrow(() -> new AssertionError(reading.problems()))
                .components();
        return components.get(components.size() - 1);
    }

    @Test
    void massIsWhatGoesInLessWhatLeaves() {
        var compote = component(cooked(
                of("c", "compote", "20 °C", NO_GEL, line("pears", "300 g"), line("sugar", "60 g")),
                new Cook("", "", "25 %", "")));
        assertThat(Mixing.of(compote).massG()).isCloseTo(270, within(1e-9));
        assertThat(Mixing.of(compote).grams(Constituent.SUGARS))
                .isCloseTo(compote.raw().grams(Constituent.SUGARS), within(1e-9));
        double sum = Arrays.stream(Constituent.values())
                .mapToDouble(Mixing.of(compote)::grams)
                .sum();
        assertThat(sum).isCloseTo(270, within(1e-9));
    }

    @Test
    void aCompoteIsEstimatedFromItsMinutes() {
        var compote = component(
                cooked(of("c", "compote", "20 °C", NO_GEL, line("pears", "300 g")), new Cook("", "12 min", "", "")));
        assertThat(compote.lostG()).as("a pan of 16 cm").isCloseTo(0.015 * Math.PI * 64 * 12, within(1e-9));
        assertThat(compote.cooked().awayHow()).isEqualTo("estimated");
    }

    @ParameterizedTest
    @CsvSource({"light, 0.02, 165", "'', 0.05, 175", "dark, 0.09, 187"})
    void caramelLosesItsWaterAndSomeOfItsSugar(String stage, double lost, double celsius) {
        var caramel = component(cooked(
                of(
                        "c",
                        "caramel",
                        "30 °C",
                        NO_GEL,
                        line("sugar", "100 g"),
                        line("water", "30 g"),
                        line("cream-35", "80 g", "cold")),
                new Cook("", "", "", stage)));
        assertThat(Mixing.of(caramel).massG())
                .isCloseTo(210 - 30 - 100 * lost - CaramelWater.boiledOffG(100, celsius), within(1e-9));
    }

    @Test
    void whatIsSteepedStaysOutAndKeepsLiquidBack() {
        var infused = component(of(
                "c", "custard", "30 °C", NO_GEL, line("milk-35", "400 g"), line("coffee-instant", "20 g", "infused")));
        assertThat(Mixing.of(infused).massG()).isCloseTo(370, within(1e-9));
        assertThat(infused.parts()).hasSize(1);
    }

    @Test
    void whippedAloneKeepsAllItsAirAndFoldedLosesSome() {
        var alone = component(folded(
                of("c", "whipped", "5 °C", NO_GEL, line("cream-35", "200 g", "whipped")),
                new Fold("medium", "", "", "4 °C")));
        assertThat(Mixing.of(alone).airShare()).isCloseTo(0.95 / 1.95, within(1e-9));
        var mousse = new Foaming(component(mousse()));
        for (var whip : com.deftchill.core.foam.Whip.values()) {
            double thirds = mousse.airMl(whip, com.deftchill.core.foam.FoldSchool.THIRDS);
            double beaten = mousse.airMl(whip, com.deftchill.core.foam.FoldSchool.BEATEN);
            assertThat(beaten).as("%s", whip).isLessThan(thirds);
        }
    }

    @Test
    void creamsWhippedTogetherGoByTheirCommonFat() {
        var blend = new Foaming(component(of(
                "c",
                "whipped",
                "5 °C",
                NO_GEL,
                line("cream-35", "100 g", "whipped"),
                line("cream-48", "100 g", "whipped"))));
        assertThat(blend.creamFat()).isCloseTo(0.415, within(1e-9));
        assertThat(blend.creamG()).isEqualTo(200);
    }

    @Test
    void mascarponeAndYoghurtAreNotWhippedAsCream() {
        for (var id :
                new String[] {"mascarpone", "yoghurt-35", "butter", "brown-butter", "cream-cheese", "milk-condensed"}) {
            assertThat(Foaming.isCream(STANDARD.larder().ingredient(id).orElseThrow()))
                    .as(id)
                    .isFalse();
        }
        for (var id : new String[] {"cream-30", "cream-35", "cream-48", "cream-18", "milk-35"}) {
            assertThat(Foaming.isCream(STANDARD.larder().ingredient(id).orElseThrow()))
                    .as(id)
                    .isTrue();
        }
    }

    @Test
    void whatMakesAComponentFirmBesidesItsGel() {
        var poured = component(of("c", "custard", "30 °C", NO_GEL, line("cream-35", "300 g")));
        assertThat(Mixing.plastic(poured).exists()).isFalse();
        var whipped = component(of("c", "whipped", "5 °C", NO_GEL, line("cream-35", "300 g", "whipped")));
        assertThat(Mixing.plastic(whipped).restPa(5)).as("medium peaks").isCloseTo(200, within(1e-6));
        var cheese = component(of("c", "cheesecake", "18 °C", NO_GEL, line("cream-cheese", "300 g", "cold")));
        assertThat(Mixing.plastic(cheese).restPa(5)).isCloseTo(3000, within(1e-6));
        assertThat(Mixing.plastic(cheese).restPa(20)).isCloseTo(800, within(1e-6));
        assertThat(Mixing.plastic(component(ganache())).fat().cocoa()).isCloseTo(0.2, within(1e-9));
    }

    @Test
    void aSharedFoamBringsItsAirAlong() {
        var cream = part(folded(
                of("cream", "whipped", "5 °C", NO_GEL, line("cream-35", "300 g", "whipped")),
                new Fold("soft", "", "", "4 °C")));
        var mousse = component(
                cream,
                of("m", "mousse", "20 °C", NO_GEL, line("pear-puree", "200 g"), line("@cream", "all", "whipped")));
        double liquid = 300
                / (STANDARD.larder()
                                .ingredient("cream-35")
                                .orElseThrow()
                                .composition()
                                .density(20)
                        / 1000);
        assertThat(Mixing.of(mousse).airMl()).isCloseTo(0.75 * liquid * 0.87, within(0.01 * liquid));
    }

    @Test
    void aMoussePouredWithoutATemperatureIsPouredAsItMeets() {
        var unsaid = component(pouredAt(mousse(), ""));
        assertThat(unsaid.pourC()).isCloseTo(new Foaming(unsaid).meetC(), within(1e-9));
        assertThat(unsaid.pourC()).isBetween(10.0, 24.0);
    }
}
