package com.deftchill.server.batchlog;

/** How a batch came out, in the words of the log (handbook 5). */
public enum Outcome {
    /** Nobody has said yet. */
    NOT_KNOWN,
    CLEAN,
    SMALL_DIVOTS,
    TORN,
    STUCK,
    SLUMPED,
    DID_NOT_HOLD
}
