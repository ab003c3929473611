package com.deftchill.core.formula;

import com.deftchill.core.formula.WrittenFormula.Component;
import com.deftchill.core.formula.WrittenFormula.Line;
import com.deftchill.core.formula.WrittenFormula.OwnStep;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Ids for components and lines that were written without: earlier documents have none for their lines. */
final class Ids {
    private static final String TREAT = "treat-";

    private Ids() {}

    static List<Component> ofComponents(List<Component> components) {
        var taken = new HashSet<String>();
        components.forEach(component -> taken.add(component.id()));
        var named = new ArrayList<Component>();
        for (var component : components) {
            var wish = component.kind().isEmpty() ? "cream" : component.kind();
            named.add(component.id().isEmpty() ? component.withId(free(taken, wish, wish + "-", 2)) : component);
        }
        return List.copyOf(named);
    }

    static List<Line> ofLines(List<Line> lines) {
        var taken = new HashSet<String>();
        lines.forEach(line -> taken.add(line.id()));
        var named = new ArrayList<Line>();
        for (var line : lines) {
            named.add(line.id().isEmpty() ? line.withId(free(taken, "l1", "l", 2)) : line);
        }
        return List.copyOf(named);
    }

    private static String free(Set<String> taken, String first, String start, int from) {
        var id = first;
        for (int n = from; !taken.add(id); n++) {
            id = start + n;
        }
        return id;
    }

    /** Steps of a component whose lines had no ids yet named a line by its position: they name it by its new id. */
    static List<OwnStep> ofSteps(List<Line> lines, List<OwnStep> steps) {
        boolean byPosition =
                !lines.isEmpty() && lines.stream().allMatch(line -> line.id().isEmpty());
        if (!byPosition) {
            return steps;
        }
        var ids = ofLines(lines);
        return steps.stream()
                .map(step -> {
                    boolean moves = step.of().startsWith("move:");
                    return new OwnStep(
                            byId(step.of(), ids), moves ? byId(step.text(), ids) : step.text(), step.minutes());
                })
                .toList();
    }

    /** A code such as {@code after:treat-2}, by the id of the third line. */
    private static String byId(String code, List<Line> lines) {
        int at = code.indexOf(TREAT);
        var position = at < 0 ? "" : code.substring(at + TREAT.length());
        if (!position.matches("\\d{1,3}") || Integer.parseInt(position) >= lines.size()) {
            return code;
        }
        return code.substring(0, at + TREAT.length())
                + lines.get(Integer.parseInt(position)).id();
    }
}
