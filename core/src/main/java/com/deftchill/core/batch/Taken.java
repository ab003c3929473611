package com.deftchill.core.batch;

import com.deftchill.core.amount.Subject;
import com.deftchill.core.amount.Typed;
import com.deftchill.core.mix.Mix;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * How much a line takes of another component.
 *
 * @param share of it, 0 to 1 and more
 * @param asShare whether it is written as a share, such as half or 30 %, rather than as an amount
 */
record Taken(double share, boolean asShare) {
    private static final Map<String, Double> SHARES = Map.ofEntries(
            Map.entry("all", 1.0),
            Map.entry("the rest", 1.0),
            Map.entry("rest", 1.0),
            Map.entry("half", 0.5),
            Map.entry("1/2", 0.5),
            Map.entry("½", 0.5),
            Map.entry("a third", 1 / 3.0),
            Map.entry("1/3", 1 / 3.0),
            Map.entry("a quarter", 0.25),
            Map.entry("1/4", 0.25),
            Map.entry("¼", 0.25));

    private static final double LEAST_PERCENT = 0.01;
    private static final double MOST_PERCENT = 100;

    /** What is written; empty when it cannot be read, which the fields then know. */
    static Optional<Taken> read(FieldReader fields, String path, Component component, Mix mix, String amount) {
        var text = amount.strip().toLowerCase(Locale.ROOT);
        boolean asShare = SHARES.containsKey(text) || text.endsWith("%");
        double share = asShare
                ? share(fields, path, component, amount)
                : grams(fields, path, component, mix, amount) / mix.massG();
        return Double.isNaN(share) ? Optional.empty() : Optional.of(new Taken(share, asShare));
    }

    private static double share(FieldReader fields, String path, Component component, String amount) {
        var named = SHARES.get(amount.strip().toLowerCase(Locale.ROOT));
        return named != null
                ? named
                : fields.field(
                        "share-unreadable",
                        path,
                        component.name(),
                        amount,
                        Double.NaN,
                        text -> Typed.share(text, LEAST_PERCENT, MOST_PERCENT));
    }

    private static double grams(FieldReader fields, String path, Component component, Mix mix, String amount) {
        var subject = Subject.of(component.name(), mix.gramsPerMl(), true, Map.of());
        return fields.amount(path, component.name(), amount, subject, ComponentReader.LEAST_G, ComponentReader.MOST_G)
                .grams();
    }
}
