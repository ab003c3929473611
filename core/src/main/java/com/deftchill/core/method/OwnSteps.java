package com.deftchill.core.method;

import com.deftchill.core.amount.Typed;
import com.deftchill.core.amount.UnreadableException;
import com.deftchill.core.batch.Component;
import com.deftchill.core.formula.WrittenFormula.OwnStep;
import com.deftchill.core.method.Step.After;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Puts the cook's own words into the method: a step reworded, one of one's own, one moved as far as the rules allow. */
final class OwnSteps {
    private static final String AFTER = "after:";
    private static final String MOVE = "move:";
    private static final double MOST_MIN = 7 * 24 * 60.0;

    private OwnSteps() {}

    static List<Step> apply(List<Component> components, List<Step> computed) {
        var steps = new ArrayList<>(computed);
        for (int i = 0; i < components.size(); i++) {
            int number = 1;
            for (var own : components.get(i).ownSteps()) {
                if (own.of().startsWith(MOVE)) {
                    move(steps, i + "." + own.of().substring(MOVE.length()), i + "." + own.text());
                } else if (own.of().startsWith(AFTER)) {
                    insert(
                            steps,
                            i,
                            own,
                            own.of().substring(AFTER.length()),
                            components.get(i).name(),
                            number++);
                } else {
                    reword(steps, i + "." + own.of(), own);
                }
            }
        }
        return List.copyOf(steps);
    }

    /** Puts a step right before another one, where everything that either waits for still comes before it. */
    private static void move(List<Step> steps, String id, String before) {
        int from = index(steps, id);
        int to = index(steps, before);
        if (from < 0 || to < 0) {
            return;
        }
        var moved = new ArrayList<>(steps);
        var step = moved.remove(from);
        moved.add(index(moved, before), step);
        if (inOrder(moved)) {
            steps.clear();
            steps.addAll(moved);
        }
    }

    private static int index(List<Step> steps, String id) {
        for (int i = 0; i < steps.size(); i++) {
            if (steps.get(i).id().equals(id)) {
                return i;
            }
        }
        return -1;
    }

    private static boolean inOrder(List<Step> steps) {
        for (int i = 0; i < steps.size(); i++) {
            for (var after : steps.get(i).after()) {
                if (index(steps, after.step()) > i) {
                    return false;
                }
            }
        }
        return true;
    }

    private static void reword(List<Step> steps, String id, OwnStep own) {
        for (int i = 0; i < steps.size(); i++) {
            var step = steps.get(i);
            if (step.id().equals(id) && !own.text().isBlank()) {
                steps.set(
                        i,
                        new Step(
                                id,
                                step.component(),
                                step.title(),
                                own.text(),
                                step.kind(),
                                minutes(own, step.minutes()),
                                step.temperature(),
                                step.cue(),
                                step.caution(),
                                true,
                                step.after()));
            }
        }
    }

    /** After the step it names, or last of its component when there is none such. */
    private static void insert(List<Step> steps, int component, OwnStep own, String after, String name, int number) {
        int at = -1;
        for (int i = 0; i < steps.size(); i++) {
            if (steps.get(i).id().startsWith(component + ".")) {
                at = i;
            }
            if (steps.get(i).id().equals(component + "." + after)) {
                at = i;
                break;
            }
        }
        if (at < 0) {
            return;
        }
        steps.add(
                at + 1,
                new Step(
                        component + ".own-" + number,
                        name,
                        "Your own step",
                        own.text(),
                        Step.Kind.ACTIVE,
                        minutes(own, 0),
                        Optional.empty(),
                        "",
                        "",
                        true,
                        List.of(new After(steps.get(at).id(), 0, Optional.empty()))));
    }

    private static double minutes(OwnStep own, double otherwise) {
        try {
            return own.minutes().isBlank() ? otherwise : Typed.minutes(own.minutes(), 0, MOST_MIN);
        } catch (UnreadableException e) {
            return otherwise;
        }
    }
}
