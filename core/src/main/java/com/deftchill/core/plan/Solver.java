package com.deftchill.core.plan;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;

/** Finds a schedule for a day. What it answers keeps every rule of {@link Checker}, but may be late where it must. */
public interface Solver {
    /** What is asked of it. */
    enum Aim {
        /** Only whether everything can be ready in time. */
        FITS,
        /** The best in every respect, one after another. */
        BEST,
        /** With as little moved as can be. */
        LEAST_MOVED
    }

    /**
     * How it is asked.
     *
     * @param aim what for
     * @param budget clock time at most; where it is repeatable, so much of the solver's own work, whatever the clock says
     * @param seed of its choices
     * @param repeatable whether the same day, seed and budget must give the same schedule; else it may use all threads
     * @param before the schedule that it begins from; of {@link Aim#LEAST_MOVED} the one that counts
     * @param stopped whether nobody waits for it any more; asked now and then
     */
    record Options(
            Aim aim,
            Duration budget,
            int seed,
            boolean repeatable,
            Optional<Schedule> before,
            BooleanSupplier stopped) {
        public static Options of(Aim aim, Duration budget) {
            return new Options(aim, budget, 1, false, Optional.empty(), () -> false);
        }

        public Options from(Schedule schedule) {
            return new Options(aim, budget, seed, repeatable, Optional.of(schedule), stopped);
        }

        public Options stoppedBy(BooleanSupplier when) {
            return new Options(aim, budget, seed, repeatable, before, when);
        }

        public Options seededWith(int other) {
            return new Options(aim, budget, other, repeatable, before, stopped);
        }

        public Options repeatably(int from) {
            return new Options(aim, budget, from, true, before, stopped);
        }

        public Options with(Aim other, Duration time) {
            return new Options(other, time, seed, repeatable, before, stopped);
        }
    }

    /**
     * One respect in which it was made better, in this order: {@code moved}, {@code late}, {@code windows},
     * {@code service}, {@code evening}, {@code start} (the first work, as late as can be), {@code waiting} (every step, as
     * late as can be).
     *
     * @param code the respect
     * @param cost what is left of it
     * @param bound that no schedule can be better than
     * @param seconds spent on it
     */
    record Level(String code, double cost, double bound, double seconds) {
        public boolean proved() {
            return cost - bound < 0.5;
        }
    }

    /**
     * What was found.
     *
     * @param schedule empty where there is none
     * @param impossible whether it was proved that there is none
     * @param levels in the order in which they were settled
     * @param seconds clock time
     */
    record Solution(Optional<Schedule> schedule, boolean impossible, List<Level> levels, double seconds) {
        public Solution {
            levels = List.copyOf(levels);
        }
    }

    Solution solve(Day day, Options options);
}
