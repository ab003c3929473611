package com.deftchill.core.judge.component;

import com.deftchill.core.dessert.Portrait;
import com.deftchill.core.text.Notation;
import com.deftchill.core.text.Words;
import com.deftchill.core.verdict.Fix;
import java.util.ArrayList;

/** More or less of a component, all of its amounts alike. */
final class ScaledLines {
    private ScaledLines() {}

    static Fix fix(Portrait portrait, double factor, String effect) {
        var changes = new ArrayList<Fix.Change>();
        var lines = portrait.component().lines();
        for (int i = 0; i < lines.size(); i++) {
            changes.add(new Fix.Change(
                    portrait.line(i, "amount"),
                    Words.grams(portrait.weighed(lines.get(i).part().grams() * factor))));
        }
        return new Fix("Make " + Notation.write(factor, 2) + " times as much", effect, changes);
    }
}
