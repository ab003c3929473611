package com.deftchill.server.learn;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.learn.Learnt;
import com.deftchill.server.formula.StoredPrediction;
import com.deftchill.server.workplace.Asked;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.PositiveOrZero;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What the log tells of this kitchen's own numbers. */
@RestController
@RequestMapping("/api/learning")
@Tag(name = "Learning")
class LearnController {
    private final LearnService learning;
    private final LearnViews views;

    LearnController(LearnService learning, LearnViews views) {
        this.learning = learning;
        this.views = views;
    }

    /**
     * What to learn from.
     *
     * @param models whether the constants of the models that matter most are to be learnt too
     * @param parameters ids of any parameters that are to be learnt besides, see {@code /api/learning/parameters}
     * @param without batches that are left out
     */
    record LearningWish(
            boolean models,

            @Schema(nullable = true) @Size(max = 12, message = "must be at most 12 parameters")
            Set<String> parameters,

            @Schema(nullable = true) @Size(max = 400, message = "must be at most 400 batches")
            Set<UUID> without) {
        LearnService.Wish wish() {
            return new LearnService.Wish(
                    models, parameters == null ? Set.of() : parameters, without == null ? Set.of() : without);
        }
    }

    /** A number and what the log tells of it; {@code state} LEARNT, TOO_LITTLE or TANGLED. */
    record FigureView(
            String key,
            String name,
            String unit,
            Learnt.State state,
            double handbook,
            double handbookLow,
            double handbookHigh,
            double value,
            double low,
            double high,
            double keeps,
            int readings,
            List<String> tangledWith,
            boolean inUse,
            Optional<NextView> next) {}

    /** The reading that would tell most of a number for its work, and what it would leave of its interval. */
    record NextView(String words, double leaves, double minutes) {}

    /** A reading with its predictions; {@code after} by what all readings tell, {@code leftOut} by all others. */
    record ReadingView(
            UUID batchId,
            String formula,
            LocalDate madeOn,
            String quantity,
            String of,
            Optional<Double> minutes,
            String unit,
            double measured,
            double before,
            double beforeDeviation,
            double leftOut,
            double leftOutDeviation,
            double after,
            double off,
            boolean wild) {}

    /** How good predictions of a quantity are; {@code held} of {@code readings} lay where 80 of 100 should. */
    record GoodnessView(
            String quantity,
            String unit,
            boolean learnt,
            int readings,
            double bias,
            double spread,
            int held,
            Learnt.Ranges ranges) {}

    /** A dessert by the numbers of now and by those proposed. */
    record ChangeView(UUID formulaId, String name, StoredPrediction now, StoredPrediction then) {}

    /** A batch that could not be computed, so that nothing was learnt from it. */
    record BrokenBatch(UUID batchId, String formula, LocalDate madeOn) {}

    record ProposalView(
            List<FigureView> figures,
            List<ReadingView> readings,
            List<GoodnessView> goodness,
            List<ChangeView> changes,
            double scatter,
            int batches,
            List<BrokenBatch> broken) {}

    @PostMapping("/proposals")
    @Operation(
            operationId = "proposeNumbers",
            summary = "What the log tells of the kitchen's own numbers",
            description =
                    "Nothing is changed. Weighted least squares with what kitchens usually show as prior; a number whose"
                            + " interval hardly shrank, or that trades off with another, is said to be not told.")
    ProposalView propose(@Valid @RequestBody LearningWish wish, Asked asked) {
        return views.proposal(learning.proposal(wish.wish(), asked));
    }

    /** A constant of a model; {@code low} and {@code high} hold 80 % of what kitchens show. */
    record TeachableView(String id, String name, double value, String unit, double low, double high) {}

    record TeachableList(List<TeachableView> parameters) {}

    @GetMapping("/parameters")
    @Operation(
            operationId = "teachableParameters",
            summary = "Every constant of the models that the log may be asked about")
    TeachableList parameters() {
        return new TeachableList(learning.parameters().stream()
                .map(p -> new TeachableView(p.id(), p.name(), p.value(), p.unit(), p.low(), p.high()))
                .toList());
    }

    /** Absent where nothing is computed for that page. */
    record ProgressView(Optional<Double> share) {}

    @GetMapping("/progress")
    @Operation(operationId = "learningProgress", summary = "How far the question of a page has come, 0 to 1")
    ProgressView progress(
            @RequestParam @Pattern(regexp = "[A-Za-z0-9-]{1,64}", message = "must be the page's own id") String page) {
        return new ProgressView(learning.progress(page));
    }

    /** Numbers to accept, by their keys. */
    record Acceptance(
            @NotNull(message = "is missing: what they were learnt from") @Valid
            LearningWish wish,

            @NotEmpty(message = "are missing: which numbers to accept")
            @Size(max = 200, message = "must be at most 200")
            List<String> keys,

            @Schema(nullable = true) @Size(max = 80, message = "must have at most 80 characters")
            String by) {}

    /** A number of an accepted set. */
    record SetFigureView(
            String key,
            String name,
            String unit,
            double handbook,
            double value,
            double low,
            double high,
            int readings,
            boolean inUse) {}

    record SetView(
            int number,
            boolean current,
            String acceptedBy,
            Instant acceptedAt,
            List<SetFigureView> figures,
            List<UUID> batches) {}

    /** Accepted sets, and which lots and cook are in use. */
    record SetsView(List<SetView> sets, Map<String, String> using, Map<String, String> names) {}

    @GetMapping("/sets")
    @Operation(operationId = "learnedSets", summary = "Sets of numbers that were accepted, latest first")
    SetsView sets() {
        return views.sets(learning.sets(), learning.using());
    }

    @PostMapping("/sets")
    @ResponseStatus(HttpStatus.CREATED)
    @Operation(
            operationId = "acceptNumbers",
            summary = "Accept numbers that the log tells",
            description = "They are learnt anew from the same batches. From then on everything is computed by them.")
    SetsView accept(@Valid @RequestBody Acceptance acceptance, Asked asked) {
        var by = acceptance.by() == null ? "" : acceptance.by().strip();
        learning.accept(acceptance.wish().wish(), acceptance.keys(), by, asked);
        return sets();
    }

    /** Which set holds; 0: the handbook's numbers. */
    record Current(
            @PositiveOrZero(message = "must be the number of a set, or 0 for the handbook")
            int number) {}

    @PutMapping("/current")
    @Operation(operationId = "useNumbers", summary = "Go to another set, or back to the handbook")
    SetsView current(@Valid @RequestBody Current current) {
        learning.makeCurrent(current.number());
        return sets();
    }

    /** What is in use: a gelatin's id, or {@code cook}, and which. */
    record Using(
            @NotBlank(message = "is missing: the gelatin's id, or cook")
            @Size(max = 60, message = "must have at most 60 characters")
            String what,

            @NotNull(message = "is missing: which") @Size(max = 80, message = "must have at most 80 characters")
            String which) {}

    @PutMapping("/using")
    @Operation(operationId = "useLot", summary = "Say which lot is open, or who works")
    SetsView using(@Valid @RequestBody Using using) {
        learning.use(using.what(), using.which().strip());
        return sets();
    }

    /** A dessert by the handbook's numbers and by the kitchen's. */
    record BothSets(StoredPrediction handbook, StoredPrediction kitchen) {}

    @PostMapping("/comparisons")
    @Operation(operationId = "compareNumbers", summary = "A formula by the handbook's numbers and by the kitchen's own")
    BothSets compare(@RequestBody WrittenFormula document, Asked asked) {
        var both = learning.compared(document, asked);
        return new BothSets(both.get(0), both.get(1));
    }
}
