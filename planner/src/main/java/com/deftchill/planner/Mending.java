package com.deftchill.planner;

import com.deftchill.core.plan.Checker;
import com.deftchill.core.plan.Day;
import com.deftchill.core.plan.Schedule;
import com.deftchill.core.plan.Slot;
import com.deftchill.core.plan.Task;
import java.util.LinkedHashMap;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Where something of a schedule has moved: what has to be looked at again, and what may stay as it is. */
final class Mending {
    private Mending() {}

    /** The day with every task of the desserts that break no rule settled where it was; empty where nothing can be kept. */
    static Optional<Day> part(Day day, Schedule before) {
        var all = day.tasks().stream().map(Task::id).collect(Collectors.toSet());
        if (!before.slots().keySet().containsAll(all)) {
            return Optional.empty();
        }
        var open = touched(day, before);
        var kept = new LinkedHashMap<>(before.slots());
        kept.keySet().retainAll(all);
        day.tasks().stream().filter(task -> open.contains(task.dish())).forEach(task -> kept.remove(task.id()));
        return kept.isEmpty() ? Optional.empty() : Optional.of(Part.of(day, all, kept));
    }

    /** The desserts that break a rule, or stand in another's way, once what is settled stands where it was put. */
    private static Set<String> touched(Day day, Schedule before) {
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
