package com.deftchill.core.method;

import com.deftchill.core.amount.Typed;
import com.deftchill.core.amount.UnreadableException;
import com.deftchill.core.batch.Component;
import com.deftchill.core.formula.WrittenFormula.Work;
import com.deftchill.core.method.Step.After;
import com.deftchill.core.text.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Puts the cook's own words into the method: a step reworded, one of one's own, one moved as far as the rules allow. */
final class OwnSteps {
    private static final String OWN = "own";
    private static final double MOST_MIN = 7 * 24 * 60.0;

    private OwnSteps() {}

    static List<Step> apply(List<Component> components, List<Step> computed) {
        var steps = new ArrayList<>(computed);
        for (int i = 0; i < components.size(); i++) {
            for (var entry : components.get(i).work()) {
                if (entry.verb().equals(OWN)) {
                    insert(steps, i, entry, components.get(i).name());
                } else {
                    reword(steps, i, entry);
                    move(steps, of(steps, i, nameOf(entry)), of(steps, i, entry.before()));
                }
            }
        }
        return List.copyOf(steps);
    }

    /** The name by which the work's entries know a step: its verb, with the line where there are several of it. */
    private static String nameOf(Work entry) {
        return entry.verb().equals("treat") && !entry.lines().isEmpty()
                ? "treat-" + entry.lines().get(0)
                : entry.verb();
    }

    /** Index of the step of a component that has a name; -1 when there is none. */
    private static int of(List<Step> steps, int component, String name) {
        for (int i = 0; i < steps.size() && !name.isEmpty(); i++) {
            var id = steps.get(i).id();
            if (id.startsWith(component + ".")
                    && StepWriter.verb(id.substring(id.indexOf('.') + 1)).equals(name)) {
                return i;
            }
        }
        return -1;
    }

    /** Puts a step right before another one, where everything that either waits for still comes before it. */
    private static void move(List<Step> steps, int from, int to) {
        if (from < 0 || to < 0) {
            return;
        }
        var before = steps.get(to).id();
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

    private static void reword(List<Step> steps, int component, Work entry) {
        int at = of(steps, component, nameOf(entry));
        if (at < 0 || entry.text().isBlank()) {
            return;
        }
        var step = steps.get(at);
        steps.set(
                at,
                new Step(
                        step.id(),
                        step.component(),
                        step.work(),
                        step.title(),
                        Message.own(entry.text()),
                        step.kind(),
                        step.needs(),
                        takes(entry, step.takes()),
                        step.temperature(),
                        step.cue(),
                        step.caution(),
                        true,
                        step.after()));
    }

    /** After the step it names, or last of its component when there is none such. */
    private static void insert(List<Step> steps, int component, Work entry, String name) {
        int at = of(steps, component, entry.follows());
        for (int i = steps.size() - 1; i >= 0 && at < 0; i--) {
            at = steps.get(i).id().startsWith(component + ".") ? i : at;
        }
        if (at < 0) {
            return;
        }
        steps.add(
                at + 1,
                new Step(
                        component + ".own-" + entry.id(),
                        name,
                        entry.id(),
                        Message.of("steps.own.title"),
                        Message.own(entry.text()),
                        Step.Kind.ACTIVE,
                        List.of(Need.HANDS),
                        takes(entry, Span.exactly(0)),
                        Optional.empty(),
                        Message.NONE,
                        Message.NONE,
                        true,
                        List.of(After.at(steps.get(at).id()))));
    }

    private static Span takes(Work entry, Span otherwise) {
        try {
            return entry.minutes().isBlank() ? otherwise : Span.exactly(Typed.minutes(entry.minutes(), 0, MOST_MIN));
        } catch (UnreadableException e) {
            return otherwise;
        }
    }
}
