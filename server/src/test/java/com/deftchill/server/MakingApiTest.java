package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.support.Api;
import com.deftchill.server.support.RunningServer;
import com.deftchill.server.support.RunningServer.Server;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(RunningServer.class)
class MakingApiTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    /** When the last event happened: a device tells them apart. */
    private static final AtomicLong LAST = new AtomicLong();

    private static final String FOLD_AT = "/components/0/work/fold/base";

    private Api api;
    private String formula;
    private String making;

    @BeforeEach
    void begin(Server server) {
        api = new Api(server);
        formula = api.post("/api/formulas", Api.demo("chestnut-dome").toString())
                .json()
                .at("/id")
                .asString();
        making = UUID.randomUUID().toString();
        assertThat(api.post("/api/makings", begun()).status()).isEqualTo(201);
    }

    private String begun() {
        return JSON.createObjectNode()
                .put("id", making)
                .put("formulaId", formula)
                .put("by", "Pastry cook")
                .toString();
    }

    private static ObjectNode event(String kind, String step, String text) {
        return JSON.createObjectNode()
                .put("id", UUID.randomUUID().toString())
                .put(
                        "at",
                        LAST.updateAndGet(
                                last -> Math.max(last + 1, Instant.now().toEpochMilli())))
                .put("kind", kind)
                .put("step", step)
                .put("text", text);
    }

    private static ObjectNode measured(String address, String text) {
        var event = event("MEASURED", "0.fold", "");
        event.putArray("changes").addObject().put("path", address).put("value", text);
        return event;
    }

    private Api.Answer send(ObjectNode... events) {
        var body = JSON.createObjectNode();
        var list = body.putArray("events");
        List.of(events).forEach(list::add);
        return api.post("/api/makings/" + making + "/events", body.toString());
    }

    private JsonNode now() {
        return api.get("/api/makings/" + making).json();
    }

    private static JsonNode step(JsonNode view, String id) {
        return view.at("/steps")
                .valueStream()
                .filter(s -> s.at("/step/id").asString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void beginsOnceWithItsStepsAndWhatToMeasure() {
        assertThat(api.post("/api/makings", begun()).json().at("/id").asString())
                .isEqualTo(making);
        assertThat(api.get("/api/makings").json().at("/makings").findValuesAsString("id").stream()
                        .filter(making::equals))
                .hasSize(1);
        var view = now();
        assertThat(view.at("/next").asString()).isNotEmpty();
        assertThat(step(view, view.at("/next").asString()).at("/state").asString())
                .isEqualTo("READY");
        assertThat(step(view, "0.weigh").at("/asks").size()).isGreaterThan(2);
        assertThat(step(view, "0.fold").at("/asks/0/address").asString()).isEqualTo(FOLD_AT);
        var tolerances = api.get("/api/makings/" + making + "/tolerances").json();
        assertThat(tolerances.findValuesAsString("address")).contains("/components/0/gels/g1/amount");
    }

    @Test
    void whatIsNotUnderstoodYetIsNotBegun() {
        var unread = Api.demo("chestnut-dome");
        ((ObjectNode) unread.at("/components/0/lines/0")).put("amount", "some");
        var id = api.post("/api/formulas", unread.toString()).json().at("/id").asString();
        var body =
                JSON.createObjectNode().put("id", UUID.randomUUID().toString()).put("formulaId", id);
        var answer = api.post("/api/makings", body.toString());
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().at("/problems/0/value").asString()).isEqualTo("some");
    }

    @Test
    void anEntryCountsOnceHoweverOftenItIsSent() {
        var done = event("ENDED", "0.weigh", "");
        assertThat(send(done).status()).isEqualTo(200);
        assertThat(send(done, done).status()).isEqualTo(200);
        assertThat(now().at("/events").size()).isEqualTo(1);
        assertThat(step(now(), "0.weigh").at("/state").asString()).isEqualTo("DONE");
        send(event("UNDONE", "", done.at("/id").asString()));
        assertThat(step(now(), "0.weigh").at("/state").asString()).isEqualTo("READY");
    }

    @Test
    void twoDevicesAtOnceLoseNothing() {
        var sending = IntStream.range(0, 24)
                .mapToObj(i -> CompletableFuture.supplyAsync(
                        () -> send(event("NOTED", "", "note " + i)).status()))
                .toList();
        assertThat(sending).allSatisfy(answer -> assertThat(answer.join()).isEqualTo(200));
        assertThat(now().at("/events").size()).isEqualTo(24);
    }

    @Test
    void aBaseFoldedHotHasConsequencesAtOnceAndAsWrittenHasNone() {
        var quiet = api.get("/api/makings/" + making + "/consequence").json();
        assertThat(quiet.at("/shifts").size() + quiet.at("/verdicts").size()).isZero();
        send(measured(FOLD_AT, "26 °C"), measured("/components/0/work/fold/base", "55 °C"));
        assertThat(step(now(), "0.fold").at("/asks/0/measured").asString()).isEqualTo("55 °C");
        var hot = api.get("/api/makings/" + making + "/consequence").json();
        assertThat(hot.at("/shifts").size() + hot.at("/verdicts").size())
                .as("%s", hot)
                .isPositive();
        send(measured(FOLD_AT, "rather warm"));
        assertThat(api.get("/api/makings/" + making + "/consequence")
                        .json()
                        .at("/problems/0/value")
                        .asString())
                .isEqualTo("rather warm");
        assertThat(now().at("/steps").size()).as("goes on").isPositive();
    }

    @Test
    void finishedItIsInTheLogWithTheFormulaAsItWasMade() {
        send(
                measured("/components/0/gels/0/amount", "11 g"),
                event("ENDED", "0.fill", ""),
                event("CAME_OUT", "", "CLEAN"),
                event("STOOD", "", "41.5 mm"),
                event("NOTED", "", "a little firm"),
                event("FINISHED", "", ""));
        var view = now();
        assertThat(view.at("/finished").asBoolean()).isTrue();
        assertThat(api.get("/api/makings").text()).doesNotContain(making);
        var log = api.get("/api/formulas/" + formula + "/batches").json();
        assertThat(log.at("/batches/0/id").asString())
                .isEqualTo(view.at("/batch").asString());
        assertThat(log.at("/batches/0/standingMm").asDouble()).isEqualTo(41.5);
        assertThat(log.at("/batches/0/dose").asString()).isEqualTo("11 g");
        assertThat(log.at("/batches/0/note").asString())
                .startsWith("a little firm")
                .contains("below 21 °C: not measured yet");
    }

    @Test
    void lotsAndPortionsAreKeptAndWhatMostPortionsWereIsTheOutcome() {
        assertThat(now().at("/turningOut/portions").asInt()).isPositive();
        assertThat(step(now(), "0.weigh").at("/asks").findValues("byLot").stream()
                        .filter(JsonNode::asBoolean))
                .isNotEmpty();
        send(
                event("LOT", "/components/0/gels/g1/amount", "L-2207"),
                event("CAME_OUT", "1", "TORN"),
                event("CAME_OUT", "2", "CLEAN"),
                event("CAME_OUT", "3", "CLEAN"),
                event("WENT_WRONG", "", "torn"),
                event("FINISHED", "", ""));
        var log = api.get("/api/formulas/" + formula + "/batches").json();
        assertThat(log.at("/batches/0/outcome").asString()).isEqualTo("CLEAN");
        assertThat(log.at("/batches/0/note").asString())
                .contains("lot L-2207", "2 portions clean", "1 portion torn", "It tore or has divots");
    }

    @Test
    void whatAStepLooksLikeIsSaidByItsCue() {
        assertThat(now().at("/steps")
                        .valueStream()
                        .filter(s -> s.has("cue"))
                        .map(s -> s.at("/step/work").asString() + " "
                                + s.at("/cue/series").asString()))
                .contains("bloom bloom", "fold fold");
    }

    @Test
    void symptomsThatWereOnlyOpenedAreNoNotesAndHowItCameOutMayBeSaidLater() {
        send(
                event("WENT_WRONG", "", "torn"),
                event("WENT_WRONG", "", "did-not-set"),
                event("WENT_WRONG", "", "rubber"),
                event("NOTED", "", "by the window"),
                event("FINISHED", "", ""));
        var log = api.get("/api/formulas/" + formula + "/batches").json();
        assertThat(log.at("/batches/0/outcome").asString()).isEqualTo("NOT_KNOWN");
        assertThat(log.at("/batches/0/note").asString())
                .startsWith("by the window")
                .doesNotContain("tore", "set", "rubber");
    }

    @Test
    void whatIsDiscardedIsInNoLogAndMayBeTakenBack() {
        var gone = event("DISCARDED", "", "");
        send(gone);
        assertThat(now().at("/finished").asBoolean()).isTrue();
        assertThat(api.get("/api/formulas/" + formula + "/batches")
                        .json()
                        .at("/total")
                        .asInt())
                .isZero();
        send(event("UNDONE", "", gone.at("/id").asString()));
        assertThat(now().at("/finished").asBoolean()).isFalse();
        assertThat(api.get("/api/makings").text()).contains(making);
        send(event("FINISHED", "", ""));
        assertThat(api.get("/api/formulas/" + formula + "/batches")
                        .json()
                        .at("/total")
                        .asInt())
                .isEqualTo(1);
    }

    @Test
    void whatIsMadeOfAPlanIsKnownToIt() {
        var plan = UUID.randomUUID();
        var of = UUID.randomUUID().toString();
        var begun = JSON.createObjectNode()
                .put("id", of)
                .put("formulaId", formula)
                .put("planId", plan.toString())
                .put("planDish", "d2");
        assertThat(api.post("/api/makings", begun.toString()).json().at("/plan").asString())
                .isEqualTo(plan.toString());
        making = of;
        send(event("BEGAN", "0.weigh", ""), event("ENDED", "0.weigh", ""), event("BEGAN", "0.heat", ""));
        var steps = api.get("/api/makings/of-plan/" + plan).json().at("/steps");
        assertThat(steps.size()).isEqualTo(2);
        assertThat(steps.at("/0/dish").asString()).isEqualTo("d2");
        assertThat(steps.at("/0/ended").asLong())
                .isGreaterThanOrEqualTo(steps.at("/0/began").asLong());
        assertThat(steps.at("/1/step").asString()).isEqualTo("0.heat");
        assertThat(steps.at("/1").has("ended")).isFalse();
        assertThat(api.get("/api/makings/of-plan/" + UUID.randomUUID()).json().at("/steps"))
                .isEmpty();
    }

    @Test
    void theColdChainBeginsWithTheFillingAndTakesWhatIsMeasured() {
        assertThat(now().at("/cooling").size()).isZero();
        send(event("ENDED", "0.fill", ""));
        assertThat(now().at("/cooling").findValuesAsString("state")).containsOnly("OPEN");
        assertThat(now().at("/cooling/0/below").asString()).isEqualTo("below 21 °C");
        send(event("CHECKED", "", "3,5 °C"));
        assertThat(now().at("/cooling").findValuesAsString("state")).containsOnly("KEPT");
        var refused = send(event("CHECKED", "", "cold"));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().at("/problems/0/field").asString()).isEqualTo("core temperature");
    }

    @Test
    void eggIsSaidToBeCookedOnlyWhereItWasMeasured() {
        assertThat(now().at("/safety").findValuesAsString("state")).containsExactly("OPEN");
        send(event("ENDED", "0.heat", ""));
        assertThat(now().at("/safety/0/state").asString()).isEqualTo("MISSING");
        send(measured("/components/0/work/heat/to", "82 °C"));
        assertThat(now().at("/safety/0/state").asString()).isEqualTo("KEPT");
        assertThat(now().at("/safety/0/words").asString()).contains("82 °C measured");
        send(measured("/components/0/work/heat/to", "64 °C"));
        assertThat(now().at("/safety/0/state").asString()).isEqualTo("BROKEN");
        send(event("BEGAN", "turn-out", ""));
        assertThat(now().at("/safety").size()).isEqualTo(2);
        assertThat(now().at("/safety/1/words").asString()).startsWith("Out of the cold for");
    }

    @Test
    void whatCannotBeIsNamedAndNothingIsLost() {
        var wrong = new ArrayList<ObjectNode>();
        wrong.add(measured("/components/9/lines/l1/amount", "5 g"));
        wrong.add(measured("/no/such", "5 g"));
        wrong.add(event("CAME_OUT", "", "SPLENDID"));
        wrong.add(event("NOTED", "", "a").put("id", "one"));
        wrong.add(event("NOTED", "", "a".repeat(3000)));
        for (var event : wrong) {
            var answer = send(event);
            assertThat(answer.status()).as("%s", answer.text()).isEqualTo(422);
            assertThat(answer.json().at("/problems/0/rule").asString()).isNotEmpty();
        }
        assertThat(send().status()).isEqualTo(422);
        assertThat(api.get("/api/makings/" + UUID.randomUUID()).status()).isEqualTo(404);
        assertThat(now().at("/events").size()).isZero();
    }
}
