package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.support.Apart;
import com.deftchill.server.support.Api;
import com.deftchill.server.support.EveryPage;
import com.deftchill.server.support.Newcomer;
import com.deftchill.server.support.TestServer;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Whatever text a person can type, wherever it is typed: it is kept, and every page, paper and file that shows it is there. */
@Apart
class AnyTextTest {
    private static TestServer server;
    private Api api;

    @BeforeAll
    static void start() {
        server = TestServer.fresh();
    }

    /** A kitchen of its own: what is read is what was typed. */
    @BeforeEach
    void open() {
        api = new Api(server.server())
                .as(Newcomer.invited(server.server(), "GUEST").session());
        assertThat(api.post("/api/account/kitchens", "{\"name\":\"Across the street\"}")
                        .status())
                .isEqualTo(201);
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    static List<String> texts() {
        return List.of(
                "50% of the pear, %s %d %n %1$s 100%",
                "{0} {name} {name, number} '{' ''",
                "<b>bold</b> & \"quoted\" 'single' &amp; </script> ]]>",
                "bell \u0007 form \f escape \u001b vertical \u000b delete \u007f next \u0085",
                "zero\u200bwidth \u200d joined \ufeff marked",
                "\u202eright to left \u05e9\u05dc\u05d5\u05dd \u0645\u0631\u062d\u0628\u0627",
                "\ud83c\udf50 pear \ud83d\udc69\u200d\ud83c\udf73 cook e\u0301",
                "half a pair \ud83c alone",
                "=1+2 @sum -3 +4 \\ ; , | ` ~ # ${x} #{y} __${z}__",
                "a".repeat(200));
    }

    /** Puts the text in place of every text of a document that a person may type freely. */
    private static void type(JsonNode node, String text) {
        if (node instanceof ObjectNode object) {
            object.properties().forEach(field -> {
                var key = field.getKey();
                if (field.getValue().isString()
                        && List.of("name", "note", "text", "words", "says").contains(key)) {
                    field.setValue(Api.json()
                            .put("t", shortened(text, key.equals("name") ? 60 : 200))
                            .get("t"));
                } else {
                    type(field.getValue(), text);
                }
            });
        } else if (node instanceof ArrayNode array) {
            array.forEach(one -> type(one, text));
        }
    }

    private static String shortened(String text, int most) {
        return text.substring(0, Math.min(most, text.length()));
    }

    @ParameterizedTest
    @MethodSource("texts")
    void everythingThatShowsItIsThere(String text) {
        // An ingredient of one's own that cuts gelatin apart is named in the evidence.
        var fields = Api.json()
                .put("name", shortened(text, 60))
                .put("water", "88")
                .put("sugars", "12")
                .put("enzyme", "strong");
        var entry = api.post(
                "/api/larder/own",
                Api.json().put("kind", "ingredient").set("fields", fields).toString());
        var document = Api.demo("kiwi-elderflower");
        type(document, text);
        document.put("name", shortened(text, 120));
        assertThat(entry.status()).as(entry.text()).isEqualTo(201);
        ((ObjectNode) document.at("/components/0/lines/2"))
                .put("of", entry.json().at("/entry/id").asString());
        var made = api.post("/api/formulas", document.toString());
        assertThat(made.status()).as(made.text()).isEqualTo(201);
        var assessed = api.post("/api/assessments", document.toString());
        assertThat(assessed.status()).as(assessed.text()).isEqualTo(200);
        assertThat(assessed.text()).contains("enzyme");
        var id = made.json().at("/id").asString();
        var batch = Api.json()
                .put("madeOn", "2026-05-03")
                .put("pouredAt", "14:00")
                .put("outcome", "CLEAN")
                .put("cook", shortened(text, 60))
                .put("note", text);
        batch.set("document", document);
        batch.putObject("record").putArray("happened").add(text);
        assertThat(api.post("/api/formulas/" + id + "/batches", batch.toString())
                        .status())
                .isEqualTo(201);
        assertThat(api.put(
                                "/api/book/" + id + "/tags",
                                Api.json()
                                        .set("tags", Api.json().arrayNode().add(shortened(text, 30)))
                                        .toString())
                        .status())
                .isIn(200, 422);
        var plan = (ObjectNode) api.get("/api/plan-starts?zone=Europe/Lisbon").json();
        plan.put("name", shortened(text, 100));
        type(plan, text);
        plan.putArray("dishes")
                .addObject()
                .put("id", "d1")
                .put("formula", id)
                .put("version", 0)
                .put("service", plan.at("/services/0/id").asString());
        var stored = api.post("/api/plans", Api.json().set("document", plan).toString());
        assertThat(stored.status()).as(stored.text()).isIn(201, 422);
        for (var path : List.of("/api/read-recipes", "/api/pasted-lists")) {
            var body = Api.json().put("text", text + "\n200 g cream\n" + text).put("measures", "metric");
            assertThat(api.post(path, body.toString()).status()).as(path).isLessThan(500);
        }
        EveryPage.holds(api, text);
    }
}
