package com.deftchill.core.build;

import com.deftchill.core.body.PlasticState;
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
    private final RowFirmness firmness;
    private final Slump slump;
    private final PlasticState plastic;
    private final double[] here;
    private final double[] rows;

    TableHistory(Slab slab, Setting setting, RigidityCurve curve, double strength, PlasticState plastic, Slump slump) {
        this.slab = slab;
        this.setting = setting;
        this.curve = curve;
        this.strength = strength;
        firmness = new RowFirmness(slab);
        this.plastic = plastic;
        this.slump = slump;
        here = slab.room();
        rows = new double[slab.rows()];
    }

    /** Moves on by a step, its temperatures, °C, given for the whole grid as it lay in the mould. */
    void afterStep(double stepSeconds, double[] meanCelsius, double[] celsius) {
        if (stepSeconds > 0) {
            slab.take(meanCelsius, here);
            setting.advance(here, stepSeconds);
            plastic.advance(here, stepSeconds);
        }
        slab.take(celsius, here);
        firmness.fill(setting.shares(), here, plastic, share -> strength * curve.at(share), rows);
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

    /** Mean temperature of it now, by volume, °C. */
    double meanC() {
        double sum = 0;
        double volume = 0;
        for (int row = 0; row < slab.rows(); row++) {
            for (int column = 0; column < slab.columns(row); column++) {
                int cell = slab.cell(column, row);
                sum += slab.volume(cell) * here[slab.at(cell)];
                volume += slab.volume(cell);
            }
        }
        return volume > 0 ? sum / volume : Double.NaN;
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
