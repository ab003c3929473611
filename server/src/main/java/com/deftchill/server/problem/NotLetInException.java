package com.deftchill.server.problem;

/** Whoever asks is not let in; the message says why, and no more than may be known. */
public class NotLetInException extends RuntimeException {
    public NotLetInException(String message) {
        super(message);
    }
}
