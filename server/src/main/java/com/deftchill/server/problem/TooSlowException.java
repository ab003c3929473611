package com.deftchill.server.problem;

import java.io.IOException;

/** A request body that does not come. */
final class TooSlowException extends IOException {
    private static final long serialVersionUID = 1;

    TooSlowException() {
        super("request body too slow");
    }
}
