package com.deftchill.core.learn;

/**
 * What is known of a number before anything was measured: a normal distribution, of its logarithm where it is positive.
 *
 * @param centre most likely value
 * @param sigma standard deviation, of the logarithm where it is one
 * @param log whether it is of the logarithm
 */
public record Prior(double centre, double sigma, boolean log) {
    /** So many standard deviations to each side hold 80 %. */
    public static final double EIGHTY = 1.2815515655446004;

    /** Such a number of standard deviations a fit never leaves. */
    static final double FARTHEST = 4;

    public Prior {
        if (!(sigma > 0) || !(Double.isFinite(centre)) || (log && !(centre > 0))) {
            throw new IllegalArgumentException("a prior of centre " + centre + " and deviation " + sigma
                    + ": the deviation must be above 0, and the centre too where it is of a logarithm");
        }
    }

    /**
     * A prior that holds 80 % from low to high.
     *
     * @param centre most likely value
     */
    public static Prior of(double centre, double low, double high) {
        boolean log = low > 0;
        double width = log ? Math.log(high / low) : high - low;
        return new Prior(centre, width / (2 * EIGHTY), log);
    }

    /** The value z standard deviations above the centre. */
    public double value(double z) {
        return log ? centre * Math.exp(z * sigma) : centre + z * sigma;
    }

    /** How many standard deviations a value lies above the centre. */
    public double z(double value) {
        return log ? Math.log(value / centre) / sigma : (value - centre) / sigma;
    }
}
