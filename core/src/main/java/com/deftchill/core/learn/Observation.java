package com.deftchill.core.learn;

/**
 * A reading, and how the models have it depend on what is not known.
 *
 * @param deviation standard deviation of the reading about its prediction by the handbook's set, in its unit
 */
public record Observation(Measured measured, Response response, double deviation) {
    Observation(Measured measured, Response response) {
        this(
                measured,
                response,
                measured.measure().quantity().deviation(response.predicted(), response.whole(), measured.readings()));
    }

    /** How far a prediction is above the reading, in standard deviations. */
    double residual(double predicted) {
        return (predicted - measured.value()) / deviation;
    }
}
