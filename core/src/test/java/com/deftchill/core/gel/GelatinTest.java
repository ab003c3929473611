package com.deftchill.core.gel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.parameters.GelParameters;
import com.deftchill.core.parameters.Parameters;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GelatinTest {
    private static Maturing maturing(GelatinModel model, int points) {
        return new Maturing(model.parameters(), model::equilibriumHelixShare, points);
    }

    private static final GelParameters PARAMETERS = Parameters.shipped().gel();

    /** Handbook 2, which gives two decimals (0.395 at 125 Bloom is printed there as 0.40). */
    @ParameterizedTest
    @CsvSource({"125, 0.40", "160, 0.44", "200, 0.49", "225, 0.52", "250, 0.55"})
    void helixShareFollowsTheDefinitionOfBloom(double bloom, double share) {
        assertThat(model(bloom).helixShareAt10()).isCloseTo(share, within(0.006));
    }

    /** Rigidity at the Bloom test is proportional to Bloom: the definition, by the whole model. */
    @Test
    void theBloomTestGivesTheBloom() {
        double of250 = bloomTest(250);
        for (double bloom : new double[] {125, 160, 200, 240}) {
            assertThat(bloomTest(bloom) / of250).isCloseTo(bloom / 250, within(0.01));
        }
    }

    /** Handbook 2: 12 g/L of 200 Bloom melts near 21 to 23 °C, 67 g/L of 250 near 31 °C. */
    @Test
    void meltingPoints() {
        System.out.printf(
                "melting point: 12 g/L of 200 Bloom %.1f °C, 67 g/L of 250 Bloom %.1f °C%n",
                model(200).meltingPoint(12), model(250).meltingPoint(67));
        assertThat(model(200).meltingPoint(12)).isBetween(21.0, 23.0);
        assertThat(model(250).meltingPoint(67)).isBetween(30.5, 31.5);
        assertThat(model(200).settingOnset(12)).isEqualTo(model(200).meltingPoint(12) - 5);
    }

    @Test
    void atTheMeltingPointTheGelJustRuns() {
        var model = model(200);
        double melt = model.meltingPoint(12);
        assertThat(model.rigidity(12, model.equilibriumHelixShare(melt + 0.01), 1))
                .isZero();
        assertThat(model.rigidity(12, model.equilibriumHelixShare(melt - 0.01), 1))
                .isPositive();
    }

    @Test
    void stepsOfConstantTemperatureAreExact() {
        var oneStep = maturing(model(200), 1);
        var manySteps = maturing(model(200), 1);
        oneStep.advance(new double[] {6}, 3600);
        for (int i = 0; i < 3600; i++) {
            manySteps.advance(new double[] {6}, 1);
        }
        assertThat(oneStep.shares()[0]).isCloseTo(manySteps.shares()[0], within(1e-12));
    }

    @Test
    void warmingMeltsWithinMinutes() {
        var maturing = maturing(model(200), 1);
        maturing.advance(new double[] {4}, 24 * 3600);
        double firm = maturing.shares()[0];
        maturing.advance(new double[] {25}, 10 * 60);
        double equilibrium = model(200).equilibriumHelixShare(25);
        assertThat(maturing.shares()[0]).isLessThan(0.5 * firm).isCloseTo(equilibrium, within(0.02));
    }

    @Test
    void colderMaturesFurtherAtEveryHour() {
        var temperatures = new double[] {2, 4, 6, 8, 10};
        var maturing = maturing(model(200), temperatures.length);
        for (int hour = 1; hour <= 48; hour++) {
            maturing.advance(temperatures, 3600);
            for (int i = 1; i < temperatures.length; i++) {
                assertThat(maturing.shares()[i]).isLessThan(maturing.shares()[i - 1]);
            }
        }
    }

    @Test
    void firmnessZonesAndScaleHaveTheirAnchors() {
        assertThat(Firmness.score(20)).isZero();
        assertThat(Firmness.score(20_000)).isCloseTo(100, within(1e-9));
        assertThat(Firmness.score(632.4555)).isCloseTo(50, within(0.001));
        assertThat(Firmness.score(1e9)).isEqualTo(100);
        assertThat(Firmness.of(0)).isEqualTo(Firmness.RUNS);
        assertThat(Firmness.of(300)).isEqualTo(Firmness.TENDER);
        assertThat(Firmness.of(50_000)).isEqualTo(Firmness.RUBBER);
        assertThat(Arrays.stream(Firmness.values()).map(Firmness::fromPa)).isSorted();
    }

    @Test
    void fillerJoinsWithoutAStepAndIsCapped() {
        assertThat(StrengthFactors.filler(0, PARAMETERS)).isEqualTo(1);
        assertThat(StrengthFactors.filler(0.25, PARAMETERS)).isCloseTo(1.625, within(1e-12));
        assertThat(StrengthFactors.filler(0.2501, PARAMETERS)).isCloseTo(1.625, within(1e-3));
        assertThat(StrengthFactors.filler(0.7, PARAMETERS)).isEqualTo(2.5);
        assertThat(StrengthFactors.filler(1, PARAMETERS)).isEqualTo(2.5);
        for (double phi = 0; phi < 0.99; phi += 0.01) {
            assertThat(StrengthFactors.filler(phi + 0.01, PARAMETERS))
                    .isGreaterThanOrEqualTo(StrengthFactors.filler(phi, PARAMETERS));
        }
    }

    private static double bloomTest(double bloom) {
        var maturing = maturing(model(bloom), 1);
        maturing.advance(new double[] {GelatinModel.BLOOM_TEST_CELSIUS}, GelatinModel.BLOOM_TEST_HOURS * 3600);
        return model(bloom).rigidity(GelatinModel.BLOOM_TEST_GRAMS_PER_LITRE, maturing.shares()[0], 1);
    }

    private static GelatinModel model(double bloom) {
        return new GelatinModel(PARAMETERS, bloom, 33);
    }
}
