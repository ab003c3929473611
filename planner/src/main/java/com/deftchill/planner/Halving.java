package com.deftchill.planner;

import java.util.OptionalLong;

/**
 * What lies between a no and a yes is made smaller by asking within it. Around what was not answered in time it is asked on
 * both sides, or on the side of the yes alone; when little is left there, all of it again, for twice as long.
 */
final class Halving {
    /** Of what lies between no and yes, how much may be left on a side before all is asked again, by how often it was. */
    private static final double[] COARSE = {0.2, 0.1, 0};

    private final double share;
    private final boolean bothSides;
    private double seconds;
    private int round;
    private boolean doubted;
    private long lowest;
    private long highest;

    /**
     * @param seconds that a question may take at first
     * @param share of the way from no to yes at which it is asked
     * @param bothSides whether what is not answered may be followed by a no just before it
     */
    Halving(double seconds, double share, boolean bothSides) {
        this.seconds = seconds;
        this.share = share;
        this.bothSides = bothSides;
    }

    /** @return what is asked next; empty where there is nothing between them */
    OptionalLong next(long no, long yes) {
        if (yes - no <= 1) {
            return OptionalLong.empty();
        }
        doubted &= highest > no && lowest < yes;
        if (!doubted) {
            return between(no, yes);
        }
        long below = bothSides ? lowest - no : 0;
        long above = yes - highest;
        if (Math.max(below, above) <= Math.max(1, (yes - no) * COARSE[Math.min(round, COARSE.length - 1)])) {
            round++;
            doubted = false;
            seconds *= 2;
            return between(no, yes);
        }
        return above <= 1 || below > 2 * above ? between(no, lowest) : between(highest, yes);
    }

    private OptionalLong between(long low, long high) {
        long step = Math.round((high - low) * share);
        return OptionalLong.of(low + Math.max(1, Math.min(high - low - 1, step)));
    }

    double seconds() {
        return seconds;
    }

    void unknown(long asked) {
        lowest = doubted ? Math.min(lowest, asked) : asked;
        highest = doubted ? Math.max(highest, asked) : asked;
        doubted = true;
    }
}
