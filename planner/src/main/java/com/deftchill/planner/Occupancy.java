package com.deftchill.planner;

import com.deftchill.core.plan.Day;
import com.deftchill.core.plan.Hand;
import com.deftchill.core.plan.Interval;
import com.deftchill.core.plan.Task;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** What is left of every cook's attention and of every store, minute by minute from the beginning of a day's span. */
final class Occupancy {
    private final int minutes;
    private final List<String> names = new ArrayList<>();
    private final int[][] whole;
    private final int[][] left;

    Occupancy(Day day) {
        // What is done at the end of the span is washed up after it.
        int wash = day.tasks().stream().mapToInt(Task::washMinutes).max().orElse(0);
        minutes = (int) day.span().minutes() + wash;
        var rows = new ArrayList<int[]>();
        for (var hand : day.hands()) {
            var row = new int[minutes];
            for (var shift : hand.shifts()) {
                fill(row, shift, day.span().from());
            }
            names.add(hand.id());
            rows.add(row);
        }
        for (var store : day.stores().values()) {
            var row = new int[minutes];
            Arrays.fill(row, store.amount());
            names.add(store.id());
            rows.add(row);
        }
        whole = rows.toArray(int[][]::new);
        left = new int[whole.length][minutes];
        clear();
    }

    private static void fill(int[] row, Interval shift, long origin) {
        int from = (int) Math.min(row.length, Math.max(0, shift.from() - origin));
        int to = (int) Math.min(row.length, Math.max(from, shift.to() - origin));
        Arrays.fill(row, from, to, Hand.ATTENTION);
    }

    void clear() {
        for (int row = 0; row < whole.length; row++) {
            System.arraycopy(whole[row], 0, left[row], 0, minutes);
        }
    }

    /** @return of a cook or a store; -1 where it is none of them */
    int row(String id) {
        return names.indexOf(id);
    }

    /** @return the first minute from a moment on in which less is left than is wanted; {@code to} where there is none */
    int lacking(int row, int from, int to, int wanted) {
        int[] there = left[row];
        int minute = from;
        while (minute < to && there[minute] >= wanted) {
            minute++;
        }
        return minute;
    }

    /** Gives back what is taken, where it is less than nothing. */
    void take(int row, int from, int to, int amount) {
        int[] there = left[row];
        for (int minute = from; minute < to; minute++) {
            there[minute] -= amount;
        }
    }
}
