package com.deftchill.server.batchlog;

import com.fasterxml.jackson.annotation.JsonInclude;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;

/**
 * What is kept of a batch besides how it came out: all of it may be missing, and all of it may be corrected.
 *
 * @param lots that were used
 * @param portions how each came out
 * @param tastings what tasters said, on the kitchen's own anchors of 1 to 5
 * @param shelf how it was on later days
 * @param readings what was measured
 * @param happened deviations and remedies while it was made, in words
 */
@JsonInclude(JsonInclude.Include.NON_EMPTY)
public record BatchRecord(
        @Size(max = 40, message = "must be at most 40 lots") List<@Valid LotUsed> lots,

        @Size(max = 200, message = "must be at most 200 portions")
        List<@Valid PortionCame> portions,

        @Size(max = 60, message = "must be at most 60 tastings")
        List<@Valid TastingScore> tastings,

        @Size(max = 60, message = "must be at most 60 checks")
        List<@Valid ShelfCheck> shelf,

        @Size(max = 300, message = "must be at most 300 readings")
        List<@Valid ReadingMade> readings,

        @Size(max = 200, message = "must be at most 200 entries")
        List<@Size(max = 500, message = "must have at most 500 characters") String> happened) {
    /** Nothing but how it came out. */
    static final BatchRecord EMPTY = new BatchRecord(null, null, null, null, null, null);

    public BatchRecord {
        lots = list(lots);
        portions = list(portions);
        tastings = list(tastings);
        shelf = list(shelf);
        readings = list(readings);
        happened = list(happened);
    }

    private static <T> List<T> list(List<T> given) {
        return given == null ? List.of() : List.copyOf(given);
    }

    /**
     * @param of id of what it is a lot of
     * @param lot as written on the packet
     */
    public record LotUsed(
            @NotBlank(message = "is missing: what it is a lot of")
            String of,

            @NotBlank(message = "is missing: as written on the packet")
            @Size(max = 80, message = "must have at most 80 characters")
            String lot) {}

    /**
     * @param number of the portion, from 1
     * @param standingMm by ruler, mm; absent when not measured
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record PortionCame(
            @Min(value = 1, message = "must be 1 or more") int number,

            @NotNull(message = "is missing: how it came out")
            Outcome outcome,

            @Schema(nullable = true)
            @DecimalMin(value = "0", message = "must be from 0 to 500 mm")
            @DecimalMax(value = "500", message = "must be from 0 to 500 mm")
            Double standingMm) {}

    /** What one taster said; what was not scored is absent. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record TastingScore(
            @Size(max = 80, message = "must have at most 80 characters")
            String taster,

            @Schema(nullable = true) @Min(value = 1, message = SCORE) @Max(value = 5, message = SCORE)
            Integer wobble,

            @Schema(nullable = true) @Min(value = 1, message = SCORE) @Max(value = 5, message = SCORE)
            Integer melt,

            @Schema(nullable = true) @Min(value = 1, message = SCORE) @Max(value = 5, message = SCORE)
            Integer sweetness,

            @Schema(nullable = true) @Min(value = 1, message = SCORE) @Max(value = 5, message = SCORE)
            Integer intensity,

            @Schema(nullable = true) @Min(value = 1, message = SCORE) @Max(value = 5, message = SCORE)
            Integer cleanSlice) {
        private static final String SCORE = "must be from 1 to 5";
    }

    /** How it was on a later day. */
    public record ShelfCheck(
            @NotNull(message = "is missing: the day") LocalDate on,
            @NotNull(message = "is missing: how it was") ShelfState state,

            @Size(max = 300, message = "must have at most 300 characters")
            String note) {
        public ShelfCheck {
            note = note == null ? "" : note;
        }
    }

    /** How a dessert is some days later. */
    public enum ShelfState {
        AS_NEW,
        FIRMER,
        SOFTER,
        WEEPING,
        SKIN,
        OFF
    }

    /**
     * A reading.
     *
     * @param quantity such as {@code core-at}; see {@code /api/log/quantities}
     * @param of component, stage or ingredient that it is of; absent where it is of the whole
     * @param minutes after the first pour, of a temperature
     * @param value in the unit of its quantity
     * @param probe that a temperature was taken with; absent where nobody said
     * @param corrected K that were taken off what it showed, by what the kitchen learnt of it; absent where nothing was
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record ReadingMade(
            @NotBlank(message = "is missing: what was measured")
            String quantity,

            @Schema(nullable = true) @Size(max = 80, message = "must have at most 80 characters")
            String of,

            @Schema(nullable = true)
            @DecimalMin(value = "0", message = "must be from 0 to 20000 minutes")
            @DecimalMax(value = "20000", message = "must be from 0 to 20000 minutes")
            Double minutes,

            @DecimalMin(value = "-40", message = "must be from -40 to 20000")
            @DecimalMax(value = "20000", message = "must be from -40 to 20000")
            double value,

            @Schema(nullable = true) @Size(max = 40, message = "must have at most 40 characters")
            String probe,

            @Schema(nullable = true)
            @DecimalMin(value = "-20", message = "must be from -20 to 20 K")
            @DecimalMax(value = "20", message = "must be from -20 to 20 K")
            Double corrected) {
        /** By no probe that is named. */
        public ReadingMade(String quantity, String of, Double minutes, double value) {
            this(quantity, of, minutes, value, null, null);
        }
    }
}
