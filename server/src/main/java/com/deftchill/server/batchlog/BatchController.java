package com.deftchill.server.batchlog;

import com.deftchill.core.assess.Assessment.Prediction;
import com.deftchill.core.formula.WrittenFormula;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
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

    /** A batch in the log. */
    record LoggedBatch(
            UUID id,
            LocalDate madeOn,

            @Schema(type = "string", format = "time", example = "14:00:00")
            LocalTime pouredAt,

            Outcome outcome,
            Optional<Double> standingMm,
            String note,
            Prediction predicted,
            WrittenFormula document) {}

    @GetMapping
    @Operation(operationId = "listBatches", summary = "List the batches made, newest first")
    List<LoggedBatch> list(@PathVariable UUID formulaId) {
        return batches.list(formulaId).stream().map(BatchController::logged).toList();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    @Operation(operationId = "logBatch", summary = "Log a batch as made; its prediction is computed and kept with it")
    LoggedBatch log(@PathVariable UUID formulaId, @Valid @RequestBody MadeBatch made) {
        return logged(batches.log(formulaId, made));
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(operationId = "deleteBatch", summary = "Take a batch out of the log")
    void delete(@PathVariable UUID formulaId, @PathVariable UUID id) {
        batches.delete(formulaId, id);
    }

    private static LoggedBatch logged(BatchEntity b) {
        return new LoggedBatch(
                b.getId(),
                b.getMadeOn(),
                b.getPouredAt(),
                b.getOutcome(),
                Optional.ofNullable(b.getStandingMm()),
                b.getNote(),
                b.getPredicted(),
                b.getDocument());
    }
}
