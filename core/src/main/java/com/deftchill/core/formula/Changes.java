package com.deftchill.core.formula;

import com.deftchill.core.formula.WrittenFormula.Component;
import com.deftchill.core.formula.WrittenFormula.Foam;
import com.deftchill.core.formula.WrittenFormula.Gel;
import com.deftchill.core.formula.WrittenFormula.Line;
import com.deftchill.core.formula.WrittenFormula.Stay;
import com.deftchill.core.formula.WrittenFormula.Work;
import com.deftchill.core.verdict.Fix.Change;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Function;

/**
 * Text put into a document at an address: the one place of the core where changes are made.
 *
 * <p>An address is a JSON pointer, but that an element of a list may be named by its id, an entry of the work by its verb, and
 * that a line has a {@code share}, kept by its foam and the work: {@code /components/0/work/heat/to}. What is missing on the
 * way is made.
 */
public final class Changes {
    private Changes() {}

    /** The document with all of the changes made, one after the other. */
    public static WrittenFormula take(WrittenFormula formula, List<Change> changes) {
        var changed = formula;
        for (var change : changes) {
            changed = set(changed, change.path(), change.value());
        }
        return changed;
    }

    /**
     * The document with a text at an address.
     *
     * @throws IllegalArgumentException where the address leads nowhere
     */
    public static WrittenFormula set(WrittenFormula formula, String address, String text) {
        return (WrittenFormula) put(formula, steps(address), 0, text);
    }

    /** The text at an address; empty where nothing is written. */
    public static String text(WrittenFormula formula, String address) {
        Object at = formula;
        var steps = steps(address);
        for (int i = 0; i < steps.length && at != null; i++) {
            if (at instanceof Component component && isShare(steps, i)) {
                int line = index(component.lines(), steps[i + 1], "lines");
                return line < 0 || line >= component.lines().size()
                        ? ""
                        : Shares.of(component, component.lines().get(line));
            }
            if (at instanceof List<?> list) {
                int index = index(list, steps[i], steps[i - 1]);
                at = index >= 0 && index < list.size() ? list.get(index) : null;
            } else if (at instanceof Record record) {
                at = Fields.of(record, steps[i]);
            } else {
                at = null;
            }
        }
        return at instanceof String text ? text : "";
    }

    /**
     * The same address with numbers in place of ids, so that two addresses of one field are equal; a part of the work keeps
     * its verb. What leads nowhere stays as it is.
     */
    public static String canonical(WrittenFormula formula, String address) {
        Object at = formula;
        var steps = steps(address);
        for (int i = 0; i < steps.length && at != null; i++) {
            if (at instanceof List<?> list) {
                int index = index(list, steps[i], steps[i - 1]);
                at = index >= 0 && index < list.size() ? list.get(index) : null;
                steps[i] = index >= 0 && !steps[i - 1].equals("work") ? String.valueOf(index) : steps[i];
            } else {
                at = at instanceof Record record && hasField(record, steps[i]) ? Fields.of(record, steps[i]) : null;
            }
        }
        return "/" + String.join("/", steps);
    }

    private static boolean hasField(Record record, String name) {
        return Arrays.stream(record.getClass().getRecordComponents())
                .anyMatch(component -> component.getName().equals(name));
    }

    private static String[] steps(String address) {
        if (address == null || !address.startsWith("/")) {
            throw new IllegalArgumentException("an address must begin with /, such as /cooler/air, not " + address);
        }
        return address.substring(1).split("/", -1);
    }

    private static Object put(Object at, String[] steps, int depth, String text) {
        if (depth == steps.length) {
            if (at instanceof String) {
                return text;
            }
            throw new IllegalArgumentException("/" + String.join("/", steps) + " is no field of the document");
        }
        if (at instanceof Component component && isShare(steps, depth)) {
            int line = index(component.lines(), steps[depth + 1], "lines");
            if (line < 0 || line >= component.lines().size()) {
                throw new IllegalArgumentException("/" + String.join("/", steps) + " names no line");
            }
            return Shares.with(component, component.lines().get(line).id(), text);
        }
        if (at instanceof List<?> list) {
            return putIntoList(list, steps, depth, text);
        }
        if (at instanceof Record record) {
            return Fields.with(record, steps[depth], put(Fields.of(record, steps[depth]), steps, depth + 1, text));
        }
        throw new IllegalArgumentException("/" + String.join("/", steps) + " is no field of the document");
    }

    private static boolean isShare(String[] steps, int depth) {
        return steps.length == depth + 3 && steps[depth].equals("lines") && steps[depth + 2].equals("share");
    }

    private static Object putIntoList(List<?> list, String[] steps, int depth, String text) {
        var copy = new ArrayList<Object>(list);
        int index = index(list, steps[depth], steps[depth - 1]);
        if (index < 0 || index > list.size()) {
            throw new IllegalArgumentException("/" + String.join("/", steps) + " must not leave a gap in a list");
        }
        if (index == list.size()) {
            copy.add(blank(steps[depth - 1], steps[depth]));
        }
        copy.set(index, put(copy.get(index), steps, depth + 1, text));
        return List.copyOf(copy);
    }

    /** A new element of a list of the document; of the work by its verb. */
    private static Object blank(String list, String step) {
        return switch (list) {
            case "places" -> new Stay("", "", "", "", "");
            case "lines" -> new Line("", "", "", "", "", "");
            case "gels" -> new Gel("", "", "", "", "");
            case "foams" -> new Foam("", "", "", "");
            case "work" -> Work.of(isNumber(step) ? "" : step);
            default -> throw new IllegalArgumentException("the document's " + list + " do not grow by a change");
        };
    }

    /** Of the element with a number, an id or, in the work, a verb; of a verb that is not written yet: the end. */
    private static int index(List<?> list, String step, String name) {
        if (isNumber(step)) {
            return Integer.parseInt(step);
        }
        int byId = first(list, element -> idOf(element).equals(step));
        int byVerb = byId >= 0
                ? byId
                : first(
                        list,
                        element -> element instanceof Work work && work.verb().equals(step));
        return byVerb < 0 && name.equals("work") ? list.size() : byVerb;
    }

    private static int first(List<?> list, Function<Object, Boolean> holds) {
        for (int i = 0; i < list.size(); i++) {
            if (holds.apply(list.get(i))) {
                return i;
            }
        }
        return -1;
    }

    private static String idOf(Object element) {
        return element instanceof Record record
                        && List.of(Component.class, Line.class, Gel.class, Foam.class, Work.class)
                                .contains(record.getClass())
                ? (String) Fields.of(record, "id")
                : "";
    }

    private static boolean isNumber(String step) {
        return step.matches("\\d{1,3}");
    }
}
