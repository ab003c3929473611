package com.deftchill.core.cook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.parameters.PanParameters;
import com.deftchill.core.parameters.Parameters;
import org.junit.jupiter.api.Test;

class CookTest {
    private static final PanParameters PAN = Parameters.shipped().pan();

    private static final Soaking FINGER = new Soaking(1.3, 2.5);

    @Test
    void aDipTakesUpByItsExponential() {
        assertThat(FINGER.uptake(0)).isZero();
        assertThat(FINGER.uptake(2.5)).isCloseTo(1.3 * (1 - Math.exp(-1)), within(1e-12));
        assertThat(FINGER.uptake(1e6)).isCloseTo(1.3, within(1e-9));
        assertThat(FINGER.seconds(FINGER.uptake(3.3))).isCloseTo(3.3, within(1e-9));
        assertThat(FINGER.seconds(1.4)).isInfinite();
    }

    @Test
    void theAimIsMoistAndReachable() {
        assertThat(FINGER.aim(PAN))
                .isBetween(PAN.soakDry().value(), PAN.soakWet().value());
        assertThat(new Soaking(0.9, 6).aim(PAN)).isCloseTo(0.72, within(1e-12));
    }

    @Test
    void aCrumbBaseOfATinAndItsWall() {
        double area = Math.PI * 100 * 100;
        double perimeter = 2 * Math.PI * 100;
        double grams = CrumbBase.grams(PAN, area, perimeter, 6, 0);
        assertThat(grams).isCloseTo(0.95 * area * 6 / 1000, within(1e-9));
        assertThat(CrumbBase.grams(PAN, area, perimeter, 6, 30)).isGreaterThan(grams);
        assertThat(CrumbBase.thicknessMm(PAN, CrumbBase.grams(PAN, area, perimeter, 6, 30), area, perimeter, 30))
                .isCloseTo(6, within(1e-12));
    }

    @Test
    void noMoreBoilsAwayThanThereIs() {
        assertThat(Boiling.away(PAN, 20, 10, 500)).isCloseTo(0.015 * Math.PI * 100 * 10, within(1e-9));
        assertThat(Boiling.away(PAN, 20, 1000, 500)).isEqualTo(500);
    }

    @Test
    void aBigBatchLosesASmallerShare() {
        assertThat(Boiling.panCm(460)).isEqualTo(16);
        assertThat(Boiling.panCm(1_400)).isEqualTo(20);
        assertThat(Boiling.panCm(50_000)).isEqualTo(36);
        double small = Boiling.away(PAN, Boiling.panCm(500), 15, 450) / 500;
        double big = Boiling.away(PAN, Boiling.panCm(5_000), 15, 4_500) / 5_000;
        assertThat(big).isLessThan(small);
    }

    @Test
    void caramelGoesByItsWater() {
        var body = Parameters.shipped().body();
        assertThat(CaramelWater.pa(body, 0.08)).isCloseTo(20_000, within(1e-6));
        assertThat(CaramelWater.pa(body, 0.18)).isCloseTo(200, within(1e-6));
        assertThat(CaramelWater.pa(body, 0.15)).isBetween(200.0, 2000.0);
        assertThat(CaramelWater.boiledOffG(100, 110)).isZero();
        assertThat(CaramelWater.boiledOffG(100, 168)).isBetween(3.0, 8.0);
    }

    @Test
    void butterBringsCrumbsToTheirShareOfFat() {
        double butter = CrumbBase.butterG(PAN, 200, 40, 0.82);
        assertThat((40 + 0.82 * butter) / (200 + butter)).isCloseTo(0.38, within(1e-9));
    }
}
