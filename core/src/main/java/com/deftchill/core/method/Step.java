package com.deftchill.core.method;

import com.deftchill.core.text.Message;
import java.util.List;
import java.util.Optional;

/**
 * A step of the method.
 *
 * @param id unique within the method: the component's number and the step's code, such as {@code 0.bloom}
 * @param component name of the component, empty for steps of the whole dessert
 * @param work name by which the work of the document knows it: a verb, {@code treat-} and the id of a line, or, of a step of
 *     the cook's own, the id of its entry
 * @param title in a few words
 * @param text what to do, with amounts
 * @param kind what it needs of the cook
 * @param needs what it has for itself while it lasts
 * @param takes how long
 * @param temperature to reach or to keep
 * @param cue what it looks like when it is done; may say nothing
 * @param caution what can hurt or go wrong; may say nothing
 * @param own whether the words are the cook's own
 * @param after what must have ended before it begins
 */
public record Step(
        String id,
        String component,
        String work,
        Message title,
        Message text,
        Kind kind,
        List<Need> needs,
        Span takes,
        Optional<Message> temperature,
        Message cue,
        Message caution,
        boolean own,
        List<After> after) {
    public Step {
        needs = List.copyOf(needs);
        after = List.copyOf(after);
    }

    /**
     * Not before so many minutes after another step has ended, and, where it matters, not later than so many.
     *
     * @param step id of the other step
     * @param why code of the reason where waiting has bounds: {@code carries}, {@code bonds}, {@code sets}, {@code cools},
     *     {@code dries}, {@code collapses}; else empty
     */
    public record After(String step, double leastMinutes, Optional<Double> mostMinutes, String why) {
        /** As soon as the other has ended. */
        static After at(String step) {
            return new After(step, 0, Optional.empty(), "");
        }
    }

    /** How long it takes, about, min. */
    public double minutes() {
        return takes.likely();
    }

    /** What a step needs of the cook. */
    public enum Kind {
        /** Hands. */
        ACTIVE,
        /** A burner or mixer and a glance. */
        TENDED,
        /** Time alone. */
        WAITING
    }
}
