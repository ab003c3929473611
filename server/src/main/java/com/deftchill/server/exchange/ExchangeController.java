package com.deftchill.server.exchange;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.larder.OwnKind;
import com.deftchill.server.database.Once;
import com.deftchill.server.formula.FormulaService;
import com.deftchill.server.problem.NotFoundException;
import com.deftchill.server.text.FileNames;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
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
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** Formulas as files. */
@RestController
@RequestMapping("/api")
@Tag(name = "Files")
class ExchangeController {
    private final FormulaService formulas;
    private final FormulaFiles files;
    private final DocumentSchemas schemas;
    private final RecipeFiles recipes;
    private final LarderCsv larder;

    ExchangeController(
            FormulaService formulas,
            FormulaFiles files,
            DocumentSchemas schemas,
            RecipeFiles recipes,
            LarderCsv larder) {
        this.formulas = formulas;
        this.files = files;
        this.schemas = schemas;
        this.recipes = recipes;
        this.larder = larder;
    }

    /** What an import stored. */
    record ImportedFormula(UUID id, String name) {}

    @GetMapping("/formulas/{id}/export")
    @Operation(operationId = "exportFormula", summary = "Download a formula as a file, with the own entries it uses")
    ResponseEntity<WrittenFormula> export(@PathVariable UUID id) {
        var document = files.export(id);
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, download(document.name(), ".json"))
                .body(document);
    }

    private static String download(String name, String ending) {
        return ContentDisposition.attachment()
                .filename(FileNames.of(name, "formula") + ending, StandardCharsets.UTF_8)
                .build()
                .toString();
    }

    @GetMapping("/formulas/{id}/recipe")
    @Operation(
            operationId = "exportRecipe",
            summary = "Download a formula as a schema.org Recipe (JSON-LD), for other programs",
            description =
                    "Components, folding and doses by product are beyond such a recipe: keep the formula file too.")
    ResponseEntity<String> recipe(@PathVariable UUID id) {
        var recipe = recipes.export(id);
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/ld+json"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        download(recipe.path("name").asString(""), ".recipe.json"))
                .body(recipe.toPrettyString());
    }

    /** How many entries were added. */
    record AddedEntries(int added) {}

    @GetMapping(value = "/larder/own/{kind}.csv", produces = "text/csv")
    @Operation(operationId = "exportOwnEntries", summary = "Download the kitchen's own entries of a kind as a table")
    ResponseEntity<String> table(@PathVariable String kind) {
        var known = OwnKind.of(kind).orElseThrow(() -> new NotFoundException("Kind", kind));
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("text/csv;charset=UTF-8"))
                .header(HttpHeaders.CONTENT_DISPOSITION, download(known.label(), ".csv"))
                .body(larder.export(known));
    }

    @PostMapping(value = "/larder/own/{kind}.csv", consumes = "text/csv")
    @ResponseStatus(HttpStatus.CREATED)
    @Operation(
            operationId = "importOwnEntries",
            summary = "Add own entries from a table",
            description = "All rows or none: 422 names line, field, value and rule of everything at fault.")
    AddedEntries table(@PathVariable String kind, @RequestBody String csv) {
        return new AddedEntries(
                larder.take(OwnKind.of(kind).orElseThrow(() -> new NotFoundException("Kind", kind)), csv));
    }

    @PostMapping("/imports")
    @ResponseStatus(HttpStatus.CREATED)
    @Operation(
            operationId = "importFormula",
            summary = "Store a formula from a file",
            description = "A formula document, or a schema.org Recipe (JSON-LD) whose ingredients are then read as a"
                    + " pasted list. Whole or not at all: 422 names path, value and rule of everything that keeps the file from"
                    + " being a formula document. id: the client's own; sent twice with one, it is stored once.")
    ImportedFormula take(@RequestParam Optional<UUID> id, @RequestBody @Schema(type = "object") JsonNode file) {
        var own = id.orElseGet(UUID::randomUUID);
        var stored = Once.stored(
                () -> formulas.find(own),
                () -> RecipeFiles.isRecipe(file) ? recipes.take(own, file) : files.take(own, file));
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
