package com.deftchill.core.chill;

import com.deftchill.core.vessel.WallMaterial;
import java.util.Arrays;

/**
 * The wall of a vessel as a thin conducting shell: a chain of pieces, each with a temperature and a heat capacity of its
 * own, between the cell that it touches and the air, and passing heat to the pieces beside it.
 */
final class WallShell {
    /** Keeps a link finite where a cell's centre lies on the wall, m2K/W. */
    private static final double LEAST_RESISTANCE = 1e-7;
    /** Least resistance to the air, as a share of 1/h, of a cell whose centre lies beyond the wall. */
    private static final double OUTSIDE_SHARE = 0.1;

    private final Grid grid;
    private final WallMaterial wall;
    private final double[] cellToWall;
    private final double[] wallToAir;
    private final double[] alongWall;
    private final double[] capacity;
    private final double[] above;
    private final double[] right;

    WallShell(Grid grid, WallMaterial wall) {
        this.grid = grid;
        this.wall = wall;
        cellToWall = new double[grid.pieces];
        wallToAir = new double[grid.pieces];
        alongWall = new double[grid.pieces];
        capacity = new double[grid.pieces];
        above = new double[grid.pieces];
        right = new double[grid.pieces];
        prepare();
    }

    private void prepare() {
        for (int p = 0; p < grid.pieces; p++) {
            double thickness = grid.pieceThickness[p];
            if (thickness > 0) {
                double meanArea = (grid.pieceArea[p] + grid.pieceOuterArea[p]) / 2;
                capacity[p] = wall.heatCapacity() * meanArea * thickness;
            }
            if (p > 0 && thickness > 0 && grid.pieceThickness[p - 1] > 0) {
                double back = grid.pieceLength[p - 1] / (2 * grid.pieceThickness[p - 1]);
                double ahead = grid.pieceLength[p] / (2 * thickness);
                double perimeter = (grid.piecePerimeter[p - 1] + grid.piecePerimeter[p]) / 2;
                alongWall[p] = wall.conductivity() * perimeter / (back + ahead);
            }
        }
    }

    /** Conductances in a place, for the conductivity of each cell; cells from a number on are not filled. */
    void conductances(Place place, double[] k, int filled) {
        for (int p = 0; p < grid.pieces; p++) {
            double half = grid.pieceThickness[p] > 0 ? grid.pieceThickness[p] / (2 * wall.conductivity()) : 0;
            if (grid.pieceCell[p] >= filled) {
                cellToWall[p] = 0;
                wallToAir[p] = bareWall(p, half, place);
                continue;
            }
            double depth = grid.pieceDistance[p] / k[grid.pieceCell[p]];
            double h = grid.pieceIsBase[p] ? place.hBase() : place.hSide();
            cellToWall[p] = grid.pieceArea[p] / Math.max(LEAST_RESISTANCE, half + Math.max(0, depth));
            double outside = Math.max(OUTSIDE_SHARE / h, half + 1 / h + Math.min(0, depth));
            wallToAir[p] = h > 0 ? grid.pieceOuterArea[p] / outside : 0;
        }
    }

    /** Of a piece of wall above the fill, which has air on both sides. */
    private double bareWall(int p, double half, Place place) {
        double outside = place.hSide() > 0 ? grid.pieceOuterArea[p] / (half + 1 / place.hSide()) : 0;
        double inside = place.hTop() > 0 ? grid.pieceArea[p] / (half + 1 / place.hTop()) : 0;
        return outside + inside;
    }

    /**
     * Eliminates the wall temperatures of one direction: each piece hangs on one cell, so its implicit equation is solved
     * for in terms of the cell's and leaves a term on the diagonal and one on the right.
     */
    void exchange(double[] wallC, double airC, double dt, boolean across, double[] diagonal, double[] rightSide) {
        Arrays.fill(diagonal, 0);
        Arrays.fill(rightSide, 0);
        for (int p = 0; p < grid.pieces; p++) {
            double share = across ? grid.pieceAcross[p] : 1 - grid.pieceAcross[p];
            if (share <= 0) {
                continue;
            }
            double toCell = share * cellToWall[p];
            double toAir = share * wallToAir[p];
            double storage = capacity[p] / dt;
            double all = storage + toCell + toAir;
            if (all == 0) {
                continue;
            }
            int c = grid.pieceCell[p];
            diagonal[c] += toCell * (storage + toAir) / all;
            rightSide[c] += toCell * (storage * wallC[p] + toAir * airC) / all;
        }
    }

    /** Wall temperatures that belong to the cells' implicit ones; the heat that came in from the air, J. */
    double finish(double[] wallC, double[] celsius, double airC, double dt, boolean across) {
        double heatIn = 0;
        for (int p = 0; p < grid.pieces; p++) {
            double share = across ? grid.pieceAcross[p] : 1 - grid.pieceAcross[p];
            if (share <= 0) {
                continue;
            }
            double toCell = share * cellToWall[p];
            double toAir = share * wallToAir[p];
            double storage = capacity[p] / dt;
            double all = storage + toCell + toAir;
            if (all == 0) {
                continue;
            }
            double cellC = celsius[grid.pieceCell[p]];
            wallC[p] = (storage * wallC[p] + toCell * cellC + toAir * airC) / all;
            heatIn += dt * toAir * (airC - wallC[p]);
        }
        return heatIn;
    }

    /** Heat along the wall, implicit. */
    void conduct(double[] wallC, double dt) {
        int count = grid.pieces;
        for (int n = 0; n < count; n++) {
            double before = alongWall[n];
            double after = n + 1 < count ? alongWall[n + 1] : 0;
            double storage = capacity[n] > 0 ? capacity[n] / dt : 1;
            double d = storage + before + after;
            double pivot = n > 0 ? d - before * above[n - 1] : d;
            above[n] = after / pivot;
            right[n] = (storage * wallC[n] + (n > 0 ? before * right[n - 1] : 0)) / pivot;
        }
        for (int n = count - 1; n >= 0; n--) {
            wallC[n] = right[n] + (n + 1 < count ? above[n] * wallC[n + 1] : 0);
        }
    }

    /** Heat of the wall above 0 °C, J. */
    double heatContent(double[] wallC) {
        double sum = 0;
        for (int p = 0; p < grid.pieces; p++) {
            sum += capacity[p] * wallC[p];
        }
        return sum;
    }
}
