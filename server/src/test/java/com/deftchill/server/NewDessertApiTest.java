package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.support.Api;
import com.deftchill.server.support.Api.Answer;
import com.deftchill.server.support.Asking;
import com.deftchill.server.support.RunningServer.Server;
import com.deftchill.server.support.Turn;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Four answers give a formula that already works. */
@Asking
@Order(Turn.ASKING_LONG)
class NewDessertApiTest {
    /** Another mould for each way of serving than the one that a template begins with. */
    private static final Map<String, List<String>> OTHERS = Map.of(
            "in-glass", List.of("tumbler"),
            "turned-out", List.of("pudding-tin"),
            "sliced", List.of("fluted-tin-280"),
            "from-dish", List.of("trifle-bowl"));

    private Api api;

    @BeforeEach
    void connect(Server server) {
        api = new Api(server);
    }

    private Answer begin(String id, String served, String mould, String count, String ready) {
        return api.post(
                "/api/new-desserts",
                Api.json()
                        .put("id", id)
                        .put("served", served)
                        .put("mould", mould)
                        .put("count", count)
                        .put("ready", ready)
                        .toString());
    }

    @Test
    void everyKindInItsOwnMouldAndInOthersWorks() {
        var offered = api.get("/api/new-desserts").json();
        assertThat(offered.size()).isGreaterThanOrEqualTo(20);
        for (var template : offered) {
            var id = template.at("/id").asString();
            for (var served : template.at("/served")) {
                var way = served.at("/id").asString();
                works(id, way, "");
                for (var mould : OTHERS.get(way)) {
                    works(id, way, mould);
                }
            }
        }
    }

    private void works(String id, String served, String mould) {
        var name = id + " " + served + " " + mould;
        var answer = begin(id, served, mould, "", "");
        assertThat(answer.status()).as(name + answer.text()).isEqualTo(200);
        var told = api.post("/api/assessments", answer.json().at("/document").toString())
                .json();
        for (var verdict : told.at("/verdicts")) {
            assertThat(verdict.at("/tone").asString())
                    .as(name + ": " + verdict.at("/headline").asString())
                    .isNotIn("BAD", "UNSAFE");
        }
    }

    @Test
    void itIsReadyInTimeWithItsTimesFilledIn() {
        var answer = begin("set-cream-gelatin", "turned-out", "", "12", "19:00").json();
        assertThat(answer.at("/document/moulds/count").asString()).isEqualTo("12");
        assertThat(answer.at("/document/readyBy").asString()).isEqualTo("19:00");
        var starts = answer.at("/document/starts").asString();
        assertThat(starts).isBetween("10:00", "14:00");
        assertThat(answer.at("/daysBefore").asInt()).isZero();
        assertThat(answer.at("/line/0/text").asString()).contains("turns out from 1");
        // For lunch it must be poured the evening before.
        var early = begin("set-cream-gelatin", "turned-out", "", "12", "07:00").json();
        assertThat(early.at("/daysBefore").asInt()).isOne();
        assertThat(early.at("/document/starts").asString()).isBetween("22:00", "23:59");
    }

    @ParameterizedTest
    @CsvSource({
        "nothing, '', '', '', '', /id",
        "fool, '', moon, '', '', /mould",
        "fool, '', '', some, '', /count",
        "fool, '', '', '', supper, /ready"
    })
    void anAnswerThatIsNoneIsNamed(String id, String served, String mould, String count, String ready, String path) {
        var answer = begin(id, served, mould, count, ready);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().at("/problems/0/path").asString()).isEqualTo(path);
    }
}
