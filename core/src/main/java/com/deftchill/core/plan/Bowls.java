package com.deftchill.core.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The bowls that a plan takes: one for each component from its first step until it is filled or worked into another, and
 * one for each foam of it from whipping until it is folded in.
 */
public final class Bowls {
    /** Id of the store. */
    static final String STORE = "BOWL";

    private final List<Task> tasks;

    private Bowls(List<Task> tasks) {
        this.tasks = tasks;
    }

    static List<Hold> holds(List<Task> tasks) {
        var bowls = new Bowls(tasks);
        Map<String, List<Task>> making = new LinkedHashMap<>();
        for (var task : tasks) {
            if (makes(task)) {
                making.computeIfAbsent(component(task.id()), id -> new ArrayList<>())
                        .add(task);
            }
        }
        return making.values().stream()
                .flatMap(steps -> bowls.of(steps).stream())
                .toList();
    }

    /** The most that a schedule has in use at once. */
    public static int mostAtOnce(Day day, Schedule schedule) {
        var held = holds(day.tasks()).stream()
                .map(hold -> Checker.held(day, schedule, hold))
                .toList();
        return held.stream()
                .mapToInt(one -> (int) held.stream()
                        .filter(other -> other.from() <= one.from() && one.from() < other.to())
                        .count())
                .max()
                .orElse(0);
    }

    private List<Hold> of(List<Task> steps) {
        var holds = new ArrayList<Hold>();
        var first = steps.get(0);
        holds.add(hold(first, lastThatTakes(steps, false)));
        for (var step : steps) {
            var folded = lastThatTakes(List.of(step), true);
            if (whips(step) && step != first && folded != step) {
                holds.add(hold(step, folded));
            }
        }
        return holds;
    }

    private static Hold hold(Task from, Task until) {
        return new Hold(STORE, from.dish(), 1, from.id(), until.id(), true);
    }

    /** The last task that waits for one of them, of their own component or else of any; themselves where there is none. */
    private Task lastThatTakes(List<Task> steps, boolean own) {
        var component = component(steps.get(0).id());
        return tasks.stream()
                .filter(task -> !steps.contains(task))
                .filter(task -> !own || (component(task.id()).equals(component) && makes(task)))
                .filter(task ->
                        steps.stream().anyMatch(step -> task.lagTo(step.id()).isPresent()))
                .reduce((a, b) -> b)
                .orElse(steps.get(steps.size() - 1));
    }

    /** A component's place in the ids of its steps, such as {@code d1/0}; empty for steps of the whole dessert. */
    private static String component(String task) {
        int dot = task.indexOf('.');
        return dot < 0 ? "" : task.substring(0, dot);
    }

    private static boolean makes(Task task) {
        return !component(task.id()).isEmpty()
                && !task.id().endsWith(".fill")
                && !task.id().endsWith(".garnish");
    }

    private static boolean whips(Task task) {
        return task.id().contains(".whip");
    }
}
