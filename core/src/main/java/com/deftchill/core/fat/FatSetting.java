package com.deftchill.core.fat;

import com.deftchill.core.parameters.FatParameters;

/**
 * How far the fats of many points have set along the temperature history of each: the solid share follows its rest value.
 *
 * <pre>
 *   dx/dt = (rest(T) - x) / tau(T) where it grows; tau = a fraction of five minutes where it melts
 * </pre>
 *
 * <p>tau goes log-linearly in temperature through its points and on by the last slope, at most a day. Each step is exact for
 * the temperature it is given: x = rest + (x - rest) exp(-h / tau). Growth and melting follow handbook 3 [E]; the heat of
 * crystallisation is left out. Cocoa butter and milk fat have each their own; coconut fat follows its rest value at once.
 */
public final class FatSetting {
    private static final double COLDEST_C = -40;
    private static final double STEP_K = 0.5;
    private static final int NODES = 321;
    private static final double SECONDS_PER_HOUR = 3600;

    private final Table table;
    private final double[] cocoa;
    private final double[] milk;
    private final double[] decay = new double[2 * NODES];

    /** What is the same for all points: rest values and rates by temperature. */
    private static final class Table {
        private final double[] restCocoa = new double[NODES];
        private final double[] restMilk = new double[NODES];
        private final double[] rateCocoa = new double[NODES];
        private final double[] rateMilk = new double[NODES];
        private final double melts;

        Table(FatParameters p) {
            var solid = new SolidFat(p);
            melts = 1 / (SECONDS_PER_HOUR * p.meltTime().value());
            for (int i = 0; i < NODES; i++) {
                double celsius = COLDEST_C + i * STEP_K;
                restCocoa[i] = solid.cocoaButter(celsius);
                restMilk[i] = solid.milkFat(celsius);
                rateCocoa[i] = 1 / (SECONDS_PER_HOUR * cocoaHours(p, celsius));
                rateMilk[i] = 1 / (SECONDS_PER_HOUR * milkHours(p, celsius));
            }
        }
    }

    /** Hours in which cocoa butter comes nearer its rest value by a factor of e at T °C. */
    static double cocoaHours(FatParameters p, double celsius) {
        return hours(
                celsius,
                new double[] {5, 12, 20},
                new double[] {
                    p.cocoaTime5().value(),
                    p.cocoaTime12().value(),
                    p.cocoaTime20().value()
                },
                p.longestTime().value());
    }

    /** The same of milk fat. */
    static double milkHours(FatParameters p, double celsius) {
        return hours(
                celsius,
                new double[] {5, 12, 16},
                new double[] {
                    p.milkTime5().value(),
                    p.milkTime12().value(),
                    p.milkTime16().value()
                },
                p.longestTime().value());
    }

    private static double hours(double celsius, double[] at, double[] hours, double most) {
        if (celsius <= at[0]) {
            return hours[0];
        }
        int i = celsius < at[1] ? 0 : 1;
        double share = (celsius - at[i]) / (at[i + 1] - at[i]);
        return Math.min(most, hours[i] * Math.pow(hours[i + 1] / hours[i], share));
    }

    /**
     * @param cocoaSolid solid share of cocoa butter at first, of every point
     * @param milkSolid solid share of milk fat at first
     */
    public FatSetting(FatParameters p, int points, double cocoaSolid, double milkSolid) {
        table = new Table(p);
        cocoa = new double[points];
        milk = new double[points];
        java.util.Arrays.fill(cocoa, cocoaSolid);
        java.util.Arrays.fill(milk, milkSolid);
    }

    private FatSetting(FatSetting other) {
        table = other.table;
        cocoa = other.cocoa.clone();
        milk = other.milk.clone();
    }

    /** The same points, to be followed on by themselves. */
    public FatSetting copy() {
        return new FatSetting(this);
    }

    /** Moves every point on by some seconds, each at its own temperature, °C (as many as there are points). */
    public void advance(double[] celsius, double seconds) {
        double coldest = Double.POSITIVE_INFINITY;
        double warmest = Double.NEGATIVE_INFINITY;
        for (double c : celsius) {
            coldest = Math.min(coldest, c);
            warmest = Math.max(warmest, c);
        }
        tabulate(node(coldest), node(warmest) + 1, seconds);
        double melt = Math.exp(-seconds * table.melts);
        for (int point = 0; point < celsius.length; point++) {
            double place = place(celsius[point]);
            int node = (int) place;
            double share = place - node;
            cocoa[point] = moved(cocoa[point], at(table.restCocoa, node, share), 0, node, share, melt);
            milk[point] = moved(milk[point], at(table.restMilk, node, share), NODES, node, share, melt);
        }
    }

    private double moved(double solid, double rest, int family, int node, double share, double melt) {
        double gap = solid - rest;
        double grown = decay[family + node] + share * (decay[family + node + 1] - decay[family + node]);
        return rest + gap * (gap > 0 ? melt : grown);
    }

    private static double at(double[] values, int node, double share) {
        return values[node] + share * (values[node + 1] - values[node]);
    }

    private static double place(double celsius) {
        return Math.max(0, Math.min(NODES - 1.001, (celsius - COLDEST_C) / STEP_K));
    }

    private static int node(double celsius) {
        return (int) place(celsius);
    }

    /** The decay in a step, over the temperatures present: an exponential for every point would cost most of a chill. */
    private void tabulate(int from, int to, double seconds) {
        for (int i = from; i <= to; i++) {
            decay[i] = Math.exp(-seconds * table.rateCocoa[i]);
            decay[NODES + i] = Math.exp(-seconds * table.rateMilk[i]);
        }
    }

    /** Solid share of cocoa butter of every point; the working array, not to be written. */
    public double[] cocoa() {
        return cocoa;
    }

    /** Solid share of milk fat of every point; the working array, not to be written. */
    public double[] milk() {
        return milk;
    }
}
