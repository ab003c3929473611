package com.deftchill.server.batchlog;

import com.deftchill.core.formula.WrittenFormula;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.LocalTime;

/**
 * What was made, as the cook enters it.
 *
 * @param madeOn day of pouring
 * @param pouredAt time of pouring
 * @param outcome in the words of the log
 * @param standingMm height on the plate by ruler, mm; absent when not measured
 * @param note anything else
 * @param cook who made it
 * @param record all else that is known already
 * @param document the formula as it was made
 */
record MadeBatch(
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

        @Schema(nullable = true) @Valid BatchRecord record,

        @NotNull(message = "is missing: the formula as it was made")
        WrittenFormula document) {
    CameOut said() {
        return new CameOut(madeOn, pouredAt, outcome, standingMm, note, cook, record);
    }
}
