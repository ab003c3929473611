package com.deftchill.core.build;

/** Curves of a dessert over time. A minute stands there twice where something was poured: a curve may jump. */
public final class Curves {
    private Curves() {}

    /**
     * The value at a moment, straight between the samples and as at its ends outside; where it jumps, what it was before.
     *
     * @param minutes never falling; at least one
     */
    public static double at(double[] minutes, double[] values, double minute) {
        int i = 0;
        while (i < minutes.length && minutes[i] < minute) {
            i++;
        }
        if (i == 0 || i == minutes.length) {
            return values[Math.min(i, minutes.length - 1)];
        }
        double share = (minute - minutes[i - 1]) / (minutes[i] - minutes[i - 1]);
        return values[i - 1] + share * (values[i] - values[i - 1]);
    }
}
