package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.support.Api;
import com.deftchill.server.support.Changing;
import com.deftchill.server.support.RunningServer.Server;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BiConsumer;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Every value of the short lists is understood where it is sent, and one that is in no list is not. */
@Changing
class ChoicesApiTest {
    /** Lists held by tests of their own, or which the page writes as work (what joins how, by its lines). */
    private static final Set<String> ASKED = Set.of(
            "what-if",
            "book-tone",
            "book-made",
            "book-order",
            "outcome",
            "shelf",
            "reading",
            "firm-word",
            "oven",
            "top",
            "share",
            "share-folded",
            "share-dipped");

    private Api api;
    private JsonNode choices;

    @BeforeEach
    void connect(Server server) {
        api = new Api(server);
        choices = api.get("/api/larder").json().at("/choices");
    }

    /** Where a list's value stands in a document. */
    private record Place(String list, String demo, String path, BiConsumer<ObjectNode, String> write) {
        @Override
        public String toString() {
            return list;
        }
    }

    private static List<Place> places() {
        return List.of(
                new Place("served", "pear-bay", "/served", (d, v) -> d.put("served", v)),
                new Place("measures", "pear-bay", "/measures", (d, v) -> set(d, "measures", v)),
                at("role", "verrine", 3, (c, v) -> set(c, "role", v), "role"),
                at("treatment", "pear-bay", 0, (c, v) -> set(line(c), "treatment", v), "lines/0/treatment"),
                at("bloom", "pear-bay", 0, (c, v) -> first(c, "gels").put("bloom", v), "gels/0/bloom"),
                at("whip", "chestnut-dome", 0, (c, v) -> set(first(c, "foams"), "stage", v), "foams/0/stage"),
                work("fold", "chestnut-dome", 0, "fold", "way"),
                work("ganache", "verrine", 3, "join", "way"),
                work("caramel", "caramel-coconut-cup", 0, "heat", "stage"),
                work("base", "buckthorn-cheesecake", 0, "press", "way"),
                work("coat", "buckthorn-cheesecake", 0, "press", "barrier"),
                work("barrier", "verrine", 2, "soak", "barrier"),
                work("pour", "verrine", 3, "pour", "when"),
                new Place("cover", "frozen-pear-dome", "/cooler/places/0/cover", (d, v) -> set(stay(d), "cover", v)),
                new Place("stand", "frozen-pear-dome", "/cooler/places/0/stand", (d, v) -> set(stay(d), "stand", v)));
    }

    private static Place at(
            String list, String demo, int component, BiConsumer<ObjectNode, String> write, String path) {
        var name = demo.equals("verrine") ? "pear-hazelnut-verrine" : demo;
        return new Place(
                list,
                name,
                "/components/" + component + "/" + path,
                (d, v) -> write.accept((ObjectNode) d.at("/components/" + component), v));
    }

    private static Place work(String list, String demo, int component, String verb, String field) {
        return at(list, demo, component, (c, v) -> set(entry(c, verb), field, v), "work/" + verb + "/" + field);
    }

    /** An empty value is not written. */
    private static void set(ObjectNode node, String field, String value) {
        node.remove(field);
        if (!value.isEmpty()) {
            node.put(field, value);
        }
    }

    private static ObjectNode first(ObjectNode component, String list) {
        return (ObjectNode) component.at("/" + list + "/0");
    }

    private static ObjectNode line(ObjectNode component) {
        return first(component, "lines");
    }

    private static ObjectNode stay(ObjectNode document) {
        return (ObjectNode) document.at("/cooler/places/0");
    }

    private static ObjectNode entry(ObjectNode component, String verb) {
        var work = component.at("/work") instanceof ArrayNode there ? there : component.putArray("work");
        for (var entry : work) {
            if (entry.at("/verb").asString().equals(verb)) {
                return (ObjectNode) entry;
            }
        }
        return work.addObject().put("verb", verb);
    }

    private List<String> problems(Place place, String value) {
        var document = Api.demo(place.demo());
        place.write().accept(document, value);
        var answer = api.post("/api/assessments", document.toString());
        assertThat(answer.status()).as("%s", answer.text()).isIn(200, 422);
        return answer.json().at("/problems").findValuesAsString("path");
    }

    private List<String> values(String list) {
        var values = new ArrayList<String>();
        choices.at("/" + list).forEach(choice -> values.add(choice.at("/value").asString()));
        return values;
    }

    /** A document that writes what holds anyway is answered like one that does not: the page shows the same choice. */
    @ParameterizedTest
    @MethodSource("places")
    void whatHoldsAnywayMayBeWritten(Place place) {
        for (var choice : choices.at("/" + place.list())) {
            var also = choice.at("/also").asString();
            if (!also.isEmpty()) {
                assertThat(choice.at("/value").asString()).isEmpty();
                assertThat(answer(place, also)).isEqualTo(answer(place, ""));
            }
        }
    }

    private String answer(Place place, String value) {
        var document = Api.demo(place.demo());
        place.write().accept(document, value);
        return api.post("/api/assessments", document.toString()).text();
    }

    @ParameterizedTest
    @MethodSource("places")
    void everyValueIsReadInADocument(Place place) {
        assertThat(values(place.list())).hasSizeGreaterThan(1);
        for (var value : values(place.list())) {
            assertThat(problems(place, value)).as("%s", value).doesNotContain(place.path());
        }
        assertThat(problems(place, "no-such")).contains(place.path());
    }

    @Test
    void everySettingIsTaken() {
        for (var list : choices.propertyNames()) {
            if (!list.startsWith("kitchen-")) {
                continue;
            }
            for (var value : values(list)) {
                var now = api.get("/api/kitchen").json();
                var settings = (ObjectNode) now.at("/settings").deepCopy();
                var before = settings.at("/" + list.substring(8)).asString();
                assertThat(keep(now, settings.put(list.substring(8), value))).isEqualTo(200);
                var again = api.get("/api/kitchen").json();
                assertThat(keep(again, settings.put(list.substring(8), before))).isEqualTo(200);
            }
        }
    }

    private int keep(JsonNode kitchen, ObjectNode settings) {
        var save = ((ObjectNode) kitchen.deepCopy()).removeAll();
        save.put("version", kitchen.at("/version").asLong()).set("settings", settings);
        return api.put("/api/kitchen", save.toString()).status();
    }

    @Test
    void everyQuestionToTheBookIsAnswered() {
        for (var name : List.of("tone", "made", "order")) {
            for (var value : values("book-" + name)) {
                if (!value.isEmpty()) {
                    assertThat(api.get("/api/book?" + name + "=" + value).status())
                            .as(value)
                            .isEqualTo(200);
                }
            }
        }
    }

    @Test
    void everyVerbOfSideWorkIsRead() {
        for (var list : List.of("oven", "top")) {
            for (var verb : values(list)) {
                assertThat(doing(verb)).as(verb).isEqualTo(200);
            }
        }
    }

    private int doing(String verb) {
        var document = Api.demo("pear-hazelnut-verrine");
        entry((ObjectNode) document.at("/components/6"), verb);
        return api.post("/api/assessments", document.toString()).status();
    }

    @Test
    void theLogKnowsJustTheseOutcomes() {
        var outcomes = new ArrayList<String>();
        api.get("/v3/api-docs")
                .json()
                .at("/components/schemas/MadeBatch/properties/outcome/enum")
                .forEach(outcome -> outcomes.add(outcome.asString()));
        assertThat(values("outcome")).isNotEmpty().containsExactlyElementsOf(outcomes);
    }

    @Test
    void theLogKnowsHowItIsOnLaterDaysAndWhatIsMeasured() {
        var states = new ArrayList<String>();
        api.get("/v3/api-docs")
                .json()
                .at("/components/schemas/ShelfCheck/properties/state/enum")
                .forEach(state -> states.add(state.asString()));
        assertThat(values("shelf")).isNotEmpty().containsExactlyElementsOf(states);
        var quantities = api.get("/api/log/quantities").json().at("/quantities");
        assertThat(values("reading"))
                .isNotEmpty()
                .containsExactlyInAnyOrderElementsOf(quantities.findValuesAsString("id"));
        // Firmness by word is a rigidity in the middle of the word's zone.
        double last = 0;
        for (var pascal : values("firm-word")) {
            assertThat(Double.parseDouble(pascal)).isGreaterThan(last);
            last = Double.parseDouble(pascal);
        }
    }

    @Test
    void everyListIsHeldAgainstTheApi() {
        var held = new HashSet<>(ASKED);
        places().forEach(place -> held.add(place.list()));
        choices.propertyNames().stream()
                .filter(list -> list.startsWith("kitchen-"))
                .forEach(held::add);
        assertThat(choices.propertyNames()).containsExactlyInAnyOrderElementsOf(held);
    }
}
