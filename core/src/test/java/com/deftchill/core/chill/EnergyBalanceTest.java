package com.deftchill.core.chill;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.core.composition.Composition;
import com.deftchill.core.composition.Constituent;
import com.deftchill.core.larder.LarderFiles;
import java.util.Arrays;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Heat that leaves through the surfaces is heat that the dessert and its mould lost, in every shipped shape of wall. */
class EnergyBalanceTest {
    private static final double LIMIT = 1e-6;
    /** Steps in which moulds are filled higher; finer by ops/long. */
    private static final double FILLED = Boolean.getBoolean("deftchill.long") ? 0.047 : 0.141;

    @ParameterizedTest
    @ValueSource(
            strings = {"dariole", "ramekin", "tulip", "half-sphere-70", "half-round-log", "ring-60", "coupe", "terrine"
            })
    void closesThroughMovesBetweenPlaces(String mould) {
        var vessel = LarderFiles.shipped().mould(mould).orElseThrow().vessel();
        double fill = 0.8 * vessel.profile().brimMm();
        var grid = Grid.of(vessel, new double[] {fill / 3, fill}, ChillOptions.standard());
        var material = new Material[grid.cells()];
        Arrays.fill(material, Material.of(setCream()));
        var simulation = new ChillSimulation(grid, material, vessel.material(), ChillOptions.standard());

        var report = simulation.run(
                60,
                20,
                List.of(
                        Place.uniform(21, 8, 900),
                        new Place(0, 8, 300, 300, 600),
                        Place.uniform(4, 7, 6 * 3600),
                        new Place(22, 4, 8, 57, 1800)),
                (t, dt, mean, celsius) -> assertThat(celsius).doesNotContain(Double.NaN));

        assertThat(report.heatInJ()).isNegative();
        assertThat(report.imbalance()).isLessThan(LIMIT);
        System.out.printf("energy balance, %s: %.1e after %d steps%n", mould, report.imbalance(), report.steps());
    }

    @org.junit.jupiter.api.Test
    void gridVolumeIsTheProfilesVolume() {
        for (var mould : LarderFiles.shipped().moulds()) {
            var profile = mould.vessel().profile();
            double fill = 0.7 * profile.brimMm();
            var grid = Grid.of(mould.vessel(), new double[] {fill}, ChillOptions.standard());
            double sum = 0;
            for (int cell = 0; cell < grid.cells(); cell++) {
                sum += grid.volume(cell);
            }
            assertThat(1e6 * sum)
                    .as(mould.id())
                    .isCloseTo(profile.volumeMl(fill), org.assertj.core.data.Percentage.withPercentage(1e-6));
        }
    }

    /** Maximum principle: between air and start, in every mould, filled to any height, even where walls cut off slivers. */
    @org.junit.jupiter.api.Test
    void temperaturesStayBetweenAirAndStart() {
        for (var mould : LarderFiles.shipped().moulds()) {
            for (double share = 0.06; share <= 1; share += FILLED) {
                double fill = Math.max(2, share * mould.vessel().profile().brimMm());
                var grid = Grid.of(mould.vessel(), new double[] {fill}, ChillOptions.standard());
                var material = new Material[grid.cells()];
                Arrays.fill(material, Material.of(setCream()));
                var range = new DoubleSummaryStatistics();
                var report = new ChillSimulation(grid, material, mould.vessel().material(), ChillOptions.standard())
                        .run(60, 20, List.of(Place.uniform(4, 7, 86_400)), (t, dt, mean, celsius) -> {
                            for (double c : celsius) {
                                range.accept(c);
                            }
                        });
                assertThat(range.getMin())
                        .as("%s filled to %s mm", mould.id(), fill)
                        .isGreaterThan(3.9);
                assertThat(range.getMax())
                        .as("%s filled to %s mm", mould.id(), fill)
                        .isLessThan(60.1);
                assertThat(report.steps()).isLessThan(400);
            }
        }
    }

    /** The set cream of handbook 4. */
    static Composition setCream() {
        return Composition.of(Map.of(
                Constituent.WATER, 0.66,
                Constituent.MILK_FAT, 0.18,
                Constituent.SUGARS, 0.13,
                Constituent.MILK_PROTEIN, 0.03));
    }
}
