package com.deftchill.server.batchlog;

import com.deftchill.core.alternative.Comparison;
import com.deftchill.server.workplace.Asked;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** States of a formula as a tree, and what came out of each. */
@RestController
@RequestMapping("/api/formulas/{formulaId}/trials")
@Tag(name = "Log")
class TrialController {
    private final TrialService trials;

    TrialController(TrialService trials) {
        this.trials = trials;
    }

    /** A batch that was made by a state. */
    record TriedBatch(UUID id, LocalDate madeOn, Outcome outcome) {}

    /**
     * A state.
     *
     * @param number of the kept state; absent: it was made, or is written, without being kept
     * @param parent place in the list of the state that it grew out of
     * @param present whether it is the formula as it is written now
     * @param changes what differs from that
     */
    record Trial(
            Optional<Integer> number,
            String name,
            Optional<Instant> at,
            Optional<Integer> parent,
            boolean present,
            List<Comparison.Row> changes,
            List<TriedBatch> batches) {}

    record Trials(String formula, List<Trial> trials) {}

    @GetMapping
    @Operation(
            operationId = "trials",
            summary = "States of a formula as a tree",
            description =
                    "Kept states, states that were made without being kept, and the present one, each with what changed from the"
                            + " earlier one that it differs from least, and the batches made by it.")
    Trials trials(@PathVariable UUID formulaId, Asked asked) {
        return trials.of(formulaId, asked);
    }
}
