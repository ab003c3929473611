package com.deftchill.server.sums;

import com.deftchill.core.sums.SumAnswer;
import com.deftchill.core.sums.Sums;
import com.deftchill.server.problem.NotFoundException;
import com.deftchill.server.problem.NotUnderstoodException;
import com.deftchill.server.workplace.Asked;
import com.deftchill.server.workplace.Computing;
import com.deftchill.server.workplace.KitchenService;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Single questions, without a formula. */
@RestController
@RequestMapping("/api/sums")
@Tag(name = "Sums")
class SumsController {
    private final Computing computing;
    private final KitchenService kitchen;

    SumsController(Computing computing, KitchenService kitchen) {
        this.computing = computing;
        this.kitchen = kitchen;
    }

    /** What was typed, by the name of the field; a field left out is as its example. */
    record SumQuestion(
            @NotNull(message = "is missing: the fields") @Size(max = 20, message = "must name at most 20 fields")
            Map<String, @Size(max = 200, message = "must have at most 200 characters") String> fields) {}

    @GetMapping
    @Operation(operationId = "listSums", summary = "What can be asked without a formula, and what each needs")
    List<Sums.Description> list() {
        return Sums.all(kitchen.workplace().kitchen().temperature());
    }

    @PostMapping("/{id}")
    @Operation(
            operationId = "answerSum",
            summary = "Answer one of them",
            description = "422 names every field that cannot be understood or has more than one meaning.")
    SumAnswer answer(@PathVariable String id, @Valid @RequestBody SumQuestion question, Asked asked) {
        var outcome = computing
                .light(asked, (assessor, workplace) -> Sums.answer(id, question.fields(), workplace))
                .orElseThrow(() -> new NotFoundException("Sum", id));
        return outcome.answer().orElseThrow(() -> new NotUnderstoodException(outcome.problems()));
    }
}
