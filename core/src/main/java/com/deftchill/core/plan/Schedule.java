package com.deftchill.core.plan;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** Every task of a day by its id with its slot, in the order of the day's tasks. */
public record Schedule(Map<String, Slot> slots) {
    public Schedule {
        slots = Collections.unmodifiableMap(new LinkedHashMap<>(slots));
    }

    public Slot of(String task) {
        var slot = slots.get(task);
        if (slot == null) {
            throw new IllegalArgumentException("the schedule has no task " + task);
        }
        return slot;
    }

    /** The same with one task elsewhere. */
    public Schedule with(String task, Slot slot) {
        var more = new LinkedHashMap<>(slots);
        more.put(task, slot);
        return new Schedule(more);
    }
}
