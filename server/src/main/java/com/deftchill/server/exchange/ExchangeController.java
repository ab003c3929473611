package com.deftchill.server.exchange;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.server.problem.NotFoundException;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** Formulas as files. */
@RestController
@RequestMapping("/api")
@Tag(name = "Files")
class ExchangeController {
    private final FormulaFiles files;
    private final DocumentSchemas schemas;

    ExchangeController(FormulaFiles files, DocumentSchemas schemas) {
        this.files = files;
        this.schemas = schemas;
    }

    /** What an import stored. */
    record ImportedFormula(UUID id, String name) {}

    @GetMapping("/formulas/{id}/export")
    @Operation(operationId = "exportFormula", summary = "Download a formula as a file, with the own entries it uses")
    ResponseEntity<WrittenFormula> export(@PathVariable UUID id) {
        var document = files.export(id);
        var name = document.name().isBlank() ? "formula" : document.name().strip();
        var disposition = ContentDisposition.attachment()
                .filename(name.replaceAll("[\\p{Cntrl}/\\\\:*?\"<>|]+", " ") + ".json", StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition.toString())
                .body(document);
    }

    @PostMapping("/imports")
    @ResponseStatus(HttpStatus.CREATED)
    @Operation(
            operationId = "importFormula",
            summary = "Store a formula from a file",
            description = "Whole or not at all: 422 names path, value and rule of everything that keeps the file from"
                    + " being a formula document.")
    ImportedFormula take(@RequestBody @Schema(type = "object") JsonNode file) {
        var stored = files.take(file);
        return new ImportedFormula(stored.getId(), stored.getName());
    }

    @GetMapping("/schemas/formula-{version}.json")
    @Operation(operationId = "getSchema", summary = "The JSON Schema of a version of the formula document")
    ResponseEntity<String> schema(@PathVariable int version) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/schema+json"))
                .body(schemas.text(version).orElseThrow(() -> new NotFoundException("Schema", version)));
    }
}
