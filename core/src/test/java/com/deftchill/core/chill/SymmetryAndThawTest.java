package com.deftchill.core.chill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.larder.LarderFiles;
import com.deftchill.core.vessel.Profile;
import com.deftchill.core.vessel.Symmetry;
import com.deftchill.core.vessel.Vessel;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Symmetric problems stay symmetric; freezing and thawing overshoot nothing. */
class SymmetryAndThawTest {
    @Test
    void aBodyCooledAlikeAboveAndBelowStaysSymmetric() {
        var profile = new Profile(Symmetry.ROUND, 0, new double[] {30, 30}, new double[] {0, 40});
        var wall = LarderFiles.shipped().mould("dariole").orElseThrow().vessel().material();
        var grid = Grid.of(new Vessel(profile, wall, 0, 0), new double[] {40}, ChillOptions.standard());
        var material = new Material[grid.cells()];
        Arrays.fill(material, Material.freezing(EnergyBalanceTest.setCream(), 0));
        new ChillSimulation(grid, material, wall, ChillOptions.standard())
                .run(
                        20,
                        20,
                        List.of(Place.uniform(-18, 20, 4 * 3600), Place.uniform(4, 7, 8 * 3600)),
                        (t, dt, mean, celsius) -> {
                            for (int row = 0; row < grid.rows() / 2; row++) {
                                for (int column = 0; column < grid.columns(); column++) {
                                    int mirrored = grid.cell(column, grid.rows() - 1 - row);
                                    assertThat(celsius[grid.cell(column, row)])
                                            .isCloseTo(celsius[mirrored], within(1e-6));
                                }
                            }
                        });
    }

    /**
     * Four tenths of air halve the conductivity, and a millilitre holds six tenths of the heat. With the surface held cold, a
     * foam is slower in the same body; in still air the same mass of it is in a wide tray, where it stands higher. (In a small
     * glass in still air it is quicker: there its surface decides, and that is larger for the heat it holds.)
     */
    @Test
    void aMousseCoolsSlowerThanItsBase() {
        double air = 0.4;
        double wall = 3000;
        assertThat(secondsToEight(air, 60, Place.uniform(2, wall, 24 * 3600)))
                .isGreaterThan(1.05 * secondsToEight(0, 60, Place.uniform(2, wall, 24 * 3600)));
        var tray = new Place(2, 7, 0, 7, 24 * 3600);
        assertThat(secondsToEight(air, 40 / (1 - air), tray)).isGreaterThan(1.05 * secondsToEight(0, 40, tray));
    }

    private static double secondsToEight(double air, double heightMm, Place place) {
        var profile = new Profile(Symmetry.ROUND, 0, new double[] {40, 40}, new double[] {0, 80});
        var wall = LarderFiles.shipped().mould("dariole").orElseThrow().vessel().material();
        var options = ChillOptions.standard();
        var grid = Grid.of(new Vessel(profile, wall, 0, 0), new double[] {heightMm}, options);
        var material = new Material[grid.cells()];
        Arrays.fill(material, Material.of(EnergyBalanceTest.setCream(), air));
        // Seconds and warmest temperature at the step before, and the moment found between two steps.
        var before = new double[] {0, 25};
        var reached = new double[] {Double.POSITIVE_INFINITY};
        new ChillSimulation(grid, material, wall, options).run(25, 25, List.of(place), (t, dt, mean, celsius) -> {
            double now = Arrays.stream(celsius).max().orElseThrow();
            if (now < 8 && before[1] >= 8) {
                reached[0] = before[0] + (before[1] - 8) / (before[1] - now) * (t - before[0]);
            }
            before[0] = t;
            before[1] = now;
        });
        return reached[0];
    }

    @Test
    void nothingGetsWarmerThanTheAirThatThawsIt() {
        for (var name : List.of("half-sphere-70", "dariole", "ring-60")) {
            var vessel = LarderFiles.shipped().mould(name).orElseThrow().vessel();
            double fill = 0.9 * vessel.profile().brimMm();
            var options = ChillOptions.standard();
            var grid = Grid.of(vessel, new double[] {fill}, options);
            var material = new Material[grid.cells()];
            Arrays.fill(material, Material.freezing(EnergyBalanceTest.setCream(), 0.3));
            double frozen = 8 * 3600.0;
            var report = new ChillSimulation(grid, material, vessel.material(), options)
                    .run(
                            20,
                            20,
                            List.of(Place.uniform(-18, 8, frozen), new Place(4, 3.5, 7, 7, 16 * 3600)),
                            (t, dt, mean, celsius) -> {
                                if (t > frozen) {
                                    for (int row = 0; row < grid.rows(); row++) {
                                        for (int column = 0; column < grid.rowCells(row); column++) {
                                            assertThat(celsius[grid.cell(column, row)])
                                                    .as("%s after %.0f s", name, t)
                                                    .isLessThan(4.35);
                                        }
                                    }
                                }
                            });
            assertThat(report.imbalance()).isLessThan(1e-9);
        }
    }
}
