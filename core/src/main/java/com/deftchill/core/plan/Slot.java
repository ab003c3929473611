package com.deftchill.core.plan;

/**
 * Where a task stands in a schedule.
 *
 * @param start minutes since 1970
 * @param minutes how long
 * @param hand id of who does it; empty where nobody is needed
 */
public record Slot(long start, int minutes, String hand) {
    public long end() {
        return start + minutes;
    }

    public Interval interval() {
        return new Interval(start, end());
    }
}
