package com.deftchill.server.problem;

/** The page that asked has asked anew in the meantime. */
public final class NewerQuestionException extends RuntimeException {
    public NewerQuestionException() {
        super("the same page has asked anew in the meantime");
    }
}
