package com.deftchill.core.plan;

import com.deftchill.core.method.Cooling;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * How long after another task has ended a task begins.
 *
 * @param task id of the other one
 * @param least minutes at least
 * @param most minutes at most, where waiting has an end
 * @param why code of what happens after that: {@code carries}, {@code bonds}, {@code sets}, {@code cools}, {@code dries},
 *     {@code collapses}, {@code sags}; else empty
 * @param cooling how what waits cools meanwhile, where that matters
 */
public record Lag(String task, int least, OptionalInt most, String why, Optional<Cooling> cooling) {
    public Lag {
        if (least < 0 || (most.isPresent() && most.getAsInt() < least)) {
            throw new IllegalArgumentException("0 <= least <= most must hold: " + least + ", " + most);
        }
    }

    public Lag(String task, int least, OptionalInt most, String why) {
        this(task, least, most, why, Optional.empty());
    }

    /** The same after another task. */
    Lag behind(String other) {
        return new Lag(other, least, most, why, cooling);
    }

    /** So many minutes longer at least, and at most. */
    Lag longer(int minutes) {
        var longest = most.isPresent() ? OptionalInt.of(most.getAsInt() + minutes) : most;
        return new Lag(task, least + minutes, longest, why, cooling);
    }

    /** Whether it waits until a layer carries the next one. */
    boolean carries() {
        return least > 0 && (why.equals("carries") || why.equals("bonds"));
    }

    /** A window in which something is right, not only a limit: it is better met in its middle. */
    public boolean window() {
        return most.isPresent() && least > 0;
    }
}
