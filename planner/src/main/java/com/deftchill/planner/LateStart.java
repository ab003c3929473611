package com.deftchill.planner;

import com.deftchill.core.plan.Day;
import com.deftchill.core.plan.Interval;
import com.deftchill.core.plan.Respects;
import com.deftchill.core.plan.Schedule;
import com.deftchill.core.plan.Solver.Solution;
import java.util.List;
import java.util.function.DoubleSupplier;

/**
 * The latest moment at which the first hands must be there, found by halving: nobody is there before a moment, is there a
 * schedule? If there is, later; if it is proved that there is none, earlier, and no schedule begins later than that; if
 * neither is known in time, earlier for now, and again with more time at the end. Only minutes in which anybody is there
 * are counted: what cannot begin at eight in the morning begins before the evening of the day before.
 */
final class LateStart {
    /** Of what there is, the share that the first questions may take each; where that tells nothing, twice as much. */
    private static final double FIRST_SHARE = 0.15;

    /** From the last service back, min of the clock. */
    record Found(Schedule schedule, long bound) {}

    interface Any {
        Solution of(Day day, Schedule near, double seconds);
    }

    private final Day day;
    private final Any solver;
    private final DoubleSupplier left;
    private final List<Interval> worked;
    private final long last;

    private Schedule best;
    /** Working minutes before the last service: of the best so far, of what is proved impossible, of what is not known. */
    private long hi;

    private long lo = 0;
    private long doubt = 0;

    private LateStart(Day day, Schedule from, Any solver, DoubleSupplier left) {
        this.day = day;
        this.solver = solver;
        this.left = left;
        worked = Stricter.worked(day);
        last = day.lastService();
        take(from);
    }

    /**
     * @param day in which {@link Respects} other than the start and waiting have nothing left
     * @param from a schedule of it
     * @param solver any schedule of a day within so many seconds
     * @param left seconds left for all of this
     */
    static Found of(Day day, Schedule from, Any solver, DoubleSupplier left) {
        return new LateStart(day, from, solver, left).run();
    }

    private Found run() {
        double slice = left.getAsDouble() * FIRST_SHARE;
        long late = sinceLongestBreak();
        // What is plainly too late is proved at once, and costs nothing.
        long proved;
        do {
            proved = lo;
            ask((lo + late) / 2, slice / 2);
        } while (lo > proved);
        ask(late, slice);
        while (hi - lo > 1 && left.getAsDouble() > slice / 2) {
            if (hi - doubt <= 1) {
                doubt = lo;
                slice *= 2;
            }
            ask((doubt + hi) / 2, Math.min(slice, left.getAsDouble()));
        }
        return new Found(best, last - momentOf(lo + 1));
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
        var found = solver.of(Stricter.from(day, momentOf(minutes)), best, within);
        if (found.schedule().isPresent()) {
            take(found.schedule().get());
        } else {
            doubt = minutes;
            lo = found.impossible() ? minutes : lo;
        }
    }

    private void take(Schedule schedule) {
        best = schedule;
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
