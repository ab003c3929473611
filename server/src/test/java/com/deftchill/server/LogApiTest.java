package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.support.Api;
import com.deftchill.server.support.InTheMaking;
import com.deftchill.server.support.RunningServer;
import com.deftchill.server.support.RunningServer.Server;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(RunningServer.class)
class LogApiTest {
    private Api api;
    private String formula;
    private String word;

    @BeforeEach
    void begin(Server server) {
        api = new Api(server);
        word = "w" + UUID.randomUUID().toString().substring(0, 8);
        var document = Api.demo("pear-bay").put("name", "Pear of " + word);
        formula =
                api.post("/api/formulas", document.toString()).json().at("/id").asString();
    }

    private ObjectNode made(String day, String outcome) {
        var made = Api.json().put("madeOn", day).put("pouredAt", "14:00").put("outcome", outcome);
        made.set("document", Api.demo("pear-bay"));
        return made;
    }

    private String log(ObjectNode made) {
        var answer = api.post("/api/formulas/" + formula + "/batches", made.toString());
        assertThat(answer.status()).as(answer.text()).isEqualTo(201);
        return answer.json().at("/id").asString();
    }

    private JsonNode page(String id) {
        return api.get("/api/log/batches/" + id).json();
    }

    private Api.Answer correct(String id, JsonNode said, String by) {
        var correction =
                Api.json().put("version", page(id).at("/version").asLong()).put("by", by);
        correction.set("said", said);
        return api.put("/api/log/batches/" + id, correction.toString());
    }

    @Test
    void aBatchIsFoundByWhatIsKnownOfIt() {
        var clean = made("2026-05-03", "CLEAN").put("cook", "Ilke " + word).put("note", "by the window");
        clean.putObject("record")
                .putArray("lots")
                .addObject()
                .put("of", "sheet-gold")
                .put("lot", "LOT-" + word);
        var id = log(clean);
        log(made("2026-06-04", "TORN"));
        assertThat(ids("words=" + word)).hasSize(2);
        assertThat(ids("words=lot-" + word)).containsExactly(id);
        assertThat(ids("words=" + word + "&outcome=TORN")).hasSize(1).doesNotContain(id);
        assertThat(ids("words=" + word + "&since=2026-06-01")).hasSize(1).doesNotContain(id);
        assertThat(ids("words=" + word + "&until=2026-06-01")).containsExactly(id);
        assertThat(ids("formula=" + formula + "&words=window")).containsExactly(id);
        assertThat(ids("cook=Ilke%20" + word)).containsExactly(id);
        assertThat(api.get("/api/log/cooks").json().at("/cooks").toString()).contains("Ilke " + word);
        assertThat(api.get("/api/log/days?since=2026-05-01&words=" + word)
                        .json()
                        .at("/days"))
                .hasSize(2);
        assertThat(ids("words=WINDOW%20" + word)).as("in any order").containsExactly(id);
        assertThat(ids("words=window%20" + word + "%20nowhere")).isEmpty();
        assertThat(ids("words=%25_")).isEmpty();
    }

    /** What is said of it anew is what it is found by, and it takes its words with it. */
    @Test
    void aBatchIsFoundByWhatIsSaidOfItNow() {
        var id = log(made("2026-05-03", "CLEAN").put("note", "before" + word));
        assertThat(ids("words=fore" + word)).containsExactly(id);
        var said = (ObjectNode) page(id).at("/said").deepCopy();
        assertThat(correct(id, said.put("note", "after" + word), "Ilke").status())
                .isEqualTo(200);
        assertThat(ids("words=before" + word)).isEmpty();
        assertThat(ids("words=fter" + word)).containsExactly(id);
        assertThat(api.delete("/api/formulas/" + formula + "/batches/" + id).status())
                .isEqualTo(204);
        assertThat(ids("words=after" + word)).isEmpty();
    }

    private java.util.List<String> ids(String wish) {
        return api.get("/api/log?" + wish).json().at("/lines").findValuesAsString("id");
    }

    @Test
    void aTableOfItBeginsNoSpreadsheetFormula() {
        log(made("2026-05-03", "CLEAN").put("cook", "=1+1").put("note", "two, \"quoted\""));
        var csv = api.getText("/api/log/table.csv?formula=" + formula);
        assertThat(csv.lines()).hasSize(2);
        assertThat(csv)
                .contains("'=1+1", "\"two, \"\"quoted\"\"\"", "2026-05-03,14:00")
                .startsWith("madeOn,");
    }

    @Test
    void whatWasCorrectedIsKept() {
        var id = log(made("2026-05-03", "CLEAN").put("standingMm", 44).put("note", "as it was"));
        var said = (ObjectNode) page(id).at("/said");
        said.put("note", "better seen by day").put("standingMm", 43);
        assertThat(correct(id, said, "Ilke").status()).isEqualTo(200);
        said.put("note", "and once more");
        assertThat(correct(id, said, "Ilke").status()).isEqualTo(200);
        assertThat(page(id).at("/said/note").asString()).isEqualTo("and once more");
        // Two corrections of one sitting are one.
        var changes = api.get("/api/log/batches/" + id + "/changes").json().at("/changes");
        assertThat(changes).hasSize(1);
        assertThat(changes.at("/0/earlier/note").asString()).isEqualTo("as it was");
        said.put("note", "somebody else");
        assertThat(correct(id, said, "Tomas").status()).isEqualTo(200);
        assertThat(api.get("/api/log/batches/" + id + "/changes").json().at("/changes"))
                .hasSize(2);
    }

    @Test
    void twoDoNotOverwriteEachOther() {
        var id = log(made("2026-05-03", "CLEAN"));
        var stale = Api.json().put("version", page(id).at("/version").asLong());
        stale.set("said", page(id).at("/said"));
        var said = (ObjectNode) page(id).at("/said");
        assertThat(correct(id, said.put("note", "first"), "a").status()).isEqualTo(200);
        ((ObjectNode) stale.at("/said")).put("note", "second");
        assertThat(api.put("/api/log/batches/" + id, stale.toString()).status()).isEqualTo(409);
        assertThat(page(id).at("/said/note").asString()).isEqualTo("first");
    }

    @Test
    void whatWasMeasuredStandsBesideWhatWasPredicted() {
        var made = made("2026-05-03", "CLEAN");
        var record = made.putObject("record");
        var portions = record.putArray("portions");
        portions.addObject().put("number", 1).put("outcome", "CLEAN").put("standingMm", 44);
        portions.addObject().put("number", 2).put("outcome", "CLEAN").put("standingMm", 45);
        var readings = record.putArray("readings");
        readings.addObject().put("quantity", "core-at").put("minutes", 600).put("value", 5.5);
        readings.addObject().put("quantity", "overrun").put("of", "soft").put("value", 0.8);
        readings.addObject().put("quantity", "foam-density").put("of", "cream").put("value", 1.02);
        var beside = page(log(made)).at("/beside");
        assertThat(beside.findValuesAsString("quantity"))
                .containsExactly("standing-height", "core-at", "overrun", "foam-density");
        assertThat(beside.at("/0/measured").asDouble()).isEqualTo(44.5);
        assertThat(beside.at("/0/predicted").asDouble()).isBetween(40.0, 50.0);
        assertThat(beside.at("/1/predicted").asDouble()).isBetween(3.9, 4.5);
        assertThat(beside.at("/2/predicted").asDouble()).isEqualTo(0.75);
        assertThat(beside.at("/3/predicted").asDouble()).isBetween(0.9, 1.2);
    }

    @Test
    void aReadingOfNothingIsRefusedWithItsField() {
        for (var reading : new String[] {
            "{\"quantity\":\"colour\",\"value\":1}",
            "{\"quantity\":\"core-at\",\"value\":8}",
            "{\"quantity\":\"overrun\",\"of\":\"fluffy\",\"value\":0.8}",
            "{\"quantity\":\"foam-density\",\"of\":\"nobody\",\"value\":0.8}",
            "{\"quantity\":\"set-after\",\"value\":-3}"
        }) {
            var made = made("2026-05-03", "CLEAN");
            var readings = made.putObject("record").putArray("readings");
            readings.add(Api.node(reading));
            var answer = api.post("/api/formulas/" + formula + "/batches", made.toString());
            assertThat(answer.status()).as(reading).isEqualTo(422);
            assertThat(answer.json().at("/problems/0/path").asString()).startsWith("/record/readings/0");
        }
        var wrong = made("2026-05-03", "CLEAN");
        wrong.putObject("record")
                .putArray("tastings")
                .addObject()
                .put("taster", "a")
                .put("wobble", 9);
        var answer = api.post("/api/formulas/" + formula + "/batches", wrong.toString());
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.text()).contains("must be from 1 to 5");
    }

    @Test
    void whatWasMadeStepByStepBringsItsLotsPortionsAndCoreAlong() {
        var making = new InTheMaking(api, formula, "Ilke");
        long at = System.currentTimeMillis() - 4 * 3600_000L;
        making.happened(at, "LOT", "/components/0/gels/g1/amount", "T-77");
        making.measured(at + 500, "/components/0/lines/l2/amount", "345 g");
        making.happened(at + 1000, "ENDED", "0.pour", "");
        making.happened(at + 7_200_000, "CHECKED", "", "9 °C");
        making.happened(at + 7_300_000, "CAME_OUT", "1", "CLEAN");
        making.happened(at + 7_300_001, "CAME_OUT", "2", "TORN");
        making.happened(at + 7_400_000, "CAME_OUT", "", "CLEAN");
        making.happened(at + 7_500_000, "FINISHED", "", "");
        var batch = page(making.batch());
        assertThat(batch.at("/makingId").asString()).isEqualTo(making.id());
        assertThat(batch.at("/said/cook").asString()).isEqualTo("Ilke");
        assertThat(batch.at("/said/record/lots/0/lot").asString()).isEqualTo("T-77");
        assertThat(batch.at("/said/record/portions")).hasSize(2);
        assertThat(batch.at("/said/record/readings/0/value").asDouble()).isEqualTo(9);
        assertThat(batch.at("/said/record/happened/0").asString())
                .contains("345 g")
                .contains("instead of 330 g");
        assertThat(batch.at("/lotsOf/0/id").asString()).isEqualTo("sheet-gold");
    }
}
