package com.deftchill.core.batch;

/**
 * What the cook asks for beyond the way of serving.
 *
 * @param kind of figure
 * @param value firmness 0 to 100, or standing height in mm
 */
public record Wanted(Kind kind, double value) {
    /** Which figure is asked for. */
    public enum Kind {
        FIRMNESS,
        HEIGHT_MM
    }
}
