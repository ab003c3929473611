package com.deftchill.core.plan;

import com.deftchill.core.method.Cooling;
import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Message;
import java.util.List;
import java.util.Locale;

/** What has become of what a task works with, in the time that it waited. */
public final class Meanwhile {
    private Meanwhile() {}

    /** How warm the base is into which is folded, and whether it still takes the foam. */
    public static List<Message> of(Schedule schedule, Task task) {
        return task.after().stream()
                .flatMap(lag -> lag.cooling().stream().map(cooling -> cooled(cooling, waited(schedule, task, lag))))
                .toList();
    }

    private static long waited(Schedule schedule, Task task, Lag lag) {
        return Math.max(
                0, schedule.of(task.id()).start() - schedule.of(lag.task()).end());
    }

    private static Message cooled(Cooling cooling, long minutes) {
        var window = cooling.window();
        return Message.of("day.cooled")
                .with("at", Argument.degrees(cooling.afterMinutes(minutes)))
                .with("low", Argument.degrees(window.lowC()))
                .with("holds", Argument.either(cooling.holdsFor(minutes), "yes", "no"))
                .with("by", new Argument.Choice(window.lowBy().name().toLowerCase(Locale.ROOT)));
    }
}
