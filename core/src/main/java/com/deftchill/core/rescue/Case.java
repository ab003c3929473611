package com.deftchill.core.rescue;

import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.larder.Larder;
import com.deftchill.core.verdict.Fix.Change;
import java.util.ArrayList;
import java.util.List;

/**
 * A batch as it was made, or as it would have been with something otherwise.
 *
 * @param touched addresses at which it is otherwise, as {@link Changes#canonical} has them
 */
public record Case(Workplace workplace, WrittenFormula formula, List<String> touched) {
    public Case {
        touched = List.copyOf(touched);
    }

    public Case(Workplace workplace, WrittenFormula formula) {
        this(workplace, formula, List.of());
    }

    /** The same with changes in its document. */
    Case with(List<Change> changes) {
        var addresses = new ArrayList<>(touched);
        changes.forEach(change -> addresses.add(Changes.canonical(formula, change.path())));
        return new Case(workplace, Changes.take(formula, changes), addresses);
    }

    /** The same from another larder. */
    Case with(Larder larder) {
        return new Case(new Workplace(larder, workplace.kitchen(), workplace.parameters()), formula, touched);
    }
}
