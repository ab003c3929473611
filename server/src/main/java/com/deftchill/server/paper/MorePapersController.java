package com.deftchill.server.paper;

import com.deftchill.server.paper.Pdf.Format;
import com.deftchill.server.plan.SolvedPlans;
import com.deftchill.server.workplace.Asked;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
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

/** Papers of batches and of plans. */
@RestController
@RequestMapping("/api")
@Tag(name = "Papers")
class MorePapersController {
    private final RecordPaper records;
    private final DayPaper days;
    private final PapersOfPlan ofPlan;
    private final SolvedPlans plans;

    MorePapersController(RecordPaper records, DayPaper days, PapersOfPlan ofPlan, SolvedPlans plans) {
        this.records = records;
        this.days = days;
        this.ofPlan = ofPlan;
        this.plans = plans;
    }

    @GetMapping(value = "/log/batches/{id}/record.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    @Operation(
            operationId = "recordPaper",
            summary = "The record of a batch as PDF: how it was made, its food-safety moments, how it came out")
    ResponseEntity<byte[]> record(
            @PathVariable UUID id, @RequestParam(defaultValue = "A4") Format format, Asked asked) {
        var paper = records.of(id, format, asked);
        return pdf(paper.name(), paper.bytes());
    }

    @GetMapping(value = "/plans/{id}/plan.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    @Operation(operationId = "planPaper", summary = "A solved plan as PDF: every step by the clock, A4 or A5")
    ResponseEntity<byte[]> plan(@PathVariable UUID id, @RequestParam(defaultValue = "A4") Format format, Asked asked) {
        var plan = plans.of(id, asked);
        return pdf(plan.name(), days.of(plan, format));
    }

    @GetMapping(value = "/plans/{id}/papers.zip", produces = "application/zip")
    @Operation(
            operationId = "planPapers",
            summary = "All papers of a solved plan: the plan, and of each dessert its card and labels, in one zip")
    @ApiResponse(content = @Content(schema = @Schema(type = "string", format = "binary")))
    ResponseEntity<byte[]> papers(@PathVariable UUID id, @RequestParam(defaultValue = "A4") Format format, Asked asked)
            throws IOException {
        var plan = plans.of(id, asked);
        var zip = new ByteArrayOutputStream();
        PapersOfPlan.write(ofPlan.of(plan, format, asked), zip);
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noStore())
                .header(HttpHeaders.CONTENT_DISPOSITION, PaperNames.kept(PaperNames.file(plan.name()) + ".zip"))
                .body(zip.toByteArray());
    }

    private static ResponseEntity<byte[]> pdf(String name, byte[] bytes) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .cacheControl(CacheControl.noStore())
                .header(HttpHeaders.CONTENT_DISPOSITION, PaperNames.shown(name))
                .body(bytes);
    }
}
