package com.deftchill.server.instruments;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.WebSocket;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletionException;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** An instrument that speaks JSON lines over a WebSocket. */
final class SocketAdapter implements InstrumentAdapter {
    private static final Logger LOG = LoggerFactory.getLogger(SocketAdapter.class);
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final Duration PATIENCE = Duration.ofSeconds(5);

    private final URI address;
    private final Duration again;
    private final HttpClient http;
    private final ScheduledExecutorService later;
    private Consumer<Reading> onReading = reading -> {};
    private volatile WebSocket socket;
    private volatile String instrument = "";
    private volatile String what = "";
    private volatile boolean simulated;
    private volatile boolean closed;

    SocketAdapter(URI address, Duration again, HttpClient http, ScheduledExecutorService later) {
        this.address = address;
        this.again = again;
        this.http = http;
        this.later = later;
    }

    @Override
    public void start(Consumer<Reading> reader) {
        onReading = reader;
        connect();
    }

    private void connect() {
        if (closed) {
            return;
        }
        http.newWebSocketBuilder()
                .connectTimeout(PATIENCE)
                .buildAsync(address, new Lines())
                .whenComplete((opened, failed) -> {
                    socket = opened;
                    if (failed != null) {
                        tryAgain();
                    }
                });
    }

    private void tryAgain() {
        socket = null;
        if (!closed && !later.isShutdown()) {
            later.schedule(this::connect, again.toMillis(), TimeUnit.MILLISECONDS);
        }
    }

    @Override
    public boolean is(String id) {
        return instrument.equals(id);
    }

    @Override
    public boolean tell(Map<String, Object> command) {
        var open = socket;
        if (open == null || open.isOutputClosed()) {
            return false;
        }
        try {
            open.sendText(JSON.writeValueAsString(command), true)
                    .orTimeout(PATIENCE.toSeconds(), TimeUnit.SECONDS)
                    .join();
            return true;
        } catch (CompletionException e) {
            LOG.warn("{} took no command: {}", address, e.getMessage());
            return false;
        }
    }

    @Override
    public void close() {
        closed = true;
        var open = socket;
        if (open != null) {
            open.abort();
        }
    }

    private void line(String text) {
        try {
            var line = JSON.readTree(text);
            switch (line.path("kind").asString("")) {
                case "hello" -> {
                    instrument = line.path("instrument").asString("");
                    what = line.path("what").asString("");
                    simulated = line.path("simulated").asBoolean(false);
                }
                case "reading" -> reading(line).ifPresent(onReading);
                default -> LOG.info("{} says {}", address, text.strip());
            }
        } catch (JacksonException e) {
            LOG.warn("{} says what is no JSON: {}", address, e.getOriginalMessage());
        }
    }

    private Optional<Reading> reading(JsonNode line) {
        var value = line.path(what.equals("probe") ? "celsius" : "grams");
        long at = line.path("at").asLong(0);
        if (instrument.isEmpty() || at <= 0) {
            return Optional.empty();
        }
        return Optional.of(new Reading(
                instrument,
                what,
                line.path("seq").asLong(0),
                Instant.ofEpochMilli(at),
                value.isNumber() ? Optional.of(value.asDouble()) : Optional.empty(),
                line.path("stable").asBoolean(true),
                line.path("state").asString("ok"),
                simulated));
    }

    private final class Lines implements WebSocket.Listener {
        private final StringBuilder part = new StringBuilder();

        @Override
        public CompletionStage<?> onText(WebSocket of, CharSequence text, boolean last) {
            part.append(text);
            if (last) {
                line(part.toString());
                part.setLength(0);
            }
            of.request(1);
            return null;
        }

        @Override
        public CompletionStage<?> onClose(WebSocket of, int code, String why) {
            tryAgain();
            return null;
        }

        @Override
        public void onError(WebSocket of, Throwable error) {
            tryAgain();
        }
    }
}
