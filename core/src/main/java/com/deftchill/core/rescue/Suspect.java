package com.deftchill.core.rescue;

import java.util.Optional;

/**
 * A cause in question for one batch.
 *
 * @param what it is
 * @param cause out of the list; absent of the formula, a measured value and time
 * @param address of the measured value; else empty
 * @param component that it happened to, by its index; -1: the whole
 * @param likelihood of all that come into question, 0 to 1
 * @param chance that the batch shows the symptom with it
 * @param without the chance without it
 * @param readings how well it gives what was read of the core, 0 to 1, 1: as well as anything can; absent where nothing was read
 * @param as the batch with it, at its likeliest size
 * @param size of the deviation there
 */
public record Suspect(
        What what,
        Optional<Cause> cause,
        String address,
        int component,
        double likelihood,
        double chance,
        double without,
        Optional<Double> readings,
        Case as,
        double size) {
    /** Where a suspicion comes from. */
    public enum What {
        /** The formula gives it as it is written. */
        FORMULA,
        /** A value was measured that is not as written. */
        MEASURED,
        /** It was looked at before its time. */
        TOO_EARLY,
        /** Something that nobody measured. */
        CAUSE
    }

    /** Suspects with the same word do the same to the dessert. */
    String acts() {
        return switch (what) {
            case FORMULA -> "formula";
            case MEASURED -> address;
            case TOO_EARLY -> "too-early";
            case CAUSE -> cause.orElseThrow().acts();
        };
    }

    Suspect withLikelihood(double other) {
        return new Suspect(what, cause, address, component, other, chance, without, readings, as, size);
    }
}
