package com.deftchill.server.cold;

import com.deftchill.core.alternative.Alternatives;
import com.deftchill.core.alternative.Way;
import com.deftchill.core.alternative.WhatIf;
import com.deftchill.core.amount.Typed;
import com.deftchill.core.amount.UnreadableException;
import com.deftchill.core.cold.Chilling;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.timing.Uncertainty;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Problem;
import com.deftchill.server.problem.NotUnderstoodException;
import com.deftchill.server.workplace.Asked;
import com.deftchill.server.workplace.Computing;
import com.deftchill.server.workplace.Computing.Computation;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A formula in, its whole chill out; nothing is stored. */
@RestController
@RequestMapping("/api/chills")
@Tag(name = "Chills")
class ColdController {
    private static final int MOST_VARIATIONS = 12;
    private static final int MOST_CHANGES = 120;

    private final Computing computing;

    ColdController(Computing computing) {
        this.computing = computing;
    }

    /** Something changed in a formula, under a name of the asker's own. */
    record Variation(
            @NotNull(message = "is missing: what it is called")
            String label,

            @NotNull(message = "is missing: what is changed")
            @Size(max = MOST_CHANGES, message = "must be at most 120 changes")
            List<Fix.Change> changes) {}

    /** A formula, what to change in it, and, if asked, the clock time at which it is wanted. */
    record WhatIfQuestion(
            @NotNull(message = "is missing: the formula") WrittenFormula document,

            @Valid
            @NotNull(message = "is missing: what to change")
            @Size(min = 1, max = MOST_VARIATIONS, message = "must be from 1 to 12 variations")
            List<Variation> variations,

            @Schema(nullable = true, description = "Such as 19:00")
            String by) {}

    /** A variation and what came of it. */
    record WhatIfRow(String label, WhatIf answer) {}

    @PostMapping
    @Operation(
            operationId = "chill",
            summary = "Chill a formula",
            description =
                    "From the first pour through all its places to the table: milestones, gates, limits, the field over"
                            + " time, the body on its plate. Stores nothing.")
    ColdView chill(@RequestBody WrittenFormula formula, Asked asked) {
        var outcome = computing.light(asked, (assessor, workplace) -> new Chilling(assessor).chill(formula, workplace));
        return outcome.value().map(ColdView::of).orElseThrow(() -> new NotUnderstoodException(outcome.problems()));
    }

    @PostMapping("/uncertainty")
    @Operation(operationId = "uncertainty", summary = "How early and how late each milestone may come, and why")
    Uncertainty uncertainty(@RequestBody WrittenFormula formula, Asked asked) {
        var outcome =
                computing.heavy(asked, (assessor, workplace) -> new Chilling(assessor).uncertainty(formula, workplace));
        return outcome.value().orElseThrow(() -> new NotUnderstoodException(outcome.problems()));
    }

    @PostMapping("/ways")
    @Operation(operationId = "ways", summary = "What could be done otherwise to have it sooner, the cheapest first")
    List<Way> ways(@RequestBody WrittenFormula formula, Asked asked) {
        var outcome =
                computing.heavy(asked, (assessor, workplace) -> new Alternatives(assessor).ways(formula, workplace));
        return outcome.value().orElseThrow(() -> new NotUnderstoodException(outcome.problems()));
    }

    @PostMapping("/what-if")
    @Operation(
            operationId = "whatIf",
            summary = "A formula with something changed, side by side",
            description = "As many at once as there are cores. A variation that cannot be computed names its problems.")
    List<WhatIfRow> whatIf(@Valid @RequestBody WhatIfQuestion question, Asked asked) {
        var by = time(question.by());
        var changed = question.variations().stream()
                .map(variation -> DocumentChanges.changed(question.document(), variation.changes()))
                .toList();
        var answers = computing.heavy(
                asked,
                changed.stream()
                        .<Computation<WhatIf>>map(formula ->
                                (assessor, workplace) -> new Alternatives(assessor).whatIf(formula, by, workplace))
                        .toList());
        var rows = new ArrayList<WhatIfRow>();
        for (int i = 0; i < answers.size(); i++) {
            rows.add(new WhatIfRow(question.variations().get(i).label(), answers.get(i)));
        }
        return rows;
    }

    private static Optional<LocalTime> time(String text) {
        if (text == null || text.isBlank()) {
            return Optional.empty();
        }
        try {
            return Optional.of(Typed.time(text));
        } catch (UnreadableException e) {
            throw new NotUnderstoodException(
                    List.of(Problem.of("time-unreadable", "/by", "Wanted by", text, e.rule())));
        }
    }
}
