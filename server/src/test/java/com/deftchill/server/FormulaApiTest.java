package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.support.Api;
import com.deftchill.server.support.RunningServer;
import com.deftchill.server.support.RunningServer.Server;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(RunningServer.class)
class FormulaApiTest {
    private Api api;

    @BeforeEach
    void connect(Server server) {
        api = new Api(server);
    }

    @Test
    void theDemoKitchenIsThereWithItsLog() {
        var names = api.get("/api/formulas").json().findValuesAsString("name");
        assertThat(names).contains("Pear and bay set cream", "Coconut and sea buckthorn set cream");
        var pear = api.get("/api/formulas").json().at("/formulas/0/id").asString();
        var batches = api.get("/api/formulas/" + pear + "/batches").json();
        assertThat(batches.at("/total").asInt()).isEqualTo(4);
        assertThat(batches.at("/batches/0/predicted/standingMm").asDouble()).isPositive();
    }

    @Test
    void whatIsNewHasNotMoved() {
        var opened = "/api/formulas/" + create() + "/opened";
        assertThat(api.post(opened, "").json().toString()).isEqualTo("{\"why\":[],\"figures\":[]}");
        assertThat(api.post(opened, "").json().toString()).isEqualTo("{\"why\":[],\"figures\":[]}");
    }

    @Test
    void keepsEvenWhatCannotBeUnderstoodYetExactlyAsTyped() {
        var document = Api.demo("pear-bay");
        document.put("name", "Kastanie 栗 \uD83C\uDF30");
        ((ObjectNode) document.at("/components/0/lines/0")).put("amount", "about a cup?");
        var created = api.post("/api/formulas", document.toString());
        assertThat(created.status()).isEqualTo(201);
        var stored =
                api.get("/api/formulas/" + created.json().at("/id").asString()).json();
        assertThat(stored.at("/document")).isEqualTo(document);
    }

    @Test
    void aStaleSaveIsRefusedAndChangesNothing() {
        var id = create();
        var first = Api.demo("pear-bay").put("name", "first window");
        var second = Api.demo("pear-bay").put("name", "second window");
        assertThat(api.put("/api/formulas/" + id, save(0, first))
                        .json()
                        .at("/version")
                        .asLong())
                .isEqualTo(1);

        var refused = api.put("/api/formulas/" + id, save(0, second));
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.json().at("/code").asString()).isEqualTo("saved-elsewhere");
        assertThat(refused.json().at("/currentVersion").asLong()).isEqualTo(1);
        assertThat(api.get("/api/formulas/" + id).json().at("/document/name").asString())
                .isEqualTo("first window");

        assertThat(api.put("/api/formulas/" + id, save(1, second)).status()).isEqualTo(200);
    }

    /** Many windows save on the same version at the same moment: one wins, the others are told, nothing is lost. */
    @Test
    void ofSimultaneousSavesExactlyOneWins() {
        var id = create();
        var answers = IntStream.range(0, 8)
                .parallel()
                .mapToObj(i -> api.put(
                        "/api/formulas/" + id, save(0, Api.demo("pear-bay").put("name", "window " + i))))
                .map(Api.Answer::status)
                .toList();
        assertThat(answers).containsOnly(200, 409).containsOnlyOnce(200);
        assertThat(api.get("/api/formulas/" + id).json().at("/version").asLong())
                .isEqualTo(1);
    }

    @Test
    void aSaveOrFormulaThatIsNoneIsRefusedPlainly() {
        var id = create();
        for (var body :
                List.of("", "null", "{}", "{\"version\": 0}", "{\"version\": \"x\", \"document\": {}}", "[1]")) {
            assertThat(api.put("/api/formulas/" + id, body).status()).as(body).isBetween(400, 422);
        }
        for (var body : List.of("", "null", "[]", "7", "{\"schema\": null}", "{\"colour\": 1}")) {
            assertThat(api.post("/api/formulas", body).status()).as(body).isBetween(400, 422);
        }
        assertThat(api.get("/api/formulas/" + id).json().at("/version").asLong())
                .isZero();
    }

    @Test
    void aFormulaOfWhichNothingWasMadeIsDeleted() {
        var id = create();
        assertThat(api.delete("/api/formulas/" + id + "?version=3").status()).isEqualTo(409);
        assertThat(api.delete("/api/formulas/" + id + "?version=0")
                        .json()
                        .at("/putAway")
                        .asBoolean())
                .isFalse();
        assertThat(api.get("/api/formulas/" + id).status()).isEqualTo(404);
        assertThat(api.get("/api/formulas/" + id + "/batches").status()).isEqualTo(404);
    }

    @Test
    void aFormulaWithALogIsPutAwayAndItsLogStays() {
        var document = Api.demo("pear-bay").put("name", "Made once and put away");
        var id = api.post("/api/formulas", document.toString()).json().at("/id").asString();
        var path = "/api/formulas/" + id;
        api.post(path + "/batches", made("2026-11-20", 44.5).toString());
        assertThat(api.delete(path + "?version=3").status()).isEqualTo(409);
        assertThat(api.delete(path + "?version=0").json().at("/putAway").asBoolean())
                .isTrue();

        var search = "/api/formulas?search=Made once and";
        assertThat(api.get(search.replace(" ", "%20")).json().at("/total").asInt())
                .isZero();
        var away = api.get(search.replace(" ", "%20") + "&putAway=true").json();
        assertThat(away.at("/formulas/0/id").asString()).isEqualTo(id);
        var stored = api.get(path).json();
        assertThat(stored.at("/putAway").asBoolean()).isTrue();
        assertThat(api.get(path + "/batches").json().at("/total").asInt()).isEqualTo(1);

        assertThat(api.post(path + "/bring-back?version=0", "").status()).isEqualTo(409);
        var back =
                api.post(path + "/bring-back?version=" + stored.at("/version").asInt(), "");
        assertThat(back.json().at("/putAway").asBoolean()).isFalse();
        assertThat(api.get(search.replace(" ", "%20")).json().at("/total").asInt())
                .isEqualTo(1);
    }

    @Test
    void listsArePagedSortedSearchedAndCarryNoDocuments() {
        for (var name : List.of("Listed c", "Listed a", "Listed 100%", "Listed b")) {
            api.post("/api/formulas", Api.demo("pear-bay").put("name", name).toString());
        }
        var first = api.get("/api/formulas?search=listed&order=NAME&size=3").json();
        assertThat(first.at("/total").asInt()).isEqualTo(4);
        assertThat(first.at("/formulas").findValuesAsString("name"))
                .containsExactly("Listed 100%", "Listed a", "Listed b");
        var second =
                api.get("/api/formulas?search=listed&order=NAME&size=3&page=1").json();
        assertThat(second.at("/formulas").findValuesAsString("name")).containsExactly("Listed c");
        assertThat(api.get("/api/formulas?search=100%25").json().at("/total").asInt())
                .as("a % sign is a % sign")
                .isEqualTo(1);
        assertThat(api.get("/api/formulas").text()).doesNotContain("\"components\"");
        var wrong = api.get("/api/formulas?size=5000&page=-1");
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.json().at("/problems").findValuesAsString("field")).containsExactlyInAnyOrder("size", "page");
        assertThat(api.get("/api/formulas?order=COLOUR").status()).isEqualTo(400);
    }

    @Test
    void aBatchIsKeptWithWhatWasPredicted() {
        var id = create();
        var made = made("2026-11-20", 44.5);
        var logged = api.post("/api/formulas/" + id + "/batches", made.toString());
        assertThat(logged.status()).isEqualTo(201);
        var listed = api.get("/api/formulas/" + id + "/batches").json().at("/batches/0");
        assertThat(listed.at("/standingMm").asDouble()).isEqualTo(44.5);
        assertThat(listed.at("/outcome").asString()).isEqualTo("CLEAN");
        assertThat(listed.at("/pouredAt").asString()).startsWith("14:00");
        assertThat(listed.at("/predicted/standingMm").asDouble()).isBetween(35.0, 55.0);
        assertThat(listed.at("/predicted/fingerprint").asString()).matches("d:\\w+-l:\\w+-s:\\w+-p:\\w+");
        assertThat(listed.at("/dose").asString()).isEqualTo("14 g");
        var whole =
                api.get("/api/formulas/" + id + "/batches/" + listed.at("/id").asString());
        assertThat(whole.json().at("/document")).isEqualTo(Api.demo("pear-bay"));

        assertThat(api.delete("/api/formulas/" + id + "/batches/"
                                + listed.at("/id").asString())
                        .status())
                .isEqualTo(204);
        assertThat(api.get("/api/formulas/" + id + "/batches")
                        .json()
                        .at("/total")
                        .asInt())
                .isZero();
    }

    @Test
    void aBadBatchIsNamedFieldByField() {
        var id = create();
        var answer = api.post(
                "/api/formulas/" + id + "/batches", made("2026-11-20", -3).toString());
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().at("/problems/0/path").asString()).isEqualTo("/standingMm");
        assertThat(answer.json().at("/problems/0/rule").asString()).contains("0 to 500 mm");
        assertThat(api.post(
                                "/api/formulas/" + id + "/batches",
                                made("31.2.2026", 40).toString())
                        .status())
                .isEqualTo(400);
        assertThat(api.post("/api/formulas/" + id + "/batches", "{}")
                        .json()
                        .at("/problems")
                        .size())
                .isGreaterThanOrEqualTo(4);
    }

    @Test
    void whatIsNotThereIsNotFound() {
        assertThat(api.get("/api/formulas/" + UUID.randomUUID()).status()).isEqualTo(404);
        assertThat(api.get("/api/formulas/x").status()).isEqualTo(400);
        assertThat(api.get("/api/nothing").status()).isEqualTo(404);
        assertThat(api.get("/api/nothing").contentType()).startsWith("application/problem+json");
        assertThat(api.get("/assets/nothing.js").status()).isEqualTo(404);
    }

    @Test
    void pagesOfTheStationsAreThePage() {
        assertThat(api.get("/").text()).contains("<html");
        assertThat(api.get("/bench/" + UUID.randomUUID()).text()).contains("<html");
    }

    @Test
    void healthLooksAtTheDatabase() {
        var health = api.get("/actuator/health").json();
        assertThat(health.at("/status").asString()).isEqualTo("UP");
        assertThat(health.at("/components/db/status").asString()).isEqualTo("UP");
        // Which database, where and how large is nobody's business.
        assertThat(health.toString()).doesNotContain("MariaDB", "details");
    }

    private String create() {
        return api.post("/api/formulas", Api.demo("pear-bay").toString())
                .json()
                .at("/id")
                .asString();
    }

    private static String save(long version, ObjectNode document) {
        var save = JsonNodeFactory.instance.objectNode();
        save.put("version", version);
        save.set("document", document);
        return save.toString();
    }

    private static ObjectNode made(String day, double standing) {
        var made = JsonNodeFactory.instance.objectNode();
        made.put("madeOn", day)
                .put("pouredAt", "14:00")
                .put("outcome", "CLEAN")
                .put("standingMm", standing)
                .put("note", "");
        made.set("document", Api.demo("pear-bay"));
        return made;
    }
}
