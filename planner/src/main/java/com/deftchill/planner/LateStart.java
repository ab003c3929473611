package com.deftchill.planner;

import com.deftchill.core.plan.Day;
import com.deftchill.core.plan.Interval;
import com.deftchill.core.plan.Respects;
import com.deftchill.core.plan.Schedule;
import com.deftchill.core.plan.Solver.Solution;
import java.util.List;
import java.util.function.DoubleSupplier;

/**
 * The latest moment at which the first hands must be there: nobody is there before a moment, is there a schedule? First
 * the moment after which there is none is looked for, by halving, with the cooks taken for one, which is soon proved; then a
 * schedule that begins close to it; then halving between the two. What is not known in time is taken for neither, and asked
 * again at the end. Only minutes in which anybody is there are counted: what cannot begin at eight in the morning begins
 * before the evening of the day before.
 */
final class LateStart {
    /** Of what there is, the share that the first question may take: whether all can wait for the longest break's end. */
    private static final double TO_PROVE_BREAK = 0.35;

    /** Of what there is, the share that other questions may take each; where they tell nothing, twice as much. */
    private static final double FIRST_SHARE = 0.12;

    /** What is proved is looked for as closely as this, in parts of the time from the first work to the last service. */
    private static final double GRAIN = 0.01;

    /** Of what is not known, how much may be left before it is looked at again for longer, by how often it was. */
    private static final double[] COARSE = {0.5, 0.25, 0};

    /** From the last service back, min of the clock. */
    record Found(Schedule schedule, long bound) {}

    interface Questions {
        /** Any schedule of a day, within so many seconds. */
        Solution any(Day day, Schedule near, double seconds);

        /** The same where it does not matter who does what: what is found may still be too much for each of them. */
        Solution withCooksAsOne(Day day, double seconds);
    }

    private final Day day;
    private final Questions questions;
    private final DoubleSupplier left;
    private final List<Interval> worked;
    private final long last;

    private Schedule best;
    /** What a schedule may look like that begins late, if that is known. */
    private Schedule near;
    /** Working minutes before the last service: of the best so far, of what is proved impossible, of what is not known. */
    private long hi;

    private long lo = 0;
    private long doubt = 0;

    private LateStart(Day day, Schedule from, Questions questions, DoubleSupplier left) {
        this.day = day;
        this.questions = questions;
        this.left = left;
        worked = Stricter.worked(day);
        last = day.lastService();
        take(from);
    }

    /**
     * @param day in which {@link Respects} other than the start and waiting have nothing left
     * @param from a schedule of it
     * @param questions that are answered within so many seconds
     * @param left seconds left for all of this
     */
    static Found of(Day day, Schedule from, Questions questions, DoubleSupplier left) {
        return new LateStart(day, from, questions, left).run();
    }

    private Found run() {
        double slice = left.getAsDouble() * FIRST_SHARE;
        long late = sinceLongestBreak();
        boolean canWait = isPossible(late, left.getAsDouble() * TO_PROVE_BREAK);
        if (canWait || lo >= late) {
            ask(latestPossible(canWait ? late : hi, slice), slice * 2);
        }
        for (int round = 0; hi - lo > 1 && left.getAsDouble() > slice / 2; ) {
            doubt = Math.max(doubt, lo);
            if (hi - doubt <= Math.max(1, (hi - lo) * COARSE[Math.min(round, COARSE.length - 1)])) {
                round++;
                slice *= 2;
                if (round > 1) {
                    isPossible((lo + hi) / 2, Math.min(slice, left.getAsDouble()));
                }
                doubt = lo;
            }
            ask((doubt + hi) / 2, Math.min(slice, left.getAsDouble()));
        }
        return new Found(best, last - momentOf(lo + 1));
    }

    /** Halves what is not known up to some minutes, as long as each question is answered soon. */
    private long latestPossible(long from, double slice) {
        long possible = from;
        while (possible - lo > Math.max(1, GRAIN * (last - momentOf(lo + 1)))) {
            long mid = (lo + possible) / 2;
            if (isPossible(mid, Math.min(slice, left.getAsDouble()))) {
                possible = mid;
            } else if (lo < mid) {
                break;
            }
        }
        return possible;
    }

    /** Whether it is known that it could be done by cooks who are one; that it could not is known from then on. */
    private boolean isPossible(long minutes, double within) {
        if (minutes <= lo || minutes >= hi || within <= 0) {
            return false;
        }
        var found = questions.withCooksAsOne(Stricter.from(day, momentOf(minutes)), within);
        found.schedule().ifPresent(schedule -> near = schedule);
        lo = found.impossible() ? minutes : lo;
        return found.schedule().isPresent();
    }

    /** Whether nothing need be begun before the longest break is told first: it decides most. */
    private long sinceLongestBreak() {
        long since = 0;
        long longest = 0;
        long minutes = 0;
        for (int i = worked.size() - 1; i > 0; i--) {
            since += worked.get(i).minutes();
            long pause = worked.get(i).from() - worked.get(i - 1).to();
            if (since < hi && pause > longest) {
                longest = pause;
                minutes = since;
            }
        }
        return minutes;
    }

    private void ask(long minutes, double within) {
        if (minutes <= lo || minutes >= hi) {
            return;
        }
        var found = questions.any(Stricter.from(day, momentOf(minutes)), near, within);
        if (found.schedule().isPresent()) {
            take(found.schedule().get());
        } else {
            lo = found.impossible() ? minutes : lo;
            doubt = minutes;
        }
    }

    private void take(Schedule schedule) {
        best = schedule;
        near = schedule;
        hi = minutesFrom(last - new Respects(day, schedule).start());
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
