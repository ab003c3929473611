package com.deftchill.core.plan;

import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Message;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Why a task stands where it stands: what keeps it from beginning earlier, and what from beginning later, with everything
 * else left where it is.
 */
public final class Reasons {
    /** What is busy within so many minutes before or after stands beside a step. */
    private static final int NEAR = 15;

    private final Day day;
    private final Schedule schedule;
    private final Task task;
    private final Slot slot;

    private Reasons(Day day, Schedule schedule, Task task) {
        this.day = day;
        this.schedule = schedule;
        this.task = task;
        slot = schedule.of(task.id());
    }

    /**
     * One thing that holds a task.
     *
     * @param code of the kind of reason
     * @param words what it is
     * @param bound start that it allows, minutes since 1970
     * @param other id of the other task it is about; empty where there is none
     */
    public record Reason(String code, Message words, long bound, String other) {}

    /**
     * The room that a task has.
     *
     * @param earliest start that the tasks before it and its dessert allow, minutes since 1970
     * @param latest start that the tasks after it and the service allow
     * @param before what it waits for, the tightest first
     * @param after what it must not hold up, the tightest first
     * @param beside what else takes the hands, the machine or the shelf right before or after it
     */
    public record Room(long earliest, long latest, List<Reason> before, List<Reason> after, List<Reason> beside) {
        public Room {
            before = List.copyOf(before);
            after = List.copyOf(after);
            beside = List.copyOf(beside);
        }
    }

    public static Room of(Day day, Schedule schedule, Task task) {
        return new Reasons(day, schedule, task).room();
    }

    private Room room() {
        var before = new ArrayList<>(lower());
        var after = new ArrayList<>(upper());
        before.sort(Comparator.comparing(Reason::bound).reversed());
        after.sort(Comparator.comparing(Reason::bound));
        long earliest = before.isEmpty() ? slot.start() : before.get(0).bound();
        long latest = after.isEmpty() ? slot.start() : after.get(0).bound();
        return new Room(Math.min(earliest, slot.start()), Math.max(latest, slot.start()), before, after, beside());
    }

    private List<Reason> lower() {
        var reasons = new ArrayList<Reason>();
        for (var lag : task.after()) {
            long end = schedule.of(lag.task()).end();
            var key = lag.least() > 0 ? "day.after-wait" : "day.after";
            reasons.add(new Reason(
                    "after",
                    Message.of(key)
                            .with("step", named(lag.task()))
                            .with("end", clock(end))
                            .with("wait", new Argument.Lasts(lag.least() * 60.0))
                            .with("why", new Argument.Choice(reason(lag.why()))),
                    end + lag.least(),
                    lag.task()));
        }
        task.notBefore()
                .ifPresent(minute -> reasons.add(
                        new Reason("keeps", Message.of("day.keeps").with("from", clock(minute)), minute, "")));
        day.now().ifPresent(now -> reasons.add(new Reason("now", Message.of("day.now"), now, "")));
        reasons.add(new Reason(
                "first-day",
                Message.of("day.first-day").with("from", clock(day.span().from())),
                day.span().from(),
                ""));
        return reasons;
    }

    private List<Reason> upper() {
        var reasons = new ArrayList<Reason>();
        int minutes = day.minutes(task);
        for (var lag : task.after()) {
            lag.most()
                    .ifPresent(most -> reasons.add(new Reason(
                            "window",
                            Message.of("day.window")
                                    .with("step", named(lag.task()))
                                    .with("most", new Argument.Lasts(most * 60.0))
                                    .with("why", new Argument.Choice(reason(lag.why()))),
                            schedule.of(lag.task()).end() + most,
                            lag.task())));
        }
        for (var next : day.tasks()) {
            next.lagTo(task.id())
                    .ifPresent(lag -> reasons.add(new Reason(
                            "before",
                            Message.of("day.before")
                                    .with("step", named(next.id()))
                                    .with("start", clock(schedule.of(next.id()).start())),
                            schedule.of(next.id()).start() - lag.least() - minutes,
                            next.id())));
        }
        var dish = day.dish(task.dish());
        reasons.add(new Reason(
                "due",
                Message.of("day.due").with("dish", dish.name()).with("due", clock(dish.due())),
                dish.due() - minutes,
                ""));
        return reasons;
    }

    /** What has the same hands or the same machine, shortly before and after. */
    private List<Reason> beside() {
        var reasons = new ArrayList<Reason>();
        for (var other : day.tasks()) {
            if (other.id().equals(task.id())) {
                continue;
            }
            var at = schedule.of(other.id());
            boolean near = at.end() > slot.start() - NEAR && at.start() < slot.end() + NEAR;
            boolean sameHand = task.hands() && other.hands() && at.hand().equals(slot.hand());
            boolean tooMuch = task.attention() + other.attention() > Hand.ATTENTION;
            var machine = task.needs().stream()
                    .filter(other.needs()::contains)
                    .filter(need -> day.stores().containsKey(Day.storeOf(need)))
                    .filter(need -> day.stores().get(Day.storeOf(need)).amount() == 1)
                    .findFirst();
            if (!near || !((sameHand && tooMuch) || machine.isPresent())) {
                continue;
            }
            var what = machine.isPresent() ? machine.get().name().toLowerCase(java.util.Locale.ROOT) : "hands";
            reasons.add(new Reason(
                    machine.isPresent() ? "machine" : "hands",
                    Message.of("day.beside")
                            .with("step", named(other.id()))
                            .with("start", clock(at.start()))
                            .with("end", clock(at.end()))
                            .with("what", new Argument.Choice(what)),
                    at.end(),
                    other.id()));
        }
        return reasons;
    }

    private static String reason(String why) {
        return why.isEmpty() ? "none" : why;
    }

    private Argument named(String id) {
        return named(day, id);
    }

    /** A step by its title and what it is for. */
    static Argument named(Day day, String id) {
        var step = day.task(id).orElseThrow();
        var of = step.component().isEmpty() ? day.dish(step.dish()).name() : step.component();
        return Message.of("day.named")
                .with("step", step.title().said())
                .with("of", of)
                .said();
    }

    private Argument clock(long minute) {
        return clock(day, minute);
    }

    /** A moment by the clock of the kitchen. */
    static Argument clock(Day day, long minute) {
        return new Argument.On(LocalDateTime.ofInstant(Instant.ofEpochSecond(minute * 60), day.zone()));
    }
}
