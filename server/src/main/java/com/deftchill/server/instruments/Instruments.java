package com.deftchill.server.instruments;

import java.net.http.HttpClient;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/** The instruments of this copy: heard, and what they say put into the table a few times a second. */
@Component
class Instruments implements SmartLifecycle {
    private static final Logger LOG = LoggerFactory.getLogger(Instruments.class);
    private static final long STORE_MS = 100;
    private static final long FORGET_SECONDS = 60;
    /** After a try that failed the next one waits: a database that is away is not knocked at ten times a second. */
    private static final int RESTS = 10;
    /** Readings that wait while the database is away: the latest are what matters. */
    private static final int MOST_WAITING = 200;

    private final InstrumentSettings settings;
    private final Readings readings;
    private final Clock clock;
    private final ConcurrentLinkedQueue<Reading> heard = new ConcurrentLinkedQueue<>();
    private final List<InstrumentAdapter> adapters = new ArrayList<>();
    private ScheduledExecutorService later;
    private boolean running;
    /** How many times storing still waits; only the thread of {@link #later} reads and writes it. */
    private int resting;

    Instruments(InstrumentSettings settings, Readings readings, Clock clock) {
        this.settings = settings;
        this.readings = readings;
        this.clock = clock;
    }

    @Override
    public void start() {
        running = true;
        if (settings.sockets().isEmpty()) {
            return;
        }
        later = Executors.newSingleThreadScheduledExecutor(task -> {
            var thread = new Thread(task, "instruments");
            thread.setDaemon(true);
            return thread;
        });
        var http = HttpClient.newHttpClient();
        for (var address : settings.sockets()) {
            var adapter = new SocketAdapter(address, settings.again(), http, later);
            adapters.add(adapter);
            adapter.start(heard::add);
        }
        later.scheduleWithFixedDelay(() -> guarded(this::store), STORE_MS, STORE_MS, TimeUnit.MILLISECONDS);
        later.scheduleWithFixedDelay(
                () -> guarded(() -> readings.forgetBefore(clock.instant().minus(settings.kept()))),
                FORGET_SECONDS,
                FORGET_SECONDS,
                TimeUnit.SECONDS);
    }

    private void store() {
        if (resting > 0) {
            resting--;
            return;
        }
        var batch = new ArrayList<Reading>();
        for (var next = heard.poll(); next != null; next = heard.poll()) {
            batch.add(next);
        }
        int from = Math.max(0, batch.size() - MOST_WAITING);
        if (!batch.isEmpty()) {
            resting = RESTS;
            readings.store(batch.subList(from, batch.size()));
            resting = 0;
        }
    }

    /** Readings are no reason to fail: the next ones come at once. The scheduler would never again run what has thrown anything. */
    private static void guarded(Runnable task) {
        try {
            task.run();
        } catch (RuntimeException e) {
            LOG.warn("readings were not stored: {}", e.toString());
        }
    }

    /** @return whether it could be told */
    boolean tell(String instrument, Map<String, Object> command) {
        return adapters.stream()
                .filter(adapter -> adapter.is(instrument))
                .findFirst()
                .map(adapter -> adapter.tell(command))
                .orElse(false);
    }

    @Override
    public void stop() {
        running = false;
        adapters.forEach(InstrumentAdapter::close);
        adapters.clear();
        if (later != null) {
            later.shutdownNow();
        }
    }

    @Override
    public boolean isRunning() {
        return running;
    }
}
