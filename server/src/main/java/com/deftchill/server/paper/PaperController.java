package com.deftchill.server.paper;

import com.deftchill.server.formula.FormulaService;
import com.deftchill.server.paper.Pdf.Format;
import com.deftchill.server.workplace.Asked;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.time.LocalDateTime;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Papers as PDF. */
@RestController
@RequestMapping("/api/formulas/{id}")
@Tag(name = "Papers")
class PaperController {
    private final PaperService papers;
    private final FormulaService formulas;

    PaperController(PaperService papers, FormulaService formulas) {
        this.papers = papers;
        this.formulas = formulas;
    }

    @GetMapping(value = "/card.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    @Operation(operationId = "cardPaper", summary = "The method card of a formula as PDF, A4 or A5")
    ResponseEntity<byte[]> card(@PathVariable UUID id, @RequestParam(defaultValue = "A4") Format format, Asked asked) {
        var document = formulas.get(id).getDocument();
        return pdf(document.name() + " card", papers.card(document, format, asked));
    }

    @GetMapping(value = "/label.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    @Operation(
            operationId = "labelPaper",
            summary = "Labels of a batch as PDF: what, made, use by, allergens, storage, cautions",
            description =
                    "Use-by is the formula's shortest life, conservative; the kitchen's food-safety plan comes first.")
    ResponseEntity<byte[]> labels(
            @PathVariable UUID id,
            @RequestParam @Schema(example = "2026-11-27T14:00:00") LocalDateTime made,
            @RequestParam(defaultValue = "12")
                    @Min(value = 1, message = "must be from 1 to 200")
                    @Max(value = 200, message = "must be from 1 to 200")
                    int count,
            Asked asked) {
        var document = formulas.get(id).getDocument();
        return pdf(document.name() + " labels", papers.labels(document, made, count, asked));
    }

    private static ResponseEntity<byte[]> pdf(String name, byte[] bytes) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .cacheControl(CacheControl.noStore())
                .header(HttpHeaders.CONTENT_DISPOSITION, PaperNames.shown(name))
                .body(bytes);
    }
}
