package com.deftchill.core.alternative;

import com.deftchill.core.assess.Assessor;
import com.deftchill.core.batch.Component;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.label.Flags;
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
        return studied.dessert()
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

    /** What could be done otherwise to have it sooner, the cheapest first; problems where it cannot be computed. */
    public record WaysOutcome(List<Way> ways, List<Problem> problems) {}

    public WaysOutcome ways(WrittenFormula formula, Workplace workplace) {
        var studied = assessor.study(formula, workplace);
        return new WaysOutcome(
                studied.dessert()
                        .map(dessert -> Ways.of(dessert, formula, workplace.larder()))
                        .orElse(List.of()),
                studied.problems());
    }

    /** What came of swapping: swaps, or the problems that stand in their way. */
    public record SwapOutcome(List<Swap> swaps, List<Problem> problems) {}

    /**
     * Puts other gelling agents of the larder in place of that of a component: those named, or all.
     *
     * @param index of the component
     */
    public SwapOutcome swaps(WrittenFormula formula, int index, List<String> products, Workplace workplace) {
        var studied = assessor.study(formula, workplace);
        if (studied.dessert().isEmpty()) {
            return new SwapOutcome(List.of(), studied.problems());
        }
        var gelled = studied.dessert().get().portraits().stream()
                .filter(portrait -> portrait.index() == index)
                .flatMap(portrait -> portrait.study().stream())
                .filter(study -> study.component().gel() != Component.Gel.NONE)
                .findFirst();
        if (gelled.isEmpty()) {
            return new SwapOutcome(
                    List.of(),
                    List.of(Problem.of(
                            "component-without-gel",
                            "/component",
                            "Component",
                            Integer.toString(index),
                            "must be a layer with a gelling agent of its own")));
        }
        var swapping = new Swapping(assessor, formula, workplace, gelled.get());
        var present = gelled.get().component().gel().product().id();
        return new SwapOutcome(
                workplace.larder().gels().stream()
                        .filter(gel -> products.isEmpty() ? !gel.id().equals(present) : products.contains(gel.id()))
                        .map(swapping::to)
                        .toList(),
                List.of());
    }

    /** What came of looking for variants: those there are, or the problems that stand in their way. */
    public record VariantOutcome(List<Variant> variants, List<Problem> problems) {}

    /** The dessert for guests who do not eat or drink something. */
    public VariantOutcome variants(WrittenFormula formula, Workplace workplace) {
        var studied = assessor.study(formula, workplace);
        return studied.dessert()
                .map(dessert ->
                        new VariantOutcome(new Variants(assessor, formula, workplace, dessert).all(), List.of()))
                .orElseGet(() -> new VariantOutcome(List.of(), studied.problems()));
    }

    /** What came of scaling: a scaled formula, or the problems that stand in its way. */
    public record ScaleOutcome(Optional<Scaled> scaled, List<Problem> problems) {}

    /** Scales a formula to another mould, count or total. */
    public ScaleOutcome scale(WrittenFormula formula, ScaleWish wish, Workplace workplace) {
        var studied = assessor.study(formula, workplace);
        if (studied.dessert().isEmpty()) {
            return new ScaleOutcome(Optional.empty(), studied.problems());
        }
        return new Scaling(assessor, formula, workplace, studied.dessert().get()).to(wish);
    }

    /** Two states of a formula side by side. */
    public Comparison compare(WrittenFormula before, WrittenFormula after, Workplace workplace) {
        return Comparison.of(assessor, before, after, workplace);
    }
}
