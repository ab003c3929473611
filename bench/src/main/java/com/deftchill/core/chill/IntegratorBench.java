package com.deftchill.core.chill;

import com.deftchill.core.larder.LarderFiles;
import com.deftchill.core.vessel.Vessel;
import com.sun.management.ThreadMXBean;
import java.lang.management.ManagementFactory;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.hipparchus.ode.ODEIntegrator;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.nonstiff.DormandPrince54Integrator;
import org.hipparchus.ode.nonstiff.DormandPrince853Integrator;

/**
 * The chill of a glass and of a silicone mould against the same equations handed to general integrators, in one run, at equal
 * error or worse for them; and how its time grows with the number of cells. Prints figures. Run by ops/bench-cold.
 */
public final class IntegratorBench {
    private static final double HOURS = 24;
    private static final double[] LOOKED_AT_H = {0.5, 1, 2, 4, 8, 24};
    private static final double POURED_C = 35;
    private static final double BENCH_C = 20;
    private static final Material CREAM = Material.constant(1040, 3400, 0.48);

    private IntegratorBench() {}

    public static void main(String[] arguments) {
        compare("straight glass 65 x 80", "glass-straight", 60);
        // A metal wall makes it so stiff that explicit integrators ask for steps below a nanosecond.
        compare("half-sphere of silicone", "half-sphere-70", 33);
        growth();
    }

    private static void compare(String name, String mould, double fillMm) {
        var vessel = LarderFiles.shipped().mould(mould).orElseThrow().vessel();
        var options = ChillOptions.standard().forSurface(7);
        var grid = Grid.of(vessel, new double[] {fillMm}, options);
        var place = new Place(4, 7, 7, 7, HOURS * 3600);
        var equations = new SemiDiscrete(grid, CREAM, vessel.material(), place);
        var exact = integrate(new DormandPrince853Integrator(1e-9, 3600, 1e-7, 1e-7), equations);
        double own = Double.POSITIVE_INFINITY;
        double ownError = 0;
        for (int i = 0; i < 30; i++) {
            long from = System.nanoTime();
            var found = simulate(grid, vessel, place, options, equations);
            own = Math.min(own, (System.nanoTime() - from) / 1e6);
            ownError = error(found, exact, equations);
        }
        System.out.printf(
                Locale.ROOT,
                "%s: %d cells and %d pieces of wall, 24 h. Ours %.1f ms, error %.3f K%n",
                name,
                equations.cellCount(),
                grid.pieces,
                own,
                ownError);
        for (double tolerance : new double[] {1, 0.1}) {
            general(
                    "Dormand-Prince 5(4)",
                    new DormandPrince54Integrator(1e-9, 3600, tolerance, 0),
                    tolerance,
                    equations,
                    exact,
                    own);
            general(
                    "Dormand-Prince 8(5,3)",
                    new DormandPrince853Integrator(1e-9, 3600, tolerance, 0),
                    tolerance,
                    equations,
                    exact,
                    own);
        }
    }

    private static void general(
            String name,
            ODEIntegrator integrator,
            double tolerance,
            SemiDiscrete equations,
            List<double[]> exact,
            double ownMs) {
        int before = equations.evaluations();
        long from = System.nanoTime();
        var found = integrate(integrator, equations);
        double ms = (System.nanoTime() - from) / 1e6;
        System.out.printf(
                Locale.ROOT,
                "  %s, tolerance %.1f K: %.0f ms, error %.3f K, %d evaluations: %.0f times as long%n",
                name,
                tolerance,
                ms,
                error(found, exact, equations),
                equations.evaluations() - before,
                ms / ownMs);
    }

    private static List<double[]> integrate(ODEIntegrator integrator, SemiDiscrete equations) {
        var found = new ArrayList<double[]>();
        var state = new ODEState(0, equations.start(POURED_C, BENCH_C));
        for (double hours : LOOKED_AT_H) {
            var end = integrator.integrate(equations, state, hours * 3600);
            state = new ODEState(end.getTime(), end.getPrimaryState());
            found.add(state.getPrimaryState());
        }
        return found;
    }

    private static List<double[]> simulate(
            Grid grid, Vessel vessel, Place place, ChillOptions options, SemiDiscrete equations) {
        var materials = new Material[grid.cells()];
        Arrays.fill(materials, CREAM);
        var found = new ArrayList<double[]>();
        var places = new ArrayList<Place>();
        double before = 0;
        for (double hours : LOOKED_AT_H) {
            places.add(new Place(place.airC(), place.hTop(), place.hSide(), place.hBase(), (hours - before) * 3600));
            before = hours;
        }
        new ChillSimulation(grid, materials, vessel.material(), options)
                .run(POURED_C, BENCH_C, places, (seconds, step, mean, celsius) -> {
                    if (found.size() < LOOKED_AT_H.length
                            && Math.abs(seconds - LOOKED_AT_H[found.size()] * 3600) < 1e-6) {
                        found.add(equations.cells(celsius));
                    }
                });
        return found;
    }

    private static double error(List<double[]> found, List<double[]> exact, SemiDiscrete equations) {
        double worst = 0;
        for (int t = 0; t < exact.size(); t++) {
            for (int c = 0; c < equations.cellCount(); c++) {
                worst = Math.max(worst, Math.abs(found.get(t)[c] - exact.get(t)[c]));
            }
        }
        return worst;
    }

    private static void growth() {
        var vessel = LarderFiles.shipped().mould("glass-straight").orElseThrow().vessel();
        System.out.println("Time and allocation by cells, 24 h in a still fridge:");
        for (double mm : new double[] {4, 2.8, 2, 1.4, 1, 0.7}) {
            var options = new ChillOptions(mm, 4, 400, 0.05, 1, 300, 0.08);
            var grid = Grid.of(vessel, new double[] {60}, options);
            var materials = new Material[grid.cells()];
            Arrays.fill(materials, CREAM);
            var place = List.of(new Place(4, 7, 7, 7, HOURS * 3600));
            var simulation = new ChillSimulation(grid, materials, vessel.material(), options);
            double best = Double.POSITIVE_INFINITY;
            int steps = 0;
            long allocated = 0;
            for (int i = 0; i < 20; i++) {
                long bytes = allocatedBytes();
                long from = System.nanoTime();
                steps = simulation
                        .run(POURED_C, BENCH_C, place, (a, b, c, d) -> {})
                        .steps();
                best = Math.min(best, (System.nanoTime() - from) / 1e6);
                allocated = allocatedBytes() - bytes;
            }
            System.out.printf(
                    Locale.ROOT,
                    "  %5d cells: %6.2f ms, %d steps, %.0f ns a cell and step, %.1f bytes a step%n",
                    grid.cells(),
                    best,
                    steps,
                    1e6 * best / steps / grid.cells(),
                    (double) allocated / steps);
        }
    }

    private static long allocatedBytes() {
        var threads = (ThreadMXBean) ManagementFactory.getThreadMXBean();
        return threads.getCurrentThreadAllocatedBytes();
    }
}
