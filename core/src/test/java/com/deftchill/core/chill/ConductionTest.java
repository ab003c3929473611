package com.deftchill.core.chill;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.core.vessel.Profile;
import com.deftchill.core.vessel.Symmetry;
import com.deftchill.core.vessel.Vessel;
import com.deftchill.core.vessel.WallMaterial;
import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** The simulation at its default grid against exact solutions, over a still fridge, one with a fan, a blast chiller and an ice bath. */
class ConductionTest {
    /** The limit, K, for a body poured 41 K above the air. */
    private static final double LIMIT_K = 0.1;

    private static final double START = 45;
    private static final double AIR = 4;
    private static final double DENSITY = 1040;
    private static final double HEAT_CAPACITY = 3390;
    private static final double CONDUCTIVITY = 0.48;
    private static final double DIFFUSIVITY = CONDUCTIVITY / DENSITY / HEAT_CAPACITY;
    private static final WallMaterial NO_WALL = new WallMaterial("none", "none", 1, 1, false, false, "test");

    /** A shape: its vessel, its coefficients for h, and its exact temperature (0..1) at (r, z, t). */
    private record Problem(String name, Vessel vessel, Faces faces, Exact exact) {
        @Override
        public String toString() {
            return name;
        }
    }

    private interface Faces {
        Place place(double h, double seconds);
    }

    private interface Exact {
        double at(double r, double z, double seconds, double h);
    }

    static Stream<Arguments> problems() {
        double l = 0.03;
        double height = 0.05;
        var slab = new Problem(
                "slab",
                box(Symmetry.LONG, 30, 60),
                (h, s) -> new Place(AIR, h, 0, h, s),
                (r, z, t, h) -> series(SeriesSolution.SLAB, (z - l) / l, l, t, h));
        var sideSlab = new Problem(
                "slab lying across",
                box(Symmetry.LONG, 30, 60),
                (h, s) -> new Place(AIR, 0, h, 0, s),
                (r, z, t, h) -> series(SeriesSolution.SLAB, r / l, l, t, h));
        var cylinder = new Problem(
                "infinite cylinder",
                box(Symmetry.ROUND, 30, 50),
                (h, s) -> new Place(AIR, 0, h, 0, s),
                (r, z, t, h) -> series(SeriesSolution.CYLINDER, r / l, l, t, h));
        var shortCylinder = new Problem(
                "short cylinder",
                box(Symmetry.ROUND, 30, 50),
                (h, s) -> Place.uniform(AIR, h, s),
                (r, z, t, h) -> series(SeriesSolution.CYLINDER, r / l, l, t, h)
                        * series(SeriesSolution.SLAB, (z - height / 2) / (height / 2), height / 2, t, h));
        var sphere = new Problem(
                "sphere",
                new Vessel(sphere(30), NO_WALL, 0, 0),
                (h, s) -> Place.uniform(AIR, h, s),
                (r, z, t, h) -> series(SeriesSolution.SPHERE, Math.hypot(r, z - l) / l, l, t, h));
        return Stream.of(slab, sideSlab, cylinder, shortCylinder, sphere)
                .flatMap(problem -> Stream.of(7.0, 17.0, 45.0, 300.0).map(h -> Arguments.of(problem, h)));
    }

    @ParameterizedTest(name = "{0}, h = {1} W/m2K")
    @MethodSource("problems")
    void agreesWithTheExactSolution(Problem problem, double h) {
        double worst = worstError(problem, h, ChillOptions.standard().forSurface(h));
        System.out.printf("conduction error, %s, h = %.0f W/m2K: %.4f K%n", problem.name(), h, worst);
        assertThat(worst).isLessThan(LIMIT_K);
    }

    private static double worstError(Problem problem, double h, ChillOptions options) {
        double fill = problem.vessel().profile().brimMm();
        var grid = Grid.of(problem.vessel(), new double[] {fill}, options);
        var material = new Material[grid.cells()];
        java.util.Arrays.fill(material, Material.constant(DENSITY, HEAT_CAPACITY, CONDUCTIVITY));
        var simulation = new ChillSimulation(grid, material, NO_WALL, options);
        var worst = new double[1];
        // The first minute is a jump at the surface that no grid of millimetres resolves; a cook waits longer.
        double settled = 300;
        simulation.run(START, START, List.of(problem.faces().place(h, 6 * 3600)), (t, dt, mean, celsius) -> {
            if (t >= settled) {
                worst[0] = Math.max(worst[0], gridError(problem, h, grid, celsius, t));
            }
        });
        return worst[0];
    }

    private static double gridError(Problem problem, double h, Grid grid, double[] celsius, double t) {
        double worst = 0;
        for (int row = 0; row < grid.rows(); row += 3) {
            for (int column = 0; column < grid.rowCells(row); column += 2) {
                int cell = grid.cell(column, row);
                double exact = AIR + (START - AIR) * problem.exact().at(grid.r(cell), grid.z(cell), t, h);
                worst = Math.max(worst, Math.abs(celsius[cell] - exact));
            }
        }
        return worst;
    }

    private static double series(SeriesSolution shape, double x, double half, double t, double h) {
        return shape.temperature(x, DIFFUSIVITY * t / half / half, h * half / CONDUCTIVITY);
    }

    private static Vessel box(Symmetry symmetry, double halfMm, double heightMm) {
        var profile = new Profile(symmetry, 100, new double[] {halfMm, halfMm}, new double[] {0, heightMm});
        return new Vessel(profile, NO_WALL, 0, 0);
    }

    private static Profile sphere(double radiusMm) {
        int points = 65;
        ToDoubleFunction<Integer> angle = i -> Math.PI * i / (points - 1);
        var r = new double[points];
        var z = new double[points];
        for (int i = 0; i < points; i++) {
            r[i] = Math.max(0, radiusMm * Math.sin(angle.applyAsDouble(i)));
            z[i] = radiusMm * (1 - Math.cos(angle.applyAsDouble(i)));
        }
        return new Profile(Symmetry.ROUND, 0, r, z);
    }
}
