package com.deftchill.core.chill;

import com.deftchill.core.vessel.WallMaterial;
import java.util.Arrays;
import java.util.List;

/**
 * Heat conduction in a filled vessel that moves through places.
 *
 * <p>Equation, per cell of mass m: m dh/dt = sum of g (T_neighbour - T), with g the series of both half-cells'
 * conductances, or of half-cell, half wall and surface coefficient. A wall piece has a temperature and a heat capacity of
 * its own and passes heat along the wall.
 *
 * <p>Method: implicit Euler split by direction (r, then z, then along the wall), each a set of tridiagonal systems, so a
 * step costs a fixed number of operations per cell; a whole step and two halves are combined (Richardson) to second
 * order, and their difference sets the next step. Unconditionally stable and strongly damped. Conductances and heat
 * capacities are those at the start of a step; the state is enthalpy, which changes by the very fluxes that are summed up
 * at the surfaces, and temperature follows from it: energy balances to rounding, whatever the step. Nothing is allocated
 * per step.
 *
 * <p>Layers are poured one after the other ({@link Pouring}): rows above the last one poured take no part; the wall beside
 * them has air on both sides. What a pour brings is counted apart from what comes in through the surfaces.
 */
public final class ChillSimulation {
    private static final double SAFETY = 0.9;
    private static final double GROWTH = 2.0;
    private static final double SHRINK = 0.3;
    /** However hard a case, no step is shorter than this, s, or than this share of the time passed: the run ends. */
    private static final double LEAST_STEP = 0.02;

    private static final double LEAST_STEP_SHARE = 1e-3;
    /** For so long after a layer is poured upon another, s, steps are this much more exact: what melts, melts then. */
    private static final double MEETING = 600;

    private static final double MEETING_TOLERANCE = 0.25;

    /** A cell that has just frozen or thawed may be off by the tolerance over this, K, however small it is. */
    private static final double BEND_SHARE = 0.25;

    private static final int MAX_STEPS = 200_000;

    private final Grid grid;
    private final Material[] material;
    private final WallShell shell;
    private final ChillOptions options;

    private final double[] mass;
    private final double[] enthalpy;
    private final double[] capacity;
    private final double[] outer;
    private final double[] upper;
    private final double[] top;

    private final State now;
    private final State whole;
    private final State halves;
    private final double[] mean;

    private final double[] above;
    private final double[] right;
    private final double[] leafDiagonal;
    private final double[] leafRight;

    private double airC;
    /** Rows and cells that are filled so far, and their mass, kg. */
    private int filledRows;

    private int filled;
    private double filledMass;

    /** Temperatures of the cells and of the wall, °C; heat let in so far, J. */
    private static final class State {
        final double[] celsius;
        final double[] wallC;
        double heatIn;

        State(int cells, int pieces) {
            celsius = new double[cells];
            wallC = new double[pieces];
        }

        void copyFrom(State other) {
            System.arraycopy(other.celsius, 0, celsius, 0, celsius.length);
            System.arraycopy(other.wallC, 0, wallC, 0, wallC.length);
            heatIn = other.heatIn;
        }
    }

    /**
     * @param grid the cut vessel
     * @param material of each cell, by cell index
     * @param wall material of the vessel; unused where its thickness is 0
     */
    public ChillSimulation(Grid grid, Material[] material, WallMaterial wall, ChillOptions options) {
        if (material.length != grid.cells()) {
            throw new IllegalArgumentException(
                    "materials given: " + material.length + "; one per cell is needed: " + grid.cells());
        }
        this.grid = grid;
        this.material = material.clone();
        shell = new WallShell(grid, wall);
        this.options = options;
        int cells = grid.cells();
        mass = new double[cells];
        enthalpy = new double[cells];
        capacity = new double[cells];
        for (int c = 0; c < cells; c++) {
            mass[c] = grid.volume[c] * material[c].density();
        }
        outer = new double[cells];
        upper = new double[cells];
        top = new double[grid.columns];
        now = new State(cells, grid.pieces);
        whole = new State(cells, grid.pieces);
        halves = new State(cells, grid.pieces);
        mean = new double[cells];
        above = new double[cells];
        right = new double[cells];
        leafDiagonal = new double[cells];
        leafRight = new double[cells];
    }

    /** Runs through the places with all of it poured at once, at T °C. */
    public ChillReport run(double startC, double wallC, List<Place> places, ChillListener listener) {
        return run(Pouring.atOnce(grid, startC), wallC, places, listener);
    }

    /**
     * Runs through the places.
     *
     * @param pouring what is poured when
     * @param wallC temperature of the empty vessel, °C
     * @param places one after the other; a step always ends where a place does
     * @param listener is told of every step, and of every pour as of a step without length
     */
    public ChillReport run(Pouring pouring, double wallC, List<Place> places, ChillListener listener) {
        Arrays.fill(now.wallC, wallC);
        now.heatIn = 0;
        filled = filledRows = 0;
        filledMass = 0;
        var layers = pouring.layers();
        double heatAtStart = heatContent();
        double poured = pour(pouring, layers.get(0));
        int next = 1;
        double time = 0;
        int steps = 0;
        int rejected = 0;
        listener.afterStep(0, 0, now.celsius, now.celsius);
        double step = options.firstStep();
        double began = 0;
        double met = Double.NEGATIVE_INFINITY;
        Place before = null;
        for (var place : places) {
            boolean same = sameAir(place, before);
            airC = same ? airC : place.airC();
            double end = time + place.seconds();
            began = same ? began : time;
            step = same ? step : options.firstStep();
            before = place;
            while (time < end && !pouring.endsAt(time)) {
                while (next < layers.size() && pouring.pourNow(next, time)) {
                    poured += pour(pouring, layers.get(next++));
                    listener.afterStep(time, 0, now.celsius, now.celsius);
                    began = time;
                    met = time > 0 ? time : met;
                    step = options.firstStep();
                }
                options.stop().check();
                if (steps + rejected > MAX_STEPS) {
                    throw new IllegalStateException("no end after " + MAX_STEPS + " steps, at " + time + " s");
                }
                double stop = Math.min(end, pouring.stopAfter(time));
                double cap = Math.max(options.maxStep(), options.maxStepShare() * (time - began));
                double dt = Math.min(Math.min(step, cap), stop - time);
                boolean last = dt >= stop - time;
                properties(place);
                double tolerance = options.toleranceK() * (time - met < MEETING ? MEETING_TOLERANCE : 1);
                double error = tryStep(dt);
                double least = Math.max(LEAST_STEP, LEAST_STEP_SHARE * (time - began));
                if (Double.isNaN(error)) {
                    throw new IllegalStateException("temperature became NaN at " + time + " s");
                }
                if (error > tolerance && dt > least) {
                    step = Math.max(least, dt * Math.max(SHRINK, SAFETY * Math.sqrt(tolerance / error)));
                    rejected++;
                    continue;
                }
                double heatBefore = now.heatIn;
                accept();
                double airBefore = airC;
                airC = place.air().after(airC, place.airC(), heatBefore - now.heatIn, dt);
                time = last ? stop : time + dt;
                steps++;
                listener.air(time, airC);
                listener.afterStep(time, dt, mean, now.celsius);
                double wanted = dt * Math.min(GROWTH, SAFETY * Math.sqrt(tolerance / Math.max(error, 1e-12)));
                // A step cut short by a stop says nothing about the next one.
                step = Math.max(last ? Math.max(step, wanted) : wanted, least);
                step = Math.min(step, Math.max(least, place.air().longest(airBefore, airC, dt)));
            }
        }
        return new ChillReport(steps, rejected, now.heatIn, heatContent() - heatAtStart - poured);
    }

    /** Fills the rows of a layer; the heat that it brings, J. */
    private double pour(Pouring pouring, Pouring.Layer layer) {
        int to = layer.toRow() * grid.columns;
        double brought = 0;
        for (int c = filled; c < to; c++) {
            double celsius = pouring.celsius(layer, c);
            now.celsius[c] = celsius;
            enthalpy[c] = material[c].enthalpy(celsius);
            brought += mass[c] * enthalpy[c];
            filledMass += mass[c];
        }
        filled = to;
        filledRows = layer.toRow();
        return brought;
    }

    private static boolean sameAir(Place place, Place before) {
        return before != null
                && place.airC() == before.airC()
                && place.hTop() == before.hTop()
                && place.hSide() == before.hSide()
                && place.hBase() == before.hBase()
                && place.air().equals(before.air());
    }

    private void properties(Place place) {
        int columns = grid.columns;
        double[] t = now.celsius;
        for (int c = 0; c < filled; c++) {
            mean[c] = material[c].conductivity(t[c]);
            capacity[c] = mass[c] > 0 ? mass[c] * material[c].heatCapacity(t[c]) : 1;
        }
        double[] k = mean;
        for (int j = 0; j < filledRows; j++) {
            for (int i = 0; i < grid.rowCells[j]; i++) {
                int c = j * columns + i;
                boolean hasOuter = i + 1 < grid.rowCells[j];
                outer[c] = hasOuter
                        ? series(
                                grid.outerFace[c],
                                grid.rEdge[i + 1] - grid.r[c],
                                conductivity(c, c + 1),
                                grid.r[c + 1] - grid.rEdge[i + 1],
                                conductivity(c + 1, c))
                        : 0;
                boolean hasUpper = j + 1 < filledRows && i < grid.rowCells[j + 1];
                upper[c] = hasUpper
                        ? series(
                                grid.upperFace[c],
                                grid.zEdge[j + 1] - grid.z[c],
                                conductivity(c, c + columns),
                                grid.z[c + columns] - grid.zEdge[j + 1],
                                conductivity(c + columns, c))
                        : 0;
            }
        }
        int topRow = (filledRows - 1) * columns;
        for (int i = 0; i < columns; i++) {
            int c = topRow + i;
            double depth = grid.zEdge[filledRows] - grid.z[c];
            top[i] = i < grid.rowCells[filledRows - 1] && place.hTop() > 0
                    ? grid.upperFace[c] / (depth / k[c] + 1 / place.hTop())
                    : 0;
        }
        shell.conductances(place, k, filled);
    }

    /**
     * Conductivity between a cell's centre and its face towards another. While a cell freezes, the half towards the
     * colder neighbour is the frozen one: so it is taken at the temperature between both.
     */
    private double conductivity(int cell, int towards) {
        return material[cell].changesPhase()
                ? material[cell].conductivity((now.celsius[cell] + now.celsius[towards]) / 2)
                : mean[cell];
    }

    private static double series(double area, double d1, double k1, double d2, double k2) {
        // area / (d1 / k1 + d2 / k2) with one division: divisions are most of a step's cost.
        return area * k1 * k2 / (d1 * k2 + d2 * k1);
    }

    /** Makes the step both ways from the present state; the difference, K. */
    private double tryStep(double dt) {
        whole.copyFrom(now);
        splitStep(whole, dt);
        halves.copyFrom(now);
        splitStep(halves, dt / 2);
        splitStep(halves, dt / 2);
        double sum = 0;
        double worstBend = 0;
        for (int c = 0; c < filled; c++) {
            double gap = halves.celsius[c] - whole.celsius[c];
            if (mass[c] > 0 && material[c].changesPhase()) {
                double bend = bend(c);
                worstBend = Math.max(worstBend, bend);
                gap = Math.max(Math.abs(gap), bend);
            }
            sum += mass[c] * gap * gap;
        }
        // A film at the tip of a mould may have no cell of its own yet.
        double mean = filledMass > 0 ? Math.sqrt(sum / filledMass) : 0;
        return Math.max(mean, BEND_SHARE * worstBend);
    }

    /** How far the temperature that belongs to the new enthalpy lies from the one reached with the slope at the start, K. */
    private double bend(int c) {
        double after = 2 * halves.celsius[c] - whole.celsius[c];
        double reached = enthalpy[c] + capacity[c] * (after - now.celsius[c]) / mass[c];
        return Math.abs(material[c].temperature(reached, after) - after);
    }

    /** Takes the combination 2 * halves - whole as the present state. */
    private void accept() {
        for (int c = 0; c < filled; c++) {
            double before = now.celsius[c];
            if (mass[c] > 0) {
                double after = 2 * halves.celsius[c] - whole.celsius[c];
                enthalpy[c] += capacity[c] * (after - before) / mass[c];
                now.celsius[c] = material[c].temperature(enthalpy[c], after);
            }
            mean[c] = (before + now.celsius[c]) / 2;
        }
        for (int p = 0; p < grid.pieces; p++) {
            now.wallC[p] = 2 * halves.wallC[p] - whole.wallC[p];
        }
        now.heatIn = 2 * halves.heatIn - whole.heatIn;
    }

    private void splitStep(State s, double dt) {
        shell.exchange(s.wallC, airC, dt, true, leafDiagonal, leafRight);
        solveAcross(s, 1 / dt);
        s.heatIn += shell.finish(s.wallC, s.celsius, airC, dt, true);
        shell.exchange(s.wallC, airC, dt, false, leafDiagonal, leafRight);
        exchangeWithTop();
        solveUp(s, 1 / dt);
        finishTop(s, dt);
        s.heatIn += shell.finish(s.wallC, s.celsius, airC, dt, false);
        shell.conduct(s.wallC, dt);
    }

    /** The free surface is a term on the diagonal and one on the right of the topmost cells. */
    private void exchangeWithTop() {
        int topRow = filled - grid.columns;
        for (int i = 0; i < grid.columns; i++) {
            leafDiagonal[topRow + i] += top[i];
            leafRight[topRow + i] += top[i] * airC;
        }
    }

    private void finishTop(State s, double dt) {
        int topRow = filled - grid.columns;
        for (int i = 0; i < grid.columns; i++) {
            s.heatIn += dt * top[i] * (airC - s.celsius[topRow + i]);
        }
    }

    /**
     * The implicit lines of cells across, all rows side by side, by the Thomas algorithm: a line alone would wait for each
     * division. Cells beyond the wall have no links and keep their temperature.
     */
    private void solveAcross(State s, double perSecond) {
        int columns = grid.columns;
        for (int i = 0; i < columns; i++) {
            for (int c = i; c < filled; c += columns) {
                double before = i > 0 ? outer[c - 1] : 0;
                double aboveBefore = i > 0 ? above[c - 1] : 0;
                double rightBefore = i > 0 ? right[c - 1] : 0;
                eliminate(s, perSecond, c, before, outer[c], aboveBefore, rightBefore);
            }
        }
        for (int i = columns - 1; i >= 0; i--) {
            for (int c = i; c < filled; c += columns) {
                s.celsius[c] = i + 1 < columns ? right[c] + above[c] * s.celsius[c + 1] : right[c];
            }
        }
    }

    /** The implicit lines of cells upward, all columns side by side. */
    private void solveUp(State s, double perSecond) {
        int columns = grid.columns;
        int cells = filled;
        for (int c = 0; c < columns; c++) {
            eliminate(s, perSecond, c, 0, upper[c], 0, 0);
        }
        for (int c = columns; c < cells; c++) {
            int below = c - columns;
            eliminate(s, perSecond, c, upper[below], upper[c], above[below], right[below]);
        }
        for (int c = cells - 1; c >= cells - columns; c--) {
            s.celsius[c] = right[c];
        }
        for (int c = cells - columns - 1; c >= 0; c--) {
            s.celsius[c] = right[c] + above[c] * s.celsius[c + columns];
        }
    }

    private void eliminate(
            State s,
            double perSecond,
            int c,
            double linkBefore,
            double linkAfter,
            double aboveBefore,
            double rightBefore) {
        double storage = capacity[c] * perSecond;
        double diagonal = storage + linkBefore + linkAfter + leafDiagonal[c];
        double perPivot = 1 / (diagonal - linkBefore * aboveBefore);
        above[c] = linkAfter * perPivot;
        right[c] = (storage * s.celsius[c] + leafRight[c] + linkBefore * rightBefore) * perPivot;
    }

    private double heatContent() {
        double sum = shell.heatContent(now.wallC);
        for (int c = 0; c < filled; c++) {
            sum += mass[c] * enthalpy[c];
        }
        return sum;
    }
}
