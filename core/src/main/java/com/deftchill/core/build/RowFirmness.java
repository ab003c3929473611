package com.deftchill.core.build;

import com.deftchill.core.chill.Slab;
import com.deftchill.core.fat.FatSet;
import java.util.function.DoubleUnaryOperator;

/** Rigidity of a layer row by row: that of its gel, by the share of setting at each point, and what its fat adds. */
record RowFirmness(Slab slab, FatSet fat) {

    /**
     * Fills in the mean rigidity of each row, Pa; the least of all cells.
     *
     * @param share of setting of each cell of the slab's part of the grid
     * @param celsius temperature of each, °C
     * @param ofShare rigidity of the gel at a share
     */
    double fill(double[] share, double[] celsius, DoubleUnaryOperator ofShare, double[] rows) {
        double least = Double.POSITIVE_INFINITY;
        for (int row = 0; row < slab.rows(); row++) {
            double sum = 0;
            double volume = 0;
            for (int column = 0; column < slab.columns(row); column++) {
                int cell = slab.cell(column, row);
                double pa = ofShare.applyAsDouble(share[slab.at(cell)]) + fat.at(celsius[slab.at(cell)]);
                least = Math.min(least, pa);
                sum += pa * slab.volume(cell);
                volume += slab.volume(cell);
            }
            rows[row] = volume > 0 ? sum / volume : 0;
        }
        return least;
    }
}
