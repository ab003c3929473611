package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.support.Api;
import com.deftchill.server.support.Asking;
import com.deftchill.server.support.Door;
import com.deftchill.server.support.RunningServer.Server;
import com.deftchill.server.support.Turn;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStreamWriter;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Documents of version 4, every demo dessert of then and 600 of them with a field or two changed at random, with what the code
 * of then said of them: lifted, the same is said.
 */
@Asking
@Order(Turn.ASKING_LONG)
class LiftApiTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static final Set<String> SHARES = Set.of("", "hot", "cold", "whipped", "infused", "soak");
    private static final Pattern DECIMALS = Pattern.compile("\\d+\\.\\d{9,}");

    /** Sums may be added up in another order: nine digits are alike. */
    private static String rounded(JsonNode told) {
        return DECIMALS.matcher(String.valueOf(told))
                .replaceAll(found -> String.format(Locale.ROOT, "%.9g", Double.parseDouble(found.group())));
    }

    private static List<JsonNode> documents() throws IOException {
        var lines = new ArrayList<JsonNode>();
        try (var in = LiftApiTest.class.getResourceAsStream("/lift/documents-of-schema-4.jsonl.gz");
                var reader =
                        new BufferedReader(new InputStreamReader(new GZIPInputStream(in), StandardCharsets.UTF_8))) {
            reader.lines().forEach(line -> lines.add(JSON.readTree(line)));
        }
        return lines;
    }

    @Test
    void whatIsSaidOfALiftedDocumentIsWhatWasSaid(Server server) throws IOException {
        var api = new Api(server);
        // A share that there is not is told as the foam that there is not.
        var documents = documents().stream()
                .filter(old ->
                        old.at("/document").findValuesAsString("share").stream().allMatch(SHARES::contains))
                .toList();
        assertThat(documents).hasSizeGreaterThan(550);
        if (Boolean.getBoolean("updateGolden")) {
            record(documents, api);
            return;
        }
        var wrong = documents.parallelStream()
                .flatMap(old -> differences(old, api).stream().limit(3))
                .toList();
        assertThat(wrong).isEmpty();
    }

    /** After a change of the models the answers are others; the documents stay, and so does what they are lifted to. */
    private static void record(List<JsonNode> documents, Api api) throws IOException {
        var file = Path.of("src/test/resources/lift/documents-of-schema-4.jsonl.gz");
        try (var out =
                new OutputStreamWriter(new GZIPOutputStream(Files.newOutputStream(file)), StandardCharsets.UTF_8)) {
            for (var old : documents) {
                var answer = api.post("/api/assessments", old.at("/document").toString());
                var told = told(answer.status(), answer.json());
                told.set("document", old.at("/document"));
                out.write(told + "\n");
            }
        }
    }

    @Test
    void aPageOlderThanTheServerIsToldToReloadAndOtherClientsAreNot(Server server) throws Exception {
        assertThat(asked(server, "4")).isEqualTo(426);
        assertThat(asked(server, "5")).isEqualTo(200);
        assertThat(new Api(server).get("/api/formulas").status()).isEqualTo(200);
        var lifted = new Api(server)
                .post(
                        "/api/documents/lifted",
                        documents().get(0).at("/document").toString());
        assertThat(lifted.json().at("/schema").asInt()).isEqualTo(5);
    }

    /** Asks as a script of a page does, which only a browser may say of itself. */
    private static int asked(Server server, String version) throws Exception {
        var at = URI.create(server.address());
        try (var socket = new Socket(at.getHost(), at.getPort())) {
            var request = "GET /api/formulas HTTP/1.1\r\nHost: " + at.getHost() + ":" + at.getPort()
                    + "\r\nCookie: " + Door.COOKIE + "=" + server.session()
                    + "\r\nSec-Fetch-Site: same-origin\r\nSec-Fetch-Mode: cors\r\nDeft-Chill-Document: " + version
                    + "\r\nConnection: close\r\n\r\n";
            socket.getOutputStream().write(request.getBytes(StandardCharsets.US_ASCII));
            var status = new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.US_ASCII))
                    .readLine();
            return Integer.parseInt(status.split(" ")[1]);
        }
    }

    private static List<String> differences(JsonNode old, Api api) {
        var answer = api.post("/api/assessments", old.at("/document").toString());
        var name = old.at("/document/name").asString();
        var now = told(answer.status(), answer.json());
        var wrong = new ArrayList<String>();
        for (var field : old.propertyNames()) {
            // Two more ways of serving came with version 5.
            var was = rounded(old.get(field)).replace(", in-glass or sliced", ", in-glass, sliced, from-dish or piped");
            if (!field.equals("document") && !was.equals(rounded(now.get(field)))) {
                wrong.add(name + " " + field + "\n  was " + old.get(field) + "\n  is  " + now.get(field));
            }
        }
        return wrong;
    }

    private static ObjectNode told(int status, JsonNode answer) {
        var told = JSON.createObjectNode().put("status", status);
        if (status == 422) {
            var problems = told.putArray("problems");
            answer.at("/problems")
                    .forEach(p -> problems.add(text(p, "code") + ": " + text(p, "field") + " " + text(p, "value") + " "
                            + text(p, "rule")));
            return told;
        }
        told.put("line", answer.at("/line").toString());
        told.put("prediction", answer.at("/prediction").toString());
        var verdicts = told.putArray("verdicts");
        answer.at("/verdicts")
                .forEach(v -> verdicts.add(text(v, "code") + " " + text(v, "tone") + " " + text(v, "headline") + " "
                        + text(v, "sentence")));
        var milestones = told.putArray("milestones");
        answer.at("/milestones").forEach(m -> milestones.add(text(m, "code") + " " + text(m, "clock")));
        var method = told.putArray("method");
        answer.at("/method")
                .forEach(s -> method.add(text(s, "title") + ": " + text(s, "text") + " " + text(s, "takes/likely")));
        var components = told.putArray("components");
        answer.at("/components").forEach(c -> components.add(c.at("/amounts").toString()));
        var flags = told.putArray("flags");
        answer.at("/flags").forEach(f -> flags.add(text(f, "label") + text(f, "text")));
        return told;
    }

    private static String text(JsonNode of, String field) {
        return of.at("/" + field).asString("");
    }
}
