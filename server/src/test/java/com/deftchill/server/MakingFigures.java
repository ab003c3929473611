package com.deftchill.server;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.making.Event;
import com.deftchill.core.making.Making;
import com.deftchill.core.verdict.Fix.Change;
import com.deftchill.server.support.Api;
import com.deftchill.server.support.RunningServer.Server;
import com.deftchill.server.support.TestServer;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.WebSocket;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executors;
import java.util.concurrent.locks.LockSupport;
import java.util.function.IntFunction;
import tools.jackson.databind.json.JsonMapper;

/** Prints how soon an entry has its consequence, alone and with others, and how long a batch takes to be rebuilt: ops/making. */
final class MakingFigures {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static final long PAGE_ASKS_NANOS = 300_000_000L;

    private MakingFigures() {}

    public static void main(String[] arguments) {
        rebuilt();
        try (var server = TestServer.fresh()) {
            var api = new Api(server.server());
            var formula = api.post("/api/formulas", Api.demo("chestnut-dome").toString())
                    .json()
                    .at("/id")
                    .asString();
            var makings = new ArrayList<String>();
            for (int i = 0; i < 10; i++) {
                var id = UUID.randomUUID().toString();
                var body = JSON.createObjectNode().put("id", id).put("formulaId", formula);
                api.post("/api/makings", body.toString());
                makings.add(id);
            }
            entries(api, makings, 1, 30, 1);
            print("one device, entry to consequence", entries(api, makings, 1, 60, 1));
            print("probe to page, asked as the page asks", probe(api, server.server()));
            print("8 devices on 10 batches, entry to consequence", entries(api, makings, 8, 200, 1));
            // No two alike: nothing that was computed a moment ago helps.
            print("8 devices on 10 batches, no two entries alike", entries(api, makings, 8, 200, 1 / 16.0));
        }
    }

    /** Milliseconds from sending a measured value until what it does is told. */
    private static double[] entries(Api api, List<String> makings, int devices, int count, double step) {
        var devicesAtOnce = Executors.newFixedThreadPool(devices);
        IntFunction<CompletableFuture<Double>> entry = i -> CompletableFuture.supplyAsync(
                () -> {
                    long begin = System.nanoTime();
                    var path = "/api/makings/" + makings.get(i % makings.size());
                    send(api, path, Math.round((25 + i * step % 25) * 100) / 100.0 + " °C");
                    api.get(path + "/consequence");
                    return (System.nanoTime() - begin) / 1e6;
                },
                devicesAtOnce);
        var running = new ArrayList<CompletableFuture<Double>>();
        for (int i = 0; i < count; i++) {
            running.add(entry.apply(i));
        }
        var took = running.stream().mapToDouble(CompletableFuture::join).toArray();
        devicesAtOnce.shutdown();
        return took;
    }

    /** Milliseconds from a jump of the probe until a page that asks every 300 ms has it. */
    private static double[] probe(Api api, Server server) {
        var probe = HttpClient.newHttpClient()
                .newWebSocketBuilder()
                .buildAsync(URI.create(server.instruments() + "/probe-1"), new WebSocket.Listener() {})
                .join();
        var took = new double[30];
        for (int i = 0; i < took.length; i++) {
            double jump = i % 2 == 0 ? 20 : 0;
            probe.sendText("{\"do\":\"misbehave\",\"offset\":" + jump + "}", true)
                    .join();
            long begin = System.nanoTime();
            while (Math.abs(shown(api) - 21 - jump) > 5) {
                LockSupport.parkNanos(PAGE_ASKS_NANOS);
            }
            took[i] = (System.nanoTime() - begin) / 1e6;
        }
        probe.abort();
        return took;
    }

    private static double shown(Api api) {
        return api.get("/api/instruments").json().at("/instruments/0/raw").asDouble(Double.NEGATIVE_INFINITY);
    }

    private static void send(Api api, String path, String celsius) {
        var body = JSON.createObjectNode();
        var event = body.putArray("events")
                .addObject()
                .put("id", UUID.randomUUID().toString())
                .put("at", Instant.now().toEpochMilli())
                .put("kind", "MEASURED")
                .put("step", "0.fold");
        event.putArray("changes")
                .addObject()
                .put("path", "/components/0/work/fold/base")
                .put("value", celsius);
        api.post(path + "/events", body.toString());
    }

    private static void rebuilt() {
        var formula = JSON.readValue(Api.demo("chestnut-dome").toString(), WrittenFormula.class);
        var events = new ArrayList<Event>();
        for (int i = 0; i < 500; i++) {
            var change = new Change("/components/0/lines/l1/amount", (300 + i % 7) + " g");
            events.add(new Event("e" + i, i, Event.Kind.MEASURED, "0.weigh", "", List.of(change), ""));
        }
        var took = new double[40];
        for (int i = 0; i < took.length; i++) {
            long begin = System.nanoTime();
            Making.of(formula, ZoneId.of("UTC"), events);
            took[i] = (System.nanoTime() - begin) / 1e6;
        }
        print("a batch of 500 entries rebuilt", took);
    }

    private static void print(String what, double[] ms) {
        var sorted = ms.clone();
        Arrays.sort(sorted);
        System.out.printf(
                "%s: median %.0f ms, p95 %.0f ms%n",
                what, sorted[sorted.length / 2], sorted[(int) (sorted.length * 0.95)]);
    }
}
