package com.deftchill.core.plan;

import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A plan solved, with its coolers: how long a dessert chills depends on what else is warm in there, and that on the plan.
 * So it is planned, the coolers are followed, and it is planned again, until both agree; after six rounds the later times
 * are taken.
 */
public final class Planning {
    private static final int ROUNDS = 6;
    /** Times that differ by no more count as agreed, min. */
    private static final int AGREED = 1;
    /** Of the time, the share of the first round. */
    private static final double FIRST = 0.45;

    /** The same where it begins from a schedule that was planned so before: it seldom takes another round. */
    private static final double AGAIN = 0.85;
    /** So much more than a schedule before it took, min. */
    private static final int MARGIN = 3;

    /** Of what is left of it, the share of each one after. */
    private static final double NEXT = 0.7;

    private Planning() {}

    /**
     * A solved plan.
     *
     * @param day with the times that the coolers make of it
     * @param solution what was found
     * @param extraMinutes by task: so much longer it chills, or waits for the layer below, since others are warm in the
     *     same cooler
     * @param peakC by cooler: the highest temperature of its air, °C
     * @param rounds of planning and following
     * @param stretched by task where plan and coolers do not agree: so many minutes sooner than the coolers let it
     */
    public record Planned(
            Day day,
            Solver.Solution solution,
            Map<String, Integer> extraMinutes,
            Map<String, Double> peakC,
            int rounds,
            Map<String, Integer> stretched) {
        /** Whether plan and coolers agree. */
        public boolean agreed() {
            return stretched.isEmpty();
        }

        /** Whether something is late that no search has proved must be so: looking for longer may still mend it. */
        public boolean lateUnproved() {
            return solution.schedule().isPresent() && isNotInTime() && !(proved("closed") && proved("late"));
        }

        private boolean isNotInTime() {
            return solution.schedule()
                    .map(s -> Checker.check(day, s).stream()
                            .anyMatch(b -> b.code().equals("late")))
                    .orElse(true);
        }

        private boolean proved(String respect) {
            return solution.levels().stream().anyMatch(level -> level.code().equals(respect) && level.proved());
        }
    }

    /** Never worse than the schedule that it begins from. */
    public static Planned plan(ReadPlan read, Solver solver, Solver.Options options) {
        var found = search(read, solver, options);
        if (options.aim() != Solver.Aim.BEST || options.before().isEmpty() || !found.isNotInTime()) {
            return found;
        }
        var before = asItIs(read, options.before());
        return before.isNotInTime() ? found : before;
    }

    private static Planned search(ReadPlan read, Solver solver, Solver.Options options) {
        long end = System.nanoTime() + options.budget().toNanos();
        var extra = first(read, options);
        var day = longer(read.day(), extra);
        double share = extra.isEmpty() ? FIRST : AGAIN;
        var first = Duration.ofMillis((long) (options.budget().toMillis() * share));
        var solution = solver.solve(day, options.with(options.aim(), first));
        if (solution.schedule().isEmpty() && !solution.impossible()) {
            // Not found yet is not impossible: the rest of the time goes into any plan at all.
            var rest = Duration.ofNanos(Math.max(0, end - System.nanoTime()));
            solution = solver.solve(day, options.with(options.aim(), rest));
        }
        int rounds = 1;
        while (solution.schedule().isPresent()) {
            var outcome = Together.of(read, solution.schedule().get());
            if (agreed(extra, outcome.extraMinutes()) || rounds == ROUNDS) {
                break;
            }
            outcome.extraMinutes().forEach((task, minutes) -> extra.merge(task, minutes, Math::max));
            var warmer = longer(read.day(), extra);
            var left = Duration.ofNanos(Math.max(300_000_000L, (long) ((end - System.nanoTime()) * NEXT)));
            // What was found stays as far as can be: it is as good as it was but for these minutes.
            var least = options.with(Solver.Aim.LEAST_MOVED, left)
                    .from(solution.schedule().get());
            var next = solver.solve(warmer, least);
            rounds++;
            if (next.schedule().isEmpty() && !next.impossible()) {
                break;
            }
            solution = new Solver.Solution(
                    next.schedule(), next.impossible(), solution.levels(), solution.seconds() + next.seconds());
        }
        return solution.schedule().isEmpty()
                ? nothing(day, solution, rounds)
                : held(read, solution.schedule().get(), solution, rounds);
    }

    private static Planned nothing(Day day, Solver.Solution solution, int rounds) {
        return new Planned(day, solution, Map.of(), Map.of(), rounds, Map.of());
    }

    /** A schedule with what the coolers make of it: told in the same way when it is found and when it is opened again. */
    private static Planned held(ReadPlan read, Schedule schedule, Solver.Solution solution, int rounds) {
        var outcome = Together.of(read, schedule);
        var extra = extra(read, schedule, outcome.extraMinutes());
        var stretched = new HashMap<String, Integer>();
        outcome.extraMinutes().forEach((task, minutes) -> {
            int sooner = minutes - extra.getOrDefault(task, 0);
            if (sooner > AGREED) {
                stretched.put(task, sooner);
            }
        });
        return new Planned(
                longer(read.day(), extra), solution, Map.copyOf(extra), outcome.peakC(), rounds, Map.copyOf(stretched));
    }

    /**
     * How much longer they chill together, as far as the schedule that it begins from tells. A better one has them in the
     * cooler at other times: with a little more than they took it seldom needs another round.
     */
    private static Map<String, Integer> first(ReadPlan read, Solver.Options options) {
        if (options.before().isEmpty()) {
            return new HashMap<>();
        }
        var before = options.before().get();
        if (options.aim() != Solver.Aim.BEST) {
            return new HashMap<>(extra(read, before, Together.of(read, before).extraMinutes()));
        }
        var extra = new HashMap<>(Together.of(read, before).extraMinutes());
        extra.replaceAll((task, minutes) -> minutes + MARGIN);
        return extra;
    }

    /** What a schedule that is there comes to; without one, or with one of another plan, nothing is placed. */
    public static Planned asItIs(ReadPlan read, Optional<Schedule> schedule) {
        var placed = schedule.filter(
                s -> read.day().tasks().stream().allMatch(task -> s.slots().containsKey(task.id())));
        if (placed.isEmpty()) {
            return nothing(read.day(), new Solver.Solution(Optional.empty(), false, List.of(), 0), 0);
        }
        return held(read, placed.get(), new Solver.Solution(placed, false, List.of(), 0), 0);
    }

    /**
     * By task, how much longer than alone, as a schedule has it: chills as they are there, layers as its cooler makes them wait, as near
     * as the schedule lets them. What it was planned with may be a little more or less than what its own coolers then come to; that is
     * no fault of the schedule as long as it keeps what holds alone.
     */
    private static Map<String, Integer> extra(ReadPlan read, Schedule schedule, Map<String, Integer> together) {
        var extra = new HashMap<String, Integer>();
        for (var task : read.day().tasks()) {
            var slot = schedule.slots().get(task.id());
            if (slot == null) {
                continue;
            }
            if (chills(task.id())) {
                extra.put(task.id(), Math.max(0, slot.minutes() - read.day().minutes(task)));
            } else if (task.after().stream().anyMatch(Lag::carries)) {
                extra.put(task.id(), waits(task, slot, schedule, together.getOrDefault(task.id(), 0)));
            }
        }
        extra.values().removeIf(minutes -> minutes == 0);
        return extra;
    }

    /** Of what the coolers make a layer wait as much as the schedule waited, and more where it waited longer than its window. */
    private static int waits(Task task, Slot slot, Schedule schedule, int together) {
        int extra = together;
        for (var lag : task.after()) {
            var earlier = schedule.slots().get(lag.task());
            if (!lag.carries() || earlier == null) {
                continue;
            }
            int waited = (int) (slot.start() - earlier.end());
            if (lag.most().isPresent()) {
                extra = Math.max(extra, Math.min(waited - lag.most().getAsInt(), together + AGREED + MARGIN));
            }
            extra = Math.min(extra, Math.max(0, waited - lag.least()));
        }
        return Math.max(0, extra);
    }

    private static boolean chills(String task) {
        return task.endsWith("/chill");
    }

    private static boolean agreed(Map<String, Integer> taken, Map<String, Integer> found) {
        return found.entrySet().stream()
                .allMatch(task -> task.getValue() - taken.getOrDefault(task.getKey(), 0) <= AGREED);
    }

    /** The same day with some desserts chilling for longer, and some layers waiting for longer. */
    static Day longer(Day day, Map<String, Integer> extra) {
        return day.withTasks(day.tasks().stream()
                .map(task -> longer(task, extra.getOrDefault(task.id(), 0)))
                .toList());
    }

    private static Task longer(Task task, int extra) {
        if (chills(task.id())) {
            return task.withMinutes(task.minutes() + extra);
        }
        return task.withAfter(task.after().stream()
                .map(lag -> lag.carries() ? lag.longer(extra) : lag)
                .toList());
    }
}
