package com.deftchill.core.plan;

/**
 * A stretch of time, minutes since 1970.
 *
 * @param from first minute
 * @param to first minute after it; not before {@code from}
 */
public record Interval(long from, long to) {
    public Interval {
        if (to < from) {
            throw new IllegalArgumentException("to must not be before from: [" + from + ", " + to + ")");
        }
    }

    /** Whether both have a minute in common. */
    public boolean meets(Interval other) {
        return from < other.to && other.from < to;
    }

    /** Whether all of another lies in it. */
    public boolean holds(Interval other) {
        return from <= other.from && other.to <= to;
    }

    public long minutes() {
        return to - from;
    }
}
