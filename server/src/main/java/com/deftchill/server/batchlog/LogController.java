package com.deftchill.server.batchlog;

import com.deftchill.core.learn.Quantity;
import com.deftchill.core.probe.ProbeLog;
import com.deftchill.core.verdict.Problem;
import com.deftchill.server.formula.StoredPrediction;
import com.deftchill.server.problem.NotUnderstoodException;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The log of the kitchen: all batches, and each with everything that is known of it. */
@RestController
@RequestMapping("/api/log")
@Tag(name = "Log")
class LogController {
    /** So many readings of a log are kept of a batch: one every quarter of a doubling of the time. */
    private static final int PROBE_POINTS = 14;

    private final LogService log;
    private final BatchService batches;
    private final BatchPages pages;

    LogController(LogService log, BatchService batches, BatchPages pages) {
        this.log = log;
        this.batches = batches;
        this.pages = pages;
    }

    /** A batch in the list; {@code photo} is the first of its photos, {@code firmness} as found, 0 to 100. */
    record LogLine(
            UUID id,
            UUID formulaId,
            String formula,
            LocalDate madeOn,

            @Schema(type = "string", format = "time", example = "14:00:00")
            LocalTime pouredAt,

            Outcome outcome,
            Optional<Double> standingMm,
            Optional<Double> firmness,
            String cook,
            String note,
            Optional<UUID> photo,
            StoredPrediction predicted) {}

    /**
     * A page of the log, newest first.
     *
     * @param total found, counted up to ten pages on, at most two hundred after the page's first
     * @param more whether there are more than that
     */
    record LogPage(List<LogLine> lines, long total, boolean more, int page, int size) {}

    /** How many batches of each outcome were poured on a day. */
    record LogDay(LocalDate on, Outcome outcome, long count) {}

    record LogDays(List<LogDay> days) {}

    record Cooks(List<String> cooks) {}

    @GetMapping
    @Operation(operationId = "searchLog", summary = "Batches found by a wish, newest first, page by page")
    LogPage search(
            @ParameterObject @Valid LogWish wish,
            @RequestParam(defaultValue = "0")
                    @Min(value = 0, message = "must be from 0 to 1000000")
                    @Max(value = 1_000_000, message = "must be from 0 to 1000000")
                    int page,
            @RequestParam(defaultValue = "50")
                    @Min(value = 1, message = "must be from 1 to 200")
                    @Max(value = 200, message = "must be from 1 to 200")
                    int size) {
        return log.search(wish, page, size);
    }

    @GetMapping("/days")
    @Operation(
            operationId = "logDays",
            summary = "What was poured on which day, by outcome",
            description = "Without a day since: in the six weeks before the day until, or before today.")
    LogDays days(@ParameterObject @Valid LogWish wish) {
        return new LogDays(log.days(wish));
    }

    @GetMapping("/cooks")
    @Operation(operationId = "logCooks", summary = "Who has made batches")
    Cooks cooks() {
        return new Cooks(log.cooks());
    }

    @GetMapping(value = "/table.csv", produces = "text/csv")
    @Operation(operationId = "exportLog", summary = "Download the batches found by a wish as a table")
    ResponseEntity<String> csv(@ParameterObject @Valid LogWish wish) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("text/csv;charset=UTF-8"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"log.csv\"")
                .body(log.csv(wish));
    }

    /**
     * Something that can be measured.
     *
     * @param of what it needs to be told: {@code none}, {@code component}, {@code stage}, {@code ingredient} or {@code word}
     * @param minutes whether it needs a time after the pour
     */
    record QuantityView(String id, String unit, String of, boolean minutes) {}

    record Quantities(List<QuantityView> quantities) {}

    @GetMapping("/quantities")
    @Operation(operationId = "logQuantities", summary = "What of a batch can be measured")
    Quantities quantities() {
        return new Quantities(Arrays.stream(Quantity.values())
                .filter(quantity -> quantity != Quantity.STANDING_HEIGHT)
                .map(q -> new QuantityView(q.id(), q.unit(), needs(q), q == Quantity.CORE_AT))
                .toList());
    }

    private static String needs(Quantity quantity) {
        return switch (quantity) {
            case FOAM_DENSITY, VOLUME -> "component";
            case OVERRUN -> "stage";
            case SOAKED -> "ingredient";
            case FIRMNESS -> "word";
            default -> "none";
        };
    }

    @GetMapping("/batches/{id}")
    @Operation(operationId = "getLoggedBatch", summary = "Everything that is known of a batch")
    BatchPageView batch(@PathVariable UUID id) {
        return pages.of(batches.get(id));
    }

    /**
     * What is said of a batch now.
     *
     * @param version that was read
     * @param by who corrects it
     */
    record Correction(
            long version,

            @Schema(nullable = true) @Size(max = 80, message = "must have at most 80 characters")
            String by,

            @NotNull(message = "is missing: what is said of it") @Valid
            CameOut said) {}

    @PutMapping("/batches/{id}")
    @Operation(
            operationId = "correctBatch",
            summary = "Correct what is said of a batch",
            description = "What was there before is kept. 409 when it was corrected from elsewhere in the meantime.")
    BatchPageView correct(@PathVariable UUID id, @Valid @RequestBody Correction correction) {
        var by = correction.by() == null ? "" : correction.by().strip();
        return pages.of(batches.correct(id, correction.version(), by, correction.said()));
    }

    /** What was said of a batch before a correction. */
    record EarlierView(Instant changedAt, String changedBy, CameOut earlier) {}

    record EarlierViews(List<EarlierView> changes) {}

    @GetMapping("/batches/{id}/changes")
    @Operation(operationId = "batchChanges", summary = "What was said of a batch before it was corrected, latest first")
    EarlierViews changes(@PathVariable UUID id) {
        return new EarlierViews(batches.changes(id).stream()
                .map(change -> new EarlierView(change.getChangedAt(), change.getChangedBy(), change.getEarlier()))
                .toList());
    }

    /** A reading of a probe's log, min after the pour and °C. */
    record ProbePoint(double minutes, double celsius) {}

    /** A line that was left out; {@code reason} is columns, time or temperature. */
    record BadLine(long line, String text, String reason) {}

    /**
     * What a probe's log was understood as.
     *
     * @param points that tell the course, for the cook to take or leave
     * @param all how many readings it has
     * @param time column that was taken for the time
     * @param temperature column that was taken for the temperature
     */
    record ProbeLogView(
            List<ProbePoint> points,
            int all,
            List<BadLine> bad,
            String time,
            String temperature,
            ProbeLog.Clock clock,
            boolean fahrenheit) {}

    @PostMapping(value = "/batches/{id}/probe-log", consumes = "text/csv")
    @Operation(
            operationId = "readProbeLog",
            summary = "Understand a probe's log of a batch",
            description =
                    "Any separator, order of columns and common clock. Nothing is stored: what is taken of it is stored with the"
                            + " batch. 422 where it has no time and temperature.")
    ProbeLogView probeLog(@PathVariable UUID id, @RequestBody String text) {
        var said = batches.get(id).said();
        var log = ProbeLog.read(text, said.madeOn().atTime(said.pouredAt()))
                .orElseThrow(() -> new NotUnderstoodException(List.of(
                        Problem.of("file-invalid", "", "The probe's log", "", Problem.rule("log.no-probe-log")))));
        return new ProbeLogView(
                log.thinned(PROBE_POINTS).stream()
                        .map(p -> new ProbePoint(p.minutes(), p.celsius()))
                        .toList(),
                log.points().size(),
                log.bad().stream()
                        .map(b -> new BadLine(b.line(), b.text(), b.reason()))
                        .toList(),
                log.time(),
                log.temperature(),
                log.clock(),
                log.fahrenheit());
    }
}
