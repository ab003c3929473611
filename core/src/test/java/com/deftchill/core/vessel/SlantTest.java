package com.deftchill.core.vessel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Tilted filling against what is known exactly of a straight glass. */
class SlantTest {
    private static final double R = 32.5;
    private static final double H = 80;
    private static final Profile GLASS = new Profile(Symmetry.ROUND, 0, new double[] {R, R}, new double[] {0, H});

    private static double ml(double levelMm) {
        return Math.PI * R * R * levelMm / 1000;
    }

    /** A plane that leaves the base covered turns about the axis: as much lower on one side as higher on the other. */
    @ParameterizedTest
    @CsvSource({"40, 60", "40, 45", "30, 55", "45, 75"})
    void aPlaneAboveTheBaseTurnsAboutTheAxis(double level, double high) {
        var slant = Slant.of(GLASS, ml(level), high);
        assertThat(Math.tan(Math.toRadians(slant.tiltDegrees())))
                .isCloseTo((high - level) / R, Percentage.withPercentage(0.5));
        assertThat(slant.lowMm()).isCloseTo(2 * level - high, within(0.5));
    }

    /** Half the base bare: a cylindrical wedge of height H over half a circle holds 2/3 r^2 H. */
    @Test
    void aWedgeOverHalfTheBaseHoldsTwoThirds() {
        double high = 50;
        double wedge = 2.0 / 3 * R * R * high / 1000;
        var slant = Slant.of(GLASS, wedge, high);
        assertThat(Math.tan(Math.toRadians(slant.tiltDegrees()))).isCloseTo(high / R, Percentage.withPercentage(0.5));
        assertThat(slant.lowMm()).isZero();
    }

    @Test
    void lessReachesTheSameHeightOnlySteeper() {
        var tumbler = new Profile(Symmetry.ROUND, 0, new double[] {25, 35}, new double[] {0, 90});
        double before = 0;
        for (double ml = 120; ml > 20; ml -= 20) {
            double tilt = Slant.of(tumbler, ml, 70).tiltDegrees();
            assertThat(tilt).isGreaterThan(before);
            assertThat(Slant.volumeMl(tumbler, 70, tilt)).isCloseTo(ml, within(1e-3));
            before = tilt;
        }
    }

    @Test
    void theEdgeIsRaisedByTheSine() {
        assertThat(new Slant(30, 60, 20).propMm(65)).isCloseTo(32.5, within(1e-9));
    }

    @Test
    void whatCannotBeIsNamed() {
        assertThatThrownBy(() -> Slant.of(GLASS, ml(40), 90)).hasMessageContaining("at most 80");
        assertThatThrownBy(() -> Slant.of(GLASS, ml(40), 30)).hasMessageContaining("must lie between");
    }
}
