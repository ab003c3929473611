package com.deftchill.server.support;

/**
 * In which order classes begin, so that no lane is left with nothing to do. A class that says nothing comes after {@link #WAITING} and
 * before {@link #APART}.
 */
public final class Turn {
    /** Whoever wants the shared server for itself, before others have it; beside it those that want no server. */
    static final int CHANGING = 1;

    /** Whoever mostly waits. */
    public static final int WAITING = 2;

    /** Servers are started one after the other: not while there is nothing else to do. */
    static final int APART = Integer.MAX_VALUE - 2;

    /** The longest of those that can run beside anything, */
    public static final int ASKING_LONG = Integer.MAX_VALUE - 1;
    /** and the rest of them. */
    static final int ASKING = Integer.MAX_VALUE;

    private Turn() {}
}
