package com.deftchill.server.exchange;

import com.deftchill.core.amount.Measures;
import com.deftchill.core.assess.Assessment;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.formula.WrittenFormula.Component;
import com.deftchill.core.formula.WrittenFormula.Gel;
import com.deftchill.core.formula.WrittenFormula.Line;
import com.deftchill.core.formula.WrittenFormula.Moulds;
import com.deftchill.core.larder.Larder;
import com.deftchill.core.paste.PastedLine;
import com.deftchill.core.paste.PastedList;
import com.deftchill.core.verdict.Problem;
import com.deftchill.server.formula.FormulaEntity;
import com.deftchill.server.formula.FormulaService;
import com.deftchill.server.problem.NotUnderstoodException;
import com.deftchill.server.workplace.Asked;
import com.deftchill.server.workplace.Computing;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Formulas as schema.org Recipe in JSON-LD, for other programs. Such a recipe has no components, no doses by product and no
 * folding: what it cannot say is left out on the way out, and the plain list of ingredients is read on the way in.
 */
@Service
class RecipeFiles {
    private static final int MOST_LINES = 200;

    private final FormulaService formulas;
    private final Computing computing;
    private final JsonMapper json;

    RecipeFiles(FormulaService formulas, Computing computing, JsonMapper json) {
        this.formulas = formulas;
        this.computing = computing;
        this.json = json;
    }

    /** A formula as a Recipe. */
    ObjectNode export(UUID id) {
        var document = formulas.get(id).getDocument();
        return computing.light(Asked.NOBODY, (assessor, workplace) -> {
            var assessment = assessor.assess(document, workplace).value();
            return recipe(document, assessment, workplace.larder());
        });
    }

    private ObjectNode recipe(WrittenFormula document, Optional<Assessment> assessment, Larder larder) {
        var recipe = json.createObjectNode();
        recipe.put("@context", "https://schema.org").put("@type", "Recipe").put("name", document.name());
        recipe.put("recipeYield", document.mould().count() + " portions");
        var ingredients = recipe.putArray("recipeIngredient");
        for (var component : document.components()) {
            for (var line : component.lines()) {
                if (!line.ingredient().startsWith("@")) {
                    var name = larder.ingredient(line.ingredient())
                            .map(i -> i.name())
                            .orElse(line.ingredient());
                    ingredients.add((line.amount() + " " + name).strip());
                }
            }
            var gel = component.gel();
            if (!gel.product().isEmpty()) {
                var name = larder.gel(gel.product()).map(g -> g.name()).orElse(gel.product());
                ingredients.add((gel.amount() + " " + name).strip());
                if (!gel.bloomWater().isBlank()) {
                    ingredients.add(gel.bloomWater() + " Water");
                }
            }
        }
        assessment.ifPresent(a -> computed(recipe, a));
        return recipe;
    }

    private static void computed(ObjectNode recipe, Assessment assessment) {
        var steps = recipe.putArray("recipeInstructions");
        double minutes = 0;
        for (var step : assessment.method()) {
            var name = step.component().isEmpty() ? step.title() : step.component() + ": " + step.title();
            steps.addObject().put("@type", "HowToStep").put("name", name).put("text", step.text());
            minutes += step.minutes();
        }
        recipe.put("totalTime", Duration.ofMinutes(Math.round(minutes)).toString());
        var portion = assessment.nutrition().perPortion();
        recipe.putObject("nutrition")
                .put("@type", "NutritionInformation")
                .put("servingSize", grams(portion.grams()))
                .put("calories", String.format(Locale.ROOT, "%.0f kcal", portion.kcal()))
                .put("fatContent", grams(portion.fat()))
                .put("carbohydrateContent", grams(portion.carbohydrate()))
                .put("sugarContent", grams(portion.sugars()))
                .put("proteinContent", grams(portion.protein()));
    }

    private static String grams(double grams) {
        return String.format(Locale.ROOT, "%.1f g", grams);
    }

    /** Whether a file is a Recipe rather than a formula of ours. */
    static boolean isRecipe(JsonNode file) {
        return recipeIn(file).isPresent();
    }

    private static Optional<JsonNode> recipeIn(JsonNode file) {
        if (file.isArray() || file.path("@graph").isArray()) {
            for (var entry : file.isArray() ? file : file.path("@graph")) {
                var found = recipeIn(entry);
                if (found.isPresent()) {
                    return found;
                }
            }
            return Optional.empty();
        }
        var type = file.path("@type");
        boolean recipe = type.isArray()
                ? type.toString().contains("\"Recipe\"")
                : type.isString() && type.asString().equals("Recipe");
        return recipe ? Optional.of(file) : Optional.empty();
    }

    /**
     * Stores a Recipe as a formula: its list of ingredients read as a pasted one. What is not understood is kept as a line
     * that says so on the Bench.
     */
    FormulaEntity take(JsonNode file) {
        var recipe = recipeIn(file).orElseThrow();
        var texts = new ArrayList<String>();
        for (var entry : recipe.path("recipeIngredient")) {
            texts.add(entry.isString() ? entry.asString() : entry.path("name").asString(""));
        }
        if (texts.isEmpty() || texts.size() > MOST_LINES) {
            throw new NotUnderstoodException(List.of(Problem.of(
                    "file-invalid",
                    "/recipeIngredient",
                    "/recipeIngredient",
                    Integer.toString(texts.size()),
                    "must list 1 to " + MOST_LINES + " ingredients")));
        }
        var read = computing.light(
                Asked.NOBODY,
                (assessor, workplace) ->
                        PastedList.read(String.join("\n", texts), workplace.larder(), Measures.UNKNOWN));
        var name = recipe.path("name").asString("Recipe");
        return formulas.create(formula(name.substring(0, Math.min(200, name.length())), recipe, read));
    }

    private static WrittenFormula formula(String name, JsonNode recipe, List<PastedLine> read) {
        var lines = new ArrayList<Line>();
        var gel = new Gel("", "", "", "");
        for (var line : read) {
            if (line.gel()) {
                gel = new Gel(line.id(), line.amount(), "squeezed", "");
            } else if (line.kind() != PastedLine.Kind.HEADING) {
                var id = line.id().isEmpty() ? shortened(line.text()) : line.id();
                lines.add(new Line(id, line.amount().isEmpty() ? shortened(line.text()) : line.amount(), "", ""));
            }
        }
        var kind = gel.product().isEmpty() ? "mousse" : "set-cream";
        var component =
                new Component("all", name, kind, "", lines, gel, null, null, null, null, null, List.of(), "32 °C");
        var count = recipe.path("recipeYield").asString("").replaceAll("\\D.*$", "");
        return new WrittenFormula(
                WrittenFormula.SCHEMA,
                name,
                "",
                "in-glass",
                "",
                List.of(component),
                new Moulds("glass-straight", count.isEmpty() ? "6" : count, ""),
                new WrittenFormula.Cooling("fridge-still", "4 °C"),
                "14:00",
                List.of());
    }

    private static String shortened(String text) {
        return text.substring(0, Math.min(80, text.length()));
    }
}
