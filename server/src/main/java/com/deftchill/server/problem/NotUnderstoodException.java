package com.deftchill.server.problem;

import com.deftchill.core.verdict.Problem;
import java.util.List;

/** Something that cannot be understood as typed. */
public final class NotUnderstoodException extends RuntimeException {
    private final transient List<Problem> problems;

    public NotUnderstoodException(List<Problem> problems) {
        super(problems.size() + " field(s) cannot be understood");
        this.problems = List.copyOf(problems);
    }

    public List<Problem> problems() {
        return problems;
    }
}
