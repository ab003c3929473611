package com.deftchill.planner;

import com.deftchill.core.plan.Day;
import com.deftchill.core.plan.Hand;
import com.deftchill.core.plan.Interval;
import com.deftchill.core.plan.Task;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What is left of every cook's attention and of every store, minute by minute from the beginning of a day's span. Of what
 * there is enough for all at once no account is kept.
 */
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
        var wanted = wantedAtMost(day);
        for (var store : day.stores().values()) {
            if (wanted.getOrDefault(store.id(), 0L) <= store.amount()) {
                continue;
            }
            var row = new int[minutes];
            Arrays.fill(row, store.amount());
            names.add(store.id());
            rows.add(row);
        }
        whole = rows.toArray(int[][]::new);
        left = new int[whole.length][minutes];
        clear();
    }

    /** Of each store what would be taken if all were done at the same time. */
    private static Map<String, Long> wantedAtMost(Day day) {
        Map<String, Long> wanted = new HashMap<>();
        for (var task : day.tasks()) {
            for (var need : task.needs()) {
                wanted.merge(Day.storeOf(need), 1L, Long::sum);
            }
        }
        for (var hold : day.holds()) {
            wanted.merge(hold.what(), (long) hold.amount(), Long::sum);
        }
        return wanted;
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

    /** @return of a cook or a store; -1 where no account is kept of it */
    int row(String id) {
        return names.indexOf(id);
    }

    /**
     * @param at at the latest
     * @param lowest at the earliest
     * @return the latest minute from which on there is as much as is wanted for so long; less than {@code lowest}: none
     */
    int latest(int row, int at, int lowest, int minutes, int wanted) {
        int start = at;
        while (start >= lowest) {
            int lacking = lacking(row, start, start + minutes, wanted);
            if (lacking == start + minutes) {
                break;
            }
            start = lacking - minutes;
        }
        return start;
    }

    /** Whether somewhere from a minute to another less is left than is wanted. */
    boolean lacks(int row, int from, int to, int wanted) {
        return lacking(row, from, to, wanted) < to;
    }

    private int lacking(int row, int from, int to, int wanted) {
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
