package com.deftchill.core.larder;

import java.util.List;

/**
 * A field of an own larder entry: the same description draws the form and checks what is typed.
 *
 * @param key as documents write it
 * @param label as the cook reads it
 * @param unit beside the number; empty for a number without one
 * @param least smallest number accepted
 * @param most greatest number accepted
 * @param standard what is meant when nothing is typed; empty when it must be typed
 * @param choices the only texts accepted; empty for a number or free text
 * @param text whether it is free text
 */
public record OwnField(
        String key,
        String label,
        String unit,
        double least,
        double most,
        String standard,
        List<String> choices,
        boolean text) {
    public OwnField {
        choices = List.copyOf(choices);
    }

    static OwnField text(String key, String label) {
        return new OwnField(key, label, "", 0, 0, "", List.of(), true);
    }

    static OwnField number(String key, String label, String unit, double least, double most, String standard) {
        return new OwnField(key, label, unit, least, most, standard, List.of(), false);
    }

    static OwnField choice(String key, String label, String standard, List<String> choices) {
        return new OwnField(key, label, "", 0, 0, standard, choices, false);
    }
}
