package com.deftchill.server.formula;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.server.document.Patches;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** States that a formula had: kept by themselves or by name, read back, compared by the client. */
@RestController
@RequestMapping("/api/formulas/{formulaId}/revisions")
@Tag(name = "Revisions")
class RevisionController {
    private static final int LONGEST_NAME = 80;

    private final RevisionService revisions;
    private final FormulaService formulas;
    private final Patches patches;

    RevisionController(RevisionService revisions, FormulaService formulas, Patches patches) {
        this.revisions = revisions;
        this.formulas = formulas;
        this.patches = patches;
    }

    /** A page of a list of kept states, without their documents. */
    record RevisionPage(List<RevisionSummary> revisions, long total, int page, int size) {}

    /** A kept state, whole. */
    record Revision(int number, String name, Instant createdAt, WrittenFormula document) {}

    /** A state to keep, and its name. */
    record KeepRevision(
            @NotBlank(message = "must not be empty")
            @Size(max = LONGEST_NAME, message = "must have at most 80 characters")
            String name,

            @NotNull(message = "is missing: the formula to keep")
            WrittenFormula document) {}

    /** Another name. */
    record RenameRevision(
            @NotNull(message = "is missing") @Size(max = LONGEST_NAME, message = "must have at most 80 characters")
            String name) {}

    @GetMapping
    @Operation(operationId = "listRevisions", summary = "List the states a formula had, newest first, page by page")
    RevisionPage list(
            @PathVariable UUID formulaId,
            @RequestParam(defaultValue = "0")
                    @Min(value = 0, message = "must be from 0 to 1000000")
                    @Max(value = 1_000_000, message = "must be from 0 to 1000000")
                    int page,
            @RequestParam(defaultValue = "200")
                    @Min(value = 1, message = "must be from 1 to 200")
                    @Max(value = 200, message = "must be from 1 to 200")
                    int size) {
        var found = revisions.list(formulaId, page, size);
        return new RevisionPage(found.getContent(), found.getTotalElements(), page, size);
    }

    @GetMapping("/{number}")
    @Operation(operationId = "getRevision", summary = "Read a state a formula had")
    Revision get(@PathVariable UUID formulaId, @PathVariable int number) {
        return whole(revisions.get(formulaId, number));
    }

    @GetMapping(path = "/{number}/patch", produces = Patches.MEDIA_TYPE)
    @Operation(
            operationId = "patchSinceRevision",
            summary = "What was changed since a state, as a JSON Patch (RFC 6902)")
    String patch(@PathVariable UUID formulaId, @PathVariable int number) {
        var before = revisions.get(formulaId, number).getDocument();
        return patches.between(before, formulas.get(formulaId).getDocument());
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    @Operation(operationId = "keepRevision", summary = "Keep a state under a name")
    Revision keep(@PathVariable UUID formulaId, @Valid @RequestBody KeepRevision keep) {
        return whole(revisions.keep(formulaId, keep.name(), keep.document()));
    }

    @PutMapping("/{number}")
    @Operation(operationId = "renameRevision", summary = "Give a kept state a name")
    Revision rename(@PathVariable UUID formulaId, @PathVariable int number, @Valid @RequestBody RenameRevision rename) {
        return whole(revisions.rename(formulaId, number, rename.name()));
    }

    private static Revision whole(RevisionEntity r) {
        return new Revision(r.getNumber(), r.getName(), r.getCreatedAt(), r.getDocument());
    }
}
