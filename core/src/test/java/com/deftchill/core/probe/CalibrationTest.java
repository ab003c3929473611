package com.deftchill.core.probe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class CalibrationTest {
    @Test
    void threeKelvinTooMuchAreFoundByTheIcePoint() {
        var found = Calibration.of(3, OptionalDouble.empty(), 100);
        assertThat(found.offset()).isEqualTo(-3);
        assertThat(found.corrected(40)).isEqualTo(37);
        assertThat(found.off()).isEqualTo(-3);
        assertThat(found.matters()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({"0, 1", "1.2, 1", "-0.8, 1.03", "2.5, 0.96"})
    void twoPointsGiveBackWhatTheProbeDoes(double offset, double slope) {
        double boils = BoilingPoint.atAltitude(600);
        var found = Calibration.of(offset, OptionalDouble.of(offset + slope * boils), boils);
        for (double celsius : new double[] {-18, 0, 24, 82, 100}) {
            assertThat(found.corrected(offset + slope * celsius)).isCloseTo(celsius, within(1e-9));
        }
    }

    @Test
    void waterBoilsLowerUphill() {
        assertThat(BoilingPoint.atAltitude(0)).isEqualTo(100);
        assertThat(BoilingPoint.atAltitude(1000)).isCloseTo(96.6, within(0.01));
        // The pressure of standard air at those heights, from the barometric formula.
        assertThat(BoilingPoint.atPressure(1013.25)).isCloseTo(100, within(0.05));
        assertThat(BoilingPoint.atPressure(898.7)).isCloseTo(BoilingPoint.atAltitude(1000), within(0.15));
        assertThat(BoilingPoint.atPressure(794.9)).isCloseTo(BoilingPoint.atAltitude(2000), within(0.3));
    }

    @Test
    void whatIsNoFixedPointIsRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> Calibration.of(21, OptionalDouble.empty(), 100));
        assertThatIllegalArgumentException().isThrownBy(() -> Calibration.of(0, OptionalDouble.of(60), 100));
        assertThatIllegalArgumentException().isThrownBy(() -> Calibration.of(Double.NaN, OptionalDouble.empty(), 100));
    }

    @ParameterizedTest
    @ValueSource(doubles = {Double.NaN, -500, 3001})
    void altitudesOutsideAreRefused(double metres) {
        assertThatIllegalArgumentException().isThrownBy(() -> BoilingPoint.atAltitude(metres));
    }

    @ParameterizedTest
    @ValueSource(doubles = {Double.NaN, 300, 2000})
    void pressuresOutsideAreRefused(double hectopascal) {
        assertThatIllegalArgumentException().isThrownBy(() -> BoilingPoint.atPressure(hectopascal));
    }

    @Test
    void aMonthLaterItIsDue() {
        assertThat(Calibration.isDue(29 * 86_400.0)).isFalse();
        assertThat(Calibration.isDue(31 * 86_400.0)).isTrue();
        assertThat(Calibration.NONE.matters()).isFalse();
    }
}
