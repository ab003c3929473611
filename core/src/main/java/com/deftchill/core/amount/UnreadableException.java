package com.deftchill.core.amount;

import com.deftchill.core.text.Message;
import java.util.List;

/** Text that cannot be understood, with the rule it breaks, to be read after the field's name. */
public final class UnreadableException extends Exception {
    private final transient Message rule;
    private final transient List<Choice> choices;
    private final boolean ambiguous;

    /** What may have been meant: the text that says so plainly, and its meaning. */
    public record Choice(String text, String meaning) {}

    public UnreadableException(Message rule) {
        super(rule.key());
        this.rule = rule;
        choices = List.of();
        ambiguous = false;
    }

    private UnreadableException(Message question, List<Choice> choices) {
        super(question.key());
        rule = question;
        this.choices = List.copyOf(choices);
        ambiguous = true;
    }

    /** Text with more than one meaning: the cook is asked which. */
    public static UnreadableException asking(Message question, List<Choice> choices) {
        return new UnreadableException(question, choices);
    }

    /** A rule by its name among the problems' sentences. */
    static Message rule(String name) {
        return Message.of("problems." + name);
    }

    /** The rule it breaks, or what is asked. */
    public Message rule() {
        return rule;
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
