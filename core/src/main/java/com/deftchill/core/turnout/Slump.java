package com.deftchill.core.turnout;

import com.deftchill.core.body.Nature;
import com.deftchill.core.chill.Grid;
import com.deftchill.core.chill.Slab;
import com.deftchill.core.parameters.TurnOutParameters;

/**
 * How far a body sinks under its own weight, turned over and standing free.
 *
 * <p>Each slice of the body is pressed by what lies above it: strain e = W / (A * E), E = 3 G for an incompressible gel,
 * W the weight above the slice's middle, A its area, G the mean rigidity over its area (parallel columns [E]). For a
 * uniform cylinder the mean strain is rho g H / (6 G). The mould's bottom is the plate's top.
 */
public final class Slump {
    private static final double GRAVITY = 9.80665;
    private static final double YOUNG_OVER_SHEAR = 3;
    /** A strain beyond this is no longer elastic: the slice has given way. */
    private static final double GIVES_WAY = 0.5;
    /** A free standing cylinder yields where its weight over its area is so many times its yield stress. */
    private static final double YIELD_SHAPE = 1.73;

    private static final double USUAL_MARGIN = 4 / 3.0;

    private final double[] height;
    private final double[] volume;
    private final double density;
    private final double total;
    /** What lies on it, as so much of itself, m3. */
    private final double aboveM3;
    /** By so much a plastic body must bear more than its weight. */
    private final double margin;
    /** Share of gel in what makes it firm, 0 to 1: by it the rule of standing. */
    private final double gelShare;

    /**
     * A gel.
     *
     * @param grid the filled vessel, whose rows become slices
     * @param density of the mix, kg/m3
     */
    public Slump(Grid grid, double density) {
        this(Slab.whole(grid), density, 0, USUAL_MARGIN, 1);
    }

    /**
     * @param slab the layer, whose rows become slices
     * @param density of the mix, kg/m3
     * @param aboveKg mass of other layers that lies on it, kg
     * @param margin by which a plastic body must bear more than its weight
     * @param gelShare share of gel in what makes it firm, 0 to 1
     */
    public Slump(Slab slab, double density, double aboveKg, double margin, double gelShare) {
        this.gelShare = gelShare;
        this.margin = margin;
        this.density = density;
        this.aboveM3 = aboveKg / density;
        height = new double[slab.rows()];
        volume = new double[slab.rows()];
        for (int row = 0; row < slab.rows(); row++) {
            height[row] = slab.edge(row + 1) - slab.edge(row);
            for (int column = 0; column < slab.columns(row); column++) {
                volume[row] += slab.volume(slab.cell(column, row));
            }
        }
        total = slab.edge(slab.rows());
    }

    private Slump(Slump of, double gelShare) {
        this.gelShare = gelShare;
        height = of.height;
        volume = of.volume;
        density = of.density;
        total = of.total;
        aboveM3 = of.aboveM3;
        margin = of.margin;
    }

    /** The same body, were so much of what makes it firm a gel. */
    public Slump by(double share) {
        return new Slump(this, share);
    }

    /** Number of slices. */
    public int rows() {
        return height.length;
    }

    /** Height before slumping, mm. */
    public double heightMm() {
        return 1000 * total;
    }

    /**
     * Strain of each slice of a gel, by row, for the mean rigidity of each, Pa. A slice that gives way has strain
     * {@value #GIVES_WAY}.
     */
    private double[] elastic(double[] rigidityPa) {
        var strains = new double[height.length];
        double above = aboveM3;
        for (int row = 0; row < height.length; row++) {
            double weight = GRAVITY * density * (above + volume[row] / 2);
            double area = volume[row] / height[row];
            double stress = area > 0 ? weight / area : 0;
            double strain = stress / (YOUNG_OVER_SHEAR * rigidityPa[row]);
            strains[row] = strain < GIVES_WAY ? strain : GIVES_WAY;
            above += volume[row];
        }
        return strains;
    }

    /** Strain of each slice by what makes it firm; where neither is most of it, the milder rule holds ({@link Nature#between}). */
    public double[] strains(double[] pa) {
        var stretches = elastic(pa);
        var yields = yielding(pa);
        var milder = mean(stretches) <= mean(yields) ? stretches : yields;
        var strains = new double[height.length];
        for (int row = 0; row < strains.length; row++) {
            strains[row] = Nature.between(gelShare, stretches[row], milder[row], yields[row]);
        }
        return strains;
    }

    /**
     * A plastic body stands as it is while what it bears exceeds its own weight by a margin, and sinks until it does when it
     * falls below: to 3/4 of 1.73 F / (rho g).
     */
    private double[] yielding(double[] pa) {
        var strains = new double[height.length];
        double volumes = 0;
        double load = 0;
        double sum = 0;
        for (int row = 0; row < height.length; row++) {
            volumes += volume[row];
            sum += pa[row] * volume[row];
            load = Math.max(load, height[row] > 0 ? (aboveM3 + volumes) * height[row] / volume[row] : 0);
        }
        double bears = volumes > 0 ? sum / volumes : 0;
        double stress = GRAVITY * density * load / YIELD_SHAPE;
        double left = stress > 0 ? bears / (margin * stress) : 1;
        java.util.Arrays.fill(strains, Math.min(GIVES_WAY, Math.max(0, 1 - left)));
        return strains;
    }

    /** Mean strain over the height, 0 to 0.5. */
    public double meanStrain(double[] pa) {
        return mean(strains(pa));
    }

    /** Mean strain over the height were it a gel, 0 to 0.5. */
    public double elasticStrain(double[] rigidityPa) {
        return mean(elastic(rigidityPa));
    }

    private double mean(double[] strains) {
        double lost = 0;
        for (int row = 0; row < strains.length; row++) {
            lost += strains[row] * height[row];
        }
        return lost / total;
    }

    /** How it stands, in words. */
    public static String words(TurnOutParameters p, double meanStrain) {
        if (meanStrain < p.crisp().value()) {
            return "stands crisp";
        }
        if (meanStrain < p.trembling().value()) {
            return "stands trembling";
        }
        return meanStrain < p.sags().value() ? "sags" : "will not stand";
    }
}
