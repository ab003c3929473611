package com.deftchill.server.exchange;

import com.deftchill.core.amount.Measures;
import com.deftchill.core.recipe.ReadRecipe;
import com.deftchill.core.recipe.RecipeReader;
import com.deftchill.server.workplace.Asked;
import com.deftchill.server.workplace.Computing;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Whole recipes, as plain text or as schema.org writes them. */
@RestController
@RequestMapping("/api/read-recipes")
@Tag(name = "Files")
class RecipeController {
    private final Computing computing;
    private final RecipeTexts texts;

    RecipeController(Computing computing, RecipeTexts texts) {
        this.computing = computing;
        this.texts = texts;
    }

    /** A recipe as pasted or dropped, and whose spoons and cups it is in. */
    record RecipeText(
            @NotNull(message = "is missing: the recipe")
            @Size(max = 40_000, message = "must have at most 40000 characters")
            String text,

            @NotNull(message = "is missing: metric, us, uk, au or empty")
            String measures) {}

    /** The text that was read, in which facts have their places, and what it says. */
    record RecipeView(String text, ReadRecipe read) {}

    @PostMapping
    @Operation(
            operationId = "readRecipe",
            summary = "Understand a whole recipe",
            description =
                    "Plain text or a schema.org Recipe (JSON-LD). Every value comes with the place in the text that it was"
                            + " read from; what was not understood is kept as text. Stores nothing.")
    RecipeView read(@Valid @RequestBody RecipeText recipe, Asked asked) {
        var measures = Measures.of(recipe.measures()).orElse(Measures.UNKNOWN);
        var text = texts.plain(recipe.text());
        return computing.light(
                asked,
                (assessor, workplace) -> new RecipeView(text, RecipeReader.read(text, workplace.larder(), measures)));
    }
}
