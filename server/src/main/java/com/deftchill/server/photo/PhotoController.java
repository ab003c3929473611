package com.deftchill.server.photo;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.time.Duration;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Photos of batches. */
@RestController
@RequestMapping("/api")
@Tag(name = "Log")
class PhotoController {
    private static final Duration KEPT = Duration.ofDays(365);

    private final PhotoService photos;

    PhotoController(PhotoService photos) {
        this.photos = photos;
    }

    @PostMapping(
            value = "/log/batches/{batchId}/photos",
            consumes = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE, "image/webp"})
    @ResponseStatus(HttpStatus.CREATED)
    @Operation(
            operationId = "addPhoto",
            summary = "Keep a photo of a batch",
            description =
                    "JPEG, PNG or WebP, at most 15 MB and 60 megapixels. It is turned upright, made at most 2 MB, and keeps"
                            + " nothing of where it was taken. 422 says why one is refused.",
            requestBody =
                    @RequestBody(
                            required = true,
                            content =
                                    @Content(
                                            mediaType = "image/jpeg",
                                            schema = @Schema(type = "string", format = "binary"))))
    PhotoView add(
            @PathVariable UUID batchId,
            @RequestParam UUID id,
            @RequestParam(defaultValue = "") @Size(max = 80, message = "must have at most 80 characters") String by,
            @RequestParam(defaultValue = "") @Size(max = 200, message = "must have at most 200 characters")
                    String caption,
            HttpServletRequest request)
            throws IOException {
        return photos.keep(id, batchId, by, caption, request.getInputStream());
    }

    @GetMapping(value = "/photos/{id}", produces = MediaType.IMAGE_JPEG_VALUE)
    @Operation(operationId = "getPhoto", summary = "A photo")
    @ApiResponse(content = @Content(schema = @Schema(type = "string", format = "binary")))
    ResponseEntity<byte[]> large(@PathVariable UUID id) {
        return picture(photos.bytes(id, false));
    }

    @GetMapping(value = "/photos/{id}/small", produces = MediaType.IMAGE_JPEG_VALUE)
    @Operation(operationId = "getSmallPhoto", summary = "A photo as it stands in a list")
    @ApiResponse(content = @Content(schema = @Schema(type = "string", format = "binary")))
    ResponseEntity<byte[]> small(@PathVariable UUID id) {
        return picture(photos.bytes(id, true));
    }

    /** A photo never changes under its id. */
    private static ResponseEntity<byte[]> picture(byte[] bytes) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.maxAge(KEPT).cachePrivate().immutable())
                .body(bytes);
    }

    @DeleteMapping("/photos/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(operationId = "removePhoto", summary = "Take a photo away")
    void remove(@PathVariable UUID id) {
        photos.remove(id);
    }
}
