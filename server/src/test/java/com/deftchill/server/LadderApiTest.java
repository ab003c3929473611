package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.support.Api;
import com.deftchill.server.support.RunningServer;
import com.deftchill.server.support.RunningServer.Server;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class LadderApiTest {
    private Api api;
    private String formula;

    @BeforeEach
    void begin(Server server) {
        api = new Api(server);
        formula = api.post("/api/formulas", Api.demo("pear-bay").toString())
                .json()
                .at("/id")
                .asString();
    }

    private Api.Answer lay(String id, String address, int cups) {
        var wish = Api.json()
                .put("id", id)
                .put("formulaId", formula)
                .put("address", address)
                .put("cups", cups)
                .put("step", 1.15)
                .put("cupG", 80)
                .put("by", "Ilke");
        for (var taster : new String[] {"Ilke", "Tomas", "Runa", "Per"}) {
            wish.withArray("tasters").add(taster);
        }
        return api.post("/api/ladders", wish.toString());
    }

    private JsonNode laid() {
        var answer = lay(UUID.randomUUID().toString(), "/components/0/gels/0/amount", 5);
        assertThat(answer.status()).as(answer.text()).isEqualTo(201);
        return answer.json();
    }

    /** Best at the cup below the middle. */
    private void taste(JsonNode ladder) {
        int[] of = {4, 5, 4, 2, 1};
        int taster = 0;
        for (var name : new String[] {"Ilke", "Tomas", "Runa", "Per"}) {
            var scores = Api.json().put("taster", name);
            var cups = scores.putObject("scores");
            for (int i = 0; i < of.length; i++) {
                int level = taster == 1 && of[i] > 1 ? -1 : 0;
                cups.put(ladder.at("/layout/cups/" + i + "/code").asString(), of[i] + level);
            }
            taster++;
            var answer = api.put("/api/ladders/" + ladder.at("/id").asString() + "/scores", scores.toString());
            assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        }
    }

    @Test
    void aLadderIsLaidOutOnceUnderItsId() {
        var id = UUID.randomUUID().toString();
        var first = lay(id, "/components/0/gels/0/amount", 4).json();
        var again = lay(id, "/components/0/gels/0/amount", 4).json();
        assertThat(again.at("/layout")).isEqualTo(first.at("/layout"));
        assertThat(first.at("/layout/orders")).hasSize(4);
        assertThat(first.at("/layout/what").asString()).contains("Gold");
        assertThat(first.at("/fit").isMissingNode()).isTrue();
    }

    @Test
    void theBestIsFoundAndTakenIntoTheFormula() {
        var ladder = laid();
        var at = "/api/ladders/" + ladder.at("/id").asString();
        taste(ladder);
        assertThat(api.post(at + "/taken", "").status()).isEqualTo(422);
        var shown = api.post(at + "/shown", "").json();
        assertThat(shown.at("/fit/finding").asString()).isEqualTo("FOUND");
        assertThat(shown.at("/fit/best").asString()).startsWith("11.").endsWith(" g");
        assertThat(shown.at("/fit/lowX").asDouble())
                .isLessThan(shown.at("/fit/bestX").asDouble());
        assertThat(api.post(at + "/taken", "").status()).isEqualTo(200);
        var now = api.get("/api/formulas/" + formula).json();
        assertThat(now.at("/document/components/0/gels/0/amount").asString())
                .isEqualTo(shown.at("/fit/best").asString());
        assertThat(now.at("/document/components/0/gels/0/water").asString()).doesNotContain("70 g");
    }

    @Test
    void onceItIsShownNoScoreCounts() {
        var ladder = laid();
        var at = "/api/ladders/" + ladder.at("/id").asString();
        var code = ladder.at("/layout/cups/0/code").asString();
        var score = "{\"taster\":\"Runa\",\"scores\":{\"" + code + "\":%s}}";
        assertThat(api.put(at + "/scores", score.formatted("7")).status()).isEqualTo(422);
        assertThat(api.put(at + "/scores", "{\"taster\":\"Runa\",\"scores\":{\"AAAA\":3}}")
                        .text())
                .contains("is no cup");
        assertThat(api.post(at + "/shown", "").json().at("/fit/finding").asString())
                .isEqualTo("TOO_FEW");
        assertThat(api.put(at + "/scores", score.formatted("3")).text()).contains("too late");
    }

    /** Tablets in several hands. */
    @Test
    void whatTastersSayAtTheSameMomentIsAllKept() {
        var ladder = laid();
        var at = "/api/ladders/" + ladder.at("/id").asString();
        var code = ladder.at("/layout/cups/0/code").asString();
        var tasters = List.of("Ilke", "Tomas", "Runa", "Per");
        var answers = tasters.stream()
                .map(name -> CompletableFuture.supplyAsync(() ->
                        api.put(at + "/scores", "{\"taster\":\"%s\",\"scores\":{\"%s\":3}}".formatted(name, code))))
                .toList();
        assertThat(answers)
                .allSatisfy(answer -> assertThat(answer.join().status())
                        .as(answer.join().text())
                        .isEqualTo(200));
        assertThat(api.get(at).json().at("/scores").propertyNames()).containsExactlyInAnyOrderElementsOf(tasters);
    }

    @Test
    void whatCannotBeSteppedIsRefused() {
        assertThat(lay(UUID.randomUUID().toString(), "/components/0/pour", 4).status())
                .isEqualTo(422);
        assertThat(lay(UUID.randomUUID().toString(), "/components/0/gels/0/amount", 9)
                        .text())
                .contains("from 3 to 6 cups");
    }
}
