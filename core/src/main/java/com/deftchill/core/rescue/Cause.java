package com.deftchill.core.rescue;

import java.util.Map;

/**
 * Something that goes wrong in a kitchen.
 *
 * @param where which desserts it can happen to
 * @param often in what share of such batches it happens, 0 to 1 [E]
 * @param deviation what it does to the batch
 * @param sizes of the deviation: small, usual, large; a quarter, half and a quarter of the cases
 * @param acts causes with the same word do the same to the dessert
 * @param gives by symptom the chance that it is seen then, where no model computes it, 0 to 1
 * @param look what tells it from the others
 * @param found how often the look finds it where it is the cause, 0 to 1
 */
public record Cause(
        String id,
        Trait where,
        double often,
        Deviation deviation,
        double[] sizes,
        String acts,
        Map<String, Double> gives,
        Look look,
        double found) {
    /** How often each of the sizes is met. */
    static final double[] SHARES = {0.25, 0.5, 0.25};

    public Cause {
        gives = Map.copyOf(gives);
        sizes = sizes.clone();
    }
}
