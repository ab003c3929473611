package com.deftchill.core.sums;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.text.Notation;
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
 * @param moulds that it is made for; absent where none are named
 */
public record SumAnswer(
        String sentence,
        String caution,
        List<SumFigure> figures,
        Evidence evidence,
        Optional<WrittenFormula.Component> component,
        Optional<WrittenFormula.Moulds> moulds) {
    SumAnswer(
            String sentence,
            String caution,
            List<SumFigure> figures,
            Evidence evidence,
            Optional<WrittenFormula.Component> component) {
        this(sentence, caution, figures, evidence, component, Optional.empty());
    }

    /** The same, made for so many of a mould. */
    SumAnswer madeFor(String mould, double count) {
        var moulds = new WrittenFormula.Moulds(mould, Notation.write(count, 0), "", "", "");
        return new SumAnswer(sentence, caution, figures, evidence, component, Optional.of(moulds));
    }

    public SumAnswer {
        figures = List.copyOf(figures);
    }

    /** A named figure with its unit. */
    public record SumFigure(String name, String value) {}
}
