package com.deftchill.core.chill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.larder.LarderFiles;
import com.deftchill.core.parameters.Parameters;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Air that answers to what stands in it. */
class AirOfCoolerTest {
    private static final AirOfCooler FRIDGE = new AirOfCooler(84, 20_000, 10, 0);

    @Test
    void steadyAirStays() {
        assertThat(AirOfCooler.STEADY.after(4, 4, 1e9, 60)).isEqualTo(4);
    }

    @Test
    void warmsByWhatTheCoolerCannotTakeAway() {
        // 10 moulds x 2 kJ in 60 s are 333 W; 84 W go away: 249 W x 60 s into 20 kJ/K.
        double after = FRIDGE.after(6, 4, 2000, 60);
        assertThat(after).isCloseTo(6 + (20_000 - 84 * 60) / 20_000.0, within(1e-9));
    }

    @Test
    void settlesWithinItsBandUnderALoadThatItCanTake() {
        double air = 4;
        for (int i = 0; i < 5000; i++) {
            air = FRIDGE.after(air, 4, 42.0 / 10 * 10, 10);
        }
        // 42 W of 84 W: half of the band of half a kelvin.
        assertThat(air).isCloseTo(4.25, within(1e-3));
    }

    @Test
    void neverFallsBelowItsSetting() {
        assertThat(FRIDGE.after(4.1, 4, -1000, 60)).isEqualTo(4);
    }

    @Test
    void doorsLetHeatIn() {
        var opened = AirOfCooler.of(Parameters.shipped().cold(), 120, 20_000, 0, 60);
        assertThat(opened.leakW()).isCloseTo(250, within(1e-9));
        assertThat(opened.after(5, 4, 0, 60)).isGreaterThan(5);
        assertThat(AirOfCooler.of(Parameters.shipped().cold(), 0, 1, 5, 60)).isSameAs(AirOfCooler.STEADY);
        assertThatThrownBy(() -> new AirOfCooler(0, 1, 1, 0)).hasMessageContaining("above 0");
    }

    /** Heat given off by all moulds = heat kept by the air + what was taken away, which the power bounds. */
    @Test
    void aChillInItKeepsTheBalance() {
        var vessel = LarderFiles.shipped().mould("dariole").orElseThrow().vessel();
        var grid = Grid.of(vessel, new double[] {50}, ChillOptions.standard());
        var material = new Material[grid.cells()];
        Arrays.fill(material, Material.of(EnergyBalanceTest.setCream()));
        var air = new ArrayList<double[]>();
        var listener = new ChillListener() {
            @Override
            public void afterStep(double seconds, double step, double[] mean, double[] celsius) {}

            @Override
            public void air(double seconds, double celsius) {
                air.add(new double[] {seconds, celsius});
            }
        };
        var many = new AirOfCooler(84, 20_000, 80, 0);
        var report = new ChillSimulation(grid, material, vessel.material(), ChillOptions.standard())
                .run(45, 20, List.of(new Place(4, 7, 7, 7, 24 * 3600, many)), listener);
        assertThat(report.imbalance()).isLessThan(1e-6);
        double peak = air.stream().mapToDouble(a -> a[1]).max().orElseThrow();
        double last = air.get(air.size() - 1)[1];
        assertThat(peak).isBetween(8.0, 30.0);
        double taken = -80 * report.heatInJ() - 20_000 * (last - 4);
        assertThat(taken).isPositive().isLessThan(84 * 24 * 3600.0);
        var alone = new ChillSimulation(grid, material, vessel.material(), ChillOptions.standard());
        var steady = alone.run(45, 20, List.of(new Place(4, 7, 7, 7, 24 * 3600)), (t, dt, m, c) -> {});
        assertThat(-report.heatInJ()).isLessThan(-steady.heatInJ());
    }
}
