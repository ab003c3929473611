package com.deftchill.server.formula;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.server.database.Once;
import com.deftchill.server.document.Patches;
import com.deftchill.server.formula.FormulaService.Listing;
import com.deftchill.server.formula.FormulaService.Listing.Order;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.ArraySchema;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Stored formulas. Saving names the version it was made on; a newer one in store answers 409. */
@RestController
@RequestMapping("/api/formulas")
@Tag(name = "Formulas")
class FormulaController {
    private final FormulaService formulas;
    private final Patches patches;

    FormulaController(FormulaService formulas, Patches patches) {
        this.formulas = formulas;
        this.patches = patches;
    }

    /**
     * A page of a list of formulas, without their documents.
     *
     * @param total found, counted up to ten pages on, at most two hundred after the page's first
     * @param more whether there are more than that
     */
    record FormulaPage(List<FormulaSummary> formulas, long total, boolean more, int page, int size) {}

    /** A stored formula, whole; put away or at hand. */
    record StoredFormula(UUID id, long version, Instant updatedAt, boolean putAway, WrittenFormula document) {}

    /** What became of a formula that was to be deleted. */
    record DeletedFormula(boolean putAway) {}

    /** A new state, made on a version. */
    record SaveFormula(
            long version,

            @NotNull(message = "is missing: the formula to store")
            WrittenFormula document) {}

    @GetMapping
    @Operation(
            operationId = "listFormulas",
            summary = "List stored formulas, page by page",
            description = "search: a part of the name. putAway: those put away instead of those at hand.")
    FormulaPage list(
            @RequestParam(defaultValue = "") @Size(max = 200, message = "must have at most 200 characters")
                    String search,
            @RequestParam(defaultValue = "false") boolean putAway,
            @RequestParam(defaultValue = "CREATED") Order order,
            @RequestParam(defaultValue = "0")
                    @Min(value = 0, message = "must be from 0 to 1000000")
                    @Max(value = 1_000_000, message = "must be from 0 to 1000000")
                    int page,
            @RequestParam(defaultValue = "100")
                    @Min(value = 1, message = "must be from 1 to 200")
                    @Max(value = 200, message = "must be from 1 to 200")
                    int size) {
        var found = formulas.list(new Listing(search, putAway, order, page, size));
        return new FormulaPage(
                found.formulas(), found.count().total(), found.count().more(), page, size);
    }

    @GetMapping("/{id}")
    @Operation(operationId = "getFormula", summary = "Read a formula")
    StoredFormula get(@PathVariable UUID id) {
        return stored(formulas.get(id));
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    @Operation(
            operationId = "createFormula",
            summary = "Store a new formula as typed",
            description = "id: the client's own; sent twice with one, it is stored once.")
    StoredFormula create(@RequestParam Optional<UUID> id, @RequestBody WrittenFormula document) {
        var own = id.orElseGet(UUID::randomUUID);
        return stored(Once.stored(() -> formulas.find(own), () -> formulas.create(own, document)));
    }

    @PutMapping("/{id}")
    @Operation(
            operationId = "saveFormula",
            summary = "Store a new state of a formula as typed",
            description = "409 when the stored version is newer than the one given.")
    StoredFormula save(@PathVariable UUID id, @Valid @RequestBody SaveFormula save) {
        return stored(formulas.save(id, save.version(), save.document()));
    }

    /** One operation of a JSON Patch (RFC 6902). */
    record PatchOperation(
            @Schema(
                    allowableValues = {"add", "remove", "replace", "move", "copy", "test"},
                    example = "replace")
            String op,

            @Schema(description = "a JSON pointer", example = "/components/0/gels/0/amount")
            String path,

            @Schema(description = "a JSON pointer, to move or copy")
            String from,

            @Schema(description = "to add, put in its place or test for", example = "7 g")
            Object value) {}

    @PatchMapping(path = "/{id}", consumes = Patches.MEDIA_TYPE)
    @Operation(
            operationId = "patchFormula",
            summary = "Change a formula by a JSON Patch (RFC 6902)",
            description =
                    "All operations or none. version: that it must have, unless left out. 409 changed-meanwhile when a"
                            + " test of the patch does not hold, 422 naming the operation that cannot be done.",
            requestBody =
                    @io.swagger.v3.oas.annotations.parameters.RequestBody(
                            content =
                                    @Content(
                                            mediaType = Patches.MEDIA_TYPE,
                                            array =
                                                    @ArraySchema(
                                                            schema = @Schema(implementation = PatchOperation.class)))))
    StoredFormula patch(@PathVariable UUID id, @RequestParam Optional<Long> version, @RequestBody String patch) {
        return stored(formulas.change(id, version, document -> patches.applied(document, patch)));
    }

    @DeleteMapping("/{id}")
    @Operation(
            operationId = "deleteFormula",
            summary = "Delete a formula of which nothing was made; put away one with a log",
            description =
                    "What was made outlives the formula. 409 when the stored version is newer than the one given.")
    DeletedFormula delete(@PathVariable UUID id, @RequestParam long version) {
        return new DeletedFormula(formulas.delete(id, version));
    }

    @PostMapping("/{id}/bring-back")
    @Operation(operationId = "bringBackFormula", summary = "Bring back a formula that was put away")
    StoredFormula bringBack(@PathVariable UUID id, @RequestParam long version) {
        return stored(formulas.bringBack(id, version));
    }

    private static StoredFormula stored(FormulaEntity f) {
        return new StoredFormula(
                f.getId(), f.getVersion(), f.getUpdatedAt(), f.getPutAwayAt() != null, f.getDocument());
    }
}
