package com.deftchill.core.rescue;

import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What is known of a batch that went wrong.
 *
 * @param symptom that is seen
 * @param seconds when it was seen, s after the first pour; absent where nobody said: when it is served, or the next day
 * @param measured addresses of the document whose value was measured
 * @param readings of the core while it cooled
 * @param looks by their id, whether what was looked for was found
 */
public record Observed(
        Symptom symptom,
        OptionalDouble seconds,
        Set<String> measured,
        List<Reading> readings,
        Map<String, Boolean> looks) {
    public Observed {
        measured = Set.copyOf(measured);
        readings = List.copyOf(readings);
        looks = Map.copyOf(looks);
    }

    /** The same, each measured address in one form. */
    Observed canonical(WrittenFormula formula) {
        return new Observed(
                symptom,
                seconds,
                measured.stream()
                        .map(address -> Changes.canonical(formula, address))
                        .collect(Collectors.toSet()),
                readings,
                looks);
    }

    /** Nothing but the symptom. */
    public static Observed of(Symptom symptom) {
        return new Observed(symptom, OptionalDouble.empty(), Set.of(), List.of(), Map.of());
    }

    /**
     * A temperature of the core.
     *
     * @param seconds after the first pour
     */
    public record Reading(double seconds, double celsius) {}
}
