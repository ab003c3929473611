package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import com.deftchill.server.support.Api;
import com.deftchill.server.support.RunningServer;
import com.deftchill.server.support.RunningServer.Server;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.WebSocket;
import java.time.Duration;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

@ExtendWith(RunningServer.class)
class InstrumentsApiTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final Duration PATIENCE = Duration.ofSeconds(60);

    private Api api;
    private WebSocket probe;
    private WebSocket scale;

    @BeforeEach
    void listen(Server server) {
        api = new Api(server);
        probe = socket(server, "/probe-1");
        scale = socket(server, "/scale-1");
        tell(probe, "{'do':'misbehave','offset':0,'slope':1,'noise':0,'pulled':false}");
        tell(scale, "{'do':'misbehave','load':0,'drift':0}");
    }

    @AfterEach
    void leaveThemAsTheyWere() {
        tell(probe, "{'do':'misbehave','offset':0,'slope':1,'noise':0.05,'pulled':false}");
        probe.abort();
        scale.abort();
    }

    private static WebSocket socket(Server server, String path) {
        return HttpClient.newHttpClient()
                .newWebSocketBuilder()
                .buildAsync(URI.create(server.instruments() + path), new WebSocket.Listener() {})
                .join();
    }

    private static void tell(WebSocket socket, String command) {
        socket.sendText(command.replace('\'', '"'), true).join();
    }

    private void into(double celsius) {
        tell(probe, "{'do':'follow','curve':[[0," + celsius + "]],'lag':0.2}");
    }

    private JsonNode now(String id) {
        return api.get("/api/instruments")
                .json()
                .at("/instruments")
                .valueStream()
                .filter(i -> i.at("/id").asString().equals(id))
                .findFirst()
                .orElse(JSON.missingNode());
    }

    private double value(String id, String field) {
        return now(id).path(field).asDouble(Double.NaN);
    }

    private void awaitValue(String id, String field, double value) {
        await().atMost(PATIENCE).until(() -> value(id, field), is -> Math.abs(is - value) < 0.15);
    }

    private Api.Answer calibrate(String id, String rest) {
        return api.post(
                "/api/instruments/probe-1/calibrations", "{\"id\":\"" + id + "\"," + rest.replace('\'', '"') + "}");
    }

    @Test
    void aProbeThreeKelvinOffIsFoundByTheIcePointAndCorrectedFromThenOn() {
        tell(probe, "{'do':'misbehave','offset':3}");
        into(0);
        awaitValue("probe-1", "raw", 3);
        var id = UUID.randomUUID().toString();
        var kept = calibrate(id, "'ice':3.0");
        assertThat(kept.status()).isEqualTo(201);
        assertThat(kept.json().at("/off").asDouble()).isEqualTo(-3);
        assertThat(kept.json().at("/matters").asBoolean()).isTrue();
        assertThat(calibrate(id, "'ice':3.0").json().at("/offset").asDouble()).isEqualTo(-3);
        into(40);
        awaitValue("probe-1", "raw", 43);
        awaitValue("probe-1", "value", 40);
        assertThat(calibrate(UUID.randomUUID().toString(), "'ice':0,'boil':97.96,'altitude':600")
                        .json()
                        .at("/slope")
                        .asDouble())
                .isEqualTo(1);
    }

    @Test
    void whatIsNoFixedPointIsNamed() {
        assertThat(calibrate(UUID.randomUUID().toString(), "'ice':21").text()).contains("is that ice water?");
        assertThat(calibrate(UUID.randomUUID().toString(), "'ice':0,'boil':60").text())
                .contains("boiling point");
        assertThat(calibrate(UUID.randomUUID().toString(), "'ice':0,'boil':97,'altitude':9000")
                        .text())
                .contains("3000 m");
        assertThat(calibrate(UUID.randomUUID().toString(), "'boil':97").text()).contains("ice water");
    }

    @Test
    void aPulledCableIsSaidAndNoNumberIsInvented() {
        tell(probe, "{'do':'misbehave','pulled':true}");
        await().atMost(PATIENCE)
                .until(() -> now("probe-1").path("state").asString("").equals("open"));
        assertThat(now("probe-1").has("value")).isFalse();
    }

    @Test
    void aScaleIsTaredFromHere() {
        tell(scale, "{'do':'misbehave','load':250}");
        await().atMost(PATIENCE)
                .until(
                        () -> now("scale-1"),
                        s -> s.path("stable").asBoolean() && s.path("value").asDouble() > 240);
        assertThat(api.post("/api/instruments/scale-1/commands", "{\"what\":\"tare\"}")
                        .status())
                .isEqualTo(204);
        awaitValue("scale-1", "value", 0);
        assertThat(api.post("/api/instruments/scale-1/commands", "{\"what\":\"explode\"}")
                        .status())
                .isEqualTo(422);
        assertThat(api.post("/api/instruments/scale-9/commands", "{\"what\":\"tare\"}")
                        .status())
                .isEqualTo(404);
    }

    @Test
    void aStandInProbeFollowsTheBaseOfABatchOverIce() {
        var formula = api.post("/api/formulas", Api.demo("chestnut-dome").toString())
                .json()
                .at("/id")
                .asString();
        var making = UUID.randomUUID().toString();
        api.post("/api/makings", "{\"id\":\"" + making + "\",\"formulaId\":\"" + formula + "\"}");
        into(20);
        var place = "{\"makingId\":\"" + making + "\",\"step\":\"0.cool\",\"where\":\"%s\"}";
        assertThat(api.post("/api/instruments/probe-1/place", place.formatted("bowl"))
                        .status())
                .isEqualTo(204);
        await().atMost(PATIENCE).until(() -> value("probe-1", "raw"), raw -> raw > 45);
        assertThat(api.get("/api/instruments/probe-1/course").json().at("/points"))
                .isNotEmpty();
        assertThat(api.post("/api/instruments/probe-1/place", place.formatted("pocket"))
                        .text())
                .contains("must be pan, bowl, ice or core");
    }
}
