package com.deftchill.core.build;

import com.deftchill.core.chill.Grid;
import com.deftchill.core.vessel.Vessel;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Keeps the temperature and firmness of every cell at moments close enough to be played as a film. */
public final class FieldRecorder {
    /** Moments lie at least so far apart, s, and at least this share of the time since the last pour. */
    private static final double LEAST_APART = 60;

    private static final double SHARE_APART = 0.08;

    /**
     * A moment.
     *
     * @param seconds since the first pour
     * @param rows that are filled
     * @param airC around it, °C
     * @param celsius of each cell, °C
     * @param pascal of each cell, Pa; NaN for what does not set
     */
    public record Moment(double seconds, int rows, double airC, float[] celsius, float[] pascal) {}

    private final Grid grid;
    private final List<BuiltLayer> layers;
    private final Vessel vessel;
    private final List<Moment> moments = new ArrayList<>();
    private int poured;
    private double pouredAt;
    private double next;
    private double airC;

    /** @param airC around it at first, °C */
    FieldRecorder(Grid grid, List<BuiltLayer> layers, Vessel vessel, double airC) {
        this.airC = airC;
        this.grid = grid;
        this.layers = layers;
        this.vessel = vessel;
    }

    void air(double seconds, double celsius) {
        airC = celsius;
    }

    /**
     * @param count of the layers that are poured
     * @param kept whether this moment is kept in any case
     */
    void afterStep(double seconds, int count, double[] celsius, boolean kept) {
        if (count != poured) {
            poured = count;
            pouredAt = seconds;
            next = seconds;
        }
        if (seconds < next && !kept) {
            return;
        }
        next = seconds + Math.max(LEAST_APART, SHARE_APART * (seconds - pouredAt));
        var warm = new float[celsius.length];
        var firm = new float[celsius.length];
        Arrays.fill(firm, Float.NaN);
        int filled = grid.cell(0, layers.get(count - 1).slab().toRow());
        for (int c = 0; c < filled; c++) {
            warm[c] = (float) celsius[c];
        }
        for (var layer : layers.subList(0, count)) {
            if (layer.history() != null && layer.history().sets(layer.component())) {
                layer.history().set().firmness(firm);
            }
        }
        moments.add(new Moment(seconds, layers.get(count - 1).slab().toRow(), airC, warm, firm));
    }

    public Grid grid() {
        return grid;
    }

    public Vessel vessel() {
        return vessel;
    }

    List<BuiltLayer> layers() {
        return layers;
    }

    public List<Moment> moments() {
        return moments;
    }
}
