package com.deftchill.core.chill;

/** Follows a simulation step by step. */
@FunctionalInterface
public interface ChillListener {
    /**
     * Called after every step, and once at the start with seconds = 0 and stepSeconds = 0.
     *
     * @param seconds time since pouring, s
     * @param stepSeconds length of the step just made, s
     * @param meanCelsius temperature of each cell halfway through the step, °C; only valid during the call
     * @param celsius temperature of each cell now, °C; only valid during the call
     */
    void afterStep(double seconds, double stepSeconds, double[] meanCelsius, double[] celsius);

    /** Called before that with the air around it now, °C. */
    default void air(double seconds, double airCelsius) {
        // Most do not mind.
    }
}
