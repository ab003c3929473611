package com.deftchill.core.larder;

/**
 * What fresh cheese or cultured cream, worked smooth, bears before it yields. It falls exponentially between the two
 * temperatures (handbook 3 [E]).
 *
 * @param at5 yield stress at 5 °C, Pa
 * @param at20 yield stress at 20 °C, Pa
 */
public record Curd(double at5, double at20) {
    private static final double COLD_C = 5;
    private static final double APART_K = 15;

    public Curd {
        if (!(at5 >= at20 && at20 > 0)) {
            throw new IllegalArgumentException("a curd yields at " + at5 + " Pa at 5 °C and " + at20
                    + " Pa at 20 °C: both must be above 0 Pa, the second no more than the first");
        }
    }

    /** At T °C, Pa. */
    public double at(double celsius) {
        return at5 * Math.pow(at20 / at5, (celsius - COLD_C) / APART_K);
    }
}
