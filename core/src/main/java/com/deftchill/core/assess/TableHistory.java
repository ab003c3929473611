package com.deftchill.core.assess;

import com.deftchill.core.chill.Slab;
import com.deftchill.core.gel.RigidityCurve;
import com.deftchill.core.gel.Setting;
import com.deftchill.core.turnout.Slump;
import java.util.Arrays;

/** One layer out of the cooler: how firm it still is and how far it sinks, as it warms. */
final class TableHistory {
    private final Slab slab;
    private final Setting setting;
    private final RigidityCurve curve;
    private final double strength;
    private final FatSet fat;
    private final Slump slump;
    private final double[] here;
    private final double[] rows;

    TableHistory(Slab slab, Setting setting, RigidityCurve curve, double strength, FatSet fat, Slump slump) {
        this.slab = slab;
        this.setting = setting;
        this.curve = curve;
        this.strength = strength;
        this.fat = fat;
        this.slump = slump;
        here = slab.room();
        rows = new double[slab.rows()];
    }

    /** Moves on by a step, its temperatures, °C, given for the whole grid as it lay in the mould. */
    void afterStep(double stepSeconds, double[] meanCelsius, double[] celsius) {
        if (stepSeconds > 0) {
            slab.take(meanCelsius, here);
            setting.advance(here, stepSeconds);
        }
        slab.take(celsius, here);
        for (int row = 0; row < rows.length; row++) {
            double sum = 0;
            double volume = 0;
            for (int column = 0; column < slab.columns(row); column++) {
                int cell = slab.cell(column, row);
                double pa = strength * curve.at(setting.shares()[slab.at(cell)]) + fat.at(here[slab.at(cell)]);
                sum += pa * slab.volume(cell);
                volume += slab.volume(cell);
            }
            rows[row] = volume > 0 ? sum / volume : 0;
        }
    }

    /** Mean rigidity of its rows now, Pa. */
    double meanPa() {
        return Arrays.stream(rows).average().orElse(0);
    }

    /** Strain of each of its slices now, bottom of the mould first. */
    double[] strains() {
        return slump.strains(rows);
    }

    double meanStrain() {
        return slump.meanStrain(rows);
    }

    double heightMm() {
        return slump.heightMm();
    }

    double warmestC() {
        double warmest = Double.NEGATIVE_INFINITY;
        for (int row = 0; row < slab.rows(); row++) {
            for (int column = 0; column < slab.columns(row); column++) {
                warmest = Math.max(warmest, here[slab.at(slab.cell(column, row))]);
            }
        }
        return warmest;
    }
}
