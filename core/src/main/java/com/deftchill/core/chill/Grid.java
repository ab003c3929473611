package com.deftchill.core.chill;

import com.deftchill.core.vessel.Profile;
import com.deftchill.core.vessel.Symmetry;
import com.deftchill.core.vessel.Vessel;
import java.util.Arrays;
import java.util.Set;
import java.util.TreeSet;

/**
 * Finite volumes of a filled vessel: a rectangular grid over half-width (r) and height (z), its cells cut by the wall.
 * Volumes, face areas and wall areas are those of the true profile, so that slanted and domed walls lose heat over their
 * real surface. A cell's temperature is that at the centre of the uncut cell, even where that lies beyond the wall: so
 * links between cells stay at right angles to their faces and errors fall with the square of the cell size (after H.
 * Johansen and P. Colella, J. Comput. Phys. 147 (1998) 60-85). SI units throughout (m, m2, m3).
 *
 * <p>Cell (i, j), i outward and j upward, has index j * columns + i. The wall is a chain of pieces along the profile from
 * the axis outward and up, each within one cell.
 */
public final class Grid {
    private static final double MM = 1e-3;
    private static final double NO_CELL = 1e-12;
    private static final double LEAST_RUN_MM = 1e-6;

    final int columns;
    final int rows;
    final double[] rEdge;
    final double[] zEdge;
    /** Volume, m3; 0 for a cell outside the vessel. */
    final double[] volume;
    /** Centre of the uncut cell. */
    final double[] r;

    final double[] z;
    /** Area of the face towards the next column and the next row (the top row: the free surface). */
    final double[] outerFace;

    final double[] upperFace;
    /** Cells of a row that lie in the vessel, counted from the axis. */
    final int[] rowCells;

    int pieces;
    int[] pieceCell = new int[64];
    double[] pieceArea = new double[64];
    double[] pieceOuterArea = new double[64];
    /** Share of a piece's exchange that belongs to the r direction: the square of its normal's r part. */
    double[] pieceAcross = new double[64];
    /** Distance from the cell's centre to the wall; below 0 for a centre beyond it. */
    double[] pieceDistance = new double[64];

    double[] pieceLength = new double[64];
    double[] pieceThickness = new double[64];
    /** Section through which heat runs along the wall, per thickness (the perimeter), at the piece's middle. */
    double[] piecePerimeter = new double[64];

    boolean[] pieceIsBase = new boolean[64];

    private final Symmetry symmetry;
    private final double length;

    private Grid(Symmetry symmetry, double length, double[] rEdge, double[] zEdge) {
        this.symmetry = symmetry;
        this.length = length;
        this.rEdge = rEdge;
        this.zEdge = zEdge;
        columns = rEdge.length - 1;
        rows = zEdge.length - 1;
        int cells = rows * columns;
        volume = new double[cells];
        r = new double[cells];
        z = new double[cells];
        outerFace = new double[cells];
        upperFace = new double[cells];
        rowCells = new int[rows];
    }

    /**
     * Cuts a vessel filled to a height.
     *
     * @param interfacesMm heights of the surfaces from bottom to top, each a row edge; the last is the fill height
     */
    public static Grid of(Vessel vessel, double[] interfacesMm, ChillOptions options) {
        var profile = vessel.profile();
        double fill = interfacesMm[interfacesMm.length - 1];
        if (!(fill > 0 && fill <= profile.brimMm() * (1 + 1e-9))) {
            throw new IllegalArgumentException(
                    "fill height " + fill + " mm must be above 0 and at most " + profile.brimMm() + " mm");
        }
        double widest = 0;
        for (double height : breaks(profile, 0, fill, new double[0])) {
            widest = Math.max(widest, profile.halfWidthAtMm(height));
        }
        var grid = new Grid(
                profile.symmetry(),
                profile.lengthMm() * MM,
                even(widest * MM, options.cells(widest)),
                rowEdges(interfacesMm, options));
        grid.cutCells(profile);
        grid.addBase(profile, vessel.baseMm() * MM);
        grid.addWall(profile, fill, vessel.wallMm() * MM);
        return grid;
    }

    /** Number of cells, those outside the vessel included. */
    public int cells() {
        return volume.length;
    }

    /** Cells across, those outside the vessel included. */
    public int columns() {
        return columns;
    }

    /** Number of rows. */
    public int rows() {
        return rows;
    }

    /** Cells of a row, counted from the axis; the rest of the row lies outside. */
    public int rowCells(int row) {
        return rowCells[row];
    }

    /** Index of a cell. */
    public int cell(int column, int row) {
        return row * columns + column;
    }

    /** Volume of a cell, m3. */
    public double volume(int cell) {
        return volume[cell];
    }

    /** Half-width of a cell's node, m. */
    public double r(int cell) {
        return r[cell];
    }

    /** Height of a cell's node, m. */
    public double z(int cell) {
        return z[cell];
    }

    /** Half-width of the inner edge of a column, or of the outermost edge for column = columns, m. */
    public double columnEdge(int column) {
        return rEdge[column];
    }

    /** Height of the lower edge of a row, or of the fill for row = rows, m. */
    public double rowEdge(int row) {
        return zEdge[row];
    }

    private static double[] even(double end, int cells) {
        var edges = new double[cells + 1];
        for (int i = 0; i <= cells; i++) {
            edges[i] = end * i / cells;
        }
        return edges;
    }

    private static double[] rowEdges(double[] interfacesMm, ChillOptions options) {
        double fill = interfacesMm[interfacesMm.length - 1];
        int wanted = options.cells(fill);
        var edges = new double[] {0};
        double from = 0;
        for (double to : interfacesMm) {
            int here = Math.max(2, (int) Math.round(wanted * (to - from) / fill));
            var layer = even(to - from, here);
            int old = edges.length;
            edges = Arrays.copyOf(edges, old + here);
            for (int i = 1; i <= here; i++) {
                edges[old - 1 + i] = (from + layer[i]) * MM;
            }
            from = to;
        }
        return edges;
    }

    private void cutCells(Profile profile) {
        for (int j = 0; j < rows; j++) {
            double bottom = zEdge[j] / MM;
            double top = Math.min(zEdge[j + 1] / MM, profile.brimMm());
            var heights = breaks(profile, bottom, top, rEdge);
            for (int i = 0; i < columns; i++) {
                int cell = j * columns + i;
                volume[cell] = volumeOf(profile, heights, i);
                r[cell] = (rEdge[i] + rEdge[i + 1]) / 2;
                z[cell] = (zEdge[j] + zEdge[j + 1]) / 2;
                outerFace[cell] = faceHeight(profile, heights, rEdge[i + 1]) * symmetry.perimeter(rEdge[i + 1], length);
                upperFace[cell] = within(profile.halfWidthAtMm(top) * MM, i);
                if (volume[cell] > NO_CELL * symmetry.area(rEdge[columns], length) * zEdge[rows]) {
                    rowCells[j] = i + 1;
                } else {
                    volume[cell] = 0;
                }
            }
        }
    }

    /** Volume by Simpson's rule between the heights at which the wall bends or crosses a column edge. */
    private double volumeOf(Profile profile, double[] heights, int column) {
        double sum = 0;
        for (int k = 1; k < heights.length; k++) {
            double low = heights[k - 1];
            double high = heights[k];
            double areas = within(profile.halfWidthAtMm(low) * MM, column)
                    + 4 * within(profile.halfWidthAtMm((low + high) / 2) * MM, column)
                    + within(profile.halfWidthAtMm(high) * MM, column);
            sum += areas * (high - low) * MM / 6;
        }
        return sum;
    }

    private double within(double edge, int column) {
        double outer = Math.min(edge, rEdge[column + 1]);
        return Math.max(0, symmetry.area(outer, length) - symmetry.area(rEdge[column], length));
    }

    private double faceHeight(Profile profile, double[] heights, double edge) {
        double sum = 0;
        for (int k = 1; k < heights.length; k++) {
            double middle = (heights[k - 1] + heights[k]) / 2;
            if (profile.halfWidthAtMm(middle) * MM > edge * (1 + 1e-12)) {
                sum += (heights[k] - heights[k - 1]) * MM;
            }
        }
        return sum;
    }

    private void addBase(Profile profile, double thickness) {
        double half = profile.halfWidthMm(0) * MM;
        for (int i = 0; i < columns && rEdge[i] < half; i++) {
            double outer = Math.min(half, rEdge[i + 1]);
            double area = within(half, i);
            int cell = i;
            if (volume[cell] > 0) {
                addPiece(cell, area, area, 0, z[cell], outer - rEdge[i], thickness, (outer + rEdge[i]) / 2, true);
            }
        }
    }

    private void addWall(Profile profile, double fillMm, double thickness) {
        for (int p = 1; p < profile.points() && profile.heightMm(p - 1) < fillMm; p++) {
            double z0 = profile.heightMm(p - 1);
            double z1 = Math.min(fillMm, profile.heightMm(p));
            double slope = (profile.halfWidthMm(p) - profile.halfWidthMm(p - 1))
                    / (profile.heightMm(p) - profile.heightMm(p - 1));
            double normalR = 1 / Math.hypot(1, slope);
            var heights = withRows(breaks(profile, z0, z1, rEdge));
            for (int k = 1; k < heights.length; k++) {
                double middle = (heights[k - 1] + heights[k]) / 2;
                double half = profile.halfWidthAtMm(middle) * MM;
                double run = (heights[k] - heights[k - 1]) * MM / normalR;
                int cell = cellAt(half, middle * MM);
                double distance = (half - r[cell]) * normalR - (middle * MM - z[cell]) * slope * normalR;
                double area = run * symmetry.perimeter(half, length);
                double outer = run * symmetry.perimeter(half + thickness * normalR, length);
                addPiece(cell, area, outer, normalR * normalR, distance, run, thickness, half, false);
            }
        }
    }

    private int cellAt(double half, double height) {
        int j = 0;
        while (j < rows - 1 && zEdge[j + 1] <= height) {
            j++;
        }
        int i = 0;
        while (i < rowCells[j] - 1 && rEdge[i + 1] < half * (1 - 1e-12)) {
            i++;
        }
        return j * columns + i;
    }

    private void addPiece(
            int cell,
            double area,
            double outerArea,
            double across,
            double distance,
            double run,
            double thickness,
            double half,
            boolean base) {
        if (pieces == pieceCell.length) {
            growPieces();
        }
        pieceCell[pieces] = cell;
        pieceArea[pieces] = area;
        pieceOuterArea[pieces] = outerArea;
        pieceAcross[pieces] = across;
        pieceDistance[pieces] = distance;
        pieceLength[pieces] = run;
        pieceThickness[pieces] = thickness;
        piecePerimeter[pieces] = symmetry.perimeter(half, length);
        pieceIsBase[pieces] = base;
        pieces++;
    }

    private void growPieces() {
        int size = 2 * pieceCell.length;
        pieceCell = Arrays.copyOf(pieceCell, size);
        pieceArea = Arrays.copyOf(pieceArea, size);
        pieceOuterArea = Arrays.copyOf(pieceOuterArea, size);
        pieceAcross = Arrays.copyOf(pieceAcross, size);
        pieceDistance = Arrays.copyOf(pieceDistance, size);
        pieceLength = Arrays.copyOf(pieceLength, size);
        pieceThickness = Arrays.copyOf(pieceThickness, size);
        piecePerimeter = Arrays.copyOf(piecePerimeter, size);
        pieceIsBase = Arrays.copyOf(pieceIsBase, size);
    }

    private double[] withRows(double[] heights) {
        var all = new TreeSet<Double>();
        for (double h : heights) {
            all.add(h);
        }
        for (double edge : zEdge) {
            double h = edge / MM;
            if (h > heights[0] && h < heights[heights.length - 1]) {
                all.add(h);
            }
        }
        return distinct(all);
    }

    /** Heights from bottom to top, mm, between which the wall is straight and stays within one column. */
    private static double[] breaks(Profile profile, double bottom, double top, double[] columnEdges) {
        var heights = new TreeSet<Double>();
        heights.add(bottom);
        heights.add(top);
        for (int p = 0; p < profile.points(); p++) {
            double h = profile.heightMm(p);
            if (h > bottom && h < top) {
                heights.add(h);
            }
            if (p > 0) {
                addCrossings(profile, p, bottom, top, columnEdges, heights);
            }
        }
        return distinct(heights);
    }

    /** Rising heights, none closer to the next than rounding can tell: a piece of wall that short would only be noise. */
    private static double[] distinct(TreeSet<Double> heights) {
        var kept = new double[heights.size()];
        int count = 0;
        for (double h : heights) {
            if (count == 0 || h - kept[count - 1] >= LEAST_RUN_MM) {
                kept[count++] = h;
            }
        }
        return Arrays.copyOf(kept, count);
    }

    private static void addCrossings(
            Profile profile, int p, double bottom, double top, double[] edges, Set<Double> heights) {
        double z0 = profile.heightMm(p - 1);
        double z1 = profile.heightMm(p);
        double r0 = profile.halfWidthMm(p - 1);
        double r1 = profile.halfWidthMm(p);
        for (double edge : edges) {
            double share = (edge / MM - r0) / (r1 - r0);
            double h = z0 + share * (z1 - z0);
            if (share > 0 && share < 1 && h > bottom && h < top) {
                heights.add(h);
            }
        }
    }
}
