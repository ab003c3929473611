package com.deftchill.core.method;

import com.deftchill.core.parameters.Parameter;

/**
 * How long a step takes, min.
 *
 * @param least when all goes well
 * @param likely what a plan goes by
 * @param most when it does not
 * @param parameter id of the constant that it rests on; empty where it is computed or the cook's own
 */
public record Span(double least, double likely, double most, String parameter) {
    /** As long as a constant says. */
    static Span of(Parameter minutes) {
        return new Span(minutes.low(), minutes.value(), minutes.high(), minutes.id());
    }

    /** As computed, with nothing known of how sure that is. */
    static Span exactly(double minutes) {
        return new Span(minutes, minutes, minutes, "");
    }

    /** As computed with a constant that it goes with the inverse of, such as the heat of a burner. */
    static Span slowedBy(double minutes, Parameter by) {
        double work = minutes * by.value();
        return new Span(work / by.high(), minutes, work / by.low(), by.id());
    }

    /** So many times. */
    Span times(double count) {
        return new Span(count * least, count * likely, count * most, parameter);
    }

    /** One after the other; it rests on the first. */
    Span and(Span next) {
        return new Span(least + next.least, likely + next.likely, most + next.most, parameter);
    }

    /** But never less than another. */
    Span atLeast(Span other) {
        return likely >= other.likely ? this : other;
    }
}
