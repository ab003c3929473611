package com.deftchill.core.alternative;

import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Fix;
import java.util.List;
import java.util.Optional;

/**
 * Another gelling agent in place of the present one.
 *
 * @param product id of the other
 * @param name of the other
 * @param doses by each school, or for another agent one of like firmness
 * @param spreadG between the largest and the smallest dose, g
 * @param advice which one, and why
 * @param evidence where it comes from
 */
public record Swap(
        String product, String name, List<SwapDose> doses, double spreadG, String advice, Evidence evidence) {

    /**
     * A dose by one school.
     *
     * @param school id of the school; like for a dose of like firmness
     * @param words name of the school
     * @param rule of the school
     * @param recommended by the kitchen's settings
     * @param grams of the other
     * @param sheets of it, when it is sold in sheets
     * @param firmness it gives, 0 to 100; the present one for comparison is in the evidence
     * @param firmnessWords the same in words
     * @param standingMm turned out, mm
     * @param fix takes it
     */
    public record SwapDose(
            String school,
            String words,
            String rule,
            boolean recommended,
            double grams,
            Optional<Double> sheets,
            double firmness,
            String firmnessWords,
            Optional<Double> standingMm,
            Fix fix) {}
}
