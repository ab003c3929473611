package com.deftchill.core.chill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

/** A layer poured on another, against the exact series of two slabs laid together. */
class MeetingTest {
    private static final Material CREAM = Material.constant(1040, 3390, 0.48);
    private static final Material MOUSSE = Material.constant(520, 3390, 0.22);
    private static final double DIFFUSIVITY = 0.48 / (1040 * 3390.0);

    /** Of equal slabs, insulated outside: a step at the face, by Fourier's cosine series; its highest value over time. */
    private static double exactHighest(double depthMm, double lowerMm, double upperMm) {
        double length = (lowerMm + upperMm) / 1000;
        double x = (lowerMm - depthMm) / 1000;
        double highest = 0;
        for (double t = 0.5; t < 1800; t *= 1.02) {
            double sum = upperMm / (lowerMm + upperMm);
            for (int n = 1; n < 400; n++) {
                double k = n * Math.PI / length;
                double a = -2 / (n * Math.PI) * Math.sin(k * lowerMm / 1000);
                sum += a * Math.cos(k * x) * Math.exp(-DIFFUSIVITY * k * k * t);
            }
            highest = Math.max(highest, sum);
        }
        return highest;
    }

    @Test
    void theWarmestThatADepthGetsIsThatOfTheExactSeries() {
        for (double upper : new double[] {3, 10, 30}) {
            var meeting = new Meeting(CREAM, 20, CREAM, upper);
            for (double depth : new double[] {0.5, 1, 3, 6}) {
                double exact = exactHighest(depth, 20, upper);
                double lower = 4;
                double melts = lower + (60 - lower) * exact;
                assertThat(meeting.highestC(lower, melts, depth))
                        .as("%s mm on 20 mm, at %s mm", upper, depth)
                        .isCloseTo(60, within(0.01 * 56));
            }
        }
    }

    @Test
    void hotterMeltsDeeperAndThinnerLess() {
        var thick = new Meeting(CREAM, 20, CREAM, 30);
        var thin = new Meeting(CREAM, 20, CREAM, 3);
        double before = 0;
        for (double pour = 20; pour <= 95; pour += 5) {
            double melted = thick.meltedMm(4, pour, 24);
            assertThat(melted).isGreaterThanOrEqualTo(before);
            assertThat(thin.meltedMm(4, pour, 24)).isLessThanOrEqualTo(melted);
            before = melted;
        }
        assertThat(before).isGreaterThan(3);
    }

    @Test
    void aMousseBringsLessHeatThanAJelly() {
        var jelly = new Meeting(CREAM, 20, CREAM, 15);
        var mousse = new Meeting(CREAM, 20, MOUSSE, 15);
        assertThat(mousse.highestC(6, 24, 1)).isGreaterThan(jelly.highestC(6, 24, 1));
    }

    @Test
    void aColdPourMeltsNothingAndWhatIsMeltedAlreadyStaysSo() {
        var meeting = new Meeting(CREAM, 20, CREAM, 10);
        assertThat(meeting.meltedMm(4, 20, 24)).isZero();
        assertThat(meeting.meltedMm(4, 3, 24)).isZero();
        assertThat(meeting.meltedMm(25, 30, 24)).isEqualTo(10);
        assertThat(meeting.highestC(25, 24, 1)).isEqualTo(25);
    }

    @Test
    void theLimitAndTheDepthAgree() {
        var meeting = new Meeting(CREAM, 12, MOUSSE, 25);
        for (double depth : new double[] {0.5, 1, 3, 7}) {
            double limit = meeting.highestC(5, 23, depth);
            assertThat(meeting.meltedMm(5, limit, 23)).isCloseTo(depth, within(0.02));
            assertThat(meeting.meltedMm(5, limit + 2, 23)).isGreaterThan(depth);
        }
    }
}
