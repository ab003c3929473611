package com.deftchill.server.problem;

import java.io.IOException;

/** A request body beyond what its kind may have. */
final class TooLargeException extends IOException {
    private static final long serialVersionUID = 1;

    /** What is too large, and how the words for it are found. */
    enum Of {
        DOCUMENT,
        PHOTO,
        ARCHIVE
    }

    private final Of of;
    private final long mostKilobytes;

    TooLargeException(Of of, long mostBytes) {
        super("request body too large");
        this.of = of;
        this.mostKilobytes = mostBytes / 1024;
    }

    Of of() {
        return of;
    }

    long mostKilobytes() {
        return mostKilobytes;
    }
}
