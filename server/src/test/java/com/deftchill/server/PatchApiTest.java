package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.support.Api;
import com.deftchill.server.support.RunningServer;
import com.deftchill.server.support.RunningServer.Server;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A formula is changed by a JSON Patch (RFC 6902), whole or not at all, and what was changed since a state is told as one. */
@ExtendWith(RunningServer.class)
class PatchApiTest {
    private static final String DOSE = "/components/0/gels/0/amount";

    private Api api;
    private String path;

    @BeforeEach
    void store(Server server) {
        api = new Api(server);
        path = stored(Api.demo("pear-bay"));
    }

    private String stored(ObjectNode document) {
        return "/api/formulas/"
                + api.post("/api/formulas", document.toString())
                        .json()
                        .at("/id")
                        .asString();
    }

    private JsonNode document() {
        return api.get(path).json().at("/document");
    }

    private static String operation(String op, String at, String value) {
        return Api.json().put("op", op).put("path", at).put("value", value).toString();
    }

    @Test
    void whatHoldsItsTestsIsChanged() {
        var dose = document().at(DOSE).asString();
        var answer =
                api.patch(path, "[" + operation("test", DOSE, dose) + "," + operation("replace", DOSE, "9 g") + "]");
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        assertThat(answer.json().at("/version").asInt()).isEqualTo(1);
        var expected = Api.demo("pear-bay");
        ((ObjectNode) expected.at("/components/0/gels/0")).put("amount", "9 g");
        assertThat(document()).isEqualTo(expected);
    }

    @Test
    void whatWasChangedMeanwhileIsNot() {
        var answer = api.patch(
                path, "[" + operation("replace", "/name", "Lost") + "," + operation("test", DOSE, "99 g") + "]");
        assertThat(answer.status()).isEqualTo(409);
        assertThat(answer.json().at("/code").asString()).isEqualTo("changed-meanwhile");
        assertThat(answer.json().at("/problems/0/path").asString()).isEqualTo(DOSE);
        assertThat(document()).isEqualTo(Api.demo("pear-bay"));
        var stale = api.patch(path + "?version=7", "[" + operation("replace", "/name", "Lost") + "]");
        assertThat(stale.json().at("/code").asString()).isEqualTo("saved-elsewhere");
        assertThat(document().at("/name")).isEqualTo(Api.demo("pear-bay").at("/name"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "no json | /",
                "{} | /",
                "[3] | /0/op",
                "[{\"op\": \"mend\", \"path\": \"/name\"}] | /0/op",
                "[{\"op\": \"test\", \"path\": \"/name\"}] | /0/value",
                "[{\"op\": \"move\", \"path\": \"/name\"}] | /0/from",
                "[{\"op\": \"remove\"}] | /0/path",
                "[{\"op\": \"remove\", \"path\": \"name\"}] | /0/path",
                "[{\"op\": \"remove\", \"path\": \"/never\"}] | /0/path",
                "[{\"op\": \"replace\", \"path\": \"/components/99/name\", \"value\": \"\"}] | /0/path",
                "[{\"op\": \"add\", \"path\": \"/components/x\", \"value\": {}}] | /0/path",
                "[{\"op\": \"add\", \"path\": \"/name/x\", \"value\": \"\"}] | /0/path",
                "[{\"op\": \"add\", \"path\": \"/name\", \"value\": \"a\"}, {\"op\": \"remove\", \"path\": 3}] | /1/path"
            })
    void theOperationThatCannotBeDoneIsNamed(String patch, String at) {
        var answer = api.patch(path, patch);
        assertThat(answer.status()).as(answer.text()).isEqualTo(422);
        assertThat(answer.json().at("/problems/0/path").asString()).isEqualTo(at.equals("/") ? "" : at);
        assertThat(answer.json().at("/problems/0/rule/text").asString("")
                        + answer.json().at("/problems/0/rule").asString(""))
                .isNotEmpty();
        assertThat(document()).isEqualTo(Api.demo("pear-bay"));
    }

    @Test
    void whatIsNoFormulaAfterItIsRefused() {
        for (var patch : List.of(
                operation("add", "/colour", "red"),
                operation("replace", "/components", "none"),
                operation("replace", "/schema", "9"))) {
            var answer = api.patch(path, "[" + patch + "]");
            assertThat(answer.status()).as(answer.text()).isIn(400, 422);
            assertThat(answer.json().at("/problems")).isNotEmpty();
        }
        var doubling = "{\"op\": \"copy\", \"from\": \"/components\", \"path\": \"/components/-\"}";
        var many = api.patch(path, "[" + String.join(",", java.util.Collections.nCopies(60, doubling)) + "]");
        assertThat(many.status()).isEqualTo(422);
        assertThat(document()).isEqualTo(Api.demo("pear-bay"));
    }

    /** What is told as changed makes the older state into the newer one, for every two of the samples. */
    @Test
    void whatWasChangedSinceAStateMakesTheNewerOne() {
        var samples = List.of("pear-bay", "buckthorn-cheesecake", "pear-hazelnut-verrine", "chestnut-dome");
        for (var older : samples) {
            for (var newer : samples) {
                var at = stored(Api.demo(older));
                var keep = Api.json().put("name", "Before");
                keep.set("document", Api.demo(older));
                assertThat(api.post(at + "/revisions", keep.toString()).status())
                        .isEqualTo(201);
                var save = Api.json().put("version", 0);
                save.set("document", Api.demo(newer));
                assertThat(api.put(at, save.toString()).status()).isEqualTo(200);
                var patch = api.get(at + "/revisions/1/patch");
                assertThat(patch.contentType()).startsWith("application/json-patch+json");

                var again = stored(Api.demo(older));
                assertThat(api.patch(again, patch.text()).status())
                        .as("%s to %s: %s", older, newer, patch.text())
                        .isEqualTo(200);
                assertThat(api.get(again).json().at("/document")).isEqualTo(Api.demo(newer));
            }
        }
    }
}
