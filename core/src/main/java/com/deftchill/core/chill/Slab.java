package com.deftchill.core.chill;

import com.deftchill.core.vessel.Profile;

/**
 * One layer of a filled vessel: a run of rows of its grid and, in each, the cells from the axis that belong to it; what
 * lies further out is the lining of another one.
 */
public final class Slab {
    private static final double MM_PER_M = 1000;

    private final Grid grid;
    private final int fromRow;
    private final int[] columns;

    private Slab(Grid grid, int fromRow, int[] columns) {
        this.grid = grid;
        this.fromRow = fromRow;
        this.columns = columns;
    }

    /** All of a grid. */
    public static Slab whole(Grid grid) {
        return of(grid, 0, grid.rows());
    }

    /** Rows of a grid from one to below another. */
    public static Slab of(Grid grid, int fromRow, int toRow) {
        var columns = new int[toRow - fromRow];
        for (int row = 0; row < columns.length; row++) {
            columns[row] = grid.rowCells(fromRow + row);
        }
        return new Slab(grid, fromRow, columns);
    }

    /** The part of this one inside a lining; at least the cells on the axis. */
    public Slab inside(Profile lining) {
        var kept = new int[columns.length];
        for (int row = 0; row < kept.length; row++) {
            while (kept[row] < columns[row] && isInside(lining, cell(kept[row], row))) {
                kept[row]++;
            }
            kept[row] = Math.max(1, kept[row]);
        }
        return new Slab(grid, fromRow, kept);
    }

    private boolean isInside(Profile lining, int cell) {
        double heightMm = Math.min(lining.brimMm(), grid.z(cell) * MM_PER_M);
        return grid.r(cell) * MM_PER_M <= lining.halfWidthAtMm(heightMm);
    }

    /** Number of rows. */
    public int rows() {
        return columns.length;
    }

    /** Cells of a row, counted from the axis. */
    public int columns(int row) {
        return columns[row];
    }

    /** Index, in the grid, of a cell of a row of this slab. */
    public int cell(int column, int row) {
        return grid.cell(column, fromRow + row);
    }

    /** Volume of a cell of the grid, m3. */
    public double volume(int cell) {
        return grid.volume(cell);
    }

    /** Height of the lower edge of a row above that of the slab, or of its top for row = rows, m. */
    public double edge(int row) {
        return grid.rowEdge(fromRow + row) - grid.rowEdge(fromRow);
    }

    /** Row of the grid at which it begins. */
    public int fromRow() {
        return fromRow;
    }

    /** Row of the grid below which it ends. */
    public int toRow() {
        return fromRow + columns.length;
    }

    /** First cell of the grid in its rows. */
    int firstCell() {
        return grid.cell(0, fromRow);
    }

    /** Cells of the grid in its rows, those of the lining and outside included. */
    int span() {
        return grid.cell(0, toRow()) - firstCell();
    }

    /** A copy of its part of a value that every cell of the grid has. */
    public void take(double[] ofGrid, double[] into) {
        System.arraycopy(ofGrid, firstCell(), into, 0, into.length);
    }

    /** Room for its part of such a value. */
    public double[] room() {
        return new double[span()];
    }

    /** Index of a cell of the grid in its part of such a value. */
    public int at(int cell) {
        return cell - firstCell();
    }
}
