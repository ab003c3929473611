package com.deftchill.core;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.verdict.Fix;
import java.util.ArrayList;
import java.util.List;

/** Takes a fix as the page does: new text at a JSON pointer into the document. */
public final class Pointers {
    private Pointers() {}

    public static WrittenFormula take(WrittenFormula formula, List<Fix.Change> changes) {
        for (var change : changes) {
            formula = (WrittenFormula) set(formula, change.path().substring(1).split("/"), 0, change.value());
        }
        return formula;
    }

    private static Object set(Object at, String[] path, int depth, String value) {
        if (depth == path.length) {
            return value;
        }
        if (at instanceof List<?> list) {
            var copy = new ArrayList<Object>(list);
            int index = Integer.parseInt(path[depth]);
            // As the page does, what is missing is made: only places grow so.
            if (index == copy.size()) {
                copy.add(new WrittenFormula.Stay("", "", "", "", ""));
            }
            copy.set(index, set(copy.get(index), path, depth + 1, value));
            return copy;
        }
        return rewritten((Record) at, path, depth, value);
    }

    private static Object rewritten(Record record, String[] path, int depth, String value) {
        var parts = record.getClass().getRecordComponents();
        var types = new Class<?>[parts.length];
        var values = new Object[parts.length];
        boolean found = false;
        try {
            for (int i = 0; i < parts.length; i++) {
                types[i] = parts[i].getType();
                var now = parts[i].getAccessor().invoke(record);
                boolean here = parts[i].getName().equals(path[depth]);
                values[i] = here ? set(now, path, depth + 1, value) : now;
                found |= here;
            }
            if (!found) {
                throw new AssertionError("no field " + path[depth] + " in " + record.getClass());
            }
            return record.getClass().getDeclaredConstructor(types).newInstance(values);
        } catch (ReflectiveOperationException e) {
            throw new AssertionError(e);
        }
    }
}
