package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import biweekly.Biweekly;
import biweekly.component.VEvent;
import com.deftchill.server.support.Api;
import com.deftchill.server.support.Changing;
import com.deftchill.server.support.RunningServer.Server;
import com.deftchill.server.support.Solving;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Day plans over the API: stored, solved, explained, out as files. */
@Changing
class PlanApiTest {
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;

    private Api api;

    @BeforeEach
    void connect(Server server) {
        api = new Api(server);
    }

    private String formula(String demo, String name) {
        var stored = api.post("/api/formulas", Api.demo(demo).put("name", name).toString());
        return stored.json().at("/id").asString();
    }

    /** Dinner for two desserts in the far future, so that nothing is ever past. */
    private ObjectNode plan(String... formulas) {
        var plan = (ObjectNode) api.get("/api/plan-starts?zone=Europe/Berlin").json();
        ((ObjectNode) plan.at("/services/0")).put("on", "2031-03-29");
        var dishes = plan.putArray("dishes");
        for (var id : formulas) {
            dishes.addObject()
                    .put("id", "d" + dishes.size())
                    .put("formula", id)
                    .put("version", 0)
                    .put("service", "s1")
                    .put("count", "");
        }
        return plan;
    }

    private ObjectNode question(JsonNode plan, String aim, double seconds) {
        return JSON.objectNode().put("aim", aim).put("seconds", seconds).set("document", plan);
    }

    private Api.Answer asked(JsonNode plan) {
        return api.post("/api/plan-answers", question(plan, "BEST", 1.5).toString());
    }

    private ObjectNode stored(JsonNode plan) {
        var made =
                api.post("/api/plans", JSON.objectNode().set("document", plan).toString());
        assertThat(made.status()).as(made.text()).isEqualTo(201);
        return (ObjectNode) made.json();
    }

    private Api.Answer save(JsonNode stored, JsonNode document, JsonNode schedule) {
        var body = JSON.objectNode().put("version", stored.at("/version").asLong());
        body.set("document", document);
        body.set("schedule", schedule);
        return api.put("/api/plans/" + stored.at("/id").asString(), body.toString());
    }

    /** What was looked at in a question that ended early is worked out in the next one, whoever asks. */
    @Test
    void aDessertThatIsNeverReadyIsTakenOutAndTheRestIsPlanned() {
        var never = formula("coconut-sea-buckthorn", "Never ready");
        for (var demo : List.of("brown-butter-quince", "sixty-pear-pots", "yuzu-meringue-tart")) {
            var other = formula(demo, "Asked about before");
            assertThat(asked(plan(never, other)).text()).contains("dish-never-ready");
            var alone = asked(plan(other));
            assertThat(alone.status()).as(alone.text()).isEqualTo(200);
        }
    }

    @Test
    void aPlanIsKeptGuardedAndGone() {
        var id = UUID.randomUUID();
        var body = JSON.objectNode().put("writeId", id.toString());
        body.set("document", plan(formula("pear-bay", "Pear for a plan")));
        var once = api.post("/api/plans", body.toString()).json();
        var twice = api.post("/api/plans", body.toString()).json();
        assertThat(twice.at("/id")).isEqualTo(once.at("/id"));
        assertThat(once.at("/document/dishes/0/document/name").asString()).isEqualTo("Pear for a plan");

        var renamed = ((ObjectNode) once.at("/document").deepCopy()).put("name", "Gala");
        assertThat(save(once, renamed, JSON.nullNode()).status()).isEqualTo(200);
        assertThat(save(once, renamed, JSON.nullNode()).status()).isEqualTo(409);
        var path = "/api/plans/" + once.at("/id").asString();
        assertThat(api.get(path).json().at("/document/name").asString()).isEqualTo("Gala");
        assertThat(api.get("/api/plans").json().at("/plans").findValuesAsString("name"))
                .contains("Gala");
        long version = api.get(path).json().at("/version").asLong();
        assertThat(api.delete(path + "?version=" + version).status()).isEqualTo(204);
        assertThat(api.get(path).status()).isEqualTo(404);
    }

    @Test
    void itIsSolvedLookedAtAndCheckedElsewhere() {
        var plan = plan(formula("pear-bay", "Pear to plan"), formula("coconut-sea-buckthorn", "Coconut to plan"));
        ((ObjectNode) plan.at("/dishes/1")).put("formula", formula("brown-butter-quince", "Quince to plan"));
        var answer = Solving.solved(api, plan);
        assertThat(answer.at("/breaches")).isEmpty();
        int tasks = answer.at("/tasks").size();
        assertThat(answer.at("/schedule/slots").size()).isEqualTo(tasks).isGreaterThan(12);
        assertThat(answer.at("/fetch").findValuesAsString("name")).anyMatch(n -> n.contains("Gold"));
        for (var task : answer.at("/tasks")) {
            assertThat(task.at("/earliest").asLong())
                    .isLessThanOrEqualTo(task.at("/start").asLong());
            assertThat(task.at("/latest").asLong())
                    .isGreaterThanOrEqualTo(task.at("/start").asLong());
            assertThat(task.at("/after"))
                    .as("%s is held by something", task.at("/id"))
                    .isNotEmpty();
        }

        var look = question(plan, "AS_IT_IS", 0);
        look.set("schedule", answer.at("/schedule"));
        var same = api.post("/api/plan-answers", look.toString()).json();
        assertThat(same.at("/schedule")).isEqualTo(answer.at("/schedule"));
        assertThat(same.at("/breaches")).isEmpty();

        var fill = "d1/0.fill";
        var check = JSON.objectNode().put("task", fill).put("hand", "p1");
        check.set("document", plan);
        check.set("schedule", answer.at("/schedule"));
        long start = answer.at("/schedule/slots").get(fill).at("/start").asLong();
        var wrong = api.post("/api/plan-checks", check.put("start", start - 30).toString())
                .json();
        assertThat(wrong.at("/breaches").findValuesAsString("code")).contains("too-soon");
        assertThat(wrong.at("/breaches/0/words").asString()).contains("too soon after");
        var nothing = api.post("/api/plan-checks", check.put("start", start).toString())
                .json();
        assertThat(nothing.at("/breaches")).isEmpty();
        assertThat(api.post("/api/plan-checks", check.put("task", "d9/none").toString())
                        .status())
                .isEqualTo(404);
    }

    /** The demonstration's day, whose desserts are warm together in one cooler: what was found is red nowhere when it is opened again. */
    @Test
    void whatWasFoundKeepsItsRulesWhenItIsOpenedAgain() {
        var plan = plan(
                formula("buckthorn-cheesecake", "Cheesecake to open"),
                formula("pear-bay", "Pear to open"),
                formula("chestnut-dome", "Dome to open"),
                formula("sixty-pear-pots", "Pots to open"));
        var found = Solving.solved(api, plan);
        for (var aim : List.of("BEST", "BEST", "LEAST_MOVED")) {
            var again = question(found.at("/plan"), aim, 1.0);
            again.set("schedule", found.at("/schedule"));
            found = api.post("/api/plan-answers", again.toString()).json();
            var look = question(found.at("/plan"), "AS_IT_IS", 0);
            look.set("schedule", found.at("/schedule"));
            var opened = api.post("/api/plan-answers", look.toString()).json();
            assertThat(opened.at("/breaches")).as(aim).isEqualTo(found.at("/breaches"));
            assertThat(opened.at("/stretched")).as(aim).isEqualTo(found.at("/stretched"));
            assertThat(opened.at("/breaches").findValuesAsString("code"))
                    .doesNotContain("too-soon", "window-closed", "length");
        }
    }

    @Test
    void whatIsSettledStaysAndTheRestMovesAroundIt() {
        var plan = plan(formula("pear-bay", "Pear to settle"));
        var answer = Solving.solved(api, plan);
        long start = answer.at("/schedule/slots").get("d1/0.weigh").at("/start").asLong() - 45;
        plan.putArray("settled")
                .addObject()
                .put("task", "d1/0.weigh")
                .put("at", java.time.Instant.ofEpochSecond(start * 60).toString())
                .put("done", false);
        var around = question(plan, "LEAST_MOVED", 5);
        around.set("schedule", answer.at("/schedule"));
        var moved = api.post("/api/plan-answers", around.toString()).json();
        assertThat(moved.at("/schedule/slots").get("d1/0.weigh").at("/start").asLong())
                .isEqualTo(start);
        assertThat(moved.at("/breaches")).isEmpty();
        assertThat(moved.at("/schedule/slots").get("d1/turn-out"))
                .isEqualTo(answer.at("/schedule/slots").get("d1/turn-out"));
    }

    @Test
    void whereNothingFitsEveryWayOutReallyFits() {
        var plan = plan(formula("pear-bay", "Pear too much"), formula("blackcurrant-barley", "Blackcurrant too much"));
        plan.put("daysBefore", "0");
        ((ObjectNode) plan.at("/services/0")).put("at", "12:30");
        ((ObjectNode) plan.at("/people/0/shifts/0")).put("from", "08:30").put("to", "13:00");
        var why = api.post("/api/plan-conflicts", question(plan, "BEST", 0).toString())
                .json();
        assertThat(why.at("/fits").asBoolean()).isFalse();
        assertThat(why.at("/wishes").findValuesAsString("code")).contains("service");
        assertThat(why.at("/ways")).isNotEmpty();
        for (var way : why.at("/ways")) {
            var tried = api.post(
                    "/api/plan-conflicts", question(way.at("/plan"), "BEST", 0).toString());
            assertThat(tried.json().at("/fits").asBoolean())
                    .as(way.at("/words").asString())
                    .isTrue();
        }
    }

    @Test
    void aFormulaThatChangedIsPointedOutAndTakenOverOnATouch() {
        var id = formula("pear-bay", "Pear that changes");
        var stored = stored(plan(id));
        assertThat(stored.at("/changed")).isEmpty();
        var formula = api.get("/api/formulas/" + id).json();
        var document = ((ObjectNode) formula.at("/document").deepCopy()).put("name", "Pear that changed");
        var change = JSON.objectNode().put("version", formula.at("/version").asLong());
        change.set("document", document);
        assertThat(api.put("/api/formulas/" + id, change.toString()).status()).isEqualTo(200);

        var now = api.get("/api/plans/" + stored.at("/id").asString()).json();
        assertThat(now.at("/changed").get(0).asString()).isEqualTo("d1");
        assertThat(now.at("/document/dishes/0/document/name").asString()).isEqualTo("Pear that changes");
        var taken = (ObjectNode) now.at("/document").deepCopy();
        ((ObjectNode) taken.at("/dishes/0")).remove("document");
        var saved = save(now, taken, JSON.nullNode()).json();
        assertThat(saved.at("/changed")).isEmpty();
        assertThat(saved.at("/document/dishes/0/document/name").asString()).isEqualTo("Pear that changed");
    }

    @Test
    void whatIsLeftOverAndWhatTheBowlsHoldIsSaid() {
        var plan = plan(formula("pear-bay", "Pear in a bowl"));
        ((ObjectNode) plan.at("/kit")).put("bowls", "2");
        var answer = Solving.solved(api, plan);
        assertThat(answer.at("/lateUnproved").asBoolean()).isFalse();
        assertThat(answer.at("/stores").findValuesAsString("kind")).contains("bowls");
        assertThat(answer.at("/holds").findValuesAsString("what")).contains("BOWL");
        assertThat(answer.at("/bowls").asInt()).isBetween(1, 2);
        for (var item : answer.at("/fetch")) {
            for (var use : item.at("/uses")) {
                assertThat(answer.at("/tasks").findValuesAsString("id"))
                        .contains(use.at("/weighing").asString());
            }
        }
        ((ObjectNode) plan.at("/kit")).put("bowls", "0");
        assertThat(asked(plan).json().at("/problems/0/path").asString()).isEqualTo("/kit/bowls");

        var custard = Solving.solved(api, plan(formula("white-sabayon-plum", "Custard of yolks")));
        assertThat(custard.at("/leftOver/0/one").asString()).isEqualTo("egg");
        assertThat(custard.at("/leftOver/0/rests").findValuesAsString("id")).contains("egg-white");
    }

    /** A fold that begins late says how warm the base is then; one in time says that it still takes the foam. */
    @Test
    void aFoldSaysHowWarmItsBaseIs() {
        var plan = plan(formula("chestnut-dome", "Dome to fold"));
        var answer = Solving.solved(api, plan);
        var fold = task(answer, ".fold");
        assertThat(fold.at("/meanwhile/0").asString()).contains("°C", "still right to fold into");
        // What stood before it has begun as planned; it begins an hour and a half late.
        long start = fold.at("/start").asLong() + 90;
        var settled = plan.putArray("settled");
        for (var task : answer.at("/tasks")) {
            boolean folds = task.at("/id").equals(fold.at("/id"));
            if (folds || task.at("/start").asLong() < fold.at("/start").asLong()) {
                long at = folds ? start : task.at("/start").asLong();
                settled.addObject()
                        .put("task", task.at("/id").asString())
                        .put("at", java.time.Instant.ofEpochSecond(at * 60).toString())
                        .put("done", true);
            }
        }
        var late = question(plan, "LEAST_MOVED", 5).put("now", start);
        late.set("schedule", answer.at("/schedule"));
        var after = task(api.post("/api/plan-answers", late.toString()).json(), ".fold");
        assertThat(after.at("/start").asLong()).isEqualTo(start);
        assertThat(after.at("/meanwhile/0").asString())
                .isNotEqualTo(fold.at("/meanwhile/0").asString());
    }

    private static JsonNode task(JsonNode answer, String ending) {
        for (var task : answer.at("/tasks")) {
            if (task.at("/id").asString().endsWith(ending)) {
                return task;
            }
        }
        throw new AssertionError("no step ends with " + ending);
    }

    @Test
    void aNewPlanGoesByTheKitchensClock() {
        var kitchen = api.get("/api/kitchen").json();
        var settings = (ObjectNode) kitchen.at("/settings").deepCopy();
        var there = saveKitchen(kitchen, settings.put("zone", "America/Halifax"));
        assertThat(there.status()).as(there.text()).isEqualTo(200);
        assertThat(api.get("/api/plan-starts?zone=Europe/Berlin")
                        .json()
                        .at("/zone")
                        .asString())
                .isEqualTo("America/Halifax");
        assertThat(saveKitchen(there.json(), settings.put("zone", "")).status()).isEqualTo(200);
        assertThat(api.get("/api/plan-starts?zone=Europe/Berlin")
                        .json()
                        .at("/zone")
                        .asString())
                .isEqualTo("Europe/Berlin");
    }

    private Api.Answer saveKitchen(JsonNode now, JsonNode settings) {
        var body = JSON.objectNode().put("version", now.at("/version").asLong());
        body.set("settings", settings);
        return api.put("/api/kitchen", body.toString());
    }

    @Test
    void badInputIsNamedByItsFieldAndNeverFails() {
        var pear = formula("pear-bay", "Pear with bad input");
        var date = plan(pear);
        ((ObjectNode) date.at("/services/0")).put("on", "soon");
        var people = plan(pear);
        people.putArray("people");
        var burners = plan(pear);
        ((ObjectNode) burners.at("/kit")).put("burners", "0");
        var many = plan(pear);
        var dishes = (ArrayNode) many.at("/dishes");
        for (int i = 0; i < 399; i++) {
            dishes.add(((ObjectNode) dishes.get(0).deepCopy()).put("id", "x" + i));
        }
        var never = plan(formula("coconut-sea-buckthorn", "Coconut that runs"));
        ((ObjectNode) never.at("/dishes/0")).put("count", "half");
        for (var bad : List.of(date, people, burners, many, never, plan())) {
            var answer = asked(bad);
            assertThat(answer.status()).as(answer.text()).isEqualTo(422);
            assertThat(answer.json().at("/problems/0/path").asString()).startsWith("/");
            assertThat(answer.json().at("/problems/0/rule").asString()).isNotBlank();
        }
        var unknown = plan(UUID.randomUUID().toString());
        assertThat(asked(unknown).status()).isEqualTo(404);
        assertThat(api.post("/api/plan-answers", "{\"aim\": \"BEST\"}").status())
                .isBetween(400, 422);
    }

    @Test
    void aCalendarKeepsItsIdsAndATableHasEveryStep() {
        var stored = stored(plan(formula("pear-bay", "Pear in a calendar")));
        var path = "/api/plans/" + stored.at("/id").asString();
        assertThat(api.get(path + "/calendar.ics").status()).isEqualTo(404);
        var answer = Solving.solved(api, stored.at("/document"));
        var saved = save(stored, answer.at("/plan"), answer.at("/schedule")).json();
        var first = events(path);
        assertThat(first)
                .hasSizeGreaterThan(5)
                .allMatch(e -> !e.getUid().getValue().isBlank());
        assertThat(first).filteredOn(e -> !e.getAlarms().isEmpty()).hasSize(first.size() - 1);
        save(saved, answer.at("/plan"), answer.at("/schedule"));
        var again = events(path);
        assertThat(again.stream().map(e -> e.getUid().getValue()))
                .containsExactlyElementsOf(
                        first.stream().map(e -> e.getUid().getValue()).toList());
        assertThat(again.get(0).getSequence().getValue())
                .isGreaterThan(first.get(0).getSequence().getValue());

        var table = api.get(path + "/steps.csv").text().lines().toList();
        assertThat(table).hasSize(answer.at("/tasks").size() + 1);
        assertThat(table.get(0)).startsWith("begins,ends,minutes,step");
        assertThat(table.get(1)).contains("+0");
    }

    private List<VEvent> events(String path) {
        return Biweekly.parse(api.get(path + "/calendar.ics").text()).first().getEvents();
    }
}
