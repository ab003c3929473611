package com.deftchill.core.verdict;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * What came of a question: what was asked for, or the problems that stand in its way.
 *
 * @param value present when there are no problems
 */
public record Answer<T>(Optional<T> value, List<Problem> problems) {
    public Answer {
        problems = List.copyOf(problems);
    }

    /** What was asked for. */
    public static <T> Answer<T> of(T value) {
        return new Answer<>(Optional.of(value), List.of());
    }

    /** What stands in its way. */
    public static <T> Answer<T> not(List<Problem> problems) {
        return new Answer<>(Optional.empty(), problems);
    }

    /** What follows from it; the same problems where there is nothing. */
    public <R> Answer<R> map(Function<T, R> next) {
        return new Answer<>(value.map(next), problems);
    }

    /** What follows from it and may have problems of its own. */
    public <R> Answer<R> flatMap(Function<T, Answer<R>> next) {
        return value.map(next).orElseGet(() -> not(problems));
    }
}
