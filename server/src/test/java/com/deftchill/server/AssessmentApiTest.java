package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.support.Api;
import com.deftchill.server.support.Asking;
import com.deftchill.server.support.RunningServer.Server;
import com.deftchill.server.support.Turn;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

@Asking
@Order(Turn.ASKING_LONG)
class AssessmentApiTest {
    private static final List<String> SAMPLES = List.of(
            "pear-bay",
            "coconut-sea-buckthorn",
            "smoked-tea-honey",
            "blackcurrant-barley",
            "hazelnut-oat",
            "kiwi-elderflower");

    private Api api;

    @BeforeEach
    void connect(Server server) {
        api = new Api(server);
    }

    @Test
    void answersTheGoodSampleWithTheWholeAssessment() {
        var answer = api.post("/api/assessments", Api.demo("pear-bay").toString());
        assertThat(answer.status()).isEqualTo(200);
        var a = answer.json();
        assertThat(a.at("/line/0/tone").asString()).isEqualTo("GOOD");
        assertThat(a.at("/line/0/text").asString()).startsWith("Sets by");
        assertThat(a.at("/section/layers/0/volumeMl").asDouble()).isBetween(90.0, 130.0);
        assertThat(a.at("/prediction/standingMm").asDouble()).isPositive();
        assertThat(a.at("/components/0/course/minutes").size()).isGreaterThan(50);
    }

    @Test
    void theWrongSampleHasAFix() {
        var a = api.post("/api/assessments", Api.demo("coconut-sea-buckthorn").toString())
                .json();
        assertThat(a.at("/line/0/tone").asString()).isEqualTo("BAD");
        assertThat(a.at("/verdicts/0/fixes/0/changes/0/path").asString()).isEqualTo("/components/0/gels/0/amount");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "-5 g; must be above 0 g",
                "0; must be from",
                "1000000000 g; must be from",
                "NaN; must be",
                "''; is missing",
                "1,000 g; thousands or decimals"
            })
    void badAmountsAreNamedWithFieldValueAndRule(String amount, String rule) {
        var document = Api.demo("pear-bay");
        ((ObjectNode) document.at("/components/0/lines/0")).put("amount", amount);
        var answer = api.post("/api/assessments", document.toString());
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.contentType()).startsWith("application/problem+json");
        var problem = answer.json().at("/problems/0");
        assertThat(problem.at("/path").asString()).isEqualTo("/components/0/lines/0/amount");
        assertThat(problem.at("/field").asString()).isEqualTo("Cream 35 % fat");
        assertThat(problem.at("/value").asString()).isEqualTo(amount);
        assertThat(problem.at("/rule").asString()).contains(rule);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "{",
                "[]",
                "\"text\"",
                "{\"schema\": 1, \"colour\": \"blue\"}",
                "{\"schema\": \"x\"}",
                "{\"schema\": NaN}",
                "null"
            })
    void whatIsNoFormulaIsRefusedPlainly(String body) {
        var answer = api.post("/api/assessments", body);
        assertThat(answer.status()).isBetween(400, 422);
        assertThat(answer.json().at("/code").asString()).isIn("document-unreadable", "not-understood");
        assertThat(answer.text()).doesNotContain("Exception").doesNotContain("com.deftchill");
    }

    @Test
    void anUnknownPropertyIsNamedByItsPath() {
        var document = Api.demo("pear-bay");
        ((ObjectNode) document.at("/components/0/gels/0")).put("flavour", "x");
        var problem = api.post("/api/assessments", document.toString()).json().at("/problems/0");
        assertThat(problem.at("/path").asString()).isEqualTo("/components/0/gels/0/flavour");
    }

    @Test
    void anEnormousBodyIsRefused() {
        var answer = api.post("/api/assessments", "{\"name\": \"" + "x".repeat(400_000) + "\"}");
        assertThat(answer.status()).isEqualTo(413);
        assertThat(answer.json().at("/detail").asString()).contains("256 kB");
    }

    /** Documents broken at random: always an answer, never one of ours. */
    @Test
    void mutatedDocumentsNeverBreakTheServer() {
        var slowest =
                IntStream.range(0, 5000).parallel().mapToDouble(this::mutated).max();
        System.out.printf("5000 mutated documents: slowest answer %.0f ms%n", slowest.orElseThrow());
    }

    /** Milliseconds that the answer to one broken document took; its number is its seed. */
    private double mutated(int seed) {
        var random = new Random(seed);
        var document = Api.demo(SAMPLES.get(random.nextInt(SAMPLES.size())));
        mutate(document, random);
        var path = random.nextInt(4) == 0 ? "/api/imports" : "/api/assessments";
        long start = System.nanoTime();
        var answer = api.post(path, document.toString());
        // A machine that stalls says so, and is asked again as the page asks.
        for (int again = 0; again < 5 && answer.status() == 503; again++) {
            assertThat(answer.json().at("/code").asString()).as(answer.text()).isEqualTo("busy");
            answer = api.post(path, document.toString());
        }
        assertThat(answer.status()).as("document %d: %s", seed, document).isIn(200, 201, 400, 422);
        return (System.nanoTime() - start) / 1e6;
    }

    private static void mutate(JsonNode node, Random random) {
        if (node instanceof ObjectNode object) {
            for (var name : List.copyOf(object.propertyNames())) {
                if (object.get(name).isContainer() && random.nextInt(8) > 0) {
                    mutate(object.get(name), random);
                } else if (random.nextInt(8) == 0) {
                    spoil(object, name, random);
                }
            }
        } else if (node instanceof ArrayNode array) {
            array.forEach(item -> mutate(item, random));
        }
    }

    private static void spoil(ObjectNode object, String name, Random random) {
        switch (random.nextInt(7)) {
            case 0 -> object.remove(name);
            case 1 -> object.putNull(name);
            case 2 -> object.put(name, "\u0000\uD83C\uDF6E ٣ g");
            case 3 -> object.put(name, "99999999999999999999 g");
            case 4 -> object.put(name, -1.5e300);
            case 5 -> object.putArray(name).add(1);
            default -> object.put(name, "0.01 g");
        }
    }
}
