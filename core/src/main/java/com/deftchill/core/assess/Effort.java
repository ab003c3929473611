package com.deftchill.core.assess;

import com.deftchill.core.batch.Batch;
import com.deftchill.core.batch.Stack;
import com.deftchill.core.build.Build;
import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Notation;
import com.deftchill.core.verdict.Problem;
import java.util.Optional;

/**
 * How much there is to compute, known before computing: every layer adds rows to the field, and every layer, place and day
 * adds steps to its chill, so that the time taken goes with layers x (layers + places + days). Measured: about 0.4 ms for each
 * of these products in the largest mould (docs/figures.md).
 *
 * @param layers that lie in the mould
 * @param places that it stands in, one after the other
 * @param days from the first pour until it is served
 */
record Effort(int layers, int places, double days) {
    /** About a second. */
    private static final double MOST = 2000;

    private static final double DAY = 24 * 3600;

    static Effort of(Batch batch, Stack stack) {
        int layers = (int) stack.beds().stream().filter(Stack.Bed::exists).count();
        var timetable = batch.timetable();
        int last = timetable.stays().size() - 1;
        double seconds = timetable.ends() ? timetable.endSeconds() : timetable.startSeconds(last) + Build.LASTS;
        return new Effort(layers, last + 1, seconds / DAY);
    }

    /** What stands in the way of computing it, with what would do; empty when nothing does. */
    Optional<Problem> problem() {
        double other = places + days;
        if (layers * (layers + other) <= MOST) {
            return Optional.empty();
        }
        double fit = Math.floor((Math.sqrt(other * other + 4 * MOST) - other) / 2);
        var value = layers + " layers in " + places + (places == 1 ? " place" : " places") + " over "
                + Notation.write(days, 1) + " days";
        return Optional.of(Problem.of(
                "too-much-to-compute",
                "/components",
                "Layers",
                value,
                Problem.rule("too-much-to-compute").with("fit", Argument.figure(fit, 0))));
    }
}
