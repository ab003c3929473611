package com.deftchill.core.sums;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.verdict.Evidence;
import java.util.List;
import java.util.Optional;

/**
 * What a sum comes to.
 *
 * @param sentence the answer
 * @param caution what can go wrong; may be empty
 * @param figures in the order of interest
 * @param evidence where they come from
 * @param component of a dessert that the answer makes; absent where there is none
 */
public record SumAnswer(
        String sentence,
        String caution,
        List<SumFigure> figures,
        Evidence evidence,
        Optional<WrittenFormula.Component> component) {
    public SumAnswer {
        figures = List.copyOf(figures);
    }

    /** A named figure with its unit. */
    public record SumFigure(String name, String value) {}
}
