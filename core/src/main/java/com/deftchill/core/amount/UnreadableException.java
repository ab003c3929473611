package com.deftchill.core.amount;

/** Typed text that breaks a rule; the message is the rule, in the cook's words. */
public final class UnreadableException extends Exception {
    public UnreadableException(String rule) {
        super(rule);
    }
}
