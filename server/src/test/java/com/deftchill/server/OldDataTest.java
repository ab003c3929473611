package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.support.Apart;
import com.deftchill.server.support.Api;
import com.deftchill.server.support.TestServer;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What an earlier Deft Chill has stored, dumped by its own code, is read by this one: nothing typed is lost. */
@Apart
class OldDataTest {
    private static TestServer server;
    private static Api api;

    @BeforeAll
    static void start() {
        server = TestServer.of("/dumps/2026-11-26-migration-2.sql.gz");
        api = new Api(server.server());
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    private static List<JsonNode> formulas() {
        var formulas = new ArrayList<JsonNode>();
        api.get("/api/formulas?size=200").json().at("/formulas").forEach(summary -> {
            var stored = api.get("/api/formulas/" + summary.at("/id").asString());
            assertThat(stored.status()).as(summary.toString()).isEqualTo(200);
            formulas.add(stored.json());
        });
        return formulas;
    }

    private static JsonNode formula(String name) {
        return formulas().stream()
                .filter(f -> f.at("/document/name").asString().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void everyFormulaIsReadAndAssessedAsItWas() {
        var formulas = formulas();
        assertThat(formulas).hasSize(25);
        assertThat(formulas).allSatisfy(f -> {
            var answer = api.post("/api/assessments", f.at("/document").toString());
            boolean understood = !f.at("/document/name").asString().equals("Not understood yet");
            assertThat(answer.status())
                    .as(f.at("/document/name") + answer.text())
                    .isEqualTo(understood ? 200 : 422);
        });
    }

    @Test
    void theLogIsReadWithWhatWasPredicted() {
        var own =
                api.get("/api/formulas/" + formula("With own entries").at("/id").asString() + "/batches");
        assertThat(own.json().at("/batches/0/note").asString()).as(own.text()).isEqualTo("Löffel 栗");
        assertThat(own.json().at("/batches/0/predicted/mouldedMm").asDouble()).isPositive();
        var pear = api.get(
                "/api/formulas/" + formula("Pear and bay set cream").at("/id").asString() + "/batches");
        assertThat(pear.json().at("/total").asInt()).isEqualTo(2);
        assertThat(pear.json().at("/batches/0/predicted/standingMm").asDouble()).isBetween(35.0, 55.0);
        assertThat(pear.json().at("/batches/0/predicted/version").asInt()).isZero();
    }

    @Test
    void earlierStatesAreRead() {
        var path =
                "/api/formulas/" + formula("Pear and bay set cream").at("/id").asString() + "/revisions";
        assertThat(api.get(path).json().at("/revisions").findValuesAsString("name"))
                .containsExactly("As served in the spring", "First try, too firm");
        assertThat(api.get(path + "/1")
                        .json()
                        .at("/document/components/0/gels/0/amount")
                        .asString())
                .isEqualTo("18 g");
    }

    @Test
    void whatTheLarderIsUsedByIsKnown() {
        assertThat(api.get("/api/larder/own")
                        .json()
                        .valueStream()
                        .map(own -> own.at("/usedBy").toString()))
                .containsExactly(
                        "[\"Not understood yet\",\"With own entries\"]",
                        "[\"Not understood yet\",\"With own entries\"]");
    }

    @Test
    void ownWordsOnAFruitStayWithIt() {
        var document = formula("Heated fruit with own words").at("/document");
        var line = document.at("/components/0/lines")
                .valueStream()
                .filter(l -> l.at("/of").asString().equals("pineapple-raw"))
                .findFirst()
                .orElseThrow();
        var said = document.at("/components/0/work")
                .valueStream()
                .filter(entry -> entry.at("/verb").asString().equals("treat"))
                .findFirst()
                .orElseThrow();
        assertThat(said.at("/lines/0").asString()).isEqualTo(line.at("/id").asString());
        assertThat(api.post("/api/assessments", document.toString()).text()).contains("Simmer the pineapple");
    }

    @Test
    void aDocumentOfTheFirstSchemaIsRead() {
        var document = formula("Of the first schema").at("/document");
        assertThat(document.at("/schema").asInt()).isEqualTo(5);
        assertThat(document.at("/components/0/gels/0/of").asString()).isEqualTo("sheet-gold");
    }

    @Test
    void theKitchensSettingsAreRead() {
        assertThat(api.get("/api/kitchen").json().at("/settings/name").asString())
                .contains("Tideline");
    }

    @Test
    void whatNewerModelsSayOtherwiseIsToldOnce() {
        var cheesecake = "/api/formulas/"
                + formula("Sea buckthorn cheesecake, no bake").at("/id").asString() + "/opened";
        var told = api.post(cheesecake, "").json();
        assertThat(told.at("/why").toString()).contains("Fresh cheese").contains("Whipped cream");
        assertThat(api.post(cheesecake, "").json()).as("until it is read").isEqualTo(told);
        api.post(cheesecake + "?seen=true", "");
        assertThat(api.post(cheesecake, "").json().toString()).isEqualTo("{\"why\":[],\"figures\":[]}");
    }

    @Test
    void whereTheLogKnowsThemTheFiguresAreToldBesideTodays() {
        var pear =
                "/api/formulas/" + formula("Pear and bay set cream").at("/id").asString() + "/opened";
        var told = api.post(pear, "").json();
        assertThat(told.at("/figures/0").asString()).startsWith("Set after").contains("it was after 2 h");
        assertThat(told.at("/why/0").asString()).contains("60 Pa");
    }
}
