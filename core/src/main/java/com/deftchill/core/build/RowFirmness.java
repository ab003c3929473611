package com.deftchill.core.build;

import com.deftchill.core.body.PlasticState;
import com.deftchill.core.chill.Slab;
import java.util.function.DoubleUnaryOperator;

/** Firmness of a layer row by row: that of its gel, by the share of setting at each point, and what else makes it firm. */
record RowFirmness(Slab slab) {

    /**
     * Fills in the mean firmness of each row, Pa; the least of all cells.
     *
     * @param share of setting of each cell of the slab's part of the grid
     * @param celsius temperature of each, °C
     * @param plastic what else makes it firm
     * @param ofShare rigidity of the gel at a share
     */
    double fill(double[] share, double[] celsius, PlasticState plastic, DoubleUnaryOperator ofShare, double[] rows) {
        double least = Double.POSITIVE_INFINITY;
        for (int row = 0; row < slab.rows(); row++) {
            double sum = 0;
            double volume = 0;
            for (int column = 0; column < slab.columns(row); column++) {
                int cell = slab.cell(column, row);
                int at = slab.at(cell);
                double pa = ofShare.applyAsDouble(share[at]) + plastic.at(at, celsius[at]);
                least = pa < least ? pa : least;
                sum += pa * slab.volume(cell);
                volume += slab.volume(cell);
            }
            rows[row] = volume > 0 ? sum / volume : 0;
        }
        return least;
    }
}
