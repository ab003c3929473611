package com.deftchill.core.making;

import com.deftchill.core.amount.Typed;
import com.deftchill.core.amount.UnreadableException;
import com.deftchill.core.kitchen.Kitchen;
import com.deftchill.core.kitchen.SafetyRules.Stage;
import com.deftchill.core.making.Event.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalLong;

/**
 * Whether a batch has cooled in time, by what was measured at its core and by the kitchen's rule set; local rules come first.
 * What was not measured is said to be missing, never taken as good.
 */
public final class ColdChain {
    /** As cold and as hot as a core may be. */
    private static final double COLDEST_C = -40;

    private static final double HOTTEST_C = 110;
    private static final double SECONDS_PER_HOUR = 3600;

    private ColdChain() {}

    /** How it stands with a limit. */
    public enum State {
        /** Its time is not up, and it was not measured below it yet. */
        OPEN,
        /** Measured below it in time. */
        KEPT,
        /** Measured above it when its time was up, or below it only afterwards. */
        BROKEN,
        /** Its time is up, and nothing tells how warm it was. */
        MISSING
    }

    /**
     * A limit of the rule set for this batch; moments in s since 1970.
     *
     * @param celsius that its core must be below
     * @param by when
     * @param reached when it was first measured below it
     */
    public record Limit(double celsius, long by, State state, OptionalLong reached) {}

    private record Reading(long at, double celsius) {}

    /** Every limit, once the first layer is filled; none before. */
    public static List<Limit> of(Making making, Kitchen kitchen, long now) {
        var filled = making.filled();
        if (filled.isEmpty()) {
            return List.of();
        }
        var readings = readings(making, kitchen);
        return kitchen.safety().stages().stream()
                .map(stage -> limit(stage, filled.getAsLong(), readings, now))
                .toList();
    }

    private static List<Reading> readings(Making making, Kitchen kitchen) {
        var readings = new ArrayList<Reading>();
        for (var event : making.events()) {
            if (event.kind() == Kind.CHECKED) {
                try {
                    double celsius = celsius(event.text(), kitchen);
                    readings.add(new Reading(event.second(), celsius));
                } catch (UnreadableException e) {
                    // What is not understood was refused when it was entered; it proves nothing.
                }
            }
        }
        return readings;
    }

    /** A core temperature as typed, °C. */
    public static double celsius(String text, Kitchen kitchen) throws UnreadableException {
        return Typed.celsius(text, COLDEST_C, HOTTEST_C, kitchen.temperature());
    }

    private static Limit limit(Stage stage, long filled, List<Reading> readings, long now) {
        long by = filled + Math.round(stage.hours() * SECONDS_PER_HOUR);
        var reached = readings.stream()
                .filter(reading -> reading.celsius() <= stage.celsius())
                .mapToLong(Reading::at)
                .min();
        if (reached.isPresent() && reached.getAsLong() <= by) {
            return new Limit(stage.celsius(), by, State.KEPT, reached);
        }
        if (now <= by) {
            return new Limit(stage.celsius(), by, State.OPEN, reached);
        }
        boolean warm = readings.stream().anyMatch(r -> r.at() >= by && r.celsius() > stage.celsius());
        return new Limit(stage.celsius(), by, warm ? State.BROKEN : State.MISSING, reached);
    }
}
