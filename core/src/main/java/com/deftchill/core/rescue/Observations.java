package com.deftchill.core.rescue;

import com.deftchill.core.amount.UnreadableException;
import com.deftchill.core.kitchen.Kitchen;
import com.deftchill.core.making.ColdChain;
import com.deftchill.core.making.Event.Kind;
import com.deftchill.core.making.Making;
import com.deftchill.core.rescue.Observed.Reading;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Optional;
import java.util.OptionalDouble;

/** What a batch in the making knows of what went wrong with it. */
public final class Observations {
    private static final String FOUND = "yes";
    private static final double SECONDS_PER_HOUR = 3600;

    private Observations() {}

    /** The last symptom that was named; empty where none was, or one that there is not. */
    public static Optional<Symptom> symptom(Making making) {
        return RescueFiles.symptom(making.said(Kind.WENT_WRONG));
    }

    public static Observed of(Making making, Kitchen kitchen, Symptom symptom) {
        var filled = making.filled();
        var measured = new HashSet<String>();
        var looks = new HashMap<String, Boolean>();
        var readings = new ArrayList<Reading>();
        var seen = OptionalDouble.empty();
        for (var event : making.events()) {
            switch (event.kind()) {
                case MEASURED -> event.changes().forEach(change -> measured.add(change.path()));
                case LOOKED -> {
                    var said = event.text().split("=", 2);
                    looks.put(said[0], said.length > 1 && said[1].equals(FOUND));
                }
                case WENT_WRONG ->
                    seen = filled.isPresent() && event.second() >= filled.getAsLong()
                            ? OptionalDouble.of(event.second() - filled.getAsLong())
                            : OptionalDouble.empty();
                case CHECKED -> {
                    if (filled.isPresent()) {
                        reading(event.text(), event.second() - filled.getAsLong(), kitchen)
                                .ifPresent(readings::add);
                    }
                }
                default -> {
                    // Says nothing of what went wrong.
                }
            }
        }
        if (seen.isPresent()) {
            double age = seen.getAsDouble() / SECONDS_PER_HOUR;
            RescueFiles.looksAtAge().forEach(look -> looks.put(look.id(), age >= look.hours()));
        }
        return new Observed(symptom, seen, measured, readings, looks);
    }

    private static Optional<Reading> reading(String text, long seconds, Kitchen kitchen) {
        try {
            return Optional.of(new Reading(seconds, ColdChain.celsius(text, kitchen)));
        } catch (UnreadableException refusedWhenItWasEntered) {
            return Optional.empty();
        }
    }
}
