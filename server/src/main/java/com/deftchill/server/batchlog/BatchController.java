package com.deftchill.server.batchlog;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.server.formula.StoredPrediction;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The log of a formula: what was predicted beside what came out. */
@RestController
@RequestMapping("/api/formulas/{formulaId}/batches")
@Tag(name = "Log")
class BatchController {
    private final BatchService batches;

    BatchController(BatchService batches) {
        this.batches = batches;
    }

    /** A batch in the log; {@code dose} is what its first gelling agent was taken as, as typed. */
    record LoggedBatch(
            UUID id,
            LocalDate madeOn,

            @Schema(type = "string", format = "time", example = "14:00:00")
            LocalTime pouredAt,

            Outcome outcome,
            Optional<Double> standingMm,
            String note,
            String dose,
            StoredPrediction predicted) {}

    /** A page of the log, newest first. */
    record BatchPage(List<LoggedBatch> batches, long total, int page, int size) {}

    /** A batch in the log, and the formula as it was made. */
    record WholeBatch(LoggedBatch batch, WrittenFormula document) {}

    @GetMapping
    @Operation(operationId = "listBatches", summary = "List the batches made, newest first, page by page")
    BatchPage list(
            @PathVariable UUID formulaId,
            @RequestParam(defaultValue = "0")
                    @Min(value = 0, message = "must be from 0 to 1000000")
                    @Max(value = 1_000_000, message = "must be from 0 to 1000000")
                    int page,
            @RequestParam(defaultValue = "50")
                    @Min(value = 1, message = "must be from 1 to 200")
                    @Max(value = 200, message = "must be from 1 to 200")
                    int size) {
        var found = batches.list(formulaId, page, size);
        return new BatchPage(found.map(BatchController::logged).getContent(), found.getTotalElements(), page, size);
    }

    @GetMapping("/{id}")
    @Operation(operationId = "getBatch", summary = "Read a batch with the formula as it was made")
    WholeBatch get(@PathVariable UUID formulaId, @PathVariable UUID id) {
        var batch = batches.get(formulaId, id);
        return new WholeBatch(logged(batch), batch.getDocument());
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    @Operation(
            operationId = "logBatch",
            summary = "Log a batch as made; its prediction is computed and kept with it",
            description = "id: the client's own; sent twice with one, it is logged once.")
    LoggedBatch log(@PathVariable UUID formulaId, @RequestParam Optional<UUID> id, @Valid @RequestBody MadeBatch made) {
        return logged(batches.log(id.orElseGet(UUID::randomUUID), formulaId, made));
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(operationId = "deleteBatch", summary = "Take a batch out of the log")
    void delete(@PathVariable UUID formulaId, @PathVariable UUID id) {
        batches.delete(formulaId, id);
    }

    private static String dose(WrittenFormula document) {
        return document.components().stream()
                .map(component -> component.gel().amount())
                .filter(amount -> !amount.isBlank())
                .findFirst()
                .orElse("");
    }

    private static LoggedBatch logged(BatchEntity b) {
        return new LoggedBatch(
                b.getId(),
                b.getMadeOn(),
                b.getPouredAt(),
                b.getOutcome(),
                Optional.ofNullable(b.getStandingMm()),
                b.getNote(),
                dose(b.getDocument()),
                b.getPredicted());
    }
}
