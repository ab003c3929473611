package com.deftchill.core.plan;

import java.util.OptionalLong;

/** What is left of each respect in which a plan can be better, in minutes; 0 is none better. Solvers make the same small. */
public final class Respects {
    private static final int HOUR = 60;

    private final Day day;
    private final Schedule schedule;

    public Respects(Day day, Schedule schedule) {
        this.day = day;
        this.schedule = schedule;
    }

    /** @return empty for a respect that is not one of windows, service, evening, start, waiting */
    public OptionalLong of(String code) {
        return switch (code) {
            case "windows" -> OptionalLong.of(windows());
            case "service" -> OptionalLong.of(service());
            case "evening" -> OptionalLong.of(evening());
            case "start" -> OptionalLong.of(start());
            case "waiting" -> OptionalLong.of(waiting());
            default -> OptionalLong.empty();
        };
    }

    /** Minutes by which tasks stand outside the middle half of their windows, or in the later half of a limit. */
    public long windows() {
        long sum = 0;
        for (var task : day.tasks()) {
            for (var lag : task.after()) {
                if (lag.most().isPresent() && !day.done(task)) {
                    long waited = schedule.of(task.id()).start()
                            - schedule.of(lag.task()).start()
                            - day.minutes(day.task(lag.task()).orElseThrow());
                    sum += Math.max(0, Math.max(waited - latest(lag), earliest(lag) - waited));
                }
            }
        }
        return sum;
    }

    /** Of a lag with a limit: the end of what counts as its middle, min. */
    public static long latest(Lag lag) {
        long width = lag.most().getAsInt() - (long) lag.least();
        return lag.window() ? lag.most().getAsInt() - width / 4 : lag.least() + width / 2;
    }

    /** Of a lag with a limit: the beginning of what counts as its middle, min. */
    public static long earliest(Lag lag) {
        long width = lag.most().getAsInt() - (long) lag.least();
        return lag.window() ? lag.least() + width / 4 : 0;
    }

    /** Minutes of hands in the hour before each service. */
    public long service() {
        return day.dishes().stream()
                .mapToLong(Dish::due)
                .distinct()
                .map(due -> inside(new Interval(due - HOUR, due)))
                .sum();
    }

    /** Minutes of hands in the evenings, by the clock of the kitchen. */
    public long evening() {
        return Evenings.of(day).stream().mapToLong(this::inside).sum();
    }

    private long inside(Interval stretch) {
        return day.tasks().stream()
                .filter(task -> task.hands() && !day.done(task))
                .filter(task -> schedule.of(task.id()).start() < stretch.to()
                        && schedule.of(task.id()).start() + day.minutes(task) > stretch.from())
                .mapToLong(day::minutes)
                .sum();
    }

    /** From the first moment at which somebody must be there until the last service. */
    public long start() {
        var first = day.tasks().stream()
                .filter(task -> task.hands() && !day.done(task))
                .mapToLong(task -> schedule.of(task.id()).start())
                .min();
        return first.isPresent() ? day.lastService() - first.getAsLong() : 0;
    }

    /** From the start of each task until its dessert is served: what can be done later is fresher. */
    public long waiting() {
        return day.tasks().stream()
                .filter(task -> !day.done(task))
                .mapToLong(task -> day.due(task) - schedule.of(task.id()).start())
                .sum();
    }
}
