package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.support.Api;
import com.deftchill.server.support.RunningServer;
import com.deftchill.server.support.RunningServer.Server;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(RunningServer.class)
class RevisionApiTest {
    private Api api;
    private String path;

    @BeforeEach
    void connect(Server server) {
        api = new Api(server);
        path = "/api/formulas/"
                + api.post("/api/formulas", Api.demo("pear-bay").toString())
                        .json()
                        .at("/id")
                        .asString();
    }

    @Test
    void theStateBeforeTheFirstChangeIsKeptByItself() {
        save(0, dosed("15 g"));
        save(1, dosed("16 g"));
        var list = api.get(path + "/revisions").json();
        assertThat(list.at("/total").asInt()).as("one spell of work, one state").isEqualTo(1);
        assertThat(list.at("/revisions/0/name").asString()).isEmpty();
        assertThat(api.get(path + "/revisions/1").json().at("/document")).isEqualTo(Api.demo("pear-bay"));
    }

    @Test
    void aSaveThatChangesNothingKeepsNothing() {
        save(0, Api.demo("pear-bay"));
        assertThat(api.get(path + "/revisions").json().at("/total").asInt()).isZero();
    }

    @Test
    void aStateIsNamedRenamedAndReadBack() {
        assertThat(keep("Too firm", dosed("20 g")).status()).isEqualTo(201);
        assertThat(keep("Right", dosed("14 g")).json().at("/number").asInt()).isEqualTo(2);
        assertThat(api.put(path + "/revisions/1", "{\"name\": \"Much too firm\"}")
                        .status())
                .isEqualTo(200);
        assertThat(api.get(path + "/revisions").json().findValuesAsString("name"))
                .containsExactly("Right", "Much too firm");
        assertThat(api.get(path + "/revisions/1")
                        .json()
                        .at("/document/components/0/gels/0/amount")
                        .asString())
                .isEqualTo("20 g");
    }

    @Test
    void whatIsNoRevisionIsRefused() {
        assertThat(keep(" ", dosed("20 g")).status()).isEqualTo(422);
        assertThat(keep("x".repeat(81), dosed("20 g")).status()).isEqualTo(422);
        assertThat(api.get(path + "/revisions/99").status()).isEqualTo(404);
        assertThat(api.get(path + "/revisions/x").status()).isEqualTo(400);
        assertThat(api.get("/api/formulas/" + UUID.randomUUID() + "/revisions").status())
                .isEqualTo(404);
    }

    @Test
    void swapsScalingsAndComparisonsAreComputed() {
        var document = dosed("14 g");
        var swaps =
                api.post("/api/swaps", body("document", document).toString()).json();
        assertThat(swaps.findValuesAsString("product"))
                .contains("sheet-silver", "agar")
                .doesNotContain("sheet-gold");
        var wish = JsonNodeFactory.instance.objectNode().put("count", "24");
        var question = body("document", document);
        question.set("wish", wish);
        assertThat(api.post("/api/scalings", question.toString())
                        .json()
                        .at("/factor")
                        .asDouble())
                .isEqualTo(2);
        var compare = body("before", document);
        compare.set("after", dosed("16 g"));
        assertThat(api.post("/api/comparisons", compare.toString())
                        .json()
                        .at("/changes/0/after")
                        .asString())
                .isEqualTo("16 g");
        for (var address : new String[] {"/api/swaps", "/api/scalings", "/api/comparisons"}) {
            for (var bad : new String[] {"", "{}", "[]", "{\"document\": null}"}) {
                assertThat(api.post(address, bad).status()).as(address + bad).isBetween(400, 422);
            }
        }
    }

    private static ObjectNode body(String field, JsonNode value) {
        var body = JsonNodeFactory.instance.objectNode();
        body.set(field, value);
        return body;
    }

    private static ObjectNode dosed(String amount) {
        var document = Api.demo("pear-bay");
        ((ObjectNode) document.at("/components/0/gels/0")).put("amount", amount);
        return document;
    }

    private void save(long version, ObjectNode document) {
        var save = body("document", document).put("version", version);
        assertThat(api.put(path, save.toString()).status()).isEqualTo(200);
    }

    private Api.Answer keep(String name, ObjectNode document) {
        return api.post(
                path + "/revisions",
                body("document", document).put("name", name).toString());
    }
}
