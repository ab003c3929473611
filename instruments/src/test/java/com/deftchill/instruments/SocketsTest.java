package com.deftchill.instruments;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.net.http.WebSocket;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.LinkedBlockingQueue;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

class SocketsTest {
    private final HttpClient http = HttpClient.newHttpClient();
    private Instruments instruments;

    @BeforeEach
    void start() {
        instruments = new Instruments(0, 7);
    }

    @AfterEach
    void stop() {
        instruments.close();
    }

    private WebSocket open(String path, BlockingQueue<JsonNode> lines, String... header) {
        var builder = http.newWebSocketBuilder();
        if (header.length > 0) {
            builder.header(header[0], header[1]);
        }
        return builder.buildAsync(URI.create("ws://127.0.0.1:" + instruments.port() + path), new WebSocket.Listener() {
                    @Override
                    public CompletionStage<?> onText(WebSocket socket, CharSequence text, boolean last) {
                        lines.add(Instruments.JSON.readTree(text.toString()));
                        socket.request(1);
                        return null;
                    }
                })
                .join();
    }

    private static JsonNode next(BlockingQueue<JsonNode> lines, String kind) {
        return await().until(
                        lines::poll,
                        line -> line != null && line.at("/kind").asString().equals(kind));
    }

    @Test
    void eachLineIsOneObjectWithItsInstrumentAndNumber() {
        var lines = new LinkedBlockingQueue<JsonNode>();
        open("/probe-1", lines);
        assertThat(next(lines, "hello").at("/what").asString()).isEqualTo("probe");
        var first = next(lines, "reading");
        var second = next(lines, "reading");
        assertThat(first.at("/instrument").asString()).isEqualTo("probe-1");
        assertThat(first.at("/celsius").asDouble()).isBetween(20.0, 22.0);
        assertThat(second.at("/seq").asLong()).isGreaterThan(first.at("/seq").asLong());
    }

    @Test
    void commandsAreTakenAndWhatIsWrongIsAnswered() {
        var lines = new LinkedBlockingQueue<JsonNode>();
        var socket = open("/scale-1", lines);
        socket.sendText("{\"do\":\"misbehave\",\"load\":120}", true).join();
        await().until(() -> next(lines, "reading").at("/grams").asDouble(), grams -> Math.abs(grams - 120) < 0.2);
        socket.sendText("{\"do\":\"tare\"}", true).join();
        await().until(() -> next(lines, "reading").at("/grams").asDouble(), grams -> Math.abs(grams) < 0.2);
        socket.sendText("{\"do\":\"explode\"}", true).join();
        assertThat(next(lines, "refused").at("/why").asString()).contains("explode");
        socket.sendText("no json", true).join();
        assertThat(next(lines, "refused").at("/why").asString()).isNotEmpty();
    }

    /** A name that leads here is not enough: it has to be a name of this machine. */
    @Test
    void anotherHostIsRefused() throws IOException {
        try (var socket = new java.net.Socket("127.0.0.1", instruments.port())) {
            socket.getOutputStream()
                    .write("GET / HTTP/1.1\r\nHost: elsewhere.example\r\nConnection: close\r\n\r\n"
                            .getBytes(StandardCharsets.US_ASCII));
            var answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            assertThat(answer).startsWith("HTTP/1.1 403").doesNotContain("Stand-in");
        }
    }

    @Test
    void aPageFromElsewhereIsRefused() throws IOException, InterruptedException {
        var lines = new LinkedBlockingQueue<JsonNode>();
        assertThatThrownBy(() -> open("/probe-1", lines, "Origin", "https://elsewhere.example"))
                .hasMessageContaining("WebSocketHandshakeException");
        open("/probe-1", lines, "Origin", "http://localhost:8080");
        var page = http.send(
                HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + instruments.port() + "/"))
                        .build(),
                BodyHandlers.ofString());
        assertThat(page.body()).contains("Stand-in instruments");
    }
}
