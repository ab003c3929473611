package com.deftchill.planner;

import com.deftchill.core.plan.Day;
import com.deftchill.core.plan.Dish;
import com.deftchill.core.plan.Lag;
import com.deftchill.core.plan.Schedule;
import com.deftchill.core.plan.Slot;
import com.deftchill.core.plan.Task;
import java.util.ArrayDeque;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/**
 * A plan found dessert by dessert: each is placed among those that have their places already. Not the best one, and not
 * always one where there is one; but soon, where the whole of a long day at once takes long.
 */
final class OneByOne {
    private final Day day;
    private final Function<Day, Optional<Schedule>> solver;
    private final Map<String, Slot> placed = new LinkedHashMap<>();

    /** @param solver finds any schedule of a day */
    private OneByOne(Day day, Function<Day, Optional<Schedule>> solver) {
        this.day = day;
        this.solver = solver;
    }

    static Optional<Schedule> schedule(Day day, Function<Day, Optional<Schedule>> solver) {
        return new OneByOne(day, solver).run();
    }

    /** What is served first goes first; of those served together what takes longest. */
    private Optional<Schedule> run() {
        var order = day.dishes().stream()
                .sorted(Comparator.comparingLong(Dish::due).thenComparing(this::minutes, Comparator.reverseOrder()))
                .toList();
        for (var dish : order) {
            var some = withWhatItWaitsFor(dish);
            some.addAll(placed.keySet());
            var found = solver.apply(Part.of(day, some, placed));
            if (found.isEmpty()) {
                return Optional.empty();
            }
            placed.putAll(found.get().slots());
        }
        var all = new LinkedHashMap<String, Slot>();
        day.tasks().forEach(task -> all.put(task.id(), placed.get(task.id())));
        return Optional.of(new Schedule(all));
    }

    private int minutes(Dish dish) {
        return day.tasks().stream()
                .filter(task -> task.dish().equals(dish.id()))
                .mapToInt(day::minutes)
                .sum();
    }

    /** Its own tasks and those of other dishes that are made for it too. */
    private Set<String> withWhatItWaitsFor(Dish dish) {
        var found = new HashSet<String>();
        var open = new ArrayDeque<Task>();
        day.tasks().stream().filter(task -> task.dish().equals(dish.id())).forEach(open::add);
        while (!open.isEmpty()) {
            var task = open.poll();
            if (found.add(task.id())) {
                task.after().stream().map(Lag::task).map(day::task).forEach(other -> open.add(other.orElseThrow()));
            }
        }
        return found;
    }
}
