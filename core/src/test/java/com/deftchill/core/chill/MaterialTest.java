package com.deftchill.core.chill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

class MaterialTest {
    private final Material cream = Material.of(EnergyBalanceTest.setCream());

    /** From any guess, and beyond the table's ends. */
    @Test
    void temperatureIsTheInverseOfEnthalpy() {
        for (double t = -50; t <= 130; t += 0.37) {
            double h = cream.enthalpy(t);
            for (double guess : new double[] {-40, 4, 60, 110}) {
                assertThat(cream.temperature(h, guess)).isCloseTo(t, within(1e-9));
            }
        }
    }

    @Test
    void enthalpyRisesByTheHeatCapacity() {
        assertThat(cream.enthalpy(45) - cream.enthalpy(4)).isCloseTo(41 * cream.heatCapacity(24.5), within(300.0));
        for (double t = -40; t < 110; t += 1) {
            assertThat(cream.enthalpy(t + 1)).isGreaterThan(cream.enthalpy(t));
        }
    }

    @Test
    void refusesWhatIsNoMaterialNorPlace() {
        assertThatThrownBy(() -> Material.constant(0, 1, 1)).hasMessageContaining("must be above 0");
        assertThatThrownBy(() -> Material.constant(1000, Double.NaN, 1)).hasMessageContaining("NaN");
        assertThatThrownBy(() -> Place.uniform(200, 7, 60)).hasMessageContaining("-40 to 110");
        assertThatThrownBy(() -> Place.uniform(4, -1, 60)).hasMessageContaining("surface coefficients");
        assertThatThrownBy(() -> Place.uniform(4, 7, 0)).hasMessageContaining("above 0");
    }

    /** One stay or the same stay in two parts: moving nowhere changes nothing that a cook could measure. */
    @Test
    void aStayInTwoPartsIsOneStay() {
        assertThat(coreAfter(List.of(Place.uniform(4, 7, 7200))))
                .isCloseTo(coreAfter(List.of(Place.uniform(4, 7, 3000), Place.uniform(4, 7, 4200))), within(0.02));
    }

    @Test
    void filmAndStillAirAreNeverFaster() {
        double open = coreAfter(List.of(new Place(4, 7, 7, 7, 7200)));
        double film = coreAfter(List.of(new Place(4, 3.5, 7, 7, 7200)));
        double windy = coreAfter(List.of(new Place(4, 17, 17, 17, 7200)));
        assertThat(film).isGreaterThan(open);
        assertThat(windy).isLessThan(open);
    }

    private double coreAfter(List<Place> places) {
        var vessel = com.deftchill.core.larder.LarderFiles.shipped()
                .mould("ramekin")
                .orElseThrow()
                .vessel();
        var grid = Grid.of(vessel, new double[] {30}, ChillOptions.standard());
        var material = new Material[grid.cells()];
        java.util.Arrays.fill(material, cream);
        var last = new double[1];
        new ChillSimulation(grid, material, vessel.material(), ChillOptions.standard())
                .run(45, 20, places, (t, dt, mean, celsius) -> last[0] = celsius[grid.cell(0, grid.rows() / 2)]);
        return last[0];
    }
}
