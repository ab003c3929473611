package com.deftchill.core.batch;

import java.util.Arrays;
import java.util.Optional;

/** What is done, with an oven, a flame or a brush, to what is laid in or put on. */
public enum SideWork {
    ROAST("roast"),
    TOAST("toast"),
    TORCH("torch"),
    BRUSH("brush"),
    PIPE("pipe");

    private final String verb;

    SideWork(String verb) {
        this.verb = verb;
    }

    /** As the work of a document calls it. */
    public String verb() {
        return verb;
    }

    /** Whether it is done to the finished dessert, when it is served. */
    public boolean atService() {
        return this == TORCH || this == BRUSH || this == PIPE;
    }

    static Optional<SideWork> of(String verb) {
        return Arrays.stream(values()).filter(work -> work.verb.equals(verb)).findFirst();
    }
}
