package com.deftchill.server.exchange;

import java.util.stream.StreamSupport;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Recipes that other programs write (schema.org, JSON-LD) as the plain text that a cook would write. */
@Component
class RecipeTexts {
    private final JsonMapper json;

    RecipeTexts(JsonMapper json) {
        this.json = json;
    }

    /** The text as it is, or that of the recipe in it. */
    String plain(String text) {
        var stripped = text.strip();
        if (!stripped.startsWith("{") && !stripped.startsWith("[")) {
            return text.replace("\r", "");
        }
        try {
            var recipe = recipe(json.readTree(stripped));
            return recipe == null ? text : written(recipe);
        } catch (JacksonException e) {
            return text;
        }
    }

    /** The first node of type Recipe, wherever it stands. */
    private static JsonNode recipe(JsonNode node) {
        if (isRecipe(node)) {
            return node;
        }
        return StreamSupport.stream(node.values().spliterator(), false)
                .filter(JsonNode::isContainer)
                .map(RecipeTexts::recipe)
                .filter(found -> found != null)
                .findFirst()
                .orElse(null);
    }

    private static boolean isRecipe(JsonNode node) {
        var type = node.path("@type");
        return type.asString("").equals("Recipe")
                || type.isArray()
                        && StreamSupport.stream(type.values().spliterator(), false)
                                .anyMatch(t -> t.asString("").equals("Recipe"));
    }

    private static String written(JsonNode recipe) {
        var text = new StringBuilder(recipe.path("name").asString("")).append("\n\n");
        lines(recipe.path("recipeYield"))
                .forEach(line -> text.append(line.matches("\\d+") ? "Serves " + line : line)
                        .append('\n'));
        text.append("\nIngredients\n");
        lines(recipe.path("recipeIngredient")).forEach(line -> text.append(line).append('\n'));
        text.append("\nMethod\n");
        steps(recipe.path("recipeInstructions"), text);
        return text.toString();
    }

    private static void steps(JsonNode node, StringBuilder text) {
        if (node.isString()) {
            text.append(node.asString()).append('\n');
        } else if (node.isArray()) {
            node.values().forEach(step -> steps(step, text));
        } else if (node.has("itemListElement")) {
            text.append("\n").append(node.path("name").asString("")).append(":\n");
            steps(node.path("itemListElement"), text);
        } else {
            text.append(node.path("text").asString(node.path("name").asString("")))
                    .append('\n');
        }
    }

    private static java.util.List<String> lines(JsonNode node) {
        return node.isArray()
                ? StreamSupport.stream(node.values().spliterator(), false)
                        .map(line -> line.asString(""))
                        .toList()
                : node.isMissingNode() ? java.util.List.of() : java.util.List.of(node.asString(""));
    }
}
