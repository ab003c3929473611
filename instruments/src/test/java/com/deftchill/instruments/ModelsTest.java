package com.deftchill.instruments;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ModelsTest {
    private final Probe probe = new Probe(new Random(1), 0);
    private final Scale scale = new Scale(new Random(1), 0);

    private double shown(long now) {
        return probe.read(now).orElseThrow();
    }

    @Test
    void aSheathFollowsAStepWithItsTimeConstant() {
        probe.misbehave(Map.of("noise", 0));
        probe.follow(new double[][] {{0, 81}}, 0, 6);
        // 21 °C to 81 °C: 1 - 1/e of the step after one time constant.
        assertThat(shown(6000)).isCloseTo(21 + 60 * (1 - Math.exp(-1)), within(0.02));
        assertThat(shown(60_000)).isCloseTo(81, within(0.02));
    }

    @Test
    void anOffsetAndASlopeAreRead() {
        probe.follow(new double[][] {{0, 50}}, 0, 1);
        probe.misbehave(Map.of("offset", 3, "slope", 1.02, "noise", 0));
        assertThat(shown(60_000)).isCloseTo(54, within(0.02));
    }

    @Test
    void aCurveIsStraightBetweenItsPointsAndItsLastOneStays() {
        probe.follow(new double[][] {{0, 60}, {100, 40}}, 0, 1);
        assertThat(probe.medium(50_000)).isEqualTo(50);
        assertThat(probe.medium(900_000)).isEqualTo(40);
        assertThatIllegalArgumentException().isThrownBy(() -> probe.follow(new double[0][], 0, 6));
    }

    @Test
    void aPulledCableShowsNothing() {
        probe.misbehave(Map.of("pulled", true));
        assertThat(probe.read(1000)).isEmpty();
        probe.misbehave(Map.of("pulled", false));
        assertThat(probe.read(2000)).isPresent();
    }

    @Test
    void aScaleSettlesAndIsTared() {
        scale.put(250, 0);
        assertThat(scale.read(100).stable()).isFalse();
        assertThat(scale.read(100).grams()).isLessThan(200);
        var settled = scale.read(5000);
        assertThat(settled.stable()).isTrue();
        assertThat(settled.grams()).isCloseTo(250, within(0.051));
        scale.tare();
        scale.put(262.5, 5000);
        assertThat(scale.read(10_000).grams()).isCloseTo(12.5, within(0.11));
    }

    @Test
    void itIsTaredOnceItHasComeToRest() {
        scale.put(250, 0);
        scale.read(200);
        scale.tare();
        assertThat(scale.read(400).grams())
                .as("not counted from what it passes through")
                .isGreaterThan(100);
        assertThat(scale.read(8000).grams()).isCloseTo(0, within(0.051));
    }

    @Test
    void itDriftsAndIsOverloadedAndSpeaksOunces() {
        scale.misbehave(Map.of("drift", 2), 0);
        assertThat(scale.read(60_000).grams()).isCloseTo(2, within(0.051));
        scale.misbehave(Map.of("drift", 0, "load", 6000), 60_000);
        assertThat(scale.read(70_000).state()).isEqualTo("overload");
        scale.put(283.5, 70_000);
        scale.tare();
        scale.unit("oz");
        assertThat(scale.read(80_000).unit()).isEqualTo("oz");
        assertThatIllegalArgumentException().isThrownBy(() -> scale.unit("stone"));
    }
}
