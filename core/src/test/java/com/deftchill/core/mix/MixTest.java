package com.deftchill.core.mix;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.larder.Ingredient.Protease;
import com.deftchill.core.larder.Larder;
import com.deftchill.core.larder.LarderFiles;
import java.util.List;
import org.junit.jupiter.api.Test;

class MixTest {
    private final Larder larder = LarderFiles.shipped();

    @Test
    void massIsKeptAndBloomWaterCounts() {
        var mix = Mix.of(List.of(part("cream-35", 400), part("sugar", 60)), 5, 25);
        assertThat(mix.massG()).isCloseTo(490, within(1e-9));
        assertThat(mix.waterG()).isCloseTo(0.592 * 400 + 25, within(1e-9));
        assertThat(mix.gelatinGramsPerLitre()).isCloseTo(1000 * 5 / (5 + 0.592 * 400 + 25), within(1e-9));
        assertThat(mix.composition().fat()).isCloseTo(0.35 * 400 / 490, within(1e-9));
    }

    @Test
    void theWorstEnzymeIsNamed() {
        var mix = Mix.of(List.of(part("passion-fruit-raw", 50), part("kiwi-raw", 50), part("cream-35", 200)), 3, 15);
        assertThat(mix.protease()).isEqualTo(Protease.STRONG);
        assertThat(mix.proteaseFrom()).startsWith("Kiwi");
    }

    @Test
    void sugarAndWaterHaveNoSayInThePh() {
        var sour = Mix.of(List.of(part("yuzu-juice", 50), part("water", 500), part("sugar", 200)), 3, 15);
        assertThat(sour.ph()).isCloseTo(2.5, within(1e-9));
        var creamy = Mix.of(List.of(part("yuzu-juice", 20), part("cream-35", 500)), 3, 15);
        assertThat(creamy.ph()).isBetween(4.5, 6.0);
    }

    private Mix.Part part(String id, double grams) {
        return new Mix.Part(larder.ingredient(id).orElseThrow(), grams);
    }
}
