package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.support.Api;
import com.deftchill.server.support.Api.Answer;
import com.deftchill.server.support.RunningServer;
import com.deftchill.server.support.RunningServer.Server;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.json.JsonMapper;

@ExtendWith(RunningServer.class)
class ColdApiTest {
    private static final JsonMapper JSON = new JsonMapper();

    private Api api;

    @BeforeEach
    void connect(Server server) {
        api = new Api(server);
    }

    private static String text(Object value) {
        return JSON.writeValueAsString(value);
    }

    private Answer whatIf(String demo, String by, String... changes) {
        var variations = List.of(changes).stream()
                .map(change -> "{\"label\": \"way\", \"changes\": [" + change + "]}")
                .toList();
        return api.post(
                "/api/chills/what-if",
                "{\"document\": " + Api.demo(demo) + ", \"by\": " + text(by) + ", \"variations\": " + variations + "}");
    }

    private static String change(String path, String value) {
        return "{\"path\": " + text(path) + ", \"value\": " + text(value) + "}";
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"pear-bay", "buckthorn-cheesecake", "chestnut-dome", "frozen-pear-dome", "slanted-tea-glasses"})
    void theWholeChillFitsOnTheWire(String demo) {
        var answer = api.post("/api/chills", Api.demo(demo).toString());
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.text().length()).isLessThan(300_000);
        var c = answer.json();
        int cells = c.at("/field/columns").asInt() * c.at("/field/rows").asInt();
        int frames = c.at("/field/minutes").size();
        // Base 64: four letters for three bytes.
        assertThat(c.at("/field/celsius").asString().length()).isEqualTo((cells * frames + 2) / 3 * 4);
        assertThat(c.at("/answer/summary").size()).isGreaterThan(3);
        assertThat(c.at("/answer/milestones").size()).isPositive();
        assertThat(answer.text()).doesNotContain("NaN").doesNotContain("Infinity");
    }

    @Test
    void aFrozenDomeSaysWhenItComesOffAndWhenItIsThawed() {
        var c = api.post("/api/chills", Api.demo("frozen-pear-dome").toString()).json();
        var codes = c.at("/answer/milestones").findValuesAsString("code");
        assertThat(codes).contains("frozen", "thawed");
        assertThat(c.at("/answer/stays").size()).isEqualTo(2);
        assertThat(c.at("/answer/table/onPlate").asBoolean()).isTrue();
    }

    @Test
    void aSlantedGlassHasItsTilt() {
        var c = api.post("/api/chills", Api.demo("slanted-tea-glasses").toString())
                .json();
        assertThat(c.at("/answer/slant/tiltDegrees").asDouble()).isBetween(20.0, 60.0);
        assertThat(c.at("/answer/slant/highMm").asDouble()).isEqualTo(65);
    }

    @Test
    void sixtyPotsAreTooMuchForTheFridge() {
        var a = api.post("/api/assessments", Api.demo("sixty-pear-pots").toString())
                .json();
        assertThat(a.at("/verdicts").findValuesAsString("code")).contains("cooler-load", "served-too-early");
        assertThat(a.at("/line/0/text").asString()).contains("longer in Fridge");
    }

    @Test
    void cornersBoundTheLikely() {
        var u = api.post("/api/chills/uncertainty", Api.demo("pear-bay").toString())
                .json();
        for (var range : u.at("/ranges")) {
            assertThat(range.at("/earliestMinutes").asDouble())
                    .isLessThanOrEqualTo(range.at("/likelyMinutes").asDouble());
        }
        assertThat(u.at("/influences").size()).isEqualTo(4);
    }

    @Test
    void everyWayTheServerOffersCanBeTried() {
        var ways = api.post("/api/chills/ways", Api.demo("pear-bay").toString()).json();
        assertThat(ways.size()).isGreaterThan(6);
        var variations = new ArrayList<String>();
        for (int i = 0; i < Math.min(12, ways.size()); i++) {
            variations.add("{\"label\": " + ways.get(i).get("label") + ", \"changes\": "
                    + ways.get(i).get("changes") + "}");
        }
        var answer = api.post(
                "/api/chills/what-if",
                "{\"document\": " + Api.demo("pear-bay") + ", \"by\": \"18:00\", \"variations\": " + variations + "}");
        assertThat(answer.status()).isEqualTo(200);
        for (var row : answer.json()) {
            assertThat(row.at("/answer/problems").size())
                    .as(row.at("/label").asString())
                    .isZero();
            assertThat(row.at("/answer/meets").isBoolean()).isTrue();
        }
    }

    @Test
    void aVariationThatCannotBeComputedNamesItsProblemBesideTheOthers() {
        var rows = whatIf("pear-bay", "", change("/cooler/air", "cold"), change("/cooler/air", "2 °C"))
                .json();
        assertThat(rows.at("/0/answer/problems/0/path").asString()).isEqualTo("/cooler/air");
        assertThat(rows.at("/1/answer/problems").size()).isZero();
    }

    @ParameterizedTest
    @CsvSource({
        "cooler/air, must begin with /",
        "/cooler, is no field",
        "/nowhere/at/all, has no field nowhere there",
        "/components/7/gels/0/amount, must not leave a gap",
        "/components/0, is no field",
        "/cooler/air/deep, is no field"
    })
    void aChangeThatIsNoneIsNamed(String path, String rule) {
        var answer = whatIf("pear-bay", "", change(path, "x"));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().at("/problems/0/rule").asString()).contains(rule);
    }

    @Test
    void aTimeThatIsNoneIsNamed() {
        var answer = whatIf("pear-bay", "supper", change("/cooler/air", "3 °C"));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().at("/problems/0/path").asString()).isEqualTo("/by");
    }

    @ParameterizedTest
    @ValueSource(strings = {"[]", "{}", "{\"document\": null}", "not json", "{\"variations\": []}"})
    void whatIsNoQuestionIsRefusedPlainly(String body) {
        for (var path : List.of("/api/chills/what-if", "/api/chills", "/api/chills/ways", "/api/chills/uncertainty")) {
            var answer = api.post(path, body);
            assertThat(answer.status()).as(path).isIn(400, 422);
            assertThat(answer.contentType()).startsWith("application/problem+json");
        }
    }

    @Test
    void fieldsOfThePlacesAreNamedOneByOne() {
        var document = Api.demo("frozen-pear-dome");
        document.withObject("/cooler")
                .withArray("places")
                .addObject()
                .put("of", "attic")
                .put("stay", "1 h");
        var answer = api.post("/api/chills", document.toString());
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().at("/problems").findValuesAsString("path"))
                .contains("/cooler/places/2/of", "/cooler/places/1/stay");
    }
}
