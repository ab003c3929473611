package com.deftchill.core.chill;

import com.deftchill.core.vessel.WallMaterial;
import org.hipparchus.ode.OrdinaryDifferentialEquation;

/**
 * The equations that {@link ChillSimulation} solves, as they stand before time is cut into steps: one for each cell of the
 * dessert and each piece of wall. For the benchmark against a general integrator; all of the vessel is poured at once.
 */
public final class SemiDiscrete implements OrdinaryDifferentialEquation {
    private final Grid grid;
    private final Material material;
    private final WallMaterial wall;
    private final Place place;
    private final int[] index;
    private final int count;
    private int evaluations;

    public SemiDiscrete(Grid grid, Material material, WallMaterial wall, Place place) {
        this.grid = grid;
        this.material = material;
        this.wall = wall;
        this.place = place;
        index = new int[grid.cells()];
        int n = 0;
        for (int c = 0; c < index.length; c++) {
            index[c] = grid.volume[c] > 0 ? n++ : -1;
        }
        count = n;
    }

    @Override
    public int getDimension() {
        return count + grid.pieces;
    }

    /** All at one temperature, the wall at another, °C. */
    public double[] start(double celsius, double wallC) {
        var y = new double[getDimension()];
        for (int i = 0; i < y.length; i++) {
            y[i] = i < count ? celsius : wallC;
        }
        return y;
    }

    /** Temperature of the cells, in the order of the grid, those outside left out. */
    public double[] cells(double[] ofGrid) {
        var found = new double[count];
        for (int c = 0; c < index.length; c++) {
            if (index[c] >= 0) {
                found[index[c]] = ofGrid[c];
            }
        }
        return found;
    }

    public int cellCount() {
        return count;
    }

    public int evaluations() {
        return evaluations;
    }

    @Override
    public double[] computeDerivatives(double time, double[] y) {
        evaluations++;
        var flow = new double[y.length];
        double[] k = new double[count];
        for (int i = 0; i < count; i++) {
            k[i] = material.conductivity(y[i]);
        }
        int columns = grid.columns;
        for (int j = 0; j < grid.rows; j++) {
            for (int i = 0; i < grid.rowCells[j]; i++) {
                int c = j * columns + i;
                if (i + 1 < grid.rowCells[j]) {
                    double d1 = grid.rEdge[i + 1] - grid.r[c];
                    double d2 = grid.r[c + 1] - grid.rEdge[i + 1];
                    exchange(flow, y, k, index[c], index[c + 1], grid.outerFace[c], d1, d2);
                }
                if (j + 1 < grid.rows && i < grid.rowCells[j + 1]) {
                    double d1 = grid.zEdge[j + 1] - grid.z[c];
                    double d2 = grid.z[c + columns] - grid.zEdge[j + 1];
                    exchange(flow, y, k, index[c], index[c + columns], grid.upperFace[c], d1, d2);
                }
            }
        }
        top(flow, y, k);
        walls(flow, y, k);
        for (int c = 0; c < index.length; c++) {
            if (index[c] >= 0) {
                flow[index[c]] /= grid.volume[c] * material.density() * material.heatCapacity(y[index[c]]);
            }
        }
        return flow;
    }

    private static void exchange(
            double[] flow, double[] y, double[] k, int a, int b, double area, double d1, double d2) {
        double heat = area / (d1 / k[a] + d2 / k[b]) * (y[b] - y[a]);
        flow[a] += heat;
        flow[b] -= heat;
    }

    private void top(double[] flow, double[] y, double[] k) {
        int row = grid.rows - 1;
        for (int i = 0; i < grid.rowCells[row]; i++) {
            int c = row * grid.columns + i;
            double depth = grid.zEdge[grid.rows] - grid.z[c];
            double g = grid.upperFace[c] / (depth / k[index[c]] + 1 / place.hTop());
            flow[index[c]] += g * (place.airC() - y[index[c]]);
        }
    }

    private void walls(double[] flow, double[] y, double[] k) {
        for (int p = 0; p < grid.pieces; p++) {
            int cell = index[grid.pieceCell[p]];
            double half = grid.pieceThickness[p] / (2 * wall.conductivity());
            double depth = grid.pieceDistance[p] / k[cell];
            double h = grid.pieceIsBase[p] ? place.hBase() : place.hSide();
            double toCell = grid.pieceArea[p] / Math.max(1e-6, half + Math.max(0, depth));
            double toAir = grid.pieceOuterArea[p] / Math.max(0.1 / h, half + 1 / h + Math.min(0, depth));
            double heat = toCell * (y[cell] - y[count + p]);
            flow[cell] -= heat;
            flow[count + p] += heat + toAir * (place.airC() - y[count + p]);
            if (p > 0) {
                double back = grid.pieceLength[p - 1] / (2 * grid.pieceThickness[p - 1]);
                double ahead = grid.pieceLength[p] / (2 * grid.pieceThickness[p]);
                double perimeter = (grid.piecePerimeter[p - 1] + grid.piecePerimeter[p]) / 2;
                double along = wall.conductivity() * perimeter / (back + ahead) * (y[count + p - 1] - y[count + p]);
                flow[count + p] += along;
                flow[count + p - 1] -= along;
            }
        }
        for (int p = 0; p < grid.pieces; p++) {
            double area = (grid.pieceArea[p] + grid.pieceOuterArea[p]) / 2;
            flow[count + p] /= wall.heatCapacity() * area * grid.pieceThickness[p];
        }
    }
}
