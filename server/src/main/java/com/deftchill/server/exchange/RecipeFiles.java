package com.deftchill.server.exchange;

import com.deftchill.core.amount.Measures;
import com.deftchill.core.assess.Assessment;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.formula.WrittenFormula.Component;
import com.deftchill.core.formula.WrittenFormula.Gel;
import com.deftchill.core.formula.WrittenFormula.Line;
import com.deftchill.core.formula.WrittenFormula.Moulds;
import com.deftchill.core.formula.WrittenFormula.Work;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.larder.Roles;
import com.deftchill.core.paste.PastedLine;
import com.deftchill.core.paste.PastedList;
import com.deftchill.core.text.Argument;
import com.deftchill.core.text.TemperatureScale;
import com.deftchill.core.verdict.Problem;
import com.deftchill.server.formula.FormulaEntity;
import com.deftchill.server.formula.FormulaService;
import com.deftchill.server.problem.NotUnderstoodException;
import com.deftchill.server.text.MessageWriter;
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
    private final MessageWriter messages;

    RecipeFiles(FormulaService formulas, Computing computing, JsonMapper json, MessageWriter messages) {
        this.messages = messages;
        this.formulas = formulas;
        this.computing = computing;
        this.json = json;
    }

    /** A formula as a Recipe. */
    ObjectNode export(UUID id) {
        var document = formulas.get(id).getDocument();
        return computing.light(Asked.NOBODY, (assessor, workplace) -> {
            var assessment = assessor.assess(document, workplace).value();
            return recipe(document, assessment, workplace);
        });
    }

    private ObjectNode recipe(WrittenFormula document, Optional<Assessment> assessment, Workplace workplace) {
        var larder = workplace.larder();
        var recipe = json.createObjectNode();
        recipe.put("@context", "https://schema.org").put("@type", "Recipe").put("name", document.name());
        recipe.put("recipeYield", portions(document) + " portions");
        var ingredients = recipe.putArray("recipeIngredient");
        for (var component : document.components()) {
            for (var line : component.lines()) {
                if (line.component().isEmpty()) {
                    var name = larder.ingredient(line.of()).map(i -> i.name()).orElse(line.of());
                    ingredients.add((line.amount() + " " + name).strip());
                }
            }
            for (var gel : component.gels()) {
                var name = larder.gel(gel.of()).map(g -> g.name()).orElse(gel.of());
                ingredients.add((gel.amount() + " " + name).strip());
                if (!gel.water().isBlank()) {
                    ingredients.add(gel.water() + " Water");
                }
            }
        }
        assessment.ifPresent(a -> computed(recipe, a, workplace.kitchen().temperature()));
        return recipe;
    }

    private void computed(ObjectNode recipe, Assessment assessment, TemperatureScale scale) {
        var steps = recipe.putArray("recipeInstructions");
        double minutes = 0;
        for (var step : assessment.method()) {
            var title = messages.write(step.title(), () -> scale);
            var name = step.component().isEmpty() ? title : step.component() + ": " + title;
            steps.addObject()
                    .put("@type", "HowToStep")
                    .put("name", name)
                    .put("text", messages.write(step.text(), () -> scale));
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
    FormulaEntity take(UUID id, JsonNode file) {
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
                    Problem.rule("file.ingredients").with("most", Argument.figure(MOST_LINES, 0)))));
        }
        var read = computing.light(
                Asked.NOBODY,
                (assessor, workplace) ->
                        PastedList.read(String.join("\n", texts), workplace.larder(), Measures.UNKNOWN));
        var name = recipe.path("name").asString("Recipe");
        return formulas.create(id, formula(name.substring(0, Math.min(200, name.length())), recipe, read));
    }

    private static WrittenFormula formula(String name, JsonNode recipe, List<PastedLine> read) {
        var lines = new ArrayList<Line>();
        var gels = new ArrayList<Gel>();
        for (var line : read) {
            if (line.gel()) {
                gels.add(new Gel("", line.id(), line.amount(), "squeezed", ""));
            } else if (line.kind() != PastedLine.Kind.HEADING) {
                var id = line.id().isEmpty() ? shortened(line.text()) : line.id();
                var amount = line.amount().isEmpty() ? shortened(line.text()) : line.amount();
                lines.add(new Line("", id, "", amount, "", ""));
            }
        }
        var kind = gels.isEmpty() ? "mousse" : "set-cream";
        var pour = Work.of("pour").with("at", "32 °C");
        var component = new Component("all", name, kind, "", lines, gels, List.of(), List.of(pour));
        var count = recipe.path("recipeYield").asString("").replaceAll("\\D.*$", "");
        return WrittenFormula.of(
                name,
                "in-glass",
                List.of(component),
                new Moulds(Roles.GLASS, count.isEmpty() ? "6" : count, "", "", ""),
                new WrittenFormula.Cooling(Roles.FRIDGE, "4 °C"),
                "14:00");
    }

    /** Portions of all moulds where both are plain numbers, else as written. */
    private static String portions(WrittenFormula document) {
        var moulds = document.moulds();
        boolean plain = moulds.count().matches("\\d{1,4}") && moulds.portions().matches("\\d{1,4}");
        return plain
                ? Integer.toString(Integer.parseInt(moulds.count()) * Integer.parseInt(moulds.portions()))
                : moulds.count();
    }

    private static String shortened(String text) {
        return text.substring(0, Math.min(80, text.length()));
    }
}
