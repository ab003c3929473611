package com.deftchill.core.fat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.fat.Ganache.Texture;
import com.deftchill.core.larder.Larder;
import com.deftchill.core.larder.LarderFiles;
import com.deftchill.core.mix.Mix;
import com.deftchill.core.parameters.Parameters;
import java.util.ArrayList;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The worked checks of handbook 3, and what must hold of any emulsion. */
class GanacheTest {
    private static final Parameters PARAMETERS = Parameters.shipped();
    private static final SolidFat SOLID = new SolidFat(PARAMETERS.fat());

    private static final Larder LARDER = LarderFiles.shipped();

    private static Ganache of(Object... idsAndGrams) {
        var parts = new ArrayList<Mix.Part>();
        for (int i = 0; i < idsAndGrams.length; i += 2) {
            parts.add(new Mix.Part(
                    LARDER.ingredient((String) idsAndGrams[i]).orElseThrow(),
                    ((Number) idsAndGrams[i + 1]).doubleValue()));
        }
        var mix = Mix.of(parts, 0, 0);
        return new Ganache(mix.composition(), mix.massG(), PARAMETERS);
    }

    @Test
    void fatByVolumeOfTheHandbooksRatios() {
        assertThat(of("dark-70", 100, "cream-35", 100).phi()).isCloseTo(0.51, within(0.005));
        assertThat(of("dark-70", 200, "cream-35", 100).phi()).isCloseTo(0.57, within(0.005));
    }

    @ParameterizedTest
    @CsvSource({"1, 2, POURS", "1, 1, SOFT", "3, 2, PIPES", "2, 1, ROLLS"})
    void textureAtTwentyDegreesOfWhatCooksKnow(double chocolate, double cream, Texture texture) {
        assertThat(of("dark-65", chocolate * 100, "cream-35", cream * 100).texture(20))
                .isEqualTo(texture);
    }

    @Test
    void colderIsNeverSofterAndMoreChocolateNeverSofter() {
        var ganache = of("dark-65", 120, "cream-35", 100);
        double before = Double.POSITIVE_INFINITY;
        for (double celsius = 0; celsius < 40; celsius += 0.5) {
            assertThat(ganache.restPa(celsius)).isLessThanOrEqualTo(before);
            before = ganache.restPa(celsius);
        }
        for (double chocolate = 20; chocolate < 400; chocolate += 20) {
            assertThat(of("dark-65", chocolate + 20, "cream-35", 100).restPa(20))
                    .isGreaterThan(of("dark-65", chocolate, "cream-35", 100).restPa(20));
        }
    }

    @Test
    void aLittleWaterSeizesChocolateAndEnoughPassesIt() {
        var seized = of("dark-70", 100, "water", 5);
        assertThat(seized.seizes(5)).isTrue();
        assertThat(of("dark-70", 100).seizes(0)).isFalse();
        assertThat(of("dark-60", 300, "butter", 100).seizes(0))
                .as("butter keeps its water in its droplets")
                .isFalse();
        var water = LARDER.ingredient("water").orElseThrow().composition();
        double more = seized.passesSeizing(water, 5).orElseThrow();
        assertThat(of("dark-70", 100, "water", 5 + more + 0.01).seizes(5 + more + 0.01))
                .isFalse();
        assertThat(of("dark-70", 100, "water", 5 + more - 0.5).seizes(5 + more - 0.5))
                .isTrue();
    }

    @Test
    void theRescueBringsTheFatJustBelowItsAim() {
        var split = of("dark-70", 150, "cream-48", 60, "butter", 60);
        assertThat(split.phi()).isGreaterThan(PARAMETERS.ganache().splitsPhi().value());
        var skim = LARDER.ingredient("milk-skim").orElseThrow().composition();
        double grams = split.rescue(skim).orElseThrow();
        assertThat(of("dark-70", 150, "cream-48", 60, "butter", 60, "milk-skim", grams)
                        .phi())
                .isCloseTo(PARAMETERS.ganache().rescuePhi().value(), within(1e-9));
        var butter = LARDER.ingredient("butter").orElseThrow().composition();
        assertThat(split.rescue(butter)).as("fat is no remedy for too much fat").isEmpty();
        assertThat(of("dark-70", 50, "milk-skim", 100).rescue(skim)).hasValue(0);
    }

    @Test
    void theRatioForAnotherChocolateIsAsFirm() {
        var dark = of("dark-60", 100, "cream-35", 100);
        var cream = LARDER.ingredient("cream-35").orElseThrow().composition();
        for (var other : new String[] {"milk-chocolate", "white-chocolate", "dark-55"}) {
            var chocolate = LARDER.ingredient(other).orElseThrow().composition();
            double ratio = dark.sameAs(chocolate, cream, 20, 10).orElseThrow();
            assertThat(of(other, 100 * ratio, "cream-35", 100).restPa(20) / dark.restPa(20))
                    .isCloseTo(1, within(1e-6));
            assertThat(ratio).as(other).isGreaterThan(1);
        }
    }

    @Test
    void solidFatFollowsTheHandbooksPoints() {
        assertThat(SOLID.cocoaButter(2)).isEqualTo(0.85);
        assertThat(SOLID.cocoaButter(24)).isCloseTo(0.61, within(1e-9));
        assertThat(SOLID.milkFat(20)).isEqualTo(0.20);
        assertThat(SOLID.milkFat(60)).isZero();
    }

    @Test
    void whiteAndMilkTakeTwoToThreePartsWhereDarkTakesOne() {
        var dark = of("dark-65", 100, "cream-35", 100);
        var cream = LARDER.ingredient("cream-35").orElseThrow().composition();
        assertThat(dark.sameAs(
                                LARDER.ingredient("white-chocolate")
                                        .orElseThrow()
                                        .composition(),
                                cream,
                                20,
                                10)
                        .orElseThrow())
                .isBetween(2.2, 3.4);
        assertThat(dark.sameAs(LARDER.ingredient("milk-chocolate").orElseThrow().composition(), cream, 20, 10)
                        .orElseThrow())
                .isBetween(2.3, 4.0);
    }
}
