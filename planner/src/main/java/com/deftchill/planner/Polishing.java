package com.deftchill.planner;

import com.deftchill.core.plan.Day;
import com.deftchill.core.plan.Dish;
import com.deftchill.core.plan.Schedule;
import com.deftchill.core.plan.Task;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.stream.Collectors;

/**
 * A schedule made better one dessert at a time: the others stay where they are, so that each question is small. What is
 * found is no worse than what it began from, and a good place for the whole to go on from.
 */
final class Polishing {
    private static final int MOST_ROUNDS = 4;

    /** So many desserts are placed anew together. */
    private static final int GROUP = 4;

    private Polishing() {}

    /** @param better the best schedule of a day, from one that is there; empty when there is no more time */
    static Schedule of(Day day, Schedule from, BiFunction<Day, Schedule, Optional<Schedule>> better) {
        Set<String> all = day.tasks().stream().map(Task::id).collect(Collectors.toSet());
        var now = from;
        for (int round = 0; round < MOST_ROUNDS; round++) {
            var before = now;
            for (var dish : inTurn(day, now)) {
                var found = better.apply(without(day, all, now, List.of(dish)), now);
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

    /**
     * The same for a few desserts at once, until the time is over: the one that begins first, which nothing else can be begun
     * after, and others by lot.
     */
    static Schedule groups(Day day, Schedule from, int seed, BiFunction<Day, Schedule, Optional<Schedule>> better) {
        Set<String> all = day.tasks().stream().map(Task::id).collect(Collectors.toSet());
        var random = new Random(seed);
        var now = from;
        while (day.dishes().size() > GROUP) {
            var before = now;
            var turn = inTurn(day, now);
            var first = turn.stream()
                    .min(Comparator.comparingLong(dish -> begins(day, dish, before)))
                    .orElseThrow();
            var some = new ArrayList<>(turn);
            some.remove(first);
            Collections.shuffle(some, random);
            some.subList(GROUP - 1, some.size()).clear();
            some.add(first);
            var found = better.apply(without(day, all, now, some), now);
            if (found.isEmpty()) {
                return now;
            }
            now = found.get();
        }
        return now;
    }

    private static Day without(Day day, Set<String> all, Schedule schedule, List<Dish> dishes) {
        var ids = dishes.stream().map(Dish::id).collect(Collectors.toSet());
        var others = new LinkedHashMap<>(schedule.slots());
        day.tasks().stream().filter(task -> ids.contains(task.dish())).forEach(task -> others.remove(task.id()));
        return Part.of(day, all, others);
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
