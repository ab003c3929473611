package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.support.Api;
import com.deftchill.server.support.Api.Answer;
import com.deftchill.server.support.Asking;
import com.deftchill.server.support.RunningServer.Server;
import java.util.Random;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A recipe as text or as other programs write it. */
@Asking
class RecipeApiTest {
    private static final String PLAIN = """
            Pear cream

            300 g pear puree
            400 ml whipping cream
            70 g sugar
            4 sheets gold gelatine

            Soak the gelatine in cold water. Heat the cream with the sugar to 65 °C and stir in the squeezed gelatine.
            Cool to 30 °C, pour into six glasses and chill for 4 hours.
            """;
    private static final String LINKED = """
            [{"@context": "https://schema.org", "@graph": [{"@type": "WebPage"}, {"@type": ["Recipe"], "name": "Pear cream",
              "recipeYield": ["6", "6 glasses"],
              "recipeIngredient": ["300 g pear puree", "400 ml whipping cream", "70 g sugar", "4 sheets gold gelatine"],
              "recipeInstructions": [{"@type": "HowToSection", "name": "Cream", "itemListElement": [
                {"@type": "HowToStep", "text": "Soak the gelatine in cold water."},
                {"@type": "HowToStep", "text": "Heat the cream with the sugar to 65 °C and stir in the squeezed gelatine."},
                {"@type": "HowToStep", "text": "Cool to 30 °C, pour into six glasses and chill for 4 hours."}]}]}]}]
            """;

    private Api api;

    @BeforeEach
    void connect(Server server) {
        api = new Api(server);
    }

    private Answer read(String text) {
        return api.post(
                "/api/read-recipes",
                Api.json().put("text", text).put("measures", "metric").toString());
    }

    @ParameterizedTest
    @ValueSource(strings = {PLAIN, LINKED})
    void textAndLinkedDataSayTheSame(String recipe) {
        var answer = read(recipe).json();
        var document = answer.at("/read/document");
        assertThat(document.at("/components/0/lines").size()).isEqualTo(3);
        assertThat(document.at("/components/0/gels/0/amount").asString()).isEqualTo("4 sheets");
        assertThat(document.at("/components/0/gels/0/bloom").asString()).isEqualTo("squeezed");
        assertThat(document.at("/moulds/count").asString()).isEqualTo("6");
        assertThat(document.at("/cooler/places/0/stay").asString()).isEqualTo("4 h");
        var text = answer.at("/text").asString();
        for (var fact : answer.at("/read/facts")) {
            assertThat(text.substring(fact.at("/from").asInt(), fact.at("/to").asInt()))
                    .isNotBlank();
        }
        // What was read can be computed as it stands.
        assertThat(api.post("/api/assessments", document.toString()).status()).isEqualTo(200);
    }

    @Test
    void whatIsNoRecipeIsReadAsNothing() {
        for (var text : new String[] {"{", "{}", "[1, 2]", "null", "{\"@type\": \"Recipe\"}", "hello"}) {
            var answer = read(text);
            assertThat(answer.status()).as(text).isEqualTo(200);
            assertThat(answer.json().at("/read/document/components").size()).isZero();
        }
    }

    @Test
    void brokenTextsNeverBreakTheServer() {
        var random = new Random(20_261_126);
        for (int i = 0; i < 150; i++) {
            var text = new StringBuilder(random.nextBoolean() ? PLAIN : LINKED);
            for (int k = 0; k < 1 + random.nextInt(6); k++) {
                int at = random.nextInt(text.length());
                switch (random.nextInt(3)) {
                    case 0 -> text.deleteCharAt(at);
                    case 1 -> text.insert(at, (char) (32 + random.nextInt(900)));
                    default -> text.setCharAt(at, "0123456789½°:.\n\"{}".charAt(random.nextInt(18)));
                }
            }
            assertThat(read(text.toString()).status()).as(text.toString()).isLessThan(500);
        }
    }

    @Test
    void whatIsTooLongOrMissingIsNamed() {
        assertThat(read("x".repeat(40_001)).status()).isIn(400, 422);
        assertThat(api.post("/api/read-recipes", "{}").status()).isIn(400, 422);
    }
}
