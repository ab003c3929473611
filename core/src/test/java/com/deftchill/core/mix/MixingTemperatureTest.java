package com.deftchill.core.mix;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.composition.Composition;
import com.deftchill.core.composition.Constituent;
import java.util.Map;
import org.junit.jupiter.api.Test;

class MixingTemperatureTest {
    private static final Composition WATER = Composition.of(Map.of(Constituent.WATER, 1.0));
    private static final Composition FAT = Composition.of(Map.of(Constituent.MILK_FAT, 1.0));

    @Test
    void equalWatersMeetInTheMiddle() {
        var mixing = new MixingTemperature();
        mixing.add(100, WATER, 80);
        mixing.add(100, WATER, 4);
        assertThat(mixing.celsius()).isCloseTo(42, within(0.2));
    }

    @Test
    void fatCountsForHalfOfWater() {
        var mixing = new MixingTemperature();
        mixing.add(100, WATER, 60);
        mixing.add(100, FAT, 0);
        double heavy = WATER.heatCapacity(60) * 60;
        assertThat(mixing.celsius()).isCloseTo(heavy / (WATER.heatCapacity(60) + FAT.heatCapacity(0)), within(1e-9));
        assertThat(mixing.celsius()).isGreaterThan(35);
    }

    @Test
    void oneShareKeepsItsTemperatureAndOrderDoesNotMatter() {
        var one = new MixingTemperature();
        one.add(300, WATER, 66);
        assertThat(one.celsius()).isEqualTo(66);
        one.add(50, FAT, 10);
        var other = new MixingTemperature();
        other.add(50, FAT, 10);
        other.add(300, WATER, 66);
        assertThat(one.celsius()).isCloseTo(other.celsius(), within(1e-12));
    }
}
