package com.deftchill.core.parameters;

/**
 * A constant of a model.
 *
 * @param id model and name, such as {@code gel.exponent}
 * @param name as a cook reads it
 * @param value in its unit
 * @param unit such as Pa; {@code share} is 0 to 1; empty for a bare number
 * @param grade S = standard, L = literature, E = engineering estimate
 * @param source where the value comes from
 * @param low least plausible value
 * @param high greatest plausible value
 */
public record Parameter(
        String id, String name, double value, String unit, String grade, String source, double low, double high) {
    public Parameter {
        if (!(low <= value && value <= high)) {
            throw new IllegalArgumentException("parameter " + id + " is " + value + " " + unit + ": must be from " + low
                    + " to " + high + ". Maybe its row of parameters.csv has a slip");
        }
    }

    /** The same at another value. */
    public Parameter at(double other) {
        return new Parameter(id, name, other, unit, grade, source, low, high);
    }

    /** The same as a kitchen has measured it: its range makes room. */
    Parameter measured(double other) {
        return new Parameter(id, name, other, unit, grade, source, Math.min(low, other), Math.max(high, other));
    }
}
