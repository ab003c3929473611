package com.deftchill.core.plan;

import com.deftchill.core.method.Need;
import java.time.ZoneId;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;

/**
 * What is to be planned.
 *
 * @param zone time zone of the kitchen
 * @param span in which all work lies
 * @param dishes what is served
 * @param tasks every step of every dish, each after those it waits for
 * @param holds what desserts hold for longer than one task
 * @param hands who works
 * @param stores what there is of everything, by id; what is not among them has no limit
 * @param pins what is settled about tasks, by their ids
 * @param now before which nothing more can begin; empty while nothing has begun
 * @param evening minute of the day, local, from which work counts as evening work
 */
public record Day(
        ZoneId zone,
        Interval span,
        List<Dish> dishes,
        List<Task> tasks,
        List<Hold> holds,
        List<Hand> hands,
        Map<String, Store> stores,
        Map<String, Pin> pins,
        OptionalLong now,
        int evening) {
    public Day {
        dishes = List.copyOf(dishes);
        tasks = List.copyOf(tasks);
        holds = List.copyOf(holds);
        hands = List.copyOf(hands);
        stores = Collections.unmodifiableMap(new LinkedHashMap<>(stores));
        pins = Collections.unmodifiableMap(new LinkedHashMap<>(pins));
        var known = new HashMap<String, Integer>();
        for (var task : tasks) {
            for (var lag : task.after()) {
                if (!known.containsKey(lag.task())) {
                    throw new IllegalArgumentException(
                            task.id() + " waits for " + lag.task() + ", which is not before it");
                }
            }
            if (known.put(task.id(), known.size()) != null) {
                throw new IllegalArgumentException("the task " + task.id() + " is there twice");
            }
        }
    }

    public Day withTasks(List<Task> others) {
        return new Day(zone, span, dishes, others, holds, hands, stores, pins, now, evening);
    }

    public Day withSpan(Interval other) {
        return new Day(zone, other, dishes, tasks, holds, hands, stores, pins, now, evening);
    }

    public Day withDishes(List<Dish> others) {
        return new Day(zone, span, others, tasks, holds, hands, stores, pins, now, evening);
    }

    public Day withHolds(List<Hold> others) {
        return new Day(zone, span, dishes, tasks, others, hands, stores, pins, now, evening);
    }

    public Day withHands(List<Hand> others) {
        return new Day(zone, span, dishes, tasks, holds, others, stores, pins, now, evening);
    }

    public Day withStores(Map<String, Store> others) {
        return new Day(zone, span, dishes, tasks, holds, hands, others, pins, now, evening);
    }

    public Day withPins(Map<String, Pin> others) {
        return new Day(zone, span, dishes, tasks, holds, hands, stores, others, now, evening);
    }

    public Optional<Task> task(String id) {
        return tasks.stream().filter(task -> task.id().equals(id)).findFirst();
    }

    public Dish dish(String id) {
        return dishes.stream().filter(dish -> dish.id().equals(id)).findFirst().orElseThrow();
    }

    /** How long a task lasts, with what is settled about it. */
    public int minutes(Task task) {
        return (int) pin(task)
                .flatMap(pin -> box(pin.minutes()))
                .orElse((long) task.minutes())
                .longValue();
    }

    public Optional<Pin> pin(Task task) {
        return Optional.ofNullable(pins.get(task.id()));
    }

    /** Whether a task has begun already. */
    public boolean done(Task task) {
        return pin(task).filter(Pin::done).isPresent();
    }

    /** By when a task must have ended: what is shared is due with the first dish that it is for. */
    public long due(Task task) {
        return dish(task.dish()).due();
    }

    /** When what is served last is due; 0 where nothing is. */
    public long lastService() {
        return dishes.stream().mapToLong(Dish::due).max().orElse(0);
    }

    /** Earliest start of a task that nothing but itself forbids. */
    public long earliest(Task task) {
        long earliest = Math.max(span.from(), task.notBefore().orElse(Long.MIN_VALUE));
        return done(task) ? Long.MIN_VALUE : Math.max(earliest, now.orElse(Long.MIN_VALUE));
    }

    public static String storeOf(Need need) {
        return need.name();
    }

    private static Optional<Long> box(OptionalLong value) {
        return value.isPresent() ? Optional.of(value.getAsLong()) : Optional.empty();
    }
}
