package com.deftchill.core.chill;

/** Whether a computation is still to go on; asked at every step by whatever may take long. */
@FunctionalInterface
public interface Stop {
    /** Goes on to its end. */
    Stop NEVER = () -> {};

    /** Returns when it is to go on; else throws what whoever asked for it knows how to catch. */
    void check();
}
