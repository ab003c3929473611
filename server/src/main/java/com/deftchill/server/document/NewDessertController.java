package com.deftchill.server.document;

import com.deftchill.core.alternative.NewDessert;
import com.deftchill.core.alternative.NewDessert.Begun;
import com.deftchill.core.alternative.NewDessert.Wish;
import com.deftchill.core.assess.Section;
import com.deftchill.core.assess.Sentence;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.verdict.Problem;
import com.deftchill.server.document.NewDesserts.Offered;
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
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** A new dessert from four answers; nothing is stored. */
@RestController
@RequestMapping("/api/new-desserts")
@Tag(name = "Documents")
class NewDessertController {
    private static final String SHORT = "must have at most 100 characters";

    private final KitchenService kitchens;
    private final Computing computing;
    private final JsonMapper json;

    NewDessertController(KitchenService kitchens, Computing computing, JsonMapper json) {
        this.kitchens = kitchens;
        this.computing = computing;
        this.json = json;
    }

    /** The four answers; empty ones leave what it begins with. */
    record NewDessertWish(
            @NotNull(message = "is missing: what it is") @Size(max = 100, message = SHORT)
            String id,

            @NotNull(message = "is missing: how it is served, or empty") @Size(max = 100, message = SHORT)
            String served,

            @NotNull(message = "is missing: the mould, or empty") @Size(max = 100, message = SHORT)
            String mould,

            @NotNull(message = "is missing: how many, or empty") @Size(max = 100, message = SHORT)
            String count,

            @NotNull(message = "is missing: ready by, or empty") @Size(max = 100, message = SHORT)
            String ready) {}

    /**
     * The formula, how it reads and looks.
     *
     * @param daysBefore how many days before it is ready it must be poured: 0 for the same day
     */
    record NewDessertView(WrittenFormula document, List<Sentence> line, Section section, int daysBefore) {
        static NewDessertView of(Begun begun) {
            return new NewDessertView(
                    begun.document(),
                    begun.assessment().line(),
                    begun.assessment().section(),
                    begun.daysBefore());
        }
    }

    @GetMapping
    @Operation(operationId = "newDesserts", summary = "What a new dessert may be, by kind and school")
    List<Offered> offered() {
        return NewDesserts.of(kitchens.workplace().kitchen(), json).stream()
                .map(Offered::of)
                .toList();
    }

    @PostMapping
    @Operation(
            operationId = "beginDessert",
            summary = "A formula from four answers",
            description = "Scaled to the mould, mended with tried fixes, timed to be ready. Stores nothing.")
    NewDessertView begin(@Valid @RequestBody NewDessertWish wish, Asked asked) {
        var template = NewDesserts.find(wish.id(), kitchens.workplace().kitchen(), json)
                .orElseThrow(() -> new NotUnderstoodException(List.of(Problem.of(
                        "dessert-unknown", "/id", "What it is", wish.id(), Problem.rule("of-the-new-desserts")))));
        var mould = wish.mould().isBlank() ? template.mouldFor(wish.served()).orElse("") : wish.mould();
        var outcome = computing.heavy(
                asked,
                (assessor, workplace) -> new NewDessert(assessor, workplace)
                        .begin(template.document(), new Wish(wish.served(), mould, wish.count(), wish.ready())));
        return outcome.value()
                .map(NewDessertView::of)
                .orElseThrow(() -> new NotUnderstoodException(outcome.problems()));
    }
}
