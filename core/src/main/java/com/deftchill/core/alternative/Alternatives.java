package com.deftchill.core.alternative;

import com.deftchill.core.assess.Assessor;
import com.deftchill.core.batch.Component;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.dessert.Study;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.label.Flags;
import com.deftchill.core.verdict.Answer;
import com.deftchill.core.verdict.Problem;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;

/** A formula otherwise: other agents, sizes, guests, ways, two states side by side. Safe for use by many threads. */
public final class Alternatives {
    private final Assessor assessor;

    public Alternatives(Assessor assessor) {
        this.assessor = assessor;
    }

    /**
     * A formula in the figures that it is compared by.
     *
     * @param by clock time at which it is wanted; absent when it is not asked
     */
    public WhatIf whatIf(WrittenFormula formula, Optional<LocalTime> by, Workplace workplace) {
        var studied = assessor.study(formula, workplace);
        return studied.value()
                .map(dessert -> WhatIf.of(
                        dessert,
                        assessor.judge(dessert, new Flags(dessert, workplace.larder()))
                                .all(),
                        by.map(time -> minutes(dessert.batch().pouredAt(), time))))
                .orElseGet(() -> WhatIf.cannot(studied.problems()));
    }

    /** Minutes until the clock next shows a time. */
    private static double minutes(LocalTime from, LocalTime to) {
        double minutes = (to.toSecondOfDay() - from.toSecondOfDay()) / 60.0;
        return minutes <= 0 ? minutes + 24 * 60 : minutes;
    }

    /** What could be done otherwise to have it sooner, the cheapest first. */
    public Answer<List<Way>> ways(WrittenFormula formula, Workplace workplace) {
        return assessor.study(formula, workplace).map(dessert -> Ways.of(dessert, formula, workplace.larder()));
    }

    /**
     * Puts other gelling agents of the larder in place of that of a component: those named, or all.
     *
     * @param index of the component
     */
    public Answer<List<Swap>> swaps(WrittenFormula formula, int index, List<String> products, Workplace workplace) {
        return assessor.study(formula, workplace)
                .flatMap(dessert -> gelled(dessert, index)
                        .map(now -> Answer.of(swaps(formula, now, products, workplace)))
                        .orElseGet(() -> Answer.not(List.of(Problem.of(
                                "component-without-gel",
                                "/component",
                                "Component",
                                Integer.toString(index),
                                Problem.rule("component-without-gel"))))));
    }

    private static Optional<Study> gelled(Dessert dessert, int index) {
        return dessert.portraits().stream()
                .filter(portrait -> portrait.index() == index)
                .flatMap(portrait -> portrait.study().stream())
                .filter(study -> study.component().gel() != Component.Gel.NONE)
                .findFirst();
    }

    private List<Swap> swaps(WrittenFormula formula, Study now, List<String> products, Workplace workplace) {
        var swapping = new Swapping(assessor, formula, workplace, now);
        var present = now.component().gel().product().id();
        return workplace.larder().gels().stream()
                .filter(gel -> products.isEmpty() ? !gel.id().equals(present) : products.contains(gel.id()))
                .map(swapping::to)
                .toList();
    }

    /** The dessert for guests who do not eat or drink something. */
    public Answer<List<Variant>> variants(WrittenFormula formula, Workplace workplace) {
        return assessor.study(formula, workplace)
                .map(dessert -> new Variants(assessor, formula, workplace, dessert).all());
    }

    /** A batch of which some moulds are made otherwise. */
    public Answer<SplitBatch> split(WrittenFormula formula, Workplace workplace) {
        return assessor.study(formula, workplace)
                .flatMap(dessert -> new Splitting(assessor, formula, workplace, dessert).split());
    }

    /** Scales a formula to another mould, count or total. */
    public Answer<Scaled> scale(WrittenFormula formula, ScaleWish wish, Workplace workplace) {
        return assessor.study(formula, workplace)
                .flatMap(dessert -> new Scaling(assessor, formula, workplace, dessert).to(wish));
    }

    /** Two states of a formula side by side. */
    public Comparison compare(WrittenFormula before, WrittenFormula after, Workplace workplace) {
        return Comparison.of(assessor, before, after, workplace);
    }
}
