package com.deftchill.server.problem;

/** Somebody tried to get in too often. */
public class TooManyTriesException extends RuntimeException {
    public TooManyTriesException() {
        super("too many tries from this address: wait ten minutes");
    }
}
