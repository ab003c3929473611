package com.deftchill.server.archive;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A kitchen, out and in. */
@RestController
@RequestMapping("/api/kitchen")
@Tag(name = "Files")
class ArchiveController {
    private final ArchiveWriter writer;
    private final ArchiveKeeper keeper;
    private final Clock clock;

    ArchiveController(ArchiveWriter writer, ArchiveKeeper keeper, Clock clock) {
        this.writer = writer;
        this.keeper = keeper;
        this.clock = clock;
    }

    @GetMapping(value = "/archive.zip", produces = "application/zip")
    @Operation(
            operationId = "archiveKitchen",
            summary = "All that the kitchen has in one zip: formulas, plans, batches, log, photos, in open formats")
    @ApiResponse(content = @Content(schema = @Schema(type = "string", format = "binary")))
    void archive(HttpServletResponse response) throws IOException {
        var file = writer.write();
        try {
            response.setContentType("application/zip");
            response.setContentLengthLong(Files.size(file));
            response.setHeader(HttpHeaders.CACHE_CONTROL, CacheControl.noStore().getHeaderValue());
            response.setHeader(
                    HttpHeaders.CONTENT_DISPOSITION,
                    "attachment; filename=\"deft-chill-" + LocalDate.now(clock) + ".zip\"");
            Files.copy(file, response.getOutputStream());
        } finally {
            Files.deleteIfExists(file);
        }
    }

    /**
     * What came in of a kind of thing.
     *
     * @param what such as {@code formulas}
     * @param there how many were there already, and stay as they are
     * @param leftOut how many could not come in; see the notes
     */
    record CameIn(String what, int added, int there, int leftOut) {}

    record ArchiveTaken(List<CameIn> cameIn, List<String> notes) {}

    @PostMapping(value = "/archive.zip", consumes = "application/zip")
    @Operation(
            operationId = "takeArchive",
            summary = "Take a kitchen's archive in",
            description =
                    "All of it is looked at first: 422 names each file at fault, and nothing is stored. What is there"
                            + " already stays as it is; taken in twice, it is there once.",
            requestBody =
                    @RequestBody(
                            required = true,
                            content =
                                    @Content(
                                            mediaType = "application/zip",
                                            schema = @Schema(type = "string", format = "binary"))))
    ArchiveTaken take(HttpServletRequest request) throws IOException {
        Path file = Files.createTempFile("deft-chill-archive", ".zip");
        try {
            Files.copy(request.getInputStream(), file, StandardCopyOption.REPLACE_EXISTING);
            var kept = keeper.keep(file);
            return new ArchiveTaken(
                    kept.counted().entrySet().stream()
                            .map(e -> new CameIn(
                                    e.getKey(),
                                    e.getValue().added(),
                                    e.getValue().there(),
                                    e.getValue().leftOut()))
                            .toList(),
                    kept.notes());
        } finally {
            Files.deleteIfExists(file);
        }
    }
}
