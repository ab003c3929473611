package com.deftchill.planner;

import com.deftchill.core.plan.Day;
import com.deftchill.core.plan.Interval;
import com.deftchill.core.plan.Respects;
import com.deftchill.core.plan.Schedule;
import com.deftchill.core.plan.Solver.Solution;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executor;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleSupplier;

/**
 * The latest moment at which the first hands must be there: nobody is there before a moment, is there a schedule? Two look
 * for it beside each other. One asks with the cooks taken for one, which is soon answered: a no is a bound, a yes shows what
 * a schedule may look like. The other looks for schedules that look like it. Only minutes in which anybody is there are
 * counted: what cannot begin at eight in the morning begins before the evening of the day before.
 */
final class LateStart {
    /** Of what there is, the share that the first question may take: whether all can wait for the longest break's end. */
    private static final double TO_PROVE_BREAK = 0.5;

    /** Of what there is, the share that other questions may take each at first. */
    private static final double FIRST_SHARE = 0.2;

    /** By so many times as long as a question with the cooks taken for one. */
    private static final double REAL = 1.2;

    /** How near to the yes it is asked, of the way from no to yes: where the answer is told soonest. */
    private static final double IN_THE_MIDDLE = 0.5;

    private static final double BEFORE_THE_MIDDLE = 0.35;

    /** From the last service back, min of the clock. */
    record Found(Schedule schedule, long bound) {}

    interface Questions {
        /** A schedule that begins late, found soon or not at all. */
        Optional<Schedule> late(Day day, BooleanSupplier enough);

        /** Any schedule of a day like one that is there, within so many seconds. */
        Solution any(Day day, Schedule near, double seconds);

        /**
         * The same where it does not matter who does what: what is found may still be too much for each of them.
         *
         * @param ended whether nobody waits for it any more
         */
        Solution withCooksAsOne(Day day, double seconds, BooleanSupplier ended);
    }

    private final Day day;
    private final Questions questions;
    private final DoubleSupplier left;
    private final double slice;
    private final List<Interval> worked;
    private final long last;

    private Schedule best;
    /** Working minutes before the last service: of the best so far, of what is proved impossible. */
    private long hi;

    private long lo = 0;
    /** The same of what cooks who are one could do, and how. */
    private long possible;

    private Schedule near;
    private volatile boolean ended;

    private LateStart(Day day, Schedule from, Questions questions, DoubleSupplier left) {
        this.day = day;
        this.questions = questions;
        this.left = left;
        slice = left.getAsDouble() * FIRST_SHARE;
        worked = Stricter.worked(day);
        last = day.lastService();
        possible = Long.MAX_VALUE;
        take(from);
    }

    /**
     * @param day in which {@link Respects} other than the start and waiting have nothing left
     * @param from a schedule of it
     * @param questions that are answered within so many seconds
     * @param left seconds left for all of this
     * @param helpers where one of the two does its work; empty: one goes after the other
     */
    static Found of(
            Day day, Schedule from, Questions questions, DoubleSupplier left, Optional<? extends Executor> helpers) {
        var search = new LateStart(day, from, questions, left);
        if (helpers.isPresent()) {
            var proving = CompletableFuture.runAsync(() -> search.prove(0), helpers.get());
            search.find();
            proving.join();
        } else {
            search.prove(left.getAsDouble() / 2);
            search.find();
        }
        return new Found(search.best, search.last - search.momentOf(search.lo + 1));
    }

    /** Cooks as one: bounds, and what schedules may look like. */
    private void prove(double rest) {
        askAsOne(sinceLongestBreak(), (left.getAsDouble() - rest) * TO_PROVE_BREAK);
        var halving = new Halving(slice, IN_THE_MIDDLE, true);
        while (isGoingOn() && left.getAsDouble() > rest) {
            var next = halving.next(lo(), possible());
            if (next.isEmpty()) {
                break;
            }
            if (!askAsOne(next.getAsLong(), halving.seconds())) {
                halving.unknown(next.getAsLong());
            }
        }
    }

    /** Schedules: by many passes as long as nothing is told of what better ones may look like, else by what is told. */
    private void find() {
        try {
            var halving = new Halving(slice * REAL, BEFORE_THE_MIDDLE, false);
            pass();
            while (isGoingOn()) {
                var next =
                        possible() < hi() ? halving.next(Math.max(lo(), possible() - 1), hi()) : OptionalLong.empty();
                if (next.isEmpty()) {
                    pass();
                } else if (!ask(next.getAsLong(), halving.seconds())) {
                    halving.unknown(next.getAsLong());
                }
            }
        } finally {
            ended = true;
        }
    }

    private void pass() {
        double until = left.getAsDouble() - slice;
        questions
                .late(day, () -> !isGoingOn() || left.getAsDouble() < until || possible() < hi())
                .ifPresent(this::take);
    }

    private boolean isGoingOn() {
        return !ended && left.getAsDouble() > slice / 4 && hi() - lo() > 1;
    }

    /** @return whether it was told in time; that it could not be done is known from then on */
    private boolean askAsOne(long minutes, double within) {
        if (minutes <= lo() || minutes >= possible()) {
            return true;
        }
        var found = questions.withCooksAsOne(
                Stricter.from(day, momentOf(minutes)), Math.min(within, left.getAsDouble()), () -> ended);
        return tell(minutes, found, false);
    }

    private boolean ask(long minutes, double within) {
        var found = questions.any(Stricter.from(day, momentOf(minutes)), near(), Math.min(within, left.getAsDouble()));
        return tell(minutes, found, true);
    }

    /** @param real whether each task has its cook */
    private synchronized boolean tell(long minutes, Solution found, boolean real) {
        found.schedule().ifPresent(schedule -> {
            if (real) {
                take(schedule);
            } else if (minutes < possible) {
                possible = minutes;
                near = schedule;
            }
        });
        lo = found.impossible() ? Math.max(lo, minutes) : lo;
        return found.impossible() || found.schedule().isPresent();
    }

    private synchronized void take(Schedule schedule) {
        long minutes = minutesFrom(last - new Respects(day, schedule).start());
        if (best == null || minutes < hi) {
            best = schedule;
            hi = minutes;
        }
        if (hi <= possible) {
            possible = hi;
            near = best;
        }
    }

    private synchronized long hi() {
        return hi;
    }

    private synchronized long lo() {
        return lo;
    }

    private synchronized long possible() {
        return possible;
    }

    private synchronized Schedule near() {
        return near;
    }

    /** Whether nothing need be begun before the longest break is told first: it decides most. */
    private long sinceLongestBreak() {
        long since = 0;
        long longest = 0;
        long minutes = 0;
        for (int i = worked.size() - 1; i > 0; i--) {
            since += worked.get(i).minutes();
            long pause = worked.get(i).from() - worked.get(i - 1).to();
            if (since < hi() && pause > longest) {
                longest = pause;
                minutes = since;
            }
        }
        return minutes;
    }

    /** The moment from which so many working minutes are left. */
    private long momentOf(long minutes) {
        long rest = minutes;
        for (int i = worked.size() - 1; i >= 0; i--) {
            var stretch = worked.get(i);
            if (stretch.minutes() >= rest) {
                return stretch.to() - rest;
            }
            rest -= stretch.minutes();
        }
        return worked.get(0).from();
    }

    private long minutesFrom(long moment) {
        return worked.stream()
                .mapToLong(stretch -> Math.max(0, stretch.to() - Math.max(moment, stretch.from())))
                .sum();
    }
}
