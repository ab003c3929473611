package com.deftchill.core.body;

import com.deftchill.core.fat.FatSetting;
import com.deftchill.core.fat.SolidFat;

/** How firm many points of a body are besides their gel, followed along the temperature of each. No allocation in a step. */
public final class PlasticState {
    private static final double FROM_C = -40;
    private static final double PER_K = 2;
    private static final int BY_TEMPERATURE = 321;
    private static final int BY_SOLID = 2048;

    private final Plastic plastic;
    private final boolean exists;
    private final FatSetting fat;
    /** Curd, starch and egg, caramel, and what coconut fat adds to S: by temperature. */
    private final double[] curd;

    private final double[] stiff;
    private final double[] caramel;
    private final double[] coconut;
    /** F_fat by S, up to the greatest S there can be. */
    private final double[] ofSolid;

    private final double solidPer;
    private final double cocoaCounts;
    private final double milkCounts;
    private final double dryCounts;
    private double seconds;
    private double recovered;
    private double starch;

    public PlasticState(Plastic plastic, int points) {
        this.plastic = plastic;
        exists = plastic.exists();
        fat = exists ? new FatSetting(plastic.fat().p(), points, plastic.startCocoa(), plastic.startMilk()) : null;
        int nodes = exists ? BY_TEMPERATURE : 0;
        curd = new double[nodes];
        stiff = new double[nodes];
        caramel = new double[nodes];
        coconut = new double[nodes];
        ofSolid = new double[exists ? BY_SOLID + 2 : 0];
        var law = plastic.fat();
        cocoaCounts = law.solid(1, 0, 0) - law.solid(0, 0, 0);
        milkCounts = law.solid(0, 1, 0) - law.solid(0, 0, 0);
        dryCounts = law.solid(0, 0, 0);
        double most = law.solid(1, 1, 1);
        solidPer = most > 0 ? BY_SOLID / most : 0;
        tabulate(law.solid(0, 0, 1) - dryCounts, most);
        pass(0);
    }

    private PlasticState(PlasticState other) {
        plastic = other.plastic;
        exists = other.exists;
        fat = other.exists ? other.fat.copy() : null;
        curd = other.curd;
        stiff = other.stiff;
        caramel = other.caramel;
        coconut = other.coconut;
        ofSolid = other.ofSolid;
        solidPer = other.solidPer;
        cocoaCounts = other.cocoaCounts;
        milkCounts = other.milkCounts;
        dryCounts = other.dryCounts;
        seconds = other.seconds;
        recovered = other.recovered;
        starch = other.starch;
    }

    private void tabulate(double coconutCounts, double most) {
        var solid = new SolidFat(plastic.fat().p());
        for (int i = 0; i < curd.length; i++) {
            double celsius = FROM_C + i / PER_K;
            curd[i] = plastic.curdPa(celsius);
            stiff[i] = plastic.stiff(celsius);
            caramel[i] = plastic.caramelPa(celsius);
            coconut[i] = coconutCounts * solid.coconut(celsius);
        }
        for (int i = 0; i < ofSolid.length; i++) {
            ofSolid[i] = most > 0 ? plastic.fat().pa(i * most / BY_SOLID) : 0;
        }
    }

    /** The same points, to be followed on by themselves. */
    public PlasticState copy() {
        return new PlasticState(this);
    }

    public boolean exists() {
        return exists;
    }

    /** Moves every point on by some seconds, each at its own temperature, °C. */
    public void advance(double[] celsius, double step) {
        if (exists) {
            fat.advance(celsius, step);
            pass(step);
        }
    }

    private void pass(double step) {
        seconds += step;
        recovered = plastic.recovered(seconds);
        starch = plastic.starchPa() * plastic.grown(seconds) + plastic.eggPa();
    }

    /** Yield stress of a point at its temperature, Pa. */
    public double at(int point, double celsius) {
        if (!exists) {
            return 0;
        }
        double place = Math.max(0, Math.min(BY_TEMPERATURE - 1.001, (celsius - FROM_C) * PER_K));
        int i = (int) place;
        double share = place - i;
        double milk = fat.milk()[point];
        double solid = dryCounts
                + cocoaCounts * fat.cocoa()[point]
                + milkCounts * milk
                + coconut[i]
                + share * (coconut[i + 1] - coconut[i]);
        double node = Math.max(0, Math.min(BY_SOLID, solid * solidPer));
        int k = (int) node;
        double ofFat = ofSolid[k] + (node - k) * (ofSolid[k + 1] - ofSolid[k]);
        double still = ofFat
                + recovered * (curd[i] + share * (curd[i + 1] - curd[i]))
                + starch * (stiff[i] + share * (stiff[i + 1] - stiff[i]))
                + caramel[i]
                + share * (caramel[i + 1] - caramel[i]);
        double cream = milk / plastic.p().creamSolid().value();
        return still * (1 - plastic.air()) + plastic.creamPa() * cream * cream;
    }

    /** Solid share of cocoa butter at a point. */
    public double cocoa(int point) {
        return exists ? fat.cocoa()[point] : 0;
    }

    /** Solid share of milk fat at a point. */
    public double milk(int point) {
        return exists ? fat.milk()[point] : 0;
    }

    /** Time since it was filled, s. */
    public double seconds() {
        return seconds;
    }
}
