package com.deftchill.planner;

import com.deftchill.core.plan.Day;
import com.deftchill.core.plan.Hold;
import com.deftchill.core.plan.Task;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A task in numbers, for a search that looks at it often; moments in minutes from the beginning of the day's span.
 *
 * @param minutes how long it lasts
 * @param earliest at which it may begin
 * @param latest at which it may begin
 * @param attention that it takes
 * @param hands rows of those who may do it; none where nobody is needed
 * @param claims what it has for itself meanwhile
 * @param holds what it takes for longer
 * @param next what waits for it
 */
record Job(
        int minutes, int earliest, int latest, int attention, int[] hands, Claim[] claims, Held[] holds, Next[] next) {
    static final int NONE = -1;

    /** @param minutes with washing up */
    record Claim(int row, int minutes) {}

    /**
     * @param until index of the job with which it ends; -1: when the dish is served
     * @param after minutes after that job's start, or from the span's beginning
     */
    record Held(int row, int amount, int until, int after) {}

    /**
     * @param job index of the one that waits
     * @param least minutes at least from end to start
     * @param most minutes at most; -1: no limit
     */
    record Next(int job, int least, int most) {}

    /** In the order of the day's tasks. */
    static List<Job> of(Day day, Occupancy occupancy) {
        Map<String, Integer> indexes = new HashMap<>();
        day.tasks().forEach(task -> indexes.put(task.id(), indexes.size()));
        var next = new ArrayList<List<Next>>();
        day.tasks().forEach(task -> next.add(new ArrayList<>()));
        for (var task : day.tasks()) {
            for (var lag : task.after()) {
                next.get(indexes.get(lag.task()))
                        .add(new Next(
                                indexes.get(task.id()), lag.least(), lag.most().orElse(NONE)));
            }
        }
        return day.tasks().stream()
                .map(task -> job(day, task, occupancy, indexes, next.get(indexes.get(task.id()))))
                .toList();
    }

    private static Job job(Day day, Task task, Occupancy occupancy, Map<String, Integer> indexes, List<Next> next) {
        long origin = day.span().from();
        int minutes = day.minutes(task);
        long earliest = day.earliest(task) - origin;
        long latest = Math.min(day.due(task), day.span().to()) - origin - minutes;
        var pin = day.pin(task);
        if (pin.isPresent() && pin.get().start().isPresent()) {
            long at = pin.get().start().getAsLong() - origin;
            earliest = Math.max(earliest, at);
            latest = Math.min(latest, at);
        }
        var wanted = pin.flatMap(it -> it.hand());
        int[] hands = day.hands().stream()
                .filter(hand -> task.hands())
                .filter(hand -> wanted.isEmpty() || wanted.get().equals(hand.id()))
                .mapToInt(hand -> occupancy.row(hand.id()))
                .toArray();
        var claims = task.needs().stream()
                .map(need -> new Claim(occupancy.row(Day.storeOf(need)), minutes + task.washMinutes()))
                .filter(claim -> claim.row() != NONE)
                .toArray(Claim[]::new);
        var holds = day.holds().stream()
                .filter(hold -> hold.from().equals(task.id()))
                .map(hold -> held(day, hold, occupancy, indexes))
                .filter(held -> held.row() != NONE)
                .toArray(Held[]::new);
        return new Job(
                minutes,
                (int) Math.max(0, earliest),
                (int) latest,
                task.attention(),
                hands,
                claims,
                holds,
                next.toArray(Next[]::new));
    }

    private static Held held(Day day, Hold hold, Occupancy occupancy, Map<String, Integer> indexes) {
        int row = occupancy.row(hold.what());
        if (hold.until().isEmpty()) {
            long due = Math.min(day.dish(hold.dish()).due(), day.span().to())
                    - day.span().from();
            return new Held(row, hold.amount(), NONE, (int) due);
        }
        int minutes = day.task(hold.until()).map(day::minutes).orElse(0);
        return new Held(row, hold.amount(), indexes.get(hold.until()), hold.through() ? minutes : 0);
    }

    /** Minutes for which it has something for itself, over all that it has. */
    int claimed() {
        return Arrays.stream(claims).mapToInt(Claim::minutes).sum();
    }

    boolean claimsWhatAnotherClaims(Job other) {
        return Arrays.stream(claims)
                .anyMatch(one -> Arrays.stream(other.claims).anyMatch(two -> one.row() == two.row()));
    }
}
