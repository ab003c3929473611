package com.deftchill.server.batchlog;

import com.deftchill.core.learn.Quantity;
import com.deftchill.server.formula.StoredPrediction;
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
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
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
    private final LogService log;
    private final BatchService batches;
    private final BatchPages pages;

    LogController(LogService log, BatchService batches, BatchPages pages) {
        this.log = log;
        this.batches = batches;
        this.pages = pages;
    }

    /** A batch in the list; {@code photo} is the first of its photos. */
    record LogLine(
            UUID id,
            UUID formulaId,
            String formula,
            LocalDate madeOn,

            @Schema(type = "string", format = "time", example = "14:00:00")
            LocalTime pouredAt,

            Outcome outcome,
            Optional<Double> standingMm,
            String cook,
            String note,
            Optional<UUID> photo,
            StoredPrediction predicted) {}

    /** A page of the log, newest first. */
    record LogPage(List<LogLine> lines, long total, int page, int size) {}

    /** How many batches of each outcome were poured on a day. */
    record LogDay(LocalDate on, Outcome outcome, long count) {}

    record LogDays(List<LogDay> days) {}

    record Cooks(List<String> cooks) {}

    @GetMapping
    @Operation(operationId = "searchLog", summary = "Batches found by a wish, newest first, page by page")
    LogPage search(
            @Valid LogWish wish,
            @RequestParam(defaultValue = "0") @Min(value = 0, message = "must be 0 or more") int page,
            @RequestParam(defaultValue = "50")
                    @Min(value = 1, message = "must be from 1 to 200")
                    @Max(value = 200, message = "must be from 1 to 200")
                    int size) {
        return log.search(wish, page, size);
    }

    @GetMapping("/days")
    @Operation(operationId = "logDays", summary = "What was poured on which day, by outcome")
    LogDays days(@Valid LogWish wish) {
        return new LogDays(log.days(wish));
    }

    @GetMapping("/cooks")
    @Operation(operationId = "logCooks", summary = "Who has made batches")
    Cooks cooks() {
        return new Cooks(log.cooks());
    }

    @GetMapping(value = "/table.csv", produces = "text/csv")
    @Operation(operationId = "exportLog", summary = "Download the batches found by a wish as a table")
    ResponseEntity<String> csv(@Valid LogWish wish) {
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
            case FOAM_DENSITY -> "component";
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
}
