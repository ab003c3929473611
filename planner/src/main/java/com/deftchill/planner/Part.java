package com.deftchill.planner;

import com.deftchill.core.plan.Day;
import com.deftchill.core.plan.Pin;
import com.deftchill.core.plan.Slot;
import com.deftchill.core.plan.Task;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;

/** A day in which much is settled already, so that the rest is found soon. */
final class Part {
    private Part() {}

    /**
     * The day with some of its tasks only.
     *
     * @param some ids of the tasks
     * @param placed those of them that stay where they are
     */
    static Day of(Day day, Set<String> some, Map<String, Slot> placed) {
        var pins = new LinkedHashMap<>(day.pins());
        pins.keySet().retainAll(some);
        placed.forEach((task, slot) -> pins.computeIfAbsent(task, id -> kept(slot)));
        List<Task> tasks =
                day.tasks().stream().filter(task -> some.contains(task.id())).toList();
        var holds = day.holds().stream()
                .filter(hold -> some.contains(hold.from()))
                .filter(hold -> hold.until().isEmpty() || some.contains(hold.until()))
                .toList();
        return day.withTasks(tasks).withHolds(holds).withPins(pins);
    }

    private static Pin kept(Slot slot) {
        var hand = Optional.of(slot.hand()).filter(id -> !id.isEmpty());
        return new Pin(OptionalLong.of(slot.start()), OptionalLong.empty(), hand, false);
    }
}
