package com.deftchill.core.alternative;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.verdict.Evidence;
import java.util.List;

/**
 * A formula scaled and rounded to what the kitchen's scales weigh.
 *
 * @param document the scaled formula
 * @param factor on every amount before rounding
 * @param lines each amount before and after
 * @param rounding what the rounding does
 * @param leftover what is left over, or that nothing is
 * @param figures computed figures now and scaled
 * @param evidence where the factor comes from
 */
public record Scaled(
        WrittenFormula document,
        double factor,
        List<ScaledLine> lines,
        String rounding,
        String leftover,
        List<Comparison.Row> figures,
        Evidence evidence) {

    /** An amount: now, times the factor, and as it is weighed; g. */
    public record ScaledLine(String name, double nowG, double exactG, double weighedG) {}
}
