package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.core.kitchen.KitchenReader;
import com.deftchill.core.kitchen.WrittenKitchen;
import com.deftchill.server.support.Api;
import com.deftchill.server.support.Api.Answer;
import com.deftchill.server.support.Asking;
import com.deftchill.server.support.RunningServer.Server;
import com.deftchill.server.support.Turn;
import java.io.File;
import java.net.URISyntaxException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.concurrent.ConcurrentHashMap;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * What a cook does to a dessert that works: one field cleared, cut short, typed twice, or filled with something else. Each
 * is answered, or its problems are named; never an error of ours. A seeded sample of them and of their pairs is tried here, all
 * of them and 20,000 pairs in {@code ops/long}.
 */
@Asking
@Order(Turn.ASKING_LONG)
class NeighbourhoodApiTest {
    private static final int PAIRS = Integer.getInteger("deftchill.pairs", 400);
    private static final int CHILLS = 150;
    private static final long SEED = 20_261_126L;

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private Api api;

    @BeforeEach
    void connect(Server server) {
        api = new Api(server);
    }

    /** New text at a JSON pointer of a demo dessert. */
    record Edit(String demo, String pointer, String text) {
        void on(ObjectNode document) {
            int slash = pointer.lastIndexOf('/');
            ((ObjectNode) document.at(pointer.substring(0, slash))).put(pointer.substring(slash + 1), text);
        }
    }

    @Test
    void everySingleEditOfEveryDemoIsAnsweredOrItsProblemsAreNamed() {
        var edits = edits();
        assertThat(edits).hasSizeGreaterThan(2400);
        var statuses = new ConcurrentHashMap<Integer, Integer>();
        var wrong = sample(edits).parallelStream()
                .flatMap(edit -> {
                    var answer = answer("/api/assessments", edit);
                    statuses.merge(answer.status(), 1, Integer::sum);
                    return wrong(answer, edit).stream();
                })
                .toList();
        System.out.println("single edits: " + sample(edits).size() + ", answers by status: " + statuses);
        assertThat(wrong).isEmpty();
    }

    /** A seeded third of them; all in ops/long. */
    private static List<Edit> sample(List<Edit> edits) {
        var random = new Random(SEED);
        return Boolean.getBoolean("deftchill.long")
                ? edits
                : edits.stream().filter(edit -> random.nextInt(3) == 0).toList();
    }

    @Test
    void pairsOfEditsAreAnsweredOrTheirProblemsAreNamed() {
        var edits = edits();
        var statuses = new ConcurrentHashMap<Integer, Integer>();
        var wrong = new Random(SEED)
                .longs(PAIRS).boxed().toList().parallelStream()
                        .flatMap(seed -> {
                            var random = new Random(seed);
                            var first = edits.get(random.nextInt(edits.size()));
                            var same = edits.stream()
                                    .filter(edit -> edit.demo().equals(first.demo()))
                                    .toList();
                            var second = same.get(random.nextInt(same.size()));
                            var answer = answer("/api/assessments", first, second);
                            statuses.merge(answer.status(), 1, Integer::sum);
                            return wrong(answer, first, second).stream();
                        })
                        .toList();
        System.out.println("pairs of edits: " + PAIRS + ", answers by status: " + statuses);
        assertThat(wrong).isEmpty();
    }

    @Test
    void theChillOfAnEditedDemoIsAnsweredOrItsProblemsAreNamed() {
        var edits = edits();
        var wrong = new Random(SEED)
                .ints(CHILLS, 0, edits.size()).boxed().toList().parallelStream()
                        .map(edits::get)
                        .flatMap(edit -> wrong(answer("/api/chills", edit), edit).stream())
                        .toList();
        assertThat(wrong).as("seed %d", SEED).isEmpty();
    }

    /** The other places where something is typed: own entries, sums, scaling, the kitchen's settings. */
    @Test
    void everyEditOfWhatElseIsTypedIsAnsweredOrItsProblemsAreNamed() {
        var wrong = new ArrayList<String>();
        int asked = 0;
        for (var kind : api.get("/api/larder").json().at("/ownKinds")) {
            var fields = Api.json();
            kind.at("/fields").forEach(field -> fields.put(field.at("/key").asString(), typical(field)));
            var question = Api.json().put("kind", kind.at("/id").asString());
            asked += tried("/api/larder/own/preview", question, fields, wrong);
        }
        for (var sum : api.get("/api/sums").json()) {
            var fields = Api.json();
            sum.at("/fields")
                    .forEach(field -> fields.put(
                            field.at("/name").asString(), field.at("/example").asString()));
            asked += tried("/api/sums/" + sum.at("/id").asString(), Api.json(), fields, wrong);
        }
        for (var demo : List.of("pear-bay", "buckthorn-cheesecake")) {
            var wish = Api.json()
                    .put("mould", "ramekin")
                    .put("count", "6")
                    .put("total", "2 kg")
                    .put("fill", "5 mm");
            var question = Api.json();
            question.set("document", Api.demo(demo));
            asked += tried("/api/scalings", question, wish, "wish", wrong);
        }
        System.out.println("other edits: " + asked);
        assertThat(wrong).isEmpty();
    }

    private static String typical(JsonNode field) {
        var standard = field.at("/standard").asString();
        double between = (field.at("/least").asDouble() + field.at("/most").asDouble()) / 20;
        return standard.isEmpty() ? Double.toString(between) : standard;
    }

    private int tried(String path, ObjectNode question, ObjectNode fields, List<String> wrong) {
        return tried(path, question, fields, "fields", wrong);
    }

    /** Asks with each field changed in each way; how often. */
    private int tried(String path, ObjectNode question, ObjectNode fields, String name, List<String> wrong) {
        int asked = 0;
        for (var field : fields.propertyNames()) {
            for (var changed : changed(fields.at("/" + field).asString())) {
                var typed = (question.deepCopy()).set(name, fields.deepCopy().put(field, changed));
                wrong.addAll(wrong(api.post(path, typed.toString()), new Edit(path, "/" + field, changed)));
                asked++;
            }
        }
        return asked;
    }

    @Test
    void everyEditOfTheKitchensSettingsIsUnderstoodOrItsProblemsAreNamed() {
        var settings = Api.demo("kitchen");
        for (var field : settings.propertyNames()) {
            for (var text : changed(settings.at("/" + field).asString())) {
                var typed = settings.deepCopy().put(field, text);
                var reading = KitchenReader.read(JSON.treeToValue(typed, WrittenKitchen.class));
                assertThat(reading.kitchen().isPresent() || !reading.problems().isEmpty())
                        .as(field + " " + text)
                        .isTrue();
            }
        }
    }

    private Answer answer(String path, Edit... edits) {
        var document = Api.demo(edits[0].demo());
        Arrays.stream(edits).forEach(edit -> edit.on(document));
        return api.post(path, document.toString());
    }

    /** What an answer breaks: it is an answer, or it names problems with their rules. */
    private static List<String> wrong(Answer answer, Edit... edits) {
        boolean typed = Arrays.stream(edits).anyMatch(edit -> edit.text().equals("NaN"));
        if (answer.status() == 200 && (typed || !answer.text().contains("NaN"))) {
            return List.of();
        }
        boolean named = answer.status() == 422
                && !answer.json().at("/problems").isEmpty()
                && answer.json()
                        .at("/problems")
                        .valueStream()
                        .noneMatch(p -> p.at("/rule").asString().isBlank());
        return named
                ? List.of()
                : List.of(Arrays.toString(edits) + " -> " + answer.status() + " "
                        + answer.text().substring(0, Math.min(200, answer.text().length())));
    }

    private static List<Edit> edits() {
        var edits = new ArrayList<Edit>();
        for (var demo : demos()) {
            leaves(demo, "", Api.demo(demo), edits);
        }
        return edits;
    }

    private static void leaves(String demo, String at, JsonNode node, List<Edit> edits) {
        node.forEachEntry((name, child) -> leaf(demo, at + "/" + name, child, edits));
        // Lists of ids, such as the lines that are soaked, are nobody's typing.
        for (int i = 0; node.isArray() && i < node.size(); i++) {
            leaves(demo, at + "/" + i, node.get(i), edits);
        }
    }

    private static void leaf(String demo, String at, JsonNode child, List<Edit> edits) {
        leaves(demo, at, child, edits);
        // Ids of lines are nobody's typing.
        if (!child.isString() || child.asString().isEmpty() || at.matches(".*/(lines|gels|foams|work)/\\d+/id")) {
            return;
        }
        changed(child.asString()).forEach(text -> edits.add(new Edit(demo, at, text)));
    }

    /** A text cleared, cut short, typed twice, or something else in its place. */
    private static List<String> changed(String text) {
        return List.of("", text.substring(0, text.length() / 2), text + text, "x", "NaN", "1e9");
    }

    static List<String> demos() {
        try {
            var directory =
                    new File(NeighbourhoodApiTest.class.getResource("/demo").toURI());
            return Arrays.stream(directory.list())
                    .map(file -> file.replace(".json", ""))
                    .filter(name -> !name.equals("kitchen"))
                    .sorted()
                    .toList();
        } catch (URISyntaxException e) {
            throw new IllegalStateException(e);
        }
    }
}
