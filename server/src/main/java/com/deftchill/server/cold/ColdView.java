package com.deftchill.server.cold;

import com.deftchill.core.cold.Chilled;
import com.deftchill.core.cold.ColdAnswer;

/**
 * The chill of a dessert as it goes over the wire.
 *
 * @param axisMinutes until here the most happens
 * @param field temperature and firmness of every cell over time
 */
record ColdView(ColdAnswer answer, double axisMinutes, Field field) {
    static ColdView of(Chilled chilled) {
        double axis = TimeAxis.minutes(chilled);
        return new ColdView(chilled.answer(), axis, FieldWriter.of(chilled.film(), 60 * axis));
    }

    /**
     * The field over time, by rows from the bottom up and, in each, columns from the axis outward.
     *
     * @param rEdgesMm edges of the columns, mm; one more than columns
     * @param zEdgesMm edges of the rows, mm
     * @param rowCells cells of each row that lie in the dessert
     * @param minutes of each frame
     * @param filledRows in each frame
     * @param airC around it in each frame, °C
     * @param lowC of each frame, °C: byte 0
     * @param highC of each frame, °C: byte 255
     * @param celsius frame by frame, a byte for each cell, in base 64
     * @param firmness the same: 0 liquid, else 50 times log10 of Pa up to 250; 255 for what does not set
     */
    public record Field(
            int columns,
            int rows,
            double[] rEdgesMm,
            double[] zEdgesMm,
            int[] rowCells,
            double[] minutes,
            int[] filledRows,
            double[] airC,
            double[] lowC,
            double[] highC,
            String celsius,
            String firmness) {}
}
