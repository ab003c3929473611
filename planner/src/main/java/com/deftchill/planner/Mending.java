package com.deftchill.planner;

import com.deftchill.core.method.Need;
import com.deftchill.core.plan.Checker;
import com.deftchill.core.plan.Day;
import com.deftchill.core.plan.Hand;
import com.deftchill.core.plan.Lag;
import com.deftchill.core.plan.Pin;
import com.deftchill.core.plan.Schedule;
import com.deftchill.core.plan.Slot;
import com.deftchill.core.plan.Task;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.Set;
import java.util.stream.Collectors;

/** Where something of a schedule has moved: what has to be looked at again, and what may stay as it is. */
final class Mending {
    private final Day day;
    private final Schedule before;
    /** Desserts that break a rule, or stand in another's way, once what is settled stands where it was put. */
    private final Set<String> open;

    private Mending(Day day, Schedule before) {
        this.day = day;
        this.before = before;
        open = touched();
    }

    /** Empty where a task was not there before: then it is planned anew. */
    static Optional<Mending> of(Day day, Schedule before) {
        boolean all = day.tasks().stream().map(Task::id).allMatch(before.slots()::containsKey);
        return all ? Optional.of(new Mending(day, before)) : Optional.empty();
    }

    /** The day with every task of the desserts that break no rule settled where it was; empty where nothing can be kept. */
    Optional<Day> inPlace() {
        var all = day.tasks().stream().map(Task::id).collect(Collectors.toSet());
        var kept = new LinkedHashMap<>(before.slots());
        kept.keySet().retainAll(all);
        day.tasks().stream().filter(task -> open.contains(task.dish())).forEach(task -> kept.remove(task.id()));
        return kept.isEmpty() ? Optional.empty() : Optional.of(Part.of(day, all, kept));
    }

    /**
     * The day in which the tasks of those desserts may stand at another time, but follow each other as they did and are done by
     * whom they were: what is pushed pushes what comes after it. Empty where they did not follow each other as they must.
     */
    Optional<Day> inOrder() {
        var sorted = day.tasks().stream()
                .sorted(Comparator.comparingLong(task -> before.of(task.id()).start()))
                .toList();
        var pins = new LinkedHashMap<>(day.pins());
        var seen = new HashSet<String>();
        var kept = new ArrayList<Task>();
        var tasks = new ArrayList<Task>();
        for (var task : sorted) {
            if (!task.after().stream().map(Lag::task).allMatch(seen::contains)) {
                return Optional.empty();
            }
            seen.add(task.id());
            if (open.contains(task.dish()) || day.done(task)) {
                tasks.add(task);
                continue;
            }
            var hand = Optional.of(before.of(task.id()).hand()).filter(id -> !id.isEmpty());
            pins.putIfAbsent(task.id(), new Pin(OptionalLong.empty(), OptionalLong.empty(), hand, false));
            tasks.add(task.withAfter(after(task, kept)));
            kept.add(task);
        }
        return Optional.of(day.withTasks(tasks).withPins(pins));
    }

    /** A schedule of the day in another order of its tasks. */
    Schedule inTheOrderOfTheDay(Schedule found) {
        var slots = new LinkedHashMap<String, Slot>();
        day.tasks().forEach(task -> slots.put(task.id(), found.of(task.id())));
        return new Schedule(slots);
    }

    /** What it waits for, and of those that cannot be done while it is, the last ones before it. */
    private List<Lag> after(Task task, List<Task> kept) {
        var apart = kept.stream()
                .filter(other -> end(other) <= before.of(task.id()).start() && isApart(other, task))
                .toList();
        var after = new ArrayList<>(task.after());
        for (var other : apart) {
            boolean last = apart.stream()
                    .noneMatch(next -> end(other) <= before.of(next.id()).start() && isApart(other, next));
            if (last && task.lagTo(other.id()).isEmpty()) {
                after.add(new Lag(other.id(), 0, OptionalInt.empty(), ""));
            }
        }
        return after;
    }

    private boolean isApart(Task one, Task other) {
        var hand = before.of(one.id()).hand();
        boolean tooMuch = !hand.isEmpty()
                && hand.equals(before.of(other.id()).hand())
                && one.attention() + other.attention() > Hand.ATTENTION;
        return tooMuch || one.needs().stream().anyMatch(need -> other.needs().contains(need) && isOnlyOne(need));
    }

    private boolean isOnlyOne(Need need) {
        var store = day.stores().get(Day.storeOf(need));
        return store != null && store.amount() == 1;
    }

    private long end(Task task) {
        return before.of(task.id()).end();
    }

    private Set<String> touched() {
        var slots = new LinkedHashMap<>(before.slots());
        day.pins()
                .forEach((task, pin) -> slots.computeIfPresent(
                        task,
                        (id, slot) -> new Slot(
                                pin.start().orElse(slot.start()),
                                slot.minutes(),
                                pin.hand().orElse(slot.hand()))));
        return Checker.check(day, new Schedule(slots)).stream()
                .flatMap(breach -> breach.tasks().stream())
                .flatMap(id -> day.task(id).stream())
                .map(Task::dish)
                .collect(Collectors.toSet());
    }
}
