package com.deftchill.server.cold;

import com.deftchill.core.build.FieldRecorder;
import com.deftchill.server.cold.ColdView.Field;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;

/** The recorded field as bytes: a frame's temperatures between its coldest and warmest, firmness on a logarithmic scale. */
final class FieldWriter {
    /** So many bytes of each kind at most: twice that, packed, stays well below 150 kB. */
    private static final int MOST_BYTES = 45_000;

    private static final int STEPS = 255;
    private static final double PER_DECADE = 50;
    private static final int FIRMEST = 250;
    private static final byte NOT_SET = (byte) 255;
    private static final double LEAST_SPAN_K = 0.1;

    private FieldWriter() {}

    static Field of(FieldRecorder recorder, double axisSeconds) {
        var grid = recorder.grid();
        var moments = chosen(recorder.moments(), MOST_BYTES / grid.cells(), axisSeconds);
        int cells = grid.cells();
        int frames = moments.size();
        var celsius = new byte[frames * cells];
        var firmness = new byte[frames * cells];
        var low = new double[frames];
        var high = new double[frames];
        for (int f = 0; f < frames; f++) {
            var moment = moments.get(f);
            range(recorder, moment, low, high, f);
            for (int c = 0; c < cells; c++) {
                double share = (moment.celsius()[c] - low[f]) / (high[f] - low[f]);
                celsius[f * cells + c] = (byte) Math.round(STEPS * Math.max(0, Math.min(1, share)));
                firmness[f * cells + c] = firm(moment.pascal()[c]);
            }
        }
        var edgesR = new double[grid.columns() + 1];
        for (int i = 0; i < edgesR.length; i++) {
            edgesR[i] = 1000 * grid.columnEdge(i);
        }
        var edgesZ = new double[grid.rows() + 1];
        for (int j = 0; j < edgesZ.length; j++) {
            edgesZ[j] = 1000 * grid.rowEdge(j);
        }
        var rowCells = new int[grid.rows()];
        for (int j = 0; j < rowCells.length; j++) {
            rowCells[j] = grid.rowCells(j);
        }
        return new Field(
                grid.columns(),
                grid.rows(),
                edgesR,
                edgesZ,
                rowCells,
                moments.stream().mapToDouble(m -> m.seconds() / 60).toArray(),
                moments.stream().mapToInt(FieldRecorder.Moment::rows).toArray(),
                moments.stream().mapToDouble(FieldRecorder.Moment::airC).toArray(),
                low,
                high,
                Base64.getEncoder().encodeToString(celsius),
                Base64.getEncoder().encodeToString(firmness));
    }

    private static void range(
            FieldRecorder recorder, FieldRecorder.Moment moment, double[] low, double[] high, int frame) {
        var grid = recorder.grid();
        low[frame] = Double.POSITIVE_INFINITY;
        high[frame] = Double.NEGATIVE_INFINITY;
        for (int row = 0; row < moment.rows(); row++) {
            for (int column = 0; column < grid.rowCells(row); column++) {
                double t = moment.celsius()[grid.cell(column, row)];
                low[frame] = Math.min(low[frame], t);
                high[frame] = Math.max(high[frame], t);
            }
        }
        high[frame] = Math.max(high[frame], low[frame] + LEAST_SPAN_K);
    }

    private static byte firm(float pa) {
        if (Float.isNaN(pa)) {
            return NOT_SET;
        }
        return pa < 1 ? 0 : (byte) Math.max(1, Math.min(FIRMEST, Math.round(PER_DECADE * Math.log10(pa))));
    }

    /** As many moments as there is room for, those before the end of the axis first; the first and the last are kept. */
    private static List<FieldRecorder.Moment> chosen(List<FieldRecorder.Moment> all, int room, double axisSeconds) {
        int most = Math.max(2, room);
        if (all.size() <= most) {
            return all;
        }
        var near = all.stream().filter(m -> m.seconds() <= axisSeconds).toList();
        var far = all.subList(near.size(), all.size());
        int forFar = Math.min(far.size(), Math.max(1, most / 5));
        var kept = new ArrayList<>(evenly(near, most - forFar));
        kept.addAll(evenly(far, forFar));
        return kept;
    }

    private static List<FieldRecorder.Moment> evenly(List<FieldRecorder.Moment> of, int count) {
        if (of.size() <= count) {
            return of;
        }
        var kept = new ArrayList<FieldRecorder.Moment>();
        for (int i = 0; i < count; i++) {
            kept.add(of.get(count == 1 ? of.size() - 1 : (int) Math.round((double) i * (of.size() - 1) / (count - 1))));
        }
        return kept;
    }
}
