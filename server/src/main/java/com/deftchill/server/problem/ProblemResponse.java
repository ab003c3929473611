package com.deftchill.server.problem;

import com.deftchill.core.verdict.Problem;
import java.util.List;
import java.util.Optional;

/**
 * The body of every error (RFC 9457).
 *
 * @param code stable name of the error
 * @param title for the cook
 * @param status HTTP status
 * @param detail what went wrong
 * @param problems every field at fault: path, field, value, rule
 * @param currentVersion of the stored formula, when the one sent is stale
 */
public record ProblemResponse(
        String code, String title, int status, String detail, List<Problem> problems, Optional<Long> currentVersion) {}
