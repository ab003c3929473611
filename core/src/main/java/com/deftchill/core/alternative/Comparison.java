package com.deftchill.core.alternative;

import com.deftchill.core.assess.Assessment;
import com.deftchill.core.assess.Assessor;
import com.deftchill.core.assess.Sentence;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.text.Message;
import com.deftchill.core.verdict.Answer;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;

/**
 * Two states of a formula side by side: what changed, and what it did.
 *
 * @param changes fields that differ, as written; text is empty where a side does not have the field
 * @param figures computed figures of both; text is empty where a side cannot be computed
 * @param before the line of the first, or why it cannot be computed
 * @param after the line of the second
 */
public record Comparison(List<Row> changes, List<Row> figures, Message before, Message after) {

    /**
     * A figure or field of both sides, and whether they differ.
     *
     * @param key that tells it from all others, whatever they are called
     */
    public record Row(String key, Message name, Message before, Message after, boolean differs) {}

    static Comparison of(Assessor assessor, WrittenFormula first, WrittenFormula second, Workplace workplace) {
        var before = assessor.assess(first, workplace);
        var after = assessor.assess(second, workplace);
        var figures = rowsOf(
                before.value().map(Figures::of).orElse(List.of()),
                after.value().map(Figures::of).orElse(List.of()));
        return new Comparison(changes(first, second, workplace), figures, line(before), line(after));
    }

    /** Every field that is not written alike in both. */
    public static List<Row> changes(WrittenFormula first, WrittenFormula second, Workplace workplace) {
        return rowsOf(new WrittenFields(first, workplace).all(), new WrittenFields(second, workplace).all()).stream()
                .filter(Row::differs)
                .toList();
    }

    private static Message line(Answer<Assessment> outcome) {
        return outcome.value()
                .map(a -> Message.own(
                        String.join(" ", a.line().stream().map(Sentence::text).toList())))
                .orElseGet(() -> outcome.problems().get(0).said());
    }

    /** Two lists of figures side by side, by key; what only one side has is named as there. */
    static List<Row> rowsOf(List<Entry> first, List<Entry> second) {
        var before = byKey(first);
        var after = byKey(second);
        var keys = new LinkedHashSet<>(before.keySet());
        keys.addAll(after.keySet());
        return keys.stream()
                .map(key -> {
                    var was = before.getOrDefault(key, new Entry(key, Message.NONE, Message.NONE));
                    var is = after.getOrDefault(key, new Entry(key, was.name(), Message.NONE));
                    return new Row(
                            key, is.name(), was.text(), is.text(), !was.text().equals(is.text()));
                })
                .toList();
    }

    /** Should two share a key all the same, the later ones are told apart by their number. */
    private static Map<String, Entry> byKey(List<Entry> entries) {
        var map = new LinkedHashMap<String, Entry>();
        for (var entry : entries) {
            var key = entry.key();
            for (int n = 2; map.containsKey(key); n++) {
                key = entry.key() + "#" + n;
            }
            map.put(key, entry);
        }
        return map;
    }
}
