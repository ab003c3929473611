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
     * @param agreed whether plan and coolers agree; else the later times were taken
     */
    public record Planned(
            Day day,
            Solver.Solution solution,
            Map<String, Integer> extraMinutes,
            Map<String, Double> peakC,
            int rounds,
            boolean agreed) {
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
        Map<String, Double> peaks = Map.of();
        int rounds = 1;
        boolean agreed = true;
        while (solution.schedule().isPresent()) {
            var outcome = Together.of(read, solution.schedule().get());
            peaks = outcome.peakC();
            agreed = agreed(extra, outcome.extraMinutes());
            if (agreed || rounds == ROUNDS) {
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
            day = warmer;
            solution = new Solver.Solution(
                    next.schedule(), next.impossible(), solution.levels(), solution.seconds() + next.seconds());
        }
        return new Planned(day, solution, Map.copyOf(extra), peaks, rounds, agreed);
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
            return extra(read, before);
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
            return new Planned(
                    read.day(),
                    new Solver.Solution(Optional.empty(), false, List.of(), 0),
                    Map.of(),
                    Map.of(),
                    0,
                    true);
        }
        var outcome = Together.of(read, placed.get());
        var extra = extra(read, placed.get());
        var solution = new Solver.Solution(placed, false, List.of(), 0);
        return new Planned(
                longer(read.day(), extra), solution, extra, outcome.peakC(), 0, agreed(extra, outcome.extraMinutes()));
    }

    /** By task, how much longer than alone: chills as the schedule has them, layers as its cooler makes them wait. */
    private static Map<String, Integer> extra(ReadPlan read, Schedule schedule) {
        var extra = new HashMap<>(Together.of(read, schedule).extraMinutes());
        extra.keySet().removeIf(Planning::chills);
        for (var task : read.day().tasks()) {
            var slot = schedule.slots().get(task.id());
            int longer = slot == null ? 0 : slot.minutes() - read.day().minutes(task);
            if (chills(task.id()) && longer > 0) {
                extra.put(task.id(), longer);
            }
        }
        return extra;
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
