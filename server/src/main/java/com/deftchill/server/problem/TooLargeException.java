package com.deftchill.server.problem;

import java.io.IOException;

/** A request body beyond what a document may have. */
final class TooLargeException extends IOException {
    TooLargeException() {
        super("request body too large");
    }
}
