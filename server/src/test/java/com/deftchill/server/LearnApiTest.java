package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.support.Apart;
import com.deftchill.server.support.Api;
import com.deftchill.server.support.TestServer;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What the demo kitchen's log tells; on a server of its own, since accepted numbers are everybody's. */
@Apart
class LearnApiTest {
    private static final String LOT = "lot:sheet-gold/T-2207:bloom";
    private static final String WARMER = "cooler:fridge-still:warmer";

    private static TestServer server;
    private static Api api;

    @BeforeAll
    static void start() {
        server = TestServer.fresh();
        api = new Api(server.server());
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    @BeforeEach
    void byTheHandbook() {
        assertThat(api.put("/api/learning/current", "{\"number\":0}").status()).isEqualTo(200);
    }

    private static JsonNode proposal() {
        var answer = api.post("/api/learning/proposals", "{\"models\":false}");
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private static JsonNode figure(JsonNode from, String key) {
        return StreamSupport.stream(from.spliterator(), false)
                .filter(figure -> figure.at("/key").asString().equals(key))
                .findFirst()
                .orElseThrow();
    }

    private static double stands() {
        var assessed = api.post("/api/assessments", Api.demo("pear-bay").toString());
        return assessed.json().at("/prediction/standingMm").asDouble();
    }

    @Test
    void theDemosWarmFridgeAndWeakLotAreFound() {
        var proposal = proposal();
        var fridge = figure(proposal.at("/figures"), WARMER);
        assertThat(fridge.at("/state").asString()).isEqualTo("LEARNT");
        assertThat(fridge.at("/value").asDouble()).isBetween(0.9, 1.7);
        assertThat(fridge.at("/name").asString()).contains("still air").doesNotContain("{");
        var lot = figure(proposal.at("/figures"), LOT);
        assertThat(lot.at("/value").asDouble()).isBetween(150.0, 200.0);
        assertThat(lot.at("/name").asString()).contains("T-2207");
        assertThat(lot.at("/inUse").asBoolean()).isTrue();
        assertThat(lot.at("/next/words").asString()).isNotEmpty();
        assertThat(proposal.at("/readings"))
                .allSatisfy(
                        reading -> assertThat(reading.at("/formula").asString()).isNotEmpty());
        // The hour beside the stove is nobody's lot: it is pointed out, and stays in.
        assertThat(StreamSupport.stream(proposal.at("/readings").spliterator(), false)
                        .filter(r -> r.at("/wild").asBoolean())
                        .map(r -> r.at("/measured").asDouble()))
                .contains(24.0);
    }

    @Test
    void nothingChangesBeforeItIsAcceptedAndTheCookGoesBack() {
        double handbook = stands();
        var told = new ArrayList<String>();
        proposal().at("/figures").forEach(figure -> {
            if (figure.at("/state").asString().equals("LEARNT")) {
                told.add(figure.at("/key").asString());
            }
        });
        assertThat(told).contains(WARMER);
        assertThat(stands()).isEqualTo(handbook);
        var accepted = accept(told);
        assertThat(accepted.status()).as(accepted.text()).isEqualTo(201);
        int number = accepted.json().at("/sets/0/number").asInt();
        assertThat(accepted.json().at("/sets/0/current").asBoolean()).isTrue();
        assertThat(accepted.json().at("/sets/0/batches")).isNotEmpty();
        double own = stands();
        assertThat(own).isLessThan(handbook);
        var both = api.post("/api/learning/comparisons", Api.demo("pear-bay").toString())
                .json();
        assertThat(both.at("/handbook/standingMm").asDouble()).isEqualTo(handbook);
        assertThat(both.at("/kitchen/standingMm").asDouble()).isEqualTo(own);
        api.put("/api/learning/current", "{\"number\":0}");
        assertThat(stands()).isEqualTo(handbook);
        api.put("/api/learning/current", "{\"number\":" + number + "}");
        assertThat(stands()).isEqualTo(own);
    }

    @Test
    void ofSeveralLotsTheOneInUseCounts() {
        accept(List.of(LOT, WARMER));
        double weak = stands();
        assertThat(api.put("/api/learning/using", "{\"what\":\"sheet-gold\",\"which\":\"another\"}")
                        .status())
                .isEqualTo(200);
        double another = stands();
        api.put("/api/learning/using", "{\"what\":\"sheet-gold\",\"which\":\"T-2207\"}");
        assertThat(stands()).isEqualTo(weak).isNotEqualTo(another);
    }

    @Test
    void aProbesOffsetIsToldAndTakenOffWhatItShowsLater() {
        var formula = api.post("/api/formulas", Api.demo("pear-bay").toString())
                .json()
                .at("/id")
                .asString();
        var batch = Api.node("{\"madeOn\":\"2026-05-03\",\"pouredAt\":\"14:00:00\",\"outcome\":\"CLEAN\"}");
        batch.set("document", Api.demo("pear-bay"));
        var readings = batch.putObject("record").putArray("readings");
        // Poured at 32 °C: the first minutes tell of the probe, not of the fridge.
        for (int i = 0; i < 8; i++) {
            readings.addObject()
                    .put("quantity", "core-at")
                    .put("minutes", 1 + i)
                    .put("value", 32.9)
                    .put("probe", "P-9");
        }
        var kept = api.post("/api/formulas/" + formula + "/batches", batch.toString());
        assertThat(kept.status()).as(kept.text()).isEqualTo(201);
        var told = figure(proposal().at("/figures"), "probe:P-9/:offset");
        assertThat(told.at("/state").asString()).isEqualTo("LEARNT");
        assertThat(told.at("/value").asDouble()).isBetween(0.5, 1.2);
        assertThat(told.at("/name").asString()).startsWith("P-9");
        assertThat(accept(List.of("probe:P-9/:offset")).status()).isEqualTo(201);
        var logged = core(formula, "P-9");
        assertThat(logged.at("/corrected").asDouble())
                .isEqualTo(told.at("/value").asDouble());
        assertThat(core(formula, "another").has("corrected")).isFalse();
    }

    /** What the log keeps of a core measured in Make. */
    private static JsonNode core(String formula, String probe) {
        var making = UUID.randomUUID().toString();
        var begun = Api.json().put("id", making).put("formulaId", formula).put("by", "Ilke");
        assertThat(api.post("/api/makings", begun.toString()).status()).isEqualTo(201);
        long at = System.currentTimeMillis() - 4 * 3600_000L;
        var body = Api.json();
        var events = body.putArray("events");
        event(events.addObject(), at, "ENDED").put("step", "0.pour");
        event(events.addObject(), at + 7_200_000, "CHECKED").put("text", "9 °C").put("instrument", probe);
        event(events.addObject(), at + 7_300_000, "CAME_OUT").put("text", "CLEAN");
        event(events.addObject(), at + 7_400_000, "FINISHED");
        assertThat(api.post("/api/makings/" + making + "/events", body.toString())
                        .status())
                .isEqualTo(200);
        var batch = api.get("/api/makings/" + making).json().at("/batch").asString();
        return api.get("/api/log/batches/" + batch).json().at("/said/record/readings/0");
    }

    private static ObjectNode event(ObjectNode event, long at, String kind) {
        return event.put("id", UUID.randomUUID().toString()).put("at", at).put("kind", kind);
    }

    @Test
    void anyParameterMayBeAskedForByName() {
        var all = api.get("/api/learning/parameters").json().at("/parameters");
        assertThat(all.size()).isGreaterThan(150);
        var answer = api.post("/api/learning/proposals", "{\"models\":false,\"parameters\":[\"gel.proteinGain\"]}");
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        var told = figure(answer.json().at("/figures"), "model::gel.proteinGain");
        assertThat(told.at("/handbook").asDouble()).isEqualTo(4);
        assertThat(told.at("/readings").asInt()).isPositive();
        var wrong = api.post("/api/learning/proposals", "{\"models\":false,\"parameters\":[\"gel.magic\"]}");
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.text()).contains("gel.magic").contains("no parameter of a model");
    }

    @Test
    void whatIsNotToldIsNotAccepted() {
        var answer = accept(List.of("cooler:fridge-still:power"));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.text()).contains("not all told");
        assertThat(api.put("/api/learning/current", "{\"number\":99}").status()).isEqualTo(404);
    }

    private static Api.Answer accept(List<String> keys) {
        var acceptance = Api.json().put("by", "Ilke");
        acceptance.putObject("wish").put("models", false);
        var list = acceptance.putArray("keys");
        keys.forEach(list::add);
        return api.post("/api/learning/sets", acceptance.toString());
    }
}
