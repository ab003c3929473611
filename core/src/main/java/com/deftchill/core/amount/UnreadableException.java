package com.deftchill.core.amount;

import java.util.List;

/** Text that cannot be understood; the message is the rule it breaks, to be read after the field's name. */
public final class UnreadableException extends Exception {
    private final transient List<Choice> choices;
    private final boolean ambiguous;

    /** What may have been meant: the text that says so plainly, and its meaning. */
    public record Choice(String text, String meaning) {}

    public UnreadableException(String rule) {
        super(rule);
        choices = List.of();
        ambiguous = false;
    }

    private UnreadableException(String question, List<Choice> choices) {
        super(question);
        this.choices = List.copyOf(choices);
        ambiguous = true;
    }

    /** Text with more than one meaning: the cook is asked which. */
    public static UnreadableException asking(String question, List<Choice> choices) {
        return new UnreadableException(question, choices);
    }

    /** What may have been meant; empty when it can be anything. */
    public List<Choice> choices() {
        return choices;
    }

    /** Whether it means more than one thing, rather than nothing. */
    public boolean ambiguous() {
        return ambiguous;
    }
}
