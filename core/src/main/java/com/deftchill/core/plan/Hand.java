package com.deftchill.core.plan;

import java.util.List;

/**
 * Somebody who works.
 *
 * @param id key of theirs
 * @param role as they are called
 * @param shifts when they are there, apart from each other and in order
 */
public record Hand(String id, String role, List<Interval> shifts) {
    /**
     * A cook's attention. A rule of thumb [E]: two pans can be tended at once, or one while weighing; whipping and
     * everything that needs hands all the time take a cook whole.
     */
    public static final int ATTENTION = 7;

    static final int WHOLE = ATTENTION;
    static final int WEIGHING = 4;
    static final int GLANCE = 3;

    public Hand {
        shifts = List.copyOf(shifts);
    }

    /** Whether they are there all the while. */
    public boolean there(Interval while_) {
        return shifts.stream().anyMatch(shift -> shift.holds(while_));
    }
}
