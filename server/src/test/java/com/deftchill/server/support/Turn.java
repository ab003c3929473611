package com.deftchill.server.support;

/** In which order classes begin, so that no lane is left with nothing to do: a class that says nothing comes in the middle. */
public final class Turn {
    /** Whoever wants the shared server for itself, before others have it, */
    static final int CHANGING = 1;
    /** with those beside it that do not want it. */
    static final int APART = 2;

    /** The longest of those that can run beside anything, */
    public static final int ASKING_LONG = Integer.MAX_VALUE - 1;
    /** and the rest of them. */
    static final int ASKING = Integer.MAX_VALUE;

    private Turn() {}
}
