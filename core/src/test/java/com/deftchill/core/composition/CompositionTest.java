package com.deftchill.core.composition;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import org.junit.jupiter.api.Test;

class CompositionTest {
    /** Handbook 4's check: about 1040 kg/m3, 3390 J/kgK, 0.48 W/mK at 20 °C. */
    @Test
    void setCreamHasTheHandbooksProperties() {
        var cream = Composition.of(Map.of(
                Constituent.WATER, 0.66,
                Constituent.MILK_FAT, 0.18,
                Constituent.SUGARS, 0.13,
                Constituent.MILK_PROTEIN, 0.03));
        assertThat(cream.density(20)).isCloseTo(1040, within(5.0));
        assertThat(cream.heatCapacity(20)).isCloseTo(3390, within(35.0));
        assertThat(cream.conductivity(20)).isCloseTo(0.48, within(0.02));
    }

    @Test
    void waterIsWater() {
        var water = Composition.of(Map.of(Constituent.WATER, 1.0));
        assertThat(water.density(20)).isCloseTo(997, within(3.0));
        assertThat(water.heatCapacity(20)).isCloseTo(4180, within(10.0));
        assertThat(water.conductivity(20)).isCloseTo(0.60, within(0.01));
    }

    @Test
    void refusesSharesThatDoNotAddUpNamingTheRule() {
        assertThatThrownBy(() -> Composition.of(Map.of(Constituent.WATER, 0.9))).hasMessageContaining("add up to 1");
        assertThatThrownBy(() -> Composition.of(Map.of(Constituent.WATER, Double.NaN)))
                .hasMessageContaining("WATER share NaN");
        assertThatThrownBy(() -> Composition.of(Map.of(Constituent.WATER, 1.5, Constituent.SALT, -0.5)))
                .hasMessageContaining("must lie in 0 to 1");
    }
}
