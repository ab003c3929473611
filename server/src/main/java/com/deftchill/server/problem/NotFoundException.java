package com.deftchill.server.problem;

/** What was asked for does not exist (any more). */
public final class NotFoundException extends RuntimeException {
    public NotFoundException(String what, Object id) {
        super(what + " " + id + " does not exist");
    }
}
