package com.deftchill.core.gel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.larder.LarderFiles;
import com.deftchill.core.parameters.GelParameters;
import com.deftchill.core.parameters.Parameters;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TemperatureSetTest {
    private static final GelParameters PARAMETERS = Parameters.shipped().gel();

    private static GelModel model(String id) {
        return GelModels.of(PARAMETERS, LarderFiles.shipped().gel(id).orElseThrow());
    }

    @Test
    void agarIsAsFirmAsFourTimesItsMassOfGelatinMaturedAtFourDegrees() {
        var gelatin = new GelatinModel(PARAMETERS, 200, 33);
        double like = gelatin.rigidity(16, gelatin.equilibriumHelixShare(4), 1);
        assertThat(model("agar").rigidity(4, 1, 1)).isCloseTo(like, within(1e-9 * like));
    }

    @ParameterizedTest
    @CsvSource({"agar, 35, 85", "carrageenan-iota, 45, 60", "carrageenan-kappa, 45, 65"})
    void setsBelowOneTemperatureAndLastsUpToAnotherFarAbove(String id, double setsC, double meltsC) {
        var model = model(id);
        assertThat(model.settingOnset(5)).isBetween(setsC - 8, setsC + 8);
        assertThat(model.meltingPoint(5)).isBetween(meltsC - 8, meltsC + 8);

        var setting = model.setting(1);
        setting.advance(new double[] {model.settingOnset(5) + 1}, 7200);
        assertThat(setting.shares()[0]).isZero();
        setting.advance(new double[] {model.settingOnset(5) - 1}, 1500);
        assertThat(setting.shares()[0]).isGreaterThan(0.99);
        setting.advance(new double[] {model.meltingPoint(5) - 1}, 7200);
        assertThat(setting.shares()[0]).isGreaterThan(0.99);
        setting.advance(new double[] {model.meltingPoint(5) + 1}, 1500);
        assertThat(setting.shares()[0]).isLessThan(0.01);
    }

    @Test
    void tooLittleOfItIsNoGel() {
        assertThat(model("agar").rigidity(0.3, 1, 1)).isZero();
        assertThat(model("agar").meltingPoint(0.3)).isLessThan(0);
    }

    /** Handbook 2: 2 % an hour at 80 °C, 8 at 100, 0.5 at 60; three times as fast in acid. */
    @ParameterizedTest
    @CsvSource({"80, 6.8, 0.02", "100, 7, 0.08", "60, 6.5, 0.005", "80, 3.5, 0.06", "80, 2.0, 0.06"})
    void heatTakesStrengthByTheHour(double celsius, double ph, double lostPerHour) {
        assertThat(-Math.log(HeatAbuse.kept(PARAMETERS, celsius, 60, ph))).isCloseTo(lostPerHour, within(1e-12));
        assertThat(HeatAbuse.kept(PARAMETERS, celsius, 120, ph))
                .isCloseTo(Math.pow(HeatAbuse.kept(PARAMETERS, celsius, 60, ph), 2), within(1e-12));
        assertThat(HeatAbuse.kept(PARAMETERS, celsius, 0, ph)).isEqualTo(1);
    }

    @Test
    void theTabulatedRigidityIsThatOfTheModel() {
        var model = new GelatinModel(PARAMETERS, 200, 33);
        var curve = new RigidityCurve(model, 15, 1.7);
        for (double share = 0.2; share < 1.4; share += 0.0137) {
            double exact = model.rigidity(15, share, 1.7);
            double error = Math.abs(curve.at(share) - exact);
            assertThat(error).as("share %s", share).isLessThan(exact > Firmness.HOLDS_PA ? 2e-4 * exact : 0.05);
        }
    }
}
