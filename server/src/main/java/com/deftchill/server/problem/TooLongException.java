package com.deftchill.server.problem;

import java.time.Duration;

/** A computation that has had all the time it may take. */
public final class TooLongException extends RuntimeException {
    public TooLongException(Duration deadline) {
        super("there was no answer within " + deadline.toSeconds() + " s, so it was ended");
    }
}
