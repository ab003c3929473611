package com.deftchill.core.learn;

import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.larder.LarderFiles;
import com.deftchill.core.learn.Unknown.Scope;
import com.deftchill.core.parameters.Parameter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVRecord;

/**
 * What can be learnt from which measurements, as teachable.csv says.
 *
 * @param what see {@link Unknown}
 * @param low lower end of the prior for a value; null: the parameter's own
 * @param high upper end
 * @param from what it is learnt from
 */
record Teachable(
        String what, Scope scope, ToDoubleFunction<Double> low, ToDoubleFunction<Double> high, Set<Quantity> from) {
    static final List<Teachable> ALL = LarderFiles.read(Teachable.class, "teachable.csv", Teachable::row);

    private static Teachable row(CSVRecord row) {
        var from = Arrays.stream(row.get("from").split(" "))
                .map(id -> Quantity.of(id).orElseThrow(() -> new IllegalArgumentException("no quantity " + id)))
                .collect(Collectors.toUnmodifiableSet());
        return new Teachable(
                row.get("what"), Scope.of(row.get("scope")), end(row.get("low")), end(row.get("high")), from);
    }

    private static ToDoubleFunction<Double> end(String text) {
        if (text.isEmpty()) {
            return null;
        }
        double size = Double.parseDouble(text.substring(1));
        return text.startsWith("*") ? value -> value * size : value -> value + size;
    }

    /** What a model is asked for: any of its constants may move these. */
    private static final Set<Quantity> COMPUTED = Set.of(
            Quantity.STANDING_HEIGHT,
            Quantity.FIRMNESS,
            Quantity.SET_AFTER,
            Quantity.CORE_AT,
            Quantity.FOAM_DENSITY,
            Quantity.VOLUME);

    /**
     * What is to be learnt.
     *
     * @param parameters ids of constants that are learnt whatever their scope
     */
    static List<Teachable> of(Set<Scope> scopes, Set<String> parameters) {
        var wanted = new ArrayList<Teachable>();
        ALL.stream()
                .filter(t -> scopes.contains(t.scope) || parameters.contains(t.what))
                .forEach(wanted::add);
        parameters.stream()
                .filter(id -> wanted.stream().noneMatch(t -> t.what.equals(id)))
                .sorted()
                .map(Teachable::constant)
                .forEach(wanted::add);
        return List.copyOf(wanted);
    }

    /** Any parameter, by its own range. */
    private static Teachable constant(String id) {
        return new Teachable(id, Scope.MODEL, null, null, COMPUTED);
    }

    static Teachable of(Unknown unknown) {
        return ALL.stream()
                .filter(t -> t.what.equals(unknown.what()) && t.scope == unknown.scope())
                .findFirst()
                .orElseGet(() -> constant(unknown.what()));
    }

    /** What is known of it before anything is measured; empty where the workplace has no such thing. */
    Optional<Prior> prior(Unknown unknown, Workplace handbook) {
        var value = unknown.in(handbook);
        if (value.isEmpty()) {
            return Optional.empty();
        }
        double centre = value.getAsDouble();
        if (low != null) {
            return Optional.of(Prior.of(centre, low.applyAsDouble(centre), high.applyAsDouble(centre)));
        }
        return handbook.parameters().all().stream()
                .filter(p -> p.id().equals(what) && p.low() < p.high())
                .findFirst()
                .map(Teachable::own);
    }

    private static Prior own(Parameter p) {
        return Prior.of(p.value(), p.low(), p.high());
    }
}
