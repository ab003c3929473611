package com.deftchill.core.gel;

/** How far many points have set along the temperature history of each. */
public interface Setting {

    /** Moves every point on by some seconds, each at its own temperature, °C (as many as there are points). */
    void advance(double[] celsius, double seconds);

    /**
     * Present share of setting of every point: the helix share of gelatin, 0 to 1 for other agents. The array is the
     * working one: it changes with the next step, and must not be written.
     */
    double[] shares();

    /** The same points, to be followed on by themselves. */
    Setting copy();
}
