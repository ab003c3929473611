package com.deftchill.core.making;

import com.deftchill.core.making.Making.Run;
import com.deftchill.core.method.Step;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;

/** What is to be done about every step at a moment. */
public final class Guide {
    private static final long MINUTE = 60;

    private final Making making;
    private final long now;
    private final Map<String, Guided> byId = new HashMap<>();

    /** How it stands with a step. */
    public enum State {
        DONE,
        RUNNING,
        /** Can begin. */
        READY,
        /** All before it is done; it has to wait a little. */
        WAITS,
        LATER
    }

    /**
     * A step now; moments in s since 1970.
     *
     * @param began when it began
     * @param due of what runs: when it should be done, by its likely duration
     * @param ended when it was done
     * @param from of what waits: from when it may begin
     * @param until by when it must have begun; what closes then is told by {@code why}, in the words of {@link Step.After}
     */
    public record Guided(
            Step step,
            State state,
            OptionalLong began,
            OptionalLong due,
            OptionalLong ended,
            OptionalLong from,
            OptionalLong until,
            String why) {
        boolean isDone() {
            return state == State.DONE;
        }

        /** Whether somebody has to do something for it: what only takes time begins and ends by itself. */
        public boolean wantsHands() {
            return step.kind() != Step.Kind.WAITING;
        }
    }

    private Guide(Making making, long now) {
        this.making = making;
        this.now = now;
    }

    /** Every step in the order of the method. */
    public static List<Guided> of(List<Step> steps, Making making, long now) {
        var guide = new Guide(making, now);
        var all = new ArrayList<Guided>();
        for (var step : steps) {
            var guided = guide.guided(step);
            guide.byId.put(step.id(), guided);
            all.add(guided);
        }
        return all;
    }

    /** What wants hands next: what runs and is due, then what closes first, then in the order of the method. */
    public static Optional<Guided> next(List<Guided> steps, long now) {
        var due = steps.stream()
                .filter(s -> s.wantsHands() && s.state() == State.RUNNING)
                .min(Comparator.comparingLong(s -> s.due().orElse(Long.MAX_VALUE)));
        if (due.isPresent() && due.get().due().orElse(Long.MAX_VALUE) <= now) {
            return due;
        }
        return steps.stream()
                .filter(s -> s.wantsHands() && s.state() == State.READY)
                .min(Comparator.comparingLong(s -> s.until().orElse(Long.MAX_VALUE)))
                .or(() -> due);
    }

    private Guided guided(Step step) {
        var run = making.run(step.id());
        if (run.ended().isPresent()) {
            return plain(step, State.DONE, run, OptionalLong.empty());
        }
        if (run.began().isPresent()) {
            return running(step, run);
        }
        return open(step, run);
    }

    /** What only takes time is over when its time is. */
    private Guided running(Step step, Run run) {
        long due = run.began().getAsLong() + Math.round(step.minutes() * MINUTE);
        boolean over = step.kind() == Step.Kind.WAITING && due <= now;
        return over
                ? plain(step, State.DONE, new Run(run.began(), OptionalLong.of(due)), OptionalLong.empty())
                : plain(step, State.RUNNING, run, OptionalLong.of(due));
    }

    private Guided open(Step step, Run run) {
        long from = Long.MIN_VALUE;
        long until = Long.MAX_VALUE;
        var why = "";
        for (var after : step.after()) {
            var before = byId.get(after.step());
            if (before == null) {
                continue;
            }
            if (!before.isDone()) {
                return plain(step, State.LATER, run, OptionalLong.empty());
            }
            long ended = before.ended().getAsLong();
            from = Math.max(from, ended + Math.round(after.leastMinutes() * MINUTE));
            long closes = after.mostMinutes()
                    .map(most -> ended + Math.round(most * MINUTE))
                    .orElse(Long.MAX_VALUE);
            if (closes < until) {
                until = closes;
                why = after.why();
            }
        }
        if (step.kind() == Step.Kind.WAITING && from != Long.MIN_VALUE && from <= now) {
            return running(step, new Run(OptionalLong.of(from), OptionalLong.empty()));
        }
        return new Guided(
                step,
                from <= now ? State.READY : State.WAITS,
                run.began(),
                OptionalLong.empty(),
                run.ended(),
                from == Long.MIN_VALUE ? OptionalLong.empty() : OptionalLong.of(from),
                until == Long.MAX_VALUE ? OptionalLong.empty() : OptionalLong.of(until),
                why);
    }

    private static Guided plain(Step step, State state, Run run, OptionalLong due) {
        return new Guided(step, state, run.began(), due, run.ended(), OptionalLong.empty(), OptionalLong.empty(), "");
    }
}
