package com.deftchill.server.batchlog;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.LocalTime;

/**
 * What is said of a batch: how it came out, and everything that was measured.
 *
 * @param madeOn day of pouring
 * @param pouredAt time of the first pour
 * @param standingMm height on the plate by ruler, mm; absent when not measured
 * @param note anything else
 * @param cook who made it; absent where nobody said
 * @param record all else
 */
public record CameOut(
        @NotNull(message = "is missing: the day of pouring, such as 2026-11-24")
        LocalDate madeOn,

        @NotNull(message = "is missing: the time of pouring, such as 14:00")
        @Schema(type = "string", format = "time", example = "14:00:00")
        LocalTime pouredAt,

        @NotNull(message = "is missing: how it came out") Outcome outcome,

        @Schema(nullable = true)
        @DecimalMin(value = "0", message = "must be from 0 to 500 mm")
        @DecimalMax(value = "500", message = "must be from 0 to 500 mm")
        Double standingMm,

        @Schema(nullable = true) @Size(max = 2000, message = "must have at most 2000 characters")
        String note,

        @Schema(nullable = true) @Size(max = 80, message = "must have at most 80 characters")
        String cook,

        @Schema(nullable = true) @Valid BatchRecord record) {
    public CameOut {
        note = note == null ? "" : note;
        cook = cook == null ? "" : cook;
        record = record == null ? BatchRecord.EMPTY : record;
    }
}
