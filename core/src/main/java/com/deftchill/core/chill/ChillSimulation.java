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
 */
public final class ChillSimulation {
    private static final double SAFETY = 0.9;
    private static final double GROWTH = 2.0;
    private static final double SHRINK = 0.3;
    /** However hard a case, no step is shorter than this, s, or than this share of the time passed: the run ends. */
    private static final double LEAST_STEP = 0.02;

    private static final double LEAST_STEP_SHARE = 1e-3;
    /** Keeps a link finite where a cell's centre lies on the wall, m2K/W. */
    private static final double LEAST_RESISTANCE = 1e-7;
    /** Least resistance to the air, as a share of 1/h, of a cell whose centre lies beyond the wall. */
    private static final double OUTSIDE_SHARE = 0.1;

    private static final int MAX_STEPS = 200_000;

    private final Grid grid;
    private final Material[] material;
    private final WallMaterial wall;
    private final ChillOptions options;

    private final double[] mass;
    private final double[] enthalpy;
    private final double[] capacity;
    private final double totalMass;
    private final double[] outer;
    private final double[] upper;
    private final double[] top;
    private final double[] cellToWall;
    private final double[] wallToAir;
    private final double[] alongWall;
    private final double[] wallCapacity;

    private final State now;
    private final State whole;
    private final State halves;
    private final double[] mean;

    private final double[] above;
    private final double[] right;
    private final double[] leafDiagonal;
    private final double[] leafRight;

    private double airC;

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
        this.wall = wall;
        this.options = options;
        int cells = grid.cells();
        mass = new double[cells];
        enthalpy = new double[cells];
        capacity = new double[cells];
        double sum = 0;
        for (int c = 0; c < cells; c++) {
            mass[c] = grid.volume[c] * material[c].density();
            sum += mass[c];
        }
        totalMass = sum;
        outer = new double[cells];
        upper = new double[cells];
        top = new double[grid.columns];
        cellToWall = new double[grid.pieces];
        wallToAir = new double[grid.pieces];
        alongWall = new double[grid.pieces];
        wallCapacity = new double[grid.pieces];
        now = new State(cells, grid.pieces);
        whole = new State(cells, grid.pieces);
        halves = new State(cells, grid.pieces);
        mean = new double[cells];
        int longest = Math.max(grid.pieces, cells);
        above = new double[longest];
        right = new double[longest];
        leafDiagonal = new double[cells];
        leafRight = new double[cells];
        prepareWall();
    }

    /**
     * Runs through the places.
     *
     * @param startC temperature of every cell at the start, °C
     * @param wallC temperature of the empty vessel, °C
     * @param places one after the other; a step always ends where a place does
     * @param listener is told of every step
     */
    public ChillReport run(double startC, double wallC, List<Place> places, ChillListener listener) {
        for (int c = 0; c < mass.length; c++) {
            now.celsius[c] = startC;
            enthalpy[c] = material[c].enthalpy(startC);
        }
        Arrays.fill(now.wallC, wallC);
        now.heatIn = 0;
        double heatAtStart = heatContent();
        double time = 0;
        int steps = 0;
        int rejected = 0;
        listener.afterStep(0, 0, now.celsius, now.celsius);
        double step = options.firstStep();
        double began = 0;
        Place before = null;
        for (var place : places) {
            airC = place.airC();
            double end = time + place.seconds();
            began = sameAir(place, before) ? began : time;
            step = sameAir(place, before) ? step : options.firstStep();
            before = place;
            while (time < end) {
                if (steps + rejected > MAX_STEPS) {
                    throw new IllegalStateException("no end after " + MAX_STEPS + " steps, at " + time + " s");
                }
                double cap = Math.max(options.maxStep(), options.maxStepShare() * (time - began));
                double dt = Math.min(Math.min(step, cap), end - time);
                boolean last = dt >= end - time;
                properties(place);
                double error = tryStep(dt);
                double least = Math.max(LEAST_STEP, LEAST_STEP_SHARE * (time - began));
                if (Double.isNaN(error)) {
                    throw new IllegalStateException("temperature became NaN at " + time + " s");
                }
                if (error > options.toleranceK() && dt > least) {
                    step = Math.max(least, dt * Math.max(SHRINK, SAFETY * Math.sqrt(options.toleranceK() / error)));
                    rejected++;
                    continue;
                }
                accept();
                time = last ? end : time + dt;
                steps++;
                listener.afterStep(time, dt, mean, now.celsius);
                step = dt * Math.min(GROWTH, SAFETY * Math.sqrt(options.toleranceK() / Math.max(error, 1e-12)));
                step = Math.max(step, least);
            }
        }
        return new ChillReport(steps, rejected, now.heatIn, heatContent() - heatAtStart);
    }

    private static boolean sameAir(Place place, Place before) {
        return before != null
                && place.airC() == before.airC()
                && place.hTop() == before.hTop()
                && place.hSide() == before.hSide()
                && place.hBase() == before.hBase();
    }

    private void prepareWall() {
        for (int p = 0; p < grid.pieces; p++) {
            double thickness = grid.pieceThickness[p];
            if (thickness > 0) {
                double meanArea = (grid.pieceArea[p] + grid.pieceOuterArea[p]) / 2;
                wallCapacity[p] = wall.heatCapacity() * meanArea * thickness;
            }
            if (p > 0 && thickness > 0 && grid.pieceThickness[p - 1] > 0) {
                double back = grid.pieceLength[p - 1] / (2 * grid.pieceThickness[p - 1]);
                double ahead = grid.pieceLength[p] / (2 * thickness);
                double perimeter = (grid.piecePerimeter[p - 1] + grid.piecePerimeter[p]) / 2;
                alongWall[p] = wall.conductivity() * perimeter / (back + ahead);
            }
        }
    }

    private void properties(Place place) {
        int columns = grid.columns;
        double[] t = now.celsius;
        for (int c = 0; c < mass.length; c++) {
            mean[c] = material[c].conductivity(t[c]);
            capacity[c] = mass[c] > 0 ? mass[c] * material[c].heatCapacity(t[c]) : 1;
        }
        double[] k = mean;
        for (int j = 0; j < grid.rows; j++) {
            for (int i = 0; i < grid.rowCells[j]; i++) {
                int c = j * columns + i;
                boolean hasOuter = i + 1 < grid.rowCells[j];
                outer[c] = hasOuter
                        ? series(
                                grid.outerFace[c],
                                grid.rEdge[i + 1] - grid.r[c],
                                k[c],
                                grid.r[c + 1] - grid.rEdge[i + 1],
                                k[c + 1])
                        : 0;
                boolean hasUpper = j + 1 < grid.rows && i < grid.rowCells[j + 1];
                upper[c] = hasUpper
                        ? series(
                                grid.upperFace[c],
                                grid.zEdge[j + 1] - grid.z[c],
                                k[c],
                                grid.z[c + columns] - grid.zEdge[j + 1],
                                k[c + columns])
                        : 0;
            }
        }
        int topRow = (grid.rows - 1) * columns;
        for (int i = 0; i < columns; i++) {
            int c = topRow + i;
            double depth = grid.zEdge[grid.rows] - grid.z[c];
            top[i] = i < grid.rowCells[grid.rows - 1] && place.hTop() > 0
                    ? grid.upperFace[c] / (depth / k[c] + 1 / place.hTop())
                    : 0;
        }
        for (int p = 0; p < grid.pieces; p++) {
            double half = grid.pieceThickness[p] > 0 ? grid.pieceThickness[p] / (2 * wall.conductivity()) : 0;
            double depth = grid.pieceDistance[p] / k[grid.pieceCell[p]];
            double h = grid.pieceIsBase[p] ? place.hBase() : place.hSide();
            cellToWall[p] = grid.pieceArea[p] / Math.max(LEAST_RESISTANCE, half + Math.max(0, depth));
            double outside = Math.max(OUTSIDE_SHARE / h, half + 1 / h + Math.min(0, depth));
            wallToAir[p] = h > 0 ? grid.pieceOuterArea[p] / outside : 0;
        }
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
        for (int c = 0; c < mass.length; c++) {
            double gap = halves.celsius[c] - whole.celsius[c];
            sum += mass[c] * gap * gap;
        }
        return Math.sqrt(sum / totalMass);
    }

    /** Takes the combination 2 * halves - whole as the present state. */
    private void accept() {
        for (int c = 0; c < mass.length; c++) {
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
        exchangeWithWall(s, dt, true);
        solveAcross(s, 1 / dt);
        finishWall(s, dt, true);
        exchangeWithWall(s, dt, false);
        exchangeWithTop();
        solveUp(s, 1 / dt);
        finishTop(s, dt);
        finishWall(s, dt, false);
        solveAlongWall(s, dt);
    }

    /** The free surface is a term on the diagonal and one on the right of the topmost cells. */
    private void exchangeWithTop() {
        int topRow = (grid.rows - 1) * grid.columns;
        for (int i = 0; i < grid.columns; i++) {
            leafDiagonal[topRow + i] += top[i];
            leafRight[topRow + i] += top[i] * airC;
        }
    }

    private void finishTop(State s, double dt) {
        int topRow = (grid.rows - 1) * grid.columns;
        for (int i = 0; i < grid.columns; i++) {
            s.heatIn += dt * top[i] * (airC - s.celsius[topRow + i]);
        }
    }

    /**
     * Eliminates the wall temperatures of one direction: each piece hangs on one cell, so its implicit equation is solved
     * for in terms of the cell's and leaves a term on the diagonal and one on the right.
     */
    private void exchangeWithWall(State s, double dt, boolean across) {
        Arrays.fill(leafDiagonal, 0);
        Arrays.fill(leafRight, 0);
        for (int p = 0; p < grid.pieces; p++) {
            double share = across ? grid.pieceAcross[p] : 1 - grid.pieceAcross[p];
            if (share <= 0) {
                continue;
            }
            double toCell = share * cellToWall[p];
            double toAir = share * wallToAir[p];
            double storage = wallCapacity[p] / dt;
            double all = storage + toCell + toAir;
            int c = grid.pieceCell[p];
            leafDiagonal[c] += toCell * (storage + toAir) / all;
            leafRight[c] += toCell * (storage * s.wallC[p] + toAir * airC) / all;
        }
    }

    /** Wall temperatures that belong to the cells' implicit ones. */
    private void finishWall(State s, double dt, boolean across) {
        for (int p = 0; p < grid.pieces; p++) {
            double share = across ? grid.pieceAcross[p] : 1 - grid.pieceAcross[p];
            if (share <= 0) {
                continue;
            }
            double toCell = share * cellToWall[p];
            double toAir = share * wallToAir[p];
            double storage = wallCapacity[p] / dt;
            double cellC = s.celsius[grid.pieceCell[p]];
            s.wallC[p] = (storage * s.wallC[p] + toCell * cellC + toAir * airC) / (storage + toCell + toAir);
            s.heatIn += dt * toAir * (airC - s.wallC[p]);
        }
    }

    /**
     * The implicit lines of cells across, all rows side by side, by the Thomas algorithm: a line alone would wait for each
     * division. Cells beyond the wall have no links and keep their temperature.
     */
    private void solveAcross(State s, double perSecond) {
        int columns = grid.columns;
        for (int i = 0; i < columns; i++) {
            for (int c = i; c < mass.length; c += columns) {
                double before = i > 0 ? outer[c - 1] : 0;
                double aboveBefore = i > 0 ? above[c - 1] : 0;
                double rightBefore = i > 0 ? right[c - 1] : 0;
                eliminate(s, perSecond, c, before, outer[c], aboveBefore, rightBefore);
            }
        }
        for (int i = columns - 1; i >= 0; i--) {
            for (int c = i; c < mass.length; c += columns) {
                s.celsius[c] = i + 1 < columns ? right[c] + above[c] * s.celsius[c + 1] : right[c];
            }
        }
    }

    /** The implicit lines of cells upward, all columns side by side. */
    private void solveUp(State s, double perSecond) {
        int columns = grid.columns;
        int cells = mass.length;
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

    private void solveAlongWall(State s, double dt) {
        int count = grid.pieces;
        for (int n = 0; n < count; n++) {
            double before = alongWall[n];
            double after = n + 1 < count ? alongWall[n + 1] : 0;
            double storage = wallCapacity[n] > 0 ? wallCapacity[n] / dt : 1;
            double d = storage + before + after;
            double pivot = n > 0 ? d - before * above[n - 1] : d;
            above[n] = after / pivot;
            right[n] = (storage * s.wallC[n] + (n > 0 ? before * right[n - 1] : 0)) / pivot;
        }
        for (int n = count - 1; n >= 0; n--) {
            s.wallC[n] = right[n] + (n + 1 < count ? above[n] * s.wallC[n + 1] : 0);
        }
    }

    private double heatContent() {
        double sum = 0;
        for (int c = 0; c < mass.length; c++) {
            sum += mass[c] * enthalpy[c];
        }
        for (int p = 0; p < grid.pieces; p++) {
            sum += wallCapacity[p] * now.wallC[p];
        }
        return sum;
    }
}
