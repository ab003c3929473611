package com.deftchill.core.sums;

import com.deftchill.core.amount.Typed;
import com.deftchill.core.amount.UnreadableException;
import com.deftchill.core.text.Notation;
import com.deftchill.core.text.TemperatureScale;
import java.util.List;

/**
 * A field of a sum.
 *
 * @param name of the field, as links write it
 * @param label as the cook reads it
 * @param kind {@code text}, {@code temperature}, {@code choice}, {@code ingredient}, {@code gel} or {@code mould}
 * @param example what it starts with
 * @param group group of ingredients that fits, empty: any
 * @param choices of a choice
 */
public record SumField(String name, String label, String kind, String example, String group, List<Choice> choices) {
    private static final String TEMPERATURE = "temperature";

    public SumField {
        choices = List.copyOf(choices);
    }

    /** A choice: its id and its words. */
    public record Choice(String id, String words) {}

    static SumField text(String name, String label, String example) {
        return new SumField(name, label, "text", example, "", List.of());
    }

    static SumField celsius(String name, String label, double celsius) {
        return new SumField(
                name,
                label,
                TEMPERATURE,
                Notation.write(celsius, 0) + " " + TemperatureScale.CELSIUS.unit(),
                "",
                List.of());
    }

    /** The same as a kitchen reads its thermometers. */
    SumField on(TemperatureScale scale) {
        if (!kind.equals(TEMPERATURE)) {
            return this;
        }
        try {
            double celsius = Typed.celsius(example, -100, 300, TemperatureScale.CELSIUS);
            var text = Notation.write(scale.of(celsius), 0) + " " + scale.unit();
            return new SumField(name, label, kind, text, group, choices);
        } catch (UnreadableException e) {
            throw new IllegalStateException(example, e);
        }
    }

    /** The same starting with an entry of the larder. */
    SumField startingWith(String id) {
        return new SumField(name, label, kind, id, group, choices);
    }

    /** Whether it is an entry of the larder that is chosen. */
    boolean isOfLarder() {
        return kind.equals("ingredient") || kind.equals("gel") || kind.equals("mould");
    }

    static SumField ingredient(String name, String label, String group) {
        return new SumField(name, label, "ingredient", "", group, List.of());
    }

    static SumField gel(String name, String label) {
        return new SumField(name, label, "gel", "", "", List.of());
    }

    static SumField mould(String name, String label) {
        return new SumField(name, label, "mould", "", "", List.of());
    }

    static SumField choice(String name, String label, String example, Choice... choices) {
        return new SumField(name, label, "choice", example, "", List.of(choices));
    }
}
