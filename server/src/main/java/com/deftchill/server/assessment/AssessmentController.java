package com.deftchill.server.assessment;

import com.deftchill.core.alternative.Alternatives;
import com.deftchill.core.alternative.Comparison;
import com.deftchill.core.alternative.ScaleWish;
import com.deftchill.core.alternative.Scaled;
import com.deftchill.core.alternative.SplitBatch;
import com.deftchill.core.alternative.Swap;
import com.deftchill.core.alternative.Trial;
import com.deftchill.core.alternative.Variant;
import com.deftchill.core.assess.Assessment;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.server.problem.NotUnderstoodException;
import com.deftchill.server.workplace.Asked;
import com.deftchill.server.workplace.Computing;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A formula in, everything computed about it out; nothing is stored. */
@RestController
@RequestMapping("/api")
@Tag(name = "Assessments")
class AssessmentController {
    private static final int MOST_SWAPS = 20;

    private final Computing computing;

    AssessmentController(Computing computing) {
        this.computing = computing;
    }

    /**
     * A formula, the number of the component whose gelling agent is in question (left out: the first), and those to put in
     * its place; none named: all of the larder.
     */
    record SwapQuestion(
            @NotNull(message = "is missing: the formula") WrittenFormula document,

            @Schema(nullable = true) Integer component,

            @Schema(nullable = true) @Size(max = MOST_SWAPS, message = "must name at most 20 products")
            List<String> products) {}

    /** A formula and what to scale it to. */
    record ScaleQuestion(
            @NotNull(message = "is missing: the formula") WrittenFormula document,

            @NotNull(message = "is missing: what to scale to")
            ScaleWish wish) {}

    /** Two states of a formula. */
    record CompareQuestion(
            @NotNull(message = "is missing: the first state")
            WrittenFormula before,

            @NotNull(message = "is missing: the second state")
            WrittenFormula after) {}

    @PostMapping("/assessments")
    @Operation(
            operationId = "assess",
            summary = "Assess a formula",
            description = "Computes setting, turning out, standing height, verdicts, flags and method. Stores nothing."
                    + " 422 names every field that cannot be understood or has more than one meaning."
                    + " tried=false: at once and without fixes, which are tried on the whole dessert before they are"
                    + " told; untried is how many there are to try.")
    Assessment assess(
            @RequestBody WrittenFormula formula, @RequestParam(defaultValue = "true") boolean tried, Asked asked) {
        var outcome = computing.light(asked, (assessor, workplace) -> {
            var trial = new Trial(assessor, formula, workplace);
            return tried ? trial.assess() : trial.assessUntried();
        });
        return outcome.value().orElseThrow(() -> new NotUnderstoodException(outcome.problems()));
    }

    @PostMapping("/swaps")
    @Operation(
            operationId = "swap",
            summary = "Put another gelling agent in place of the present one",
            description = "Doses by all three schools side by side, each with the firmness it gives.")
    List<Swap> swap(@Valid @RequestBody SwapQuestion question, Asked asked) {
        var products = question.products() == null ? List.<String>of() : question.products();
        int component = question.component() == null ? 0 : question.component();
        var outcome = computing.heavy(
                asked,
                (assessor, workplace) ->
                        new Alternatives(assessor).swaps(question.document(), component, products, workplace));
        return outcome.value().orElseThrow(() -> new NotUnderstoodException(outcome.problems()));
    }

    @PostMapping("/scalings")
    @Operation(
            operationId = "scale",
            summary = "Scale a formula to another mould, count or total",
            description = "Rounded to what the kitchen's scales weigh, with the effect of the rounding.")
    Scaled scale(@Valid @RequestBody ScaleQuestion question, Asked asked) {
        var outcome = computing.light(
                asked,
                (assessor, workplace) ->
                        new Alternatives(assessor).scale(question.document(), question.wish(), workplace));
        return outcome.value().orElseThrow(() -> new NotUnderstoodException(outcome.problems()));
    }

    @PostMapping("/variants")
    @Operation(
            operationId = "variants",
            summary = "The dessert for guests who do not eat or drink something",
            description = "Vegetarian and alcohol-free, computed, each with what is not the same about it.")
    List<Variant> variants(@RequestBody WrittenFormula formula, Asked asked) {
        var outcome = computing.heavy(
                asked, (assessor, workplace) -> new Alternatives(assessor).variants(formula, workplace));
        return outcome.value().orElseThrow(() -> new NotUnderstoodException(outcome.problems()));
    }

    @PostMapping("/split-batches")
    @Operation(
            operationId = "splitBatch",
            summary = "A batch of which some moulds are made otherwise",
            description =
                    "What is weighed and made by itself for each part, with its answer and its flags; 422 when more are made"
                            + " otherwise than there are.")
    SplitBatch splitBatch(@RequestBody WrittenFormula formula, Asked asked) {
        var outcome =
                computing.heavy(asked, (assessor, workplace) -> new Alternatives(assessor).split(formula, workplace));
        return outcome.value().orElseThrow(() -> new NotUnderstoodException(outcome.problems()));
    }

    @PostMapping("/comparisons")
    @Operation(operationId = "compare", summary = "Two states of a formula side by side: what changed, what it did")
    Comparison compare(@Valid @RequestBody CompareQuestion question, Asked asked) {
        return computing.light(
                asked,
                (assessor, workplace) ->
                        new Alternatives(assessor).compare(question.before(), question.after(), workplace));
    }
}
