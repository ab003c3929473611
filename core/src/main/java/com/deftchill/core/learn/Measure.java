package com.deftchill.core.learn;

import java.util.Optional;

/**
 * What of a batch is measured.
 *
 * @param component of which layer, where it is of one; else 0
 * @param level of {@link Quantity#CORE_AT} minutes after the pour; else 0
 * @param unknown where the reading is the number itself, that number; else the models tell what it hangs on
 */
public record Measure(Quantity quantity, int component, double level, Optional<Unknown> unknown) {
    public static Measure of(Quantity quantity) {
        return new Measure(quantity, 0, 0, Optional.empty());
    }

    /** The core's temperature some minutes after the pour. */
    public static Measure coreAt(double minutes) {
        return new Measure(Quantity.CORE_AT, 0, minutes, Optional.empty());
    }

    /** Of one component. */
    public static Measure of(Quantity quantity, int component) {
        return new Measure(quantity, component, 0, Optional.empty());
    }

    /** A reading of a number itself. */
    public static Measure direct(Quantity quantity, Unknown unknown) {
        return new Measure(quantity, 0, 0, Optional.of(unknown));
    }
}
