package com.deftchill.server.ladder;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.learn.LadderFit;
import com.deftchill.core.verdict.Fix;
import com.deftchill.server.formula.FormulaService;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Cups that step one value, tasted blind. */
@RestController
@RequestMapping("/api/ladders")
@Tag(name = "Ladders")
class LadderController {
    private static final int POINTS = 41;

    private final LadderService ladders;
    private final FormulaService formulas;

    LadderController(LadderService ladders, FormulaService formulas) {
        this.ladders = ladders;
        this.formulas = formulas;
    }

    /**
     * A ladder to lay out.
     *
     * @param id the page's own: sent twice, it is laid out once
     * @param document the formula; left out: as it is stored now
     * @param address of what is stepped, such as {@code /components/0/gels/0/amount}, or a foam's {@code stage}
     * @param step factor from one cup to the next
     * @param cupG grams in a cup
     */
    record NewLadder(
            @NotNull(message = "is missing: an id of your own")
            UUID id,

            @NotNull(message = "is missing: the formula") UUID formulaId,
            @Schema(nullable = true) WrittenFormula document,

            @NotBlank(message = "is missing: what is stepped")
            @Size(max = 200, message = "must have at most 200 characters")
            String address,

            @Min(value = 3, message = "must be from 3 to 6 cups") @Max(value = 6, message = "must be from 3 to 6 cups")
            int cups,

            @DecimalMin(value = "1.03", message = "must be from 3 to 200 % a step")
            @DecimalMax(value = "3", message = "must be from 3 to 200 % a step")
            double step,

            @DecimalMin(value = "10", message = "must be from 10 to 500 g")
            @DecimalMax(value = "500", message = "must be from 10 to 500 g")
            double cupG,

            @NotNull(message = "are missing: who tastes") @Size(min = 1, max = 20, message = "must be 1 to 20 tasters")
            List<
                            @NotBlank(message = "must have a name")
                            @Size(max = 80, message = "must have at most 80 characters") String>
                    tasters,

            @Schema(nullable = true) @Size(max = 80, message = "must have at most 80 characters")
            String by) {}

    record LadderLine(
            UUID id, UUID formulaId, String name, String what, Instant madeAt, int cups, int scored, boolean shown) {}

    record LadderLines(List<LadderLine> ladders) {}

    /** What the tasters tell, once it is shown; {@code low} and {@code high} hold the best value with 90 %. */
    record FitView(
            LadderFit.Finding finding,
            Optional<String> best,
            Optional<String> low,
            Optional<String> high,
            Optional<Integer> moreToHalve,
            Optional<Double> bestX,
            Optional<Double> lowX,
            Optional<Double> highX,
            int tastings,
            List<double[]> curve,
            List<Fix.Change> changes) {}

    record LadderView(
            UUID id,
            UUID formulaId,
            String name,
            Instant madeAt,
            String madeBy,
            boolean shown,
            Layout layout,
            Map<String, Map<String, Integer>> scores,
            Optional<FitView> fit) {}

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    @Operation(operationId = "layLadder", summary = "Lay out cups that step one value, under blind codes")
    LadderView lay(@Valid @RequestBody NewLadder wish) {
        var document = wish.document() == null ? formulas.get(wish.formulaId()).getDocument() : wish.document();
        return view(ladders.lay(new LadderService.Wish(
                wish.id(),
                wish.formulaId(),
                document,
                wish.address(),
                wish.cups(),
                wish.step(),
                wish.cupG(),
                wish.tasters().stream().map(String::strip).distinct().toList(),
                wish.by() == null ? "" : wish.by().strip())));
    }

    @GetMapping
    @Operation(operationId = "listLadders", summary = "Ladders, latest first")
    LadderLines list() {
        return new LadderLines(ladders.list().stream()
                .map(ladder -> new LadderLine(
                        ladder.getId(),
                        ladder.getFormulaId(),
                        ladder.getName(),
                        ladder.getLayout().what(),
                        ladder.getMadeAt(),
                        ladder.getLayout().cups().size(),
                        ladder.getScores().size(),
                        ladder.getShownAt() != null))
                .toList());
    }

    @GetMapping("/{id}")
    @Operation(operationId = "getLadder", summary = "A ladder, its weights, orders and scores")
    LadderView get(@PathVariable UUID id) {
        return view(ladders.get(id));
    }

    /** What a taster says of the cups, by their codes. */
    record Scores(
            @NotBlank(message = "is missing: who tasted") @Size(max = 80, message = "must have at most 80 characters")
            String taster,

            @NotNull(message = "are missing") @Size(max = 6, message = "must be of at most 6 cups")
            Map<String, Integer> scores) {}

    @PutMapping("/{id}/scores")
    @Operation(operationId = "scoreLadder", summary = "Take what a taster says of the cups, 1 to 5")
    LadderView score(@PathVariable UUID id, @Valid @RequestBody Scores scores) {
        return view(ladders.score(id, scores.taster().strip(), scores.scores()));
    }

    @PostMapping("/{id}/shown")
    @Operation(operationId = "showLadder", summary = "Show which cup is which, and what the tasters tell")
    LadderView show(@PathVariable UUID id) {
        return view(ladders.show(id));
    }

    /** The formula that was changed. */
    record Taken(UUID formulaId) {}

    @PostMapping("/{id}/taken")
    @Operation(operationId = "takeLadder", summary = "Take the best value into the formula")
    Taken take(@PathVariable UUID id) {
        return new Taken(ladders.take(id));
    }

    private LadderView view(LadderEntity ladder) {
        boolean shown = ladder.getShownAt() != null;
        return new LadderView(
                ladder.getId(),
                ladder.getFormulaId(),
                ladder.getName(),
                ladder.getMadeAt(),
                ladder.getMadeBy(),
                shown,
                ladder.getLayout(),
                ladder.getScores(),
                shown ? Optional.of(fit(ladder)) : Optional.empty());
    }

    private FitView fit(LadderEntity ladder) {
        var fit = LadderService.fit(ladder);
        var layout = ladder.getLayout();
        var best = fit.best();
        double from = layout.cups().get(0).x();
        double to = layout.cups().get(layout.cups().size() - 1).x();
        var document = formulas.get(ladder.getFormulaId()).getDocument();
        return new FitView(
                fit.finding(),
                best.map(b -> words(layout, b.x())),
                best.map(b -> words(layout, b.low())),
                best.map(b -> words(layout, b.high())),
                best.map(LadderFit.Best::moreToHalve),
                best.map(LadderFit.Best::x),
                best.map(LadderFit.Best::low),
                best.map(LadderFit.Best::high),
                fit.tastings(),
                fit.drawn(from, to, POINTS),
                LadderService.changes(ladder, fit, document));
    }

    /** An amount; of stages the nearest. */
    private static String words(Layout layout, double x) {
        if (layout.address().endsWith("/stage")) {
            return layout.cups().stream()
                    .min((a, b) -> Double.compare(Math.abs(a.x() - x), Math.abs(b.x() - x)))
                    .orElseThrow()
                    .text();
        }
        return LadderService.amount(layout, x);
    }
}
