package com.deftchill.core.assess;

import java.util.Optional;

/**
 * A step of the method.
 *
 * @param title in a few words
 * @param text what to do, with amounts
 * @param kind what it needs of the cook
 * @param minutes how long it takes, about
 * @param temperature to reach or to keep, in the kitchen's scale
 * @param cue what it looks like when it is done; may be empty
 * @param caution what can hurt or go wrong; may be empty
 */
public record Step(
        String title,
        String text,
        Kind kind,
        double minutes,
        Optional<String> temperature,
        String cue,
        String caution) {

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
