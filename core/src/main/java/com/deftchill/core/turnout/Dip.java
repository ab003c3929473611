package com.deftchill.core.turnout;

import com.deftchill.core.chill.Material;
import com.deftchill.core.parameters.TurnOutParameters;
import com.deftchill.core.vessel.WallMaterial;

/**
 * How long a mould stands in hot water until a thin layer of gel at its wall has melted.
 *
 * <p>One-dimensional conduction water | wall | gel, all at one temperature at first: implicit finite volumes on cells of
 * 0.05 mm, small steps. The time at which the gel at a depth reaches its melting point is interpolated between steps.
 */
public final class Dip {
    private static final double CELL = 0.05e-3;
    private static final double GEL_DEPTH = 5e-3;
    private static final int WALL_CELLS = 16;
    private static final double FIRST_STEP = 0.005;
    private static final double STEP_SHARE = 0.01;
    private static final double LONGEST = 120;

    private final double[] capacity;
    private final double[] link;
    private final double[] celsius;
    private final double[] sweep;

    private Dip(TurnOutParameters p, double wallMm, WallMaterial wall, Material gel, double startC) {
        int gelCells = (int) Math.round(GEL_DEPTH / CELL);
        int cells = WALL_CELLS + gelCells;
        double wallCell = wallMm * 1e-3 / WALL_CELLS;
        double gelHeat = gel.density() * gel.heatCapacity(startC) * CELL;
        double gelResistance = CELL / gel.conductivity(startC);
        double wallResistance = wallCell / wall.conductivity();
        capacity = new double[cells];
        link = new double[cells + 1];
        celsius = new double[cells];
        sweep = new double[cells];
        for (int i = 0; i < cells; i++) {
            capacity[i] = i < WALL_CELLS ? wall.heatCapacity() * wallCell : gelHeat;
            celsius[i] = startC;
            double before = i == 0 ? 2 / p.water().value() : i <= WALL_CELLS ? wallResistance : gelResistance;
            double here = i < WALL_CELLS ? wallResistance : gelResistance;
            link[i] = 2 / (before + here);
        }
    }

    /**
     * Seconds until the gel has melted to three depths; infinite beyond two minutes.
     *
     * @param least to where it slides
     * @param aim to what is aimed at
     * @param most to where it loses its face
     */
    public record Window(double least, double aim, double most) {}

    /**
     * Seconds of dipping.
     *
     * @param p constants of the model
     * @param wallMm wall thickness, mm, above 0
     * @param gel what is in the mould
     * @param startC temperature of mould and gel, °C
     * @param waterC temperature of the water, °C
     * @param meltC melting point of the gel, °C
     */
    public static Window of(
            TurnOutParameters p,
            double wallMm,
            WallMaterial wall,
            Material gel,
            double startC,
            double waterC,
            double meltC) {
        var dip = new Dip(p, wallMm, wall, gel, startC);
        double[] depths = {p.slides().value(), p.aim().value(), p.loses().value()};
        double[] found = {Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY};
        if (startC >= meltC) {
            return new Window(0, 0, 0);
        }
        double time = 0;
        int next = 0;
        while (time < LONGEST && next < depths.length) {
            double before = dip.at(depths[next]);
            double dt = Math.max(FIRST_STEP, STEP_SHARE * time);
            dip.step(dt, waterC);
            while (next < depths.length && dip.at(depths[next]) >= meltC) {
                double share = (meltC - before) / (dip.at(depths[next]) - before);
                found[next] = time + dt * Math.min(1, Math.max(0, share));
                next++;
                before = next < depths.length ? dip.at(depths[next]) : 0;
            }
            time += dt;
        }
        return new Window(found[0], found[1], found[2]);
    }

    private double at(double depthMm) {
        double position = depthMm * 1e-3 / CELL - 0.5;
        int i = (int) position;
        double share = position - i;
        return celsius[WALL_CELLS + i] * (1 - share) + celsius[WALL_CELLS + i + 1] * share;
    }

    private void step(double dt, double waterC) {
        int cells = capacity.length;
        double right = 0;
        for (int i = 0; i < cells; i++) {
            double after = i + 1 < cells ? link[i + 1] : 0;
            double storage = capacity[i] / dt;
            double diagonal = storage + link[i] + after;
            double b = storage * celsius[i] + (i == 0 ? link[0] * waterC : link[i] * right);
            double pivot = i == 0 ? diagonal : diagonal - link[i] * sweep[i - 1];
            sweep[i] = after / pivot;
            right = b / pivot;
            celsius[i] = right;
        }
        for (int i = cells - 2; i >= 0; i--) {
            celsius[i] += sweep[i] * celsius[i + 1];
        }
    }
}
