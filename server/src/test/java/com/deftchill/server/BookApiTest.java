package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import com.deftchill.server.support.Api;
import com.deftchill.server.support.RunningServer;
import com.deftchill.server.support.RunningServer.Server;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Formulas as a cook looks for them; each test has formulas of its own, told by a word that no other has. */
@ExtendWith(RunningServer.class)
class BookApiTest {
    private Api api;
    private String word;

    @BeforeEach
    void connect(Server server) {
        api = new Api(server);
        word = "w" + UUID.randomUUID().toString().substring(0, 8);
    }

    private String create(String demo, String name) {
        return create(Api.demo(demo).put("name", name + " " + word));
    }

    private String create(ObjectNode document) {
        return api.post("/api/formulas", document.toString()).json().at("/id").asString();
    }

    private JsonNode list(String query) {
        var answer = api.get("/api/book?search=" + word + query);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    /** The list once nothing in it is still being computed. */
    private JsonNode computed(String query) {
        var last = new AtomicReference<JsonNode>();
        await().atMost(Duration.ofSeconds(60)).until(() -> {
            last.set(list(query));
            return !last.get().at("/computing").asBoolean();
        });
        return last.get();
    }

    @Test
    void aFormulaIsShownByItsCutItsLineAndWhatItIs() {
        create("pear-bay", "Pear");
        var first = list("");
        assertThat(first.at("/total").asInt()).isOne();
        var row = computed("").at("/rows/0");
        assertThat(row.at("/tone").asString()).isEqualTo("good");
        assertThat(row.at("/line").asString()).contains("turns out from");
        assertThat(row.at("/kindWords").asString()).isEqualTo("set cream");
        assertThat(row.at("/served").asString()).isEqualTo("turned out on a plate");
        assertThat(row.at("/cut/layers/0/toMm").asDouble()).isPositive();
        assertThat(row.at("/cut/inner").size()).isGreaterThan(1);
        assertThat(row.has("made")).isFalse();
    }

    @Test
    void itIsFoundByWhatIsInItAndByWhatIsNot() {
        create("pear-hazelnut-verrine", "Verrine");
        create("coconut-sea-buckthorn", "Coconut");
        assertThat(computed("").at("/total").asInt()).isEqualTo(2);
        assertThat(computed("%20hazelnut%20paste").at("/rows/0/name").asString())
                .startsWith("Verrine");
        assertThat(computed("%20hazelnut%20coconut").at("/total").asInt()).isZero();
        assertThat(computed("&without=nuts").findValuesAsString("name"))
                .singleElement()
                .asString()
                .startsWith("Coconut");
        assertThat(computed("&tone=bad").findValuesAsString("name"))
                .singleElement()
                .asString()
                .startsWith("Coconut");
        assertThat(computed("&kind=mousse").findValuesAsString("name"))
                .singleElement()
                .asString()
                .startsWith("Verrine");
    }

    @Test
    void whatIsNotUnderstoodYetIsListedAllTheSame() {
        var document = Api.demo("pear-bay").put("name", "Half typed " + word);
        ((ObjectNode) document.at("/components/0/lines/0")).put("amount", "a lot");
        create(document);
        var row = computed("").at("/rows/0");
        assertThat(row.at("/tone").asString()).isEqualTo("unknown");
        assertThat(row.at("/kindWords").asString()).isEmpty();
        assertThat(row.at("/line").asString()).isEqualTo("One thing in it is not understood yet.");
        // It may contain anything.
        assertThat(computed("&without=milk").at("/total").asInt()).isZero();
    }

    @Test
    void itIsFoundByItsNewNameAndByItsTagsAtOnce() {
        var id = create("pear-bay", "Pear");
        var renamed = api.patch(
                "/api/formulas/" + id,
                "[{\"op\": \"replace\", \"path\": \"/name\", \"value\": \"Quandong " + word + "\"}]");
        assertThat(renamed.status()).as(renamed.text()).isEqualTo(200);
        assertThat(list("%20andon").at("/total").asInt()).isOne();
        assertThat(api.get("/api/book?search=" + word + "%20Pear").json().at("/rows"))
                .isEmpty();
        api.put("/api/book/" + id + "/tags", "{\"tags\": [\"late summer\"]}");
        assertThat(list("%20SUMMER%20late%20quandong").at("/total").asInt()).isOne();
        assertThat(list("%20summer%20early").at("/total").asInt()).isZero();
        assertThat(list("%20100%25").at("/total").asInt()).isZero();
    }

    @Test
    void eachOrderIsThatOfWhatIsKnown() {
        var pear = create("pear-bay", "C pear");
        create("coconut-sea-buckthorn", "B coconut");
        create("pear-hazelnut-verrine", "A verrine");
        assertThat(computed("&order=WORST").at("/rows/0/name").asString()).startsWith("B");
        assertThat(list("&order=UPDATED").at("/rows/0/name").asString()).startsWith("A");
        assertThat(list("&made=MADE").at("/rows")).isEmpty();

        var made =
                Api.json().put("madeOn", "2026-05-03").put("pouredAt", "14:00").put("outcome", "CLEAN");
        made.set("document", Api.demo("pear-bay"));
        var batch =
                api.post("/api/formulas/" + pear + "/batches", made.toString()).json();
        assertThat(list("&order=MADE").at("/rows/0/name").asString()).startsWith("C");
        assertThat(list("&made=MADE").at("/rows/0/made/on").asString()).isEqualTo("2026-05-03");
        api.delete("/api/formulas/" + pear + "/batches/" + batch.at("/id").asString());
        assertThat(list("&made=MADE").at("/rows")).isEmpty();
        assertThat(list("&made=NEVER").at("/total").asInt()).isEqualTo(3);
    }

    @Test
    void aSavedChangeIsComputedAnew() {
        var id = create("pear-bay", "Pear");
        computed("");
        var softer = Api.demo("pear-bay").put("name", "Pear " + word);
        ((ObjectNode) softer.at("/components/0/gels/0")).put("amount", "2 g");
        var save = Api.json().put("version", 0);
        save.set("document", softer);
        assertThat(api.put("/api/formulas/" + id, save.toString()).status()).isEqualTo(200);
        assertThat(list("").at("/rows/0/fresh").asBoolean()).isFalse();
        assertThat(computed("").at("/rows/0/tone").asString()).isEqualTo("bad");
    }

    @Test
    void theLastOpenedIsFirstAndTagsAreKept() {
        var older = create("pear-bay", "Older");
        create("smoked-tea-honey", "Newer");
        api.post("/api/formulas/" + older + "/opened", "");
        assertThat(list("").at("/rows/0/name").asString()).startsWith("Older");
        assertThat(list("&order=NAME").at("/rows/0/name").asString()).startsWith("Newer");

        var tagged =
                api.put("/api/book/" + older + "/tags", "{\"tags\": [\" autumn \", \"tag " + word + "\", \"autumn\"]}");
        assertThat(tagged.json().at("/tags").size()).isEqualTo(2);
        assertThat(list("&tag=autumn").at("/total").asInt()).isOne();
        assertThat(list("&tag=autum").at("/total").asInt()).isZero();
        assertThat(api.get("/api/book/tags").json().toString()).contains("tag " + word);
        // Tags are no part of the document: a window that was open before saves on its version.
        assertThat(api.get("/api/formulas/" + older).json().at("/version").asLong())
                .isZero();
    }

    /** A tag given while the answer is being computed is not lost, nor is the answer. */
    @Test
    void tagsAndAnswersComeAtTheSameMoment() {
        var ids = IntStream.range(0, 12)
                .mapToObj(i -> create("pear-bay", "At once " + i))
                .toList();
        list("");
        for (var id : ids) {
            assertThat(api.put("/api/book/" + id + "/tags", "{\"tags\": [\"t" + word + "\"]}")
                            .status())
                    .isEqualTo(200);
            api.post("/api/formulas/" + id + "/opened", "");
        }
        var rows = computed("").at("/rows");
        assertThat(rows.size()).isEqualTo(12);
        for (var row : rows) {
            assertThat(row.at("/tags/0").asString()).isEqualTo("t" + word);
            assertThat(row.at("/tone").asString()).isEqualTo("good");
        }
    }

    @Test
    void whenItWasMadeLastAndHowItCameOut() {
        var id = create("pear-bay", "Pear");
        create("pear-bay", "Other");
        for (var made : new String[][] {{"2026-11-02", "CLEAN"}, {"2026-11-20", "STUCK"}, {"2026-10-01", "TORN"}}) {
            var batch =
                    Api.json().put("madeOn", made[0]).put("pouredAt", "14:00").put("outcome", made[1]);
            batch.set("document", Api.demo("pear-bay"));
            assertThat(api.post("/api/formulas/" + id + "/batches", batch.toString())
                            .status())
                    .isEqualTo(201);
        }
        var row = list("&order=MADE").at("/rows/0");
        assertThat(row.at("/made/on").asString()).isEqualTo("2026-11-20");
        assertThat(row.at("/made/outcome").asString()).isEqualTo("stuck");
        assertThat(list("&made=MADE").at("/total").asInt()).isOne();
        assertThat(list("&made=NEVER").findValuesAsString("name"))
                .singleElement()
                .asString()
                .startsWith("Other");
    }

    @ParameterizedTest
    @ValueSource(strings = {"%25", "_", "!", "'; drop table formula; --", "|", "\\", "🍐"})
    void whatIsSearchedForIsTakenAsItIsTyped(String typed) {
        create("pear-bay", "Plain");
        var answer = list(URLEncoder.encode(" " + typed.replace("%25", "%"), StandardCharsets.UTF_8));
        assertThat(answer.at("/total").asInt()).isZero();
    }

    @ParameterizedTest
    @ValueSource(strings = {"?size=0", "?size=201", "?page=-1", "?order=SIDEWAYS", "?made=MAYBE", "?page=x"})
    void aQuestionThatIsNoneIsNamed(String query) {
        var answer = api.get("/api/book" + query);
        assertThat(answer.status()).isIn(400, 422);
        assertThat(answer.contentType()).startsWith("application/problem+json");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{}",
                "{\"tags\": null}",
                "{\"tags\": [\"\"]}",
                "{\"tags\": [\"a|b\"]}",
                "{\"tags\": [null]}",
                "[]"
            })
    void tagsThatAreNoneAreRefused(String body) {
        var id = create("pear-bay", "Pear");
        assertThat(api.put("/api/book/" + id + "/tags", body).status()).isIn(400, 422);
    }
}
