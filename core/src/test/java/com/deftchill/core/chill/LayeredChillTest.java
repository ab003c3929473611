package com.deftchill.core.chill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.larder.LarderFiles;
import com.deftchill.core.vessel.Profile;
import com.deftchill.core.vessel.Symmetry;
import com.deftchill.core.vessel.Vessel;
import com.deftchill.core.vessel.WallMaterial;
import java.util.Arrays;
import java.util.List;
import java.util.stream.DoubleStream;
import org.hipparchus.special.Erf;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Layers poured one after the other, against exact solutions and balances. */
class LayeredChillTest {
    private static final WallMaterial NO_WALL = new WallMaterial("none", "none", 1, 1, false, false, "test");

    private static Vessel box(double halfMm, double heightMm) {
        return new Vessel(
                new Profile(Symmetry.LONG, 100, new double[] {halfMm, halfMm}, new double[] {0, heightMm}),
                NO_WALL,
                0,
                0);
    }

    /** Layers of a grid at its interfaces, each poured after some seconds. */
    private static Pouring poured(Grid grid, double[] interfacesMm, double[] celsius, double[] seconds) {
        var layers = new java.util.ArrayList<Pouring.Layer>();
        for (int i = 0; i < celsius.length; i++) {
            int row = 0;
            while (1000 * grid.rowEdge(row) < interfacesMm[i] - 1e-9) {
                row++;
            }
            layers.add(new Pouring.Layer(row, celsius[i]));
        }
        return new Pouring() {
            @Override
            public List<Layer> layers() {
                return layers;
            }

            @Override
            public boolean pourNow(int next, double now) {
                return now >= seconds[next];
            }

            @Override
            public double stopAfter(double now) {
                return DoubleStream.of(seconds).filter(s -> s > now).min().orElse(Double.POSITIVE_INFINITY);
            }
        };
    }

    private static Material[] filled(Grid grid, Material material) {
        var materials = new Material[grid.cells()];
        Arrays.fill(materials, material);
        return materials;
    }

    @Test
    void twoEqualLayersPouredAtOnceAreOne() {
        var vessel = LarderFiles.shipped().mould("dariole").orElseThrow().vessel();
        double[] interfaces = {20, 45};
        var grid = Grid.of(vessel, interfaces, ChillOptions.standard());
        var places = List.of(Place.uniform(4, 7, 4 * 3600));
        var one = new double[grid.cells()];
        var two = new double[grid.cells()];
        var materials = filled(grid, Material.of(EnergyBalanceTest.setCream()));
        new ChillSimulation(grid, materials, vessel.material(), ChillOptions.standard())
                .run(40, 20, places, (t, dt, mean, c) -> System.arraycopy(c, 0, one, 0, c.length));
        new ChillSimulation(grid, materials, vessel.material(), ChillOptions.standard())
                .run(
                        poured(grid, interfaces, new double[] {40, 40}, new double[] {0, 0}),
                        20,
                        places,
                        (t, dt, mean, c) -> System.arraycopy(c, 0, two, 0, c.length));
        assertThat(two).containsExactly(one);
    }

    @ParameterizedTest
    @ValueSource(strings = {"dariole", "tulip", "half-sphere-160", "half-round-log", "ring-160", "spring-tin-180"})
    void energyBalancesThroughPoursMovesFreezingAndThawing(String mould) {
        var vessel = LarderFiles.shipped().mould(mould).orElseThrow().vessel();
        double fill = 0.85 * vessel.profile().brimMm();
        double[] interfaces = {0.3 * fill, 0.5 * fill, fill};
        var grid = Grid.of(vessel, interfaces, ChillOptions.standard());
        var materials = filled(grid, Material.freezing(EnergyBalanceTest.setCream(), 0));
        for (int cell = 0; cell < grid.cells() / 2; cell++) {
            materials[cell] = Material.freezing(EnergyBalanceTest.setCream(), 0.4);
        }
        var report = new ChillSimulation(grid, materials, vessel.material(), ChillOptions.standard())
                .run(
                        poured(grid, interfaces, new double[] {20, 45, 30}, new double[] {0, 1800, 2 * 3600}),
                        20,
                        List.of(
                                Place.uniform(4, 7, 4 * 3600),
                                Place.uniform(-18, 20, 8 * 3600),
                                Place.uniform(4, 7, 20 * 3600)),
                        (t, dt, mean, celsius) -> assertThat(celsius).doesNotContain(Double.NaN));
        System.out.printf(
                "energy balance with pours and ice, %s: %.1e after %d steps%n",
                mould, report.imbalance(), report.steps());
        assertThat(report.imbalance()).isLessThan(1e-6);
        assertThat(report.steps()).isLessThan(3000);
    }

    /** Two long bodies laid together at 50 and 4 °C, of unlike effusivity: the exact solution for half-spaces. */
    @Test
    void aHotLayerOnAColdOneFollowsTheContactSolution() {
        double[] interfaces = {60, 120};
        var grid = Grid.of(box(30, 120), interfaces, new ChillOptions(1.6, 2, 80, 0.05, 1, 300, 0.08));
        var cold = Material.constant(1040, 3390, 0.48);
        var hot = Material.constant(500, 3390, 0.20);
        var materials = new Material[grid.cells()];
        for (int cell = 0; cell < materials.length; cell++) {
            materials[cell] = grid.z(cell) < 0.06 ? cold : hot;
        }
        double eCold = Math.sqrt(1040 * 3390 * 0.48);
        double eHot = Math.sqrt(500 * 3390 * 0.20);
        double contact = (eCold * 4 + eHot * 50) / (eCold + eHot);
        double[] worst = {0};
        new ChillSimulation(grid, materials, NO_WALL, ChillOptions.standard())
                .run(
                        poured(grid, interfaces, new double[] {4, 50}, new double[] {0, 60}),
                        4,
                        List.of(new Place(4, 0, 0, 0, 1260)),
                        (now, dt, mean, celsius) -> {
                            double t = now - 60;
                            if (t < 300) {
                                return;
                            }
                            for (int row = 0; row < grid.rows(); row++) {
                                int cell = grid.cell(0, row);
                                double x = grid.z(cell) - 0.06;
                                double far = x < 0 ? 4 : 50;
                                double diffusivity = x < 0 ? 0.48 / (1040 * 3390) : 0.20 / (500 * 3390.0);
                                double exact = contact
                                        + (far - contact) * Erf.erf(Math.abs(x) / (2 * Math.sqrt(diffusivity * t)));
                                worst[0] = Math.max(worst[0], Math.abs(celsius[cell] - exact));
                            }
                        });
        System.out.printf("hot on cold, 5 to 20 min: worst error %.3f K%n", worst[0]);
        assertThat(worst[0]).isLessThan(0.1);
    }

    /** Neumann's problem: a melt at its melting point in contact with a cold face; the front at 2 lambda sqrt(a t). */
    @Test
    void theFreezingFrontIsNeumanns() {
        double density = 1000;
        double capacity = 3000;
        double solidK = 1.5;
        double fusion = 200_000;
        double meltsC = -0.25;
        double faceC = -20.25;
        double stefan = capacity * (meltsC - faceC) / fusion;
        double lambda = lambda(stefan);
        double diffusivity = solidK / (density * capacity);
        var grid = Grid.of(box(20, 60), new double[] {60}, new ChillOptions(1.6, 2, 80, 0.05, 1, 300, 0.08));
        var materials = filled(grid, Material.melting(density, capacity, solidK, 0.5, meltsC, fusion));
        double[] worst = {0};
        new ChillSimulation(grid, materials, NO_WALL, ChillOptions.standard())
                .run(0, faceC, List.of(new Place(faceC, 0, 0, 1e5, 3 * 3600)), (t, dt, mean, celsius) -> {
                    double exact = 2 * lambda * Math.sqrt(diffusivity * t);
                    if (exact < 0.010 || exact > 0.045) {
                        return;
                    }
                    double front = frontOf(grid, celsius, meltsC);
                    worst[0] = Math.max(worst[0], Math.abs(front / exact - 1));
                });
        System.out.printf("freezing front between 10 and 45 mm: worst error %.2f %%%n", 100 * worst[0]);
        assertThat(worst[0]).isPositive().isLessThan(0.02);
    }

    /** Depth of what is solid: whole cells, and of the freezing one the share of its heat of fusion given off. */
    private static double frontOf(Grid grid, double[] celsius, double meltsC) {
        for (int row = 0; row < grid.rows(); row++) {
            double c = celsius[grid.cell(0, row)];
            if (c > meltsC - 0.25) {
                double share = Math.max(0, Math.min(1, (meltsC + 0.25 - c) / 0.5));
                return grid.rowEdge(row) + share * (grid.rowEdge(row + 1) - grid.rowEdge(row));
            }
        }
        return grid.rowEdge(grid.rows());
    }

    /** lambda exp(lambda^2) erf(lambda) = Ste / sqrt(pi), by bisection. */
    private static double lambda(double stefan) {
        double low = 0;
        double high = 3;
        for (int i = 0; i < 80; i++) {
            double middle = (low + high) / 2;
            boolean less = middle * Math.exp(middle * middle) * Erf.erf(middle) < stefan / Math.sqrt(Math.PI);
            low = less ? middle : low;
            high = less ? high : middle;
        }
        return (low + high) / 2;
    }

    /** Points of handbook 4: a mix with sugar freezes between -1 and -6 °C, and thaws on the path it froze on. */
    @Test
    void iceFollowsTheDissolvedSugar() {
        var ice = Ice.of(EnergyBalanceTest.setCream());
        assertThat(ice.freezesC()).isCloseTo(-1.86 * 1000 * 0.13 / 342.3 / 0.66, within(1e-9));
        assertThat(ice.freezesC()).isBetween(-6.0, -1.0);
        assertThat(ice.share(ice.freezesC())).isZero();
        assertThat(ice.share(-18)).isBetween(0.55, 0.66 - 0.012);
        var material = Material.freezing(EnergyBalanceTest.setCream(), 0);
        double heat = material.enthalpy(4) - material.enthalpy(-18);
        // by hand: 5.1 K of liquid, 0.61 kg/kg of ice to melt, and 17 K of a half-frozen mix
        assertThat(heat).isBetween(255_000.0, 285_000.0);
        assertThat(material.temperature(material.enthalpy(-7.3), 20)).isCloseTo(-7.3, within(1e-9));
    }
}
