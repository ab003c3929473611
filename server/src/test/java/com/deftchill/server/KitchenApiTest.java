package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.support.Api;
import com.deftchill.server.support.Changing;
import com.deftchill.server.support.RunningServer.Server;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Settings of the kitchen and what it adds to its larder. */
@Changing
class KitchenApiTest {
    private Api api;

    @BeforeEach
    void connect(Server server) {
        api = new Api(server);
    }

    @Test
    void settingsAreKeptAndCountAtOnce() {
        var before = api.get("/api/kitchen").json();
        assertThat(before.at("/settings/name").asString()).isEqualTo("Tideline");
        assertThat(before.at("/safetyRules").size()).isGreaterThanOrEqualTo(3);

        var settings = (ObjectNode) before.at("/settings").deepCopy();
        var saved = api.put(
                "/api/kitchen", save(before.at("/version").asLong(), settings.put("temperature", "fahrenheit")));
        assertThat(saved.status()).isEqualTo(200);
        var bare = Api.demo("pear-bay");
        pour(bare).put("at", "90");
        var asked = api.post("/api/assessments", bare.toString());
        assertThat(asked.status()).isEqualTo(422);
        assertThat(asked.json().at("/problems/0/fixes").size()).isEqualTo(2);

        var stale = api.put("/api/kitchen", save(before.at("/version").asLong(), settings));
        assertThat(stale.status()).isEqualTo(409);
        var back = api.put(
                "/api/kitchen", save(saved.json().at("/version").asLong(), settings.put("temperature", "celsius")));
        assertThat(back.status()).isEqualTo(200);
        assertThat(api.post("/api/assessments", Api.demo("pear-bay").toString()).status())
                .isEqualTo(200);
    }

    @Test
    void settingsThatAreNoneAreNamed() {
        var before = api.get("/api/kitchen").json();
        var settings = (ObjectNode) before.at("/settings").deepCopy();
        settings.put("scale", "heavy").put("safetyRules", "mine");
        var refused = api.put("/api/kitchen", save(before.at("/version").asLong(), settings));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().at("/problems").findValuesAsString("path")).contains("/scale", "/safetyRules");
        assertThat(api.get("/api/kitchen").json().at("/version")).isEqualTo(before.at("/version"));
        assertThat(api.put("/api/kitchen", "{\"version\": 0}").status()).isEqualTo(422);
    }

    @Test
    void theLarderHasSixtyIngredientsWithSources() {
        var larder = api.get("/api/larder").json();
        assertThat(larder.at("/ingredients").size()).isGreaterThanOrEqualTo(60);
        larder.at("/ingredients")
                .forEach(i -> assertThat(i.at("/source").asString())
                        .as(i.at("/id").asString())
                        .isNotBlank()
                        .doesNotContain("H2", "H3"));
        assertThat(larder.at("/moulds").size()).isGreaterThanOrEqualTo(20);
        assertThat(larder.at("/allergens").size()).isGreaterThanOrEqualTo(14);
        assertThat(larder.at("/ownKinds").findValuesAsString("id"))
                .containsExactly("ingredient", "gel", "mould", "cooler");
    }

    @Test
    void anOwnEntryIsAddedUsedChangedAndTakenOut() {
        var added = api.post(
                "/api/larder/own",
                "{\"kind\":\"ingredient\",\"fields\":{\"name\":\"Crème fermière 栗\",\"milkFat\":\"38\",\"sugars\":\"3\"}}");
        assertThat(added.status()).isEqualTo(201);
        var id = added.json().at("/entry/id").asString();
        assertThat(id).startsWith("own-creme-fermiere");
        var second = api.post(
                "/api/larder/own",
                "{\"kind\":\"ingredient\",\"fields\":{\"name\":\"Crème fermière 栗\",\"milkFat\":\"40\"}}");
        assertThat(second.json().at("/entry/id").asString()).isNotEqualTo(id);

        var formula = Api.demo("pear-bay");
        ((ObjectNode) formula.at("/components/0/lines/0")).put("of", id);
        assertThat(api.post("/api/assessments", formula.toString()).status()).isEqualTo(200);
        api.post("/api/formulas", formula.put("name", "With our cream").toString());
        var key = added.json().at("/key").asString();
        var listed = api.get("/api/larder/own").json();
        listed.forEach(entry -> {
            if (entry.at("/key").asString().equals(key)) {
                assertThat(entry.at("/usedBy/0").asString()).isEqualTo("With our cream");
            }
        });

        var changed = api.put(
                "/api/larder/own/" + key, "{\"version\":0,\"fields\":{\"name\":\"Farm cream\",\"milkFat\":\"42\"}}");
        assertThat(changed.status()).isEqualTo(200);
        assertThat(api.put("/api/larder/own/" + key, "{\"version\":0,\"fields\":{\"name\":\"x\"}}")
                        .status())
                .isEqualTo(409);
        assertThat(api.delete("/api/larder/own/" + key + "?version=0").status()).isEqualTo(409);
        assertThat(api.delete("/api/larder/own/" + key + "?version=1").status()).isEqualTo(204);
        var unknown = api.post("/api/assessments", formula.toString());
        assertThat(unknown.status()).isEqualTo(422);
        assertThat(unknown.json().at("/problems/0/path").asString()).isEqualTo("/components/0/lines/0/of");
    }

    @Test
    void anOwnEntryThatIsNoneIsNamedFieldByField() {
        var refused = api.post(
                "/api/larder/own",
                "{\"kind\":\"mould\",\"fields\":{\"name\":\"Pot\",\"bottom\":\"wide\",\"top\":\"60\"}}");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().at("/problems").findValuesAsString("path"))
                .contains("/fields/bottom", "/fields/height");
        for (var body : new String[] {
            "", "[]", "{}", "{\"kind\":\"spoon\",\"fields\":{}}", "{\"kind\":\"gel\",\"fields\":{\"name\":7}}"
        }) {
            assertThat(api.post("/api/larder/own", body).status()).as(body).isBetween(400, 422);
        }
        assertThat(api.delete("/api/larder/own/" + UUID.randomUUID() + "?version=0")
                        .status())
                .isEqualTo(404);
    }

    private static String save(long version, ObjectNode settings) {
        var save = JsonNodeFactory.instance.objectNode();
        save.put("version", version);
        save.set("settings", settings);
        return save.toString();
    }

    /** The entry of what is done that says how it is poured. */
    private static ObjectNode pour(ObjectNode document) {
        return (ObjectNode) document.at("/components/0/work")
                .valueStream()
                .filter(entry -> entry.at("/verb").asString().equals("pour"))
                .findFirst()
                .orElseThrow();
    }
}
