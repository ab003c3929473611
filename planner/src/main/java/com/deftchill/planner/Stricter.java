package com.deftchill.planner;

import com.deftchill.core.plan.Day;
import com.deftchill.core.plan.Dish;
import com.deftchill.core.plan.Evenings;
import com.deftchill.core.plan.Hand;
import com.deftchill.core.plan.Interval;
import com.deftchill.core.plan.Lag;
import com.deftchill.core.plan.Respects;
import com.deftchill.core.plan.Task;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;

/**
 * A day with wishes made into rules: whatever schedule it has leaves nothing to be wished for in windows, service and
 * evening. A search that only looks for any schedule of such a day is far shorter than one that makes sums of minutes small.
 */
final class Stricter {
    private static final int HOUR = 60;

    private Stricter() {}

    /** Limits end in their first half, windows are their middle half; nobody is there in the evenings and before services. */
    static Day of(Day day) {
        var off = new ArrayList<>(Evenings.of(day));
        day.dishes().stream()
                .map(Dish::due)
                .distinct()
                .map(due -> new Interval(due - HOUR, due))
                .forEach(off::add);
        var tasks = day.tasks().stream()
                .map(task ->
                        after(task, task.after().stream().map(Stricter::middle).toList()))
                .toList();
        return without(day, off).withTasks(tasks);
    }

    /** Nobody's hands before a moment. */
    static Day from(Day day, long first) {
        long begin = Math.min(first, day.span().from());
        return without(day, List.of(new Interval(begin, first)));
    }

    /** When anybody is there, in order and apart from each other. */
    static List<Interval> worked(Day day) {
        var shifts = day.hands().stream()
                .flatMap(hand -> hand.shifts().stream())
                .sorted((one, other) -> Long.compare(one.from(), other.from()))
                .toList();
        var worked = new ArrayList<Interval>();
        for (var shift : shifts) {
            int last = worked.size() - 1;
            if (last >= 0 && worked.get(last).to() >= shift.from()) {
                long to = Math.max(worked.get(last).to(), shift.to());
                worked.set(last, new Interval(worked.get(last).from(), to));
            } else {
                worked.add(shift);
            }
        }
        return worked;
    }

    private static Lag middle(Lag lag) {
        if (lag.most().isEmpty()) {
            return lag;
        }
        int least = Math.max(lag.least(), (int) Respects.earliest(lag));
        return new Lag(lag.task(), least, OptionalInt.of((int) Respects.latest(lag)), lag.why(), lag.cooling());
    }

    private static Task after(Task task, List<Lag> after) {
        return new Task(
                task.id(),
                task.dish(),
                task.component(),
                task.title(),
                task.kind(),
                task.attention(),
                task.needs(),
                task.minutes(),
                task.washMinutes(),
                after,
                task.notBefore(),
                task.sharedBy());
    }

    private static Day without(Day day, List<Interval> off) {
        return day.withHands(day.hands().stream()
                .map(hand -> new Hand(hand.id(), hand.role(), left(hand.shifts(), off)))
                .toList());
    }

    private static List<Interval> left(List<Interval> shifts, List<Interval> off) {
        List<Interval> left = shifts;
        for (var away : off) {
            var parts = new ArrayList<Interval>();
            for (var shift : left) {
                add(parts, shift.from(), Math.min(shift.to(), away.from()));
                add(parts, Math.max(shift.from(), away.to()), shift.to());
            }
            left = parts;
        }
        return left;
    }

    private static void add(List<Interval> parts, long from, long to) {
        if (from < to) {
            parts.add(new Interval(from, to));
        }
    }
}
