package com.deftchill.core.learn;

/**
 * A reading.
 *
 * @param value in the unit of its quantity
 * @param readings how many it is the mean of
 * @param probe that a temperature was taken with, and when that was tried last; empty where nobody said
 */
public record Measured(MadeOf made, Measure measure, double value, int readings, String probe) {
    /** Of no probe that is known. */
    public Measured(MadeOf made, Measure measure, double value, int readings) {
        this(made, measure, value, readings, "");
    }

    /** A single reading. */
    public Measured(MadeOf made, Measure measure, double value) {
        this(made, measure, value, 1);
    }

    public Measured {
        boolean degrees = measure.quantity() == Quantity.CORE_AT;
        if (!(readings >= 1)) {
            throw new IllegalArgumentException("a mean of " + readings + " readings: must be of at least 1");
        }
        if (!(value > 0 || degrees) || !Double.isFinite(value)) {
            throw new IllegalArgumentException(measure.quantity().id() + " of " + value + " "
                    + measure.quantity().unit() + ": must be above 0");
        }
    }
}
