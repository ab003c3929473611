package com.deftchill.server.batchlog;

import com.deftchill.server.search.Words;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.Set;
import java.util.UUID;

/**
 * Which batches are wanted; what is left out does not matter.
 *
 * @param words each of which must stand in the formula's name, the cook, a lot or the note
 */
record LogWish(
        UUID formula,
        Outcome outcome,

        @Size(max = 200, message = "must have at most 200 characters")
        String words,

        @Size(max = 80, message = "must have at most 80 characters")
        String cook,

        @Schema(type = "string", format = "date") LocalDate since,
        @Schema(type = "string", format = "date") LocalDate until) {
    /** Each of them, in small letters. */
    Set<String> wordsOrNone() {
        return words == null ? Set.of() : Words.wished(words);
    }

    LogWish from(LocalDate first) {
        return new LogWish(formula, outcome, words, cook, first, until);
    }

    String cookOrNull() {
        return cook == null || cook.isBlank() ? null : cook;
    }
}
