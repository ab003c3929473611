package com.deftchill.server.problem;

import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Message;
import com.deftchill.core.verdict.Problem;
import com.deftchill.server.address.Address;
import com.deftchill.server.database.Away;
import io.github.resilience4j.bulkhead.BulkheadFullException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.ConstraintViolationException;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.slf4j.MDC;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.method.annotation.HandlerMethodValidationException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Every error as a problem detail: plain for the cook, in full in the log. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class ProblemHandler {
    static final String DATABASE_AWAY = "database-away";
    static final String AWAY_TITLE = "Nothing can be stored now";
    static final String AWAY_DETAIL =
            "the database does not answer; what is typed is kept in this browser, computing goes on, and it is stored by itself"
                    + " when the database is back";
    static final String AGAIN_SECONDS = "2";
    private static final long KILOBYTES_OF_A_MEGABYTE = 1024;
    private static final long KILOBYTES_SAID = 10 * KILOBYTES_OF_A_MEGABYTE;
    private static final Logger LOG = LoggerFactory.getLogger(ProblemHandler.class);

    @ExceptionHandler
    ResponseEntity<ProblemResponse> notUnderstood(NotUnderstoodException e) {
        return answer(
                HttpStatus.UNPROCESSABLE_CONTENT, "not-understood", "Not understood yet", e.getMessage(), e.problems());
    }

    @ExceptionHandler
    ResponseEntity<ProblemResponse> notLetIn(NotLetInException e) {
        return answer(HttpStatus.UNAUTHORIZED, "not-let-in", "Not signed in", e.getMessage(), List.of());
    }

    @ExceptionHandler
    ResponseEntity<ProblemResponse> tooManyTries(TooManyTriesException e) {
        return answer(HttpStatus.TOO_MANY_REQUESTS, "too-many-tries", "Too many tries", e.getMessage(), List.of());
    }

    @ExceptionHandler
    ResponseEntity<ProblemResponse> stale(StaleVersionException e) {
        return body(
                HttpStatus.CONFLICT,
                new ProblemResponse(
                        "saved-elsewhere",
                        "Saved in another window",
                        HttpStatus.CONFLICT.value(),
                        e.getMessage(),
                        List.of(),
                        Optional.of(e.currentVersion())));
    }

    @ExceptionHandler
    ResponseEntity<ProblemResponse> changed(ChangedMeanwhileException e) {
        return answer(
                HttpStatus.CONFLICT,
                "changed-meanwhile",
                "Changed meanwhile",
                e.getMessage(),
                List.of(Problem.of("changed-meanwhile", e.path(), "Patch", "", Problem.rule("changed-meanwhile"))));
    }

    @ExceptionHandler
    ResponseEntity<ProblemResponse> lost(ObjectOptimisticLockingFailureException e) {
        return answer(
                HttpStatus.CONFLICT,
                "saved-elsewhere",
                "Saved in another window",
                "saved elsewhere at the same moment",
                List.of());
    }

    /** Two requests put in the same new thing at once, or waited for each other. */
    @ExceptionHandler({DataIntegrityViolationException.class, PessimisticLockingFailureException.class})
    ResponseEntity<ProblemResponse> atOnce(DataAccessException e) {
        return answer(
                HttpStatus.CONFLICT,
                "saved-elsewhere",
                "Saved in another window",
                "saved elsewhere at the same moment",
                List.of());
    }

    /** As many questions wait already as may. */
    @ExceptionHandler
    ResponseEntity<ProblemResponse> busy(BulkheadFullException e) {
        var answer = answer(
                HttpStatus.SERVICE_UNAVAILABLE,
                "busy",
                "Busy",
                "too many questions are waiting; ask again in a moment",
                List.of());
        return ResponseEntity.status(answer.getStatusCode())
                .headers(answer.getHeaders())
                .header(HttpHeaders.RETRY_AFTER, "1")
                .body(answer.getBody());
    }

    private static ResponseEntity<ProblemResponse> again(ResponseEntity<ProblemResponse> answer) {
        return ResponseEntity.status(answer.getStatusCode())
                .headers(answer.getHeaders())
                .header(HttpHeaders.RETRY_AFTER, AGAIN_SECONDS)
                .body(answer.getBody());
    }

    @ExceptionHandler
    ResponseEntity<ProblemResponse> tooLong(TooLongException e) {
        return answer(HttpStatus.SERVICE_UNAVAILABLE, "took-too-long", "Took too long", e.getMessage(), List.of());
    }

    @ExceptionHandler
    ResponseEntity<ProblemResponse> newer(NewerQuestionException e) {
        return answer(HttpStatus.CONFLICT, "newer-question", "Asked anew", e.getMessage(), List.of());
    }

    @ExceptionHandler
    ResponseEntity<ProblemResponse> missing(NotFoundException e) {
        return answer(HttpStatus.NOT_FOUND, "not-found", "Not found", e.getMessage(), List.of());
    }

    @ExceptionHandler
    ResponseEntity<ProblemResponse> tooLarge(TooLargeException e) {
        long most = e.mostKilobytes();
        var rule = Problem.rule("document-too-large").with("most", Argument.figure(most, 0));
        var what = e.of().name().toLowerCase(Locale.ROOT);
        return answer(
                HttpStatus.CONTENT_TOO_LARGE,
                what + "-too-large",
                "Too large",
                "the " + what + " must be at most "
                        + (most < KILOBYTES_SAID ? most + " kB" : most / KILOBYTES_OF_A_MEGABYTE + " MB"),
                List.of(Problem.of("document-too-large", "", what, "", rule)));
    }

    @ExceptionHandler
    ResponseEntity<ProblemResponse> tooSlow(TooSlowException e) {
        return answer(
                HttpStatus.REQUEST_TIMEOUT,
                "too-slow",
                "Too slow",
                "it did not come in time; send it again",
                List.of());
    }

    @ExceptionHandler
    ResponseEntity<ProblemResponse> unreadable(HttpMessageNotReadableException e) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof TooLargeException tooLarge) {
                return tooLarge(tooLarge);
            }
            if (cause instanceof TooSlowException tooSlow) {
                return tooSlow(tooSlow);
            }
        }
        var cause = e.getCause() instanceof JacksonException jackson ? jackson : null;
        var path = cause instanceof DatabindException databind ? pointer(databind) : "";
        var where = cause != null && cause.getLocation() != null
                ? "line " + cause.getLocation().getLineNr() + ", column "
                        + cause.getLocation().getColumnNr()
                : "";
        var rule = rule(cause);
        LOG.debug("unreadable request: {}", e.getMessage());
        return answer(
                HttpStatus.BAD_REQUEST,
                "document-unreadable",
                "Not a document of this kind",
                where,
                List.of(Problem.of("document-unreadable", path, "Document", where, rule)));
    }

    @ExceptionHandler
    ResponseEntity<ProblemResponse> invalid(MethodArgumentNotValidException e) {
        var problems = e.getBindingResult().getFieldErrors().stream()
                .map(f -> Problem.of(
                        "field-invalid",
                        "/" + f.getField().replace('.', '/'),
                        f.getField(),
                        isSecret(f.getField()) ? "" : String.valueOf(f.getRejectedValue()),
                        Message.own(String.valueOf(f.getDefaultMessage()))))
                .toList();
        return answer(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "fields-invalid",
                "Not understood yet",
                problems.size() + " field(s) break a rule",
                problems);
    }

    /** A password that was refused is not said back. */
    private static boolean isSecret(String field) {
        return field.toLowerCase(Locale.ROOT).contains("password") || field.equals("key");
    }

    @ExceptionHandler
    ResponseEntity<ProblemResponse> invalid(ConstraintViolationException e) {
        return answer(
                HttpStatus.UNPROCESSABLE_CONTENT, "fields-invalid", "Not understood yet", e.getMessage(), List.of());
    }

    @ExceptionHandler
    ResponseEntity<ProblemResponse> invalid(HandlerMethodValidationException e) {
        var problems = e.getParameterValidationResults().stream()
                .flatMap(result -> result.getResolvableErrors().stream()
                        .map(error -> Problem.of(
                                "parameter-invalid",
                                "",
                                String.valueOf(result.getMethodParameter().getParameterName()),
                                String.valueOf(result.getArgument()),
                                Message.own(String.valueOf(error.getDefaultMessage())))))
                .toList();
        return answer(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "parameters-invalid",
                "Not understood yet",
                problems.size() + " parameter(s) break a rule",
                problems);
    }

    @ExceptionHandler
    ResponseEntity<ProblemResponse> mistyped(MethodArgumentTypeMismatchException e) {
        var problem = Problem.of(
                "parameter-invalid",
                "",
                e.getName(),
                String.valueOf(e.getValue()),
                Problem.rule("not-of-this-address"));
        return answer(
                HttpStatus.BAD_REQUEST,
                "parameter-invalid",
                "Not an address of ours",
                "is not of the form this address takes",
                List.of(problem));
    }

    /** A query that is no query, such as {@code ?version=%zz}. */
    @ExceptionHandler
    ResponseEntity<ProblemResponse> undecodable(InvalidParameterException e) {
        return answer(
                HttpStatus.BAD_REQUEST,
                "parameter-invalid",
                "Not an address of ours",
                "its parameters cannot be decoded",
                List.of());
    }

    @ExceptionHandler
    ResponseEntity<ProblemResponse> other(Exception e, HttpServletRequest request) {
        if (e instanceof ErrorResponse known) {
            var status = HttpStatus.valueOf(known.getStatusCode().value());
            return answer(
                    status,
                    "request-refused",
                    status.getReasonPhrase(),
                    known.getBody().getDetail(),
                    List.of());
        }
        if (Away.isAway(e)) {
            LOG.warn("the database is away at {} {}: {}", request.getMethod(), Address.of(request), e.getMessage(), e);
            return again(answer(HttpStatus.SERVICE_UNAVAILABLE, DATABASE_AWAY, AWAY_TITLE, AWAY_DETAIL, List.of()));
        }
        if (Away.isFull(e)) {
            LOG.error("no room at {} {}: {}", request.getMethod(), Address.of(request), e.getMessage());
            return answer(
                    HttpStatus.INSUFFICIENT_STORAGE,
                    "disk-full",
                    "No room left",
                    "the disk is full, so nothing can be stored; reading goes on. Make room and it goes on by itself",
                    List.of());
        }
        LOG.error("our own error at {} {}", request.getMethod(), Address.of(request), e);
        return answer(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "our-own-error",
                "Something of ours broke",
                "It is in the log under number " + MDC.get(RequestIdFilter.KEY) + "; what was typed is kept.",
                List.of());
    }

    /** What the reader expected, without its own terms. */
    private static Message rule(JacksonException cause) {
        if (cause instanceof UnrecognizedPropertyException unknown) {
            return Problem.rule("unreadable.property").with("name", unknown.getPropertyName());
        }
        if (cause instanceof InvalidFormatException format) {
            return Problem.rule("unreadable.form").with("value", String.valueOf(format.getValue()));
        }
        return cause instanceof DatabindException ? Problem.rule("unreadable.kind") : Problem.rule("unreadable.json");
    }

    private static String pointer(DatabindException e) {
        var pointer = new StringBuilder();
        for (var step : e.getPath()) {
            pointer.append('/')
                    .append(step.getPropertyName() != null ? step.getPropertyName() : String.valueOf(step.getIndex()));
        }
        return pointer.toString();
    }

    private static ResponseEntity<ProblemResponse> answer(
            HttpStatus status, String code, String title, String detail, List<Problem> problems) {
        return body(
                status,
                new ProblemResponse(
                        code, title, status.value(), detail == null ? "" : detail, problems, Optional.empty()));
    }

    private static ResponseEntity<ProblemResponse> body(HttpStatus status, ProblemResponse problem) {
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(problem);
    }
}
