package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.support.Api;
import com.deftchill.server.support.Asking;
import com.deftchill.server.support.RunningServer.Server;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** The desserts of the made-up kitchen: right where they are meant to be, wrong on purpose where they are. */
@Asking
class DemoDessertsApiTest {
    private Api api;

    @BeforeEach
    void connect(Server server) {
        api = new Api(server);
    }

    private JsonNode assessed(String demo) {
        var answer = api.post("/api/assessments", Api.demo(demo).toString());
        assertThat(answer.status()).as(demo).isEqualTo(200);
        return answer.json();
    }

    private static List<String> codes(JsonNode assessment) {
        var codes = new ArrayList<String>();
        assessment
                .at("/verdicts")
                .forEach(verdict -> codes.add(verdict.at("/code").asString()));
        return codes;
    }

    @ParameterizedTest
    @CsvSource({
        "buckthorn-cheesecake, fold-right",
        "pear-hazelnut-verrine, ganache-holds",
        "chestnut-dome, soak-right",
        "malt-cherry-bowl, starch-thickens",
        "caramel-coconut-cup, caramel-burns",
        "yuzu-meringue-tart, custard-thickens",
        "rhubarb-elderflower-fool, fold-right",
        "white-sabayon-plum, boiled-away",
        "frozen-pear-dome, thaws",
        "slanted-tea-glasses, slant",
        "pear-bay, stands"
    })
    void goodDessertsAreGoodAndSayWhatTheyAreAbout(String demo, String code) {
        var a = assessed(demo);
        assertThat(a.at("/line/0/tone").asString()).as(a.at("/line").toString()).isEqualTo("GOOD");
        assertThat(codes(a)).contains(code);
    }

    @ParameterizedTest
    @CsvSource({
        "split-ganache-pots, ganache-splits",
        "hurried-apricot-mousse, fold-hot",
        "hurried-apricot-mousse, enzyme-contact",
        "kiwi-elderflower, enzyme",
        "sixty-pear-pots, served-too-early",
        "coconut-sea-buckthorn, too-soft"
    })
    void wrongDessertsSayWhyWithAFix(String demo, String code) {
        var a = assessed(demo);
        assertThat(a.at("/line/0/tone").asString()).isEqualTo("BAD");
        JsonNode wrong = null;
        for (var verdict : a.at("/verdicts")) {
            wrong = verdict.at("/code").asString().equals(code) ? verdict : wrong;
        }
        assertThat(wrong).as(code).isNotNull();
        assertThat(wrong.at("/tone").asString()).isEqualTo("BAD");
        assertThat(wrong.at("/fixes").size()).isPositive();
    }

    @Test
    void togetherTheyCoverEveryKindOfComponent() {
        var kinds = new TreeSet<String>();
        for (var demo : List.of(
                "pear-bay",
                "buckthorn-cheesecake",
                "pear-hazelnut-verrine",
                "chestnut-dome",
                "malt-cherry-bowl",
                "caramel-coconut-cup",
                "yuzu-meringue-tart",
                "split-ganache-pots")) {
            for (var component : Api.demo(demo).at("/components")) {
                var kind = component.at("/kind").asString();
                kinds.add(kind.isEmpty() ? "set-cream" : kind);
            }
        }
        var all = new TreeSet<String>();
        api.get("/api/larder")
                .json()
                .at("/componentKinds")
                .forEach(kind -> all.add(kind.at("/id").asString()));
        assertThat(kinds).isEqualTo(all);
    }

    @Test
    void stepsWaitForStepsThatComeBeforeThem() {
        for (var demo : List.of("pear-hazelnut-verrine", "malt-cherry-bowl", "chestnut-dome")) {
            var seen = new TreeSet<String>();
            for (var step : assessed(demo).at("/method")) {
                step.at("/after")
                        .forEach(after -> assertThat(seen)
                                .as(demo)
                                .contains(after.at("/step").asString()));
                assertThat(seen.add(step.at("/id").asString())).isTrue();
                assertThat(step.at("/minutes").asDouble()).isNotNegative();
            }
        }
    }

    @Test
    void anOwnMouldIsLookedAtBeforeItIsKept() {
        var mould = "{\"kind\": \"mould\", \"fields\": {\"name\": \"Mine\", \"bottom\": \"2 in\", \"top\": \"2 in\","
                + " \"height\": \"2 in\", \"wall\": \"1\", \"base\": \"1\"}}";
        var preview = api.post("/api/larder/own/preview", mould);
        assertThat(preview.status()).isEqualTo(200);
        // pi x 25.4^2 x 50.8 mm3
        assertThat(preview.json().at("/mould/brimMl").asDouble()).isBetween(102.9, 103.1);
        assertThat(api.get("/api/larder/own").json().toString()).doesNotContain("own-preview");
        var wrong = api.post("/api/larder/own/preview", mould.replace("\"height\": \"2 in\"", "\"height\": \"tall\""));
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.json().at("/problems/0/path").asString()).isEqualTo("/fields/height");
    }
}
