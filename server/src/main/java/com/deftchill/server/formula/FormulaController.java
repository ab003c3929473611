package com.deftchill.server.formula;

import com.deftchill.core.formula.WrittenFormula;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
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

    FormulaController(FormulaService formulas) {
        this.formulas = formulas;
    }

    /** A formula in a list. */
    record FormulaSummary(UUID id, String name, long version, Instant updatedAt) {}

    /** A stored formula, whole. */
    record StoredFormula(UUID id, long version, Instant updatedAt, WrittenFormula document) {}

    /** A new state, made on a version. */
    record SaveFormula(
            long version,

            @NotNull(message = "is missing: the formula to store")
            WrittenFormula document) {}

    @GetMapping
    @Operation(operationId = "listFormulas", summary = "List the stored formulas")
    List<FormulaSummary> list() {
        return formulas.list().stream()
                .map(f -> new FormulaSummary(f.getId(), f.getName(), f.getVersion(), f.getUpdatedAt()))
                .toList();
    }

    @GetMapping("/{id}")
    @Operation(operationId = "getFormula", summary = "Read a formula")
    StoredFormula get(@PathVariable UUID id) {
        return stored(formulas.get(id));
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    @Operation(operationId = "createFormula", summary = "Store a new formula as typed")
    StoredFormula create(@RequestBody WrittenFormula document) {
        return stored(formulas.create(document));
    }

    @PutMapping("/{id}")
    @Operation(
            operationId = "saveFormula",
            summary = "Store a new state of a formula as typed",
            description = "409 when the stored version is newer than the one given.")
    StoredFormula save(@PathVariable UUID id, @Valid @RequestBody SaveFormula save) {
        return stored(formulas.save(id, save.version(), save.document()));
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(operationId = "deleteFormula", summary = "Delete a formula and its batches")
    void delete(@PathVariable UUID id, @RequestParam long version) {
        formulas.delete(id, version);
    }

    private static StoredFormula stored(FormulaEntity f) {
        return new StoredFormula(f.getId(), f.getVersion(), f.getUpdatedAt(), f.getDocument());
    }
}
