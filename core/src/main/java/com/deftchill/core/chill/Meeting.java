package com.deftchill.core.chill;

import java.util.Arrays;
import java.util.stream.DoubleStream;

/**
 * How far a layer warms when another one is poured on it: two slabs laid together, one-dimensional, no heat lost outside,
 * so that the answer errs towards melting. Properties are constant, so temperature is Tl + (Tu - Tl) * theta(x, t): one run
 * of theta answers every pour temperature. Finite volumes on cells of 0.2 mm, growing where nothing is looked at any more,
 * Crank-Nicolson after a first second of implicit Euler, steps growing with the time passed, until no depth grows warmer.
 */
public final class Meeting {
    private static final double CELL_MM = 0.2;
    /** What lies further from the face than this does not matter to its first millimetres, mm. */
    private static final double MOST_MM = 40;
    /** Depth to which the lower layer is looked at, mm. */
    private static final double LOOKED_AT_MM = 10;
    /** From here on cells grow away from the face, each by so much. */
    private static final double FINE_MM = 12;

    private static final double GROWTH = 1.15;
    /** What is left over at a slab's end and is no cell of its own, mm. */
    private static final double LEAST_MM = 1e-6;

    private static final double PROPERTIES_C = 20;
    private static final double FIRST_STEP = 0.02;
    private static final double STEP_SHARE = 0.03;
    private static final double DAMPED = 1;
    /** Later the walls and the air have their say, s. */
    private static final double LASTS = 1800;

    /** Highest theta that the lower layer reaches, by cell from the face down. */
    private final double[] highest;

    /**
     * @param lower what is poured on
     * @param lowerMm its thickness, mm
     * @param upper what is poured
     * @param upperMm its thickness, mm
     */
    public Meeting(Material lower, double lowerMm, Material upper, double upperMm) {
        var under = widths(lowerMm);
        var over = widths(upperMm);
        int below = under.length;
        int all = below + over.length;
        var capacity = new double[all];
        var link = new double[all + 1];
        var theta = new double[all];
        double resistanceBefore = 0;
        for (int i = 0; i < all; i++) {
            var here = i < below ? lower : upper;
            double width = i < below ? under[below - 1 - i] : over[i - below];
            capacity[i] = here.density() * here.heatCapacity(PROPERTIES_C) * width;
            theta[i] = i < below ? 0 : 1;
            double resistance = width / (2 * here.conductivity(PROPERTIES_C));
            link[i] = i > 0 ? 1 / (resistanceBefore + resistance) : 0;
            resistanceBefore = resistance;
        }
        int looked = Math.min(below, (int) (LOOKED_AT_MM / CELL_MM));
        highest = new double[looked];
        var sweep = new double[all];
        boolean warming = true;
        double dt;
        for (double time = 0; time < LASTS && warming; time += dt) {
            dt = Math.max(FIRST_STEP, STEP_SHARE * time);
            step(theta, capacity, link, sweep, dt, time < DAMPED ? 1 : 0.5);
            warming = false;
            for (int i = 0; i < looked; i++) {
                warming |= theta[below - 1 - i] > highest[i];
                highest[i] = Math.max(highest[i], theta[below - 1 - i]);
            }
        }
    }

    /** Widths of a slab's cells from the face on, m. */
    private static double[] widths(double mm) {
        double thick = Math.max(CELL_MM, Math.min(MOST_MM, mm));
        var widths = DoubleStream.builder();
        double width = CELL_MM;
        for (double at = 0; thick - at > LEAST_MM; at += width) {
            width = Math.min(at < FINE_MM ? width : width * GROWTH, thick - at);
            widths.add(width / 1000);
        }
        return widths.build().toArray();
    }

    /** @param ahead share of the exchange taken at the end of the step: 1 for implicit Euler, 0.5 for Crank-Nicolson */
    private static void step(
            double[] theta, double[] capacity, double[] link, double[] sweep, double dt, double ahead) {
        double right = 0;
        double before = 0;
        double perSecond = 1 / dt;
        for (int i = 0; i < theta.length; i++) {
            double old = theta[i];
            double above = i + 1 < theta.length ? link[i + 1] * (theta[i + 1] - old) : 0;
            double below = i > 0 ? link[i] * (before - old) : 0;
            double storage = capacity[i] * perSecond;
            double pivot = storage + ahead * (link[i] + link[i + 1]);
            pivot -= i > 0 ? ahead * link[i] * sweep[i - 1] : 0;
            double perPivot = 1 / pivot;
            sweep[i] = ahead * link[i + 1] * perPivot;
            right = (storage * old + (1 - ahead) * (above + below) + ahead * link[i] * right) * perPivot;
            theta[i] = right;
            before = old;
        }
        for (int i = theta.length - 2; i >= 0; i--) {
            theta[i] += sweep[i] * theta[i + 1];
        }
    }

    /** Depth of the lower layer that reaches its melting point, mm; at most its thickness or {@value #LOOKED_AT_MM} mm. */
    public double meltedMm(double lowerC, double pourC, double meltC) {
        if (lowerC >= meltC) {
            return CELL_MM * highest.length;
        }
        double wanted = pourC > lowerC ? (meltC - lowerC) / (pourC - lowerC) : Double.POSITIVE_INFINITY;
        int reached = 0;
        while (reached < highest.length && highest[reached] >= wanted) {
            reached++;
        }
        if (reached == 0) {
            return 0;
        }
        if (reached == highest.length) {
            return CELL_MM * reached;
        }
        double share = (highest[reached - 1] - wanted) / (highest[reached - 1] - highest[reached]);
        return CELL_MM * (reached - 0.5 + share);
    }

    /** Highest temperature, °C, at which the upper layer may be poured so that no more than a depth, mm, melts. */
    public double highestC(double lowerC, double meltC, double depthMm) {
        if (lowerC >= meltC) {
            return lowerC;
        }
        double place = depthMm / CELL_MM - 0.5;
        int node = (int) Math.min(highest.length - 1.0, Math.max(0, Math.floor(place)));
        int after = Math.min(highest.length - 1, node + 1);
        double share = Math.max(0, Math.min(1, place - node));
        double theta = highest[node] + share * (highest[after] - highest[node]);
        return lowerC + (meltC - lowerC) / theta;
    }

    /** Theta by depth, for tests. */
    double[] highest() {
        return Arrays.copyOf(highest, highest.length);
    }
}
