package com.deftchill.core.fat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.larder.Larder;
import com.deftchill.core.larder.LarderFiles;
import com.deftchill.core.mix.Mix;
import com.deftchill.core.parameters.FatParameters;
import com.deftchill.core.parameters.Parameters;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The yield stress of fat against what cooks know (handbook 3, checks), and its setting against exact solutions. */
class FatLawTest {
    private static final Larder LARDER = LarderFiles.shipped();
    private static final FatParameters P = Parameters.shipped().fat();

    private static FatLaw ganache(String chocolate, double parts, double cream) {
        var mix = Mix.of(
                List.of(
                        new Mix.Part(LARDER.ingredient(chocolate).orElseThrow(), parts),
                        new Mix.Part(LARDER.ingredient("cream-35").orElseThrow(), cream)),
                0,
                0);
        return FatLaw.of(mix.composition(), P);
    }

    @ParameterizedTest
    @CsvSource({
        "1, 2, 20, 80, 200",
        "1, 1, 20, 1000, 2000",
        "3, 2, 20, 4000, 6500",
        "2, 1, 20, 10000, 14000",
        "1, 1, 4, 15000, 27000",
        "1, 1, 28, 0, 80"
    })
    void darkChocolateAndCreamAsCooksKnowThem(
            double chocolate, double cream, double celsius, double least, double most) {
        assertThat(ganache("dark-65", chocolate, cream).restPa(celsius)).isBetween(least, most);
    }

    @Test
    void theFatOfCreamAloneBearsNothing() {
        var cream = Mix.of(List.of(new Mix.Part(LARDER.ingredient("cream-48").orElseThrow(), 100)), 0, 0);
        assertThat(FatLaw.of(cream.composition(), P).restPa(5)).isZero();
        var butter = Mix.of(List.of(new Mix.Part(LARDER.ingredient("butter").orElseThrow(), 100)), 0, 0);
        assertThat(FatLaw.of(butter.composition(), P).restPa(5)).isGreaterThan(10_000);
    }

    @Test
    void oilIsNoFatThatSetsAndCoconutIs() {
        assertThat(new FatLaw(0, 0, 0, 0.2, 0, P).restPa(5)).isGreaterThan(10);
        assertThat(new FatLaw(0, 0, 0, 0.2, 0, P).restPa(26)).isZero();
    }

    @Test
    void firmnessNeverRisesWithWarmth() {
        var law = ganache("milk-chocolate", 2, 1);
        for (double celsius = 0; celsius < 40; celsius += 0.5) {
            assertThat(law.restPa(celsius + 0.5)).isLessThanOrEqualTo(law.restPa(celsius));
        }
        assertThat(law.restPa(law.restReachesC(100))).isGreaterThanOrEqualTo(100);
    }

    /** Constant temperature: x = rest + (x0 - rest) exp(-t / tau), whatever the steps. */
    @ParameterizedTest
    @CsvSource({"4, 0.6, 0.3", "12, 1.2, 0.7", "20, 4, 3.2142857"})
    void setsAtAConstantTemperatureExactly(double celsius, double cocoaHours, double milkHours) {
        var solid = new SolidFat(P);
        for (double step : new double[] {1, 37, 600}) {
            var fat = new FatSetting(P, 1, 0, 0);
            double seconds = 0;
            while (seconds < 3600) {
                fat.advance(new double[] {celsius}, step);
                seconds += step;
            }
            double hours = seconds / 3600;
            assertThat(fat.cocoa()[0])
                    .isCloseTo(
                            solid.cocoaButter(celsius) * -Math.expm1(-hours / cocoaHours),
                            within(0.01 * solid.cocoaButter(celsius)));
            assertThat(fat.milk()[0])
                    .isCloseTo(
                            solid.milkFat(celsius) * -Math.expm1(-hours / milkHours),
                            within(0.01 * solid.milkFat(celsius)));
        }
    }

    /** Linearly cooling: against the same equation with steps a hundred times finer. */
    @Test
    void setsOnItsWayDownWithinOnePerCent() {
        for (double kelvinAnHour : new double[] {4, 12, 30}) {
            var coarse = cooled(kelvinAnHour, 30);
            var fine = cooled(kelvinAnHour, 0.3);
            assertThat(coarse.cocoa()[0]).isCloseTo(fine.cocoa()[0], within(0.01 * fine.cocoa()[0]));
            assertThat(coarse.milk()[0]).isCloseTo(fine.milk()[0], within(0.01 * fine.milk()[0]));
        }
    }

    private static FatSetting cooled(double kelvinAnHour, double step) {
        var fat = new FatSetting(P, 1, 0, 0);
        for (double t = 0; t < 3600; t += step) {
            double middle = 30 - kelvinAnHour * (t + step / 2) / 3600;
            fat.advance(new double[] {middle}, step);
        }
        return fat;
    }

    @Test
    void meltsWithinFiveMinutesAndNeverBeyondItsRestValue() {
        var solid = new SolidFat(P);
        var fat = new FatSetting(P, 1, solid.cocoaButter(4), solid.milkFat(4));
        fat.advance(new double[] {25}, 300);
        assertThat(fat.cocoa()[0]).isCloseTo(solid.cocoaButter(25), within(0.02));
        assertThat(fat.cocoa()[0]).isGreaterThanOrEqualTo(solid.cocoaButter(25));
        assertThat(fat.milk()[0]).isCloseTo(solid.milkFat(25), within(0.03));
    }

    @Test
    void aCopyGoesOnByItself() {
        var fat = new FatSetting(P, 1, 0, 0);
        var copy = fat.copy();
        fat.advance(new double[] {4}, 3600);
        assertThat(copy.cocoa()[0]).isZero();
    }
}
