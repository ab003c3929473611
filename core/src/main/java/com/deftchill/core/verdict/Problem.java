package com.deftchill.core.verdict;

import com.deftchill.core.text.Message;
import java.util.List;

/**
 * Something typed that cannot be understood, lies outside its range, or has more than one meaning.
 *
 * @param code stable name of the rule
 * @param path JSON pointer into the document
 * @param field as the cook knows it
 * @param value as typed
 * @param rule what it must be, or what is asked, to be read after the field's name
 * @param fixes what it may have meant, each to be taken with one touch; empty when it can be anything
 */
public record Problem(String code, String path, String field, String value, Message rule, List<Fix> fixes) {
    public Problem {
        fixes = List.copyOf(fixes);
    }

    /** A problem without a ready answer. */
    public static Problem of(String code, String path, String field, String value, Message rule) {
        return new Problem(code, path, field, value, rule, List.of());
    }

    /** A rule by its name among the problems' sentences. */
    public static Message rule(String name) {
        return Message.of("problems." + name);
    }

    /** Field and rule as one sentence. */
    public Message said() {
        return rule("said").with("field", field).with("rule", rule.said());
    }
}
