package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.core.rescue.RescueFiles;
import com.deftchill.server.support.Api;
import com.deftchill.server.support.RunningServer;
import com.deftchill.server.support.RunningServer.Server;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.Properties;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(RunningServer.class)
class RescueApiTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private Api api;
    private String making;
    private long at;

    @BeforeEach
    void begin(Server server) {
        api = new Api(server);
        at = Instant.now().toEpochMilli() - 1000;
        var formula = api.post("/api/formulas", Api.demo("pear-bay").toString())
                .json()
                .at("/id")
                .asString();
        making = UUID.randomUUID().toString();
        var begun = JSON.createObjectNode().put("id", making).put("formulaId", formula);
        assertThat(api.post("/api/makings", begun.toString()).status()).isEqualTo(201);
    }

    private Api.Answer happened(String kind, String step, String text, String... change) {
        var body = JSON.createObjectNode();
        var event = body.putArray("events")
                .addObject()
                .put("id", UUID.randomUUID().toString())
                .put("at", at++)
                .put("kind", kind)
                .put("step", step)
                .put("text", text);
        if (change.length > 0) {
            event.putArray("changes").addObject().put("path", change[0]).put("value", change[1]);
        }
        return api.post("/api/makings/" + making + "/events", body.toString());
    }

    private JsonNode rescue() {
        return api.get("/api/makings/" + making + "/rescue").json();
    }

    @Test
    void whatCanBeSeenIsAskedFirst() {
        var view = rescue();
        assertThat(view.at("/symptoms").findValuesAsString("id"))
                .contains("did-not-set", "soft")
                .doesNotContain("split");
        assertThat(view.at("/groups")).isEmpty();
        assertThat(view.at("/symptoms/0/name").asString()).isEqualTo("It did not set");
    }

    @Test
    void aShortDoseThatWasWeighedIsNamedWithARemedyInAmounts() {
        assertThat(happened("MEASURED", "0.weigh", "", "/components/0/gels/g1/amount", "3 g")
                        .status())
                .isEqualTo(200);
        assertThat(happened("WENT_WRONG", "", "soft").status()).isEqualTo(200);
        var view = rescue();
        assertThat(view.at("/groups/0/suspects/0/name").asString()).contains("3 g instead of");
        assertThat(view.at("/groups/0/suspects/0/speaksFor/0").asString()).contains("of 100");
        assertThat(view.at("/remedies").findValuesAsString("label"))
                .anySatisfy(
                        label -> assertThat(label).contains("melt it to 45 °C").contains("bloomed in"));
        assertThat(view.at("/becomes").asString()).isNotEmpty();
    }

    @Test
    void aLookIsAskedAndWeighed() {
        happened("WENT_WRONG", "", "soft");
        var before = rescue();
        var look = before.at("/telling/0/id").asString();
        assertThat(before.at("/telling/0/words").asString()).isNotEmpty();
        assertThat(happened("LOOKED", "", look + "=yes").status()).isEqualTo(200);
        var after = rescue();
        assertThat(after.at("/groups/0/suspects/0/look/id").asString()).isEqualTo(look);
        assertThat(after.at("/groups/0/suspects/0/look/found").asBoolean()).isTrue();
    }

    @Test
    void whatCannotBeIsNamed() {
        assertThat(happened("WENT_WRONG", "", "haunted").text()).contains("must be one of the symptoms");
        assertThat(happened("LOOKED", "", "strand=maybe").text()).contains("must be one of the looks");
        assertThat(api.get("/api/makings/" + UUID.randomUUID() + "/rescue").status())
                .isEqualTo(404);
    }

    @Test
    void ofAFormulaAlone() {
        ObjectNode body = JSON.createObjectNode();
        body.set("document", Api.demo("pear-bay"));
        var open = api.post("/api/rescue", body.toString()).json();
        assertThat(open.at("/symptoms")).isNotEmpty();
        body.put("symptom", "weeps");
        body.putObject("looks").put("days", true);
        var view = api.post("/api/rescue", body.toString()).json();
        assertThat(view.at("/groups/0/suspects/0/look/found").asBoolean()).isTrue();
        body.put("symptom", "haunted");
        assertThat(api.post("/api/rescue", body.toString()).status()).isEqualTo(422);
    }

    @Test
    void everyIdHasItsWords() throws IOException {
        var words = new Properties();
        try (var in = getClass().getResourceAsStream("text/rescue.properties");
                var reader = new InputStreamReader(in, StandardCharsets.UTF_8)) {
            words.load(reader);
        }
        for (var symptom : RescueFiles.symptoms()) {
            assertThat(words).containsKeys("rescue.symptom." + symptom.id(), "rescue.becomes." + symptom.becomes());
        }
        for (var cause : RescueFiles.causes()) {
            assertThat(words)
                    .containsKeys(
                            "rescue.cause." + cause.id(),
                            "rescue.next." + cause.id(),
                            "rescue.look." + cause.look().id());
        }
        RescueFiles.remedyIds().forEach(id -> assertThat(words).containsKey("rescue.remedy." + id));
    }
}
