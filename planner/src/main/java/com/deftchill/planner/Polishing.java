package com.deftchill.planner;

import com.deftchill.core.plan.Day;
import com.deftchill.core.plan.Dish;
import com.deftchill.core.plan.Schedule;
import com.deftchill.core.plan.Task;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.stream.Collectors;

/**
 * A schedule made better one dessert at a time: the others stay where they are, so that each question is small. What is
 * found is no worse than what it began from, and a good place for the whole to go on from.
 */
final class Polishing {
    private static final int MOST_ROUNDS = 4;

    private Polishing() {}

    /** @param better the best schedule of a day, from one that is there; empty when there is no more time */
    static Schedule of(Day day, Schedule from, BiFunction<Day, Schedule, Optional<Schedule>> better) {
        Set<String> all = day.tasks().stream().map(Task::id).collect(Collectors.toSet());
        var now = from;
        for (int round = 0; round < MOST_ROUNDS; round++) {
            var before = now;
            for (var dish : inTurn(day, now)) {
                var others = new LinkedHashMap<>(now.slots());
                day.tasks().stream()
                        .filter(task -> task.dish().equals(dish.id()))
                        .forEach(task -> others.remove(task.id()));
                var found = better.apply(Part.of(day, all, others), now);
                if (found.isEmpty()) {
                    return now;
                }
                now = found.get();
            }
            if (now.equals(before)) {
                break;
            }
        }
        return now;
    }

    /** What ends last first: it makes room for the others to move towards their service. */
    private static List<Dish> inTurn(Day day, Schedule schedule) {
        return day.dishes().stream()
                .sorted(Comparator.comparingLong(Dish::due)
                        .thenComparing(dish -> -begins(day, dish, schedule))
                        .thenComparing(Dish::id))
                .toList();
    }

    private static long begins(Day day, Dish dish, Schedule schedule) {
        return day.tasks().stream()
                .filter(task -> task.dish().equals(dish.id()))
                .mapToLong(task -> schedule.of(task.id()).start())
                .min()
                .orElse(0);
    }
}
