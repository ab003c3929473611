package com.deftchill.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;

/**
 * So many cooks at work for a minute, each with a touch every second: three in five change a dose and read what comes of it, one saves a
 * formula of their own, one looks into the Book or the log. Run by ops/load.
 */
public final class CooksBench {
    private static final int SECONDS = 60;
    private static final int BETWEEN_MS = 1000;
    private static final double NANOS_PER_MS = 1e6;
    private static final Pattern ID = Pattern.compile("\"id\":\"([^\"]+)\"");
    private static final Pattern VERSION = Pattern.compile("\"version\":(\\d+)");

    private final String address;
    private final String demo;
    private final Map<String, ConcurrentLinkedQueue<Double>> took = new ConcurrentHashMap<>();
    private final Map<String, Integer> refused = new ConcurrentHashMap<>();

    private CooksBench(String address, String demo) {
        this.address = address;
        this.demo = demo;
    }

    /** Arguments: address of the server, folder of the demo formulas, how many cooks at a time. */
    public static void main(String[] args) throws IOException, InterruptedException {
        var demo = Files.readString(Path.of(args[1], "pear-bay.json"));
        for (int i = 2; i < args.length; i++) {
            new CooksBench(args[0], demo).minute(Integer.parseInt(args[i]));
        }
    }

    private void minute(int cooks) throws InterruptedException {
        var pool = Executors.newFixedThreadPool(cooks);
        long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(SECONDS);
        for (int cook = 0; cook < cooks; cook++) {
            int me = cook;
            pool.submit(() -> work(me, cooks, until));
        }
        pool.shutdown();
        pool.awaitTermination(SECONDS * 3L, TimeUnit.SECONDS);
        System.out.printf(
                "%d cooks for %d s, %s%n", cooks, SECONDS, refused.isEmpty() ? "no error" : "refused: " + refused);
        took.forEach((what, times) -> {
            var sorted = times.stream().mapToDouble(ms -> ms).sorted().toArray();
            System.out.printf(
                    Locale.ROOT,
                    "  %s: %d, median %.0f ms, p95 %.0f ms, slowest %.0f ms%n",
                    what,
                    sorted.length,
                    sorted[sorted.length / 2],
                    sorted[(int) (0.95 * sorted.length)],
                    sorted[sorted.length - 1]);
        });
    }

    private void work(int me, int cooks, long until) {
        try {
            var client = HttpClient.newHttpClient();
            var own = ask(client, "begun", "POST", "/api/formulas", demo);
            var id = found(ID, own);
            var version = found(VERSION, own);
            TimeUnit.MILLISECONDS.sleep((long) BETWEEN_MS * me / cooks);
            for (int n = 0; System.nanoTime() < until; n++) {
                var document = LoadBench.dosed(demo, 8 + 0.01 * (me * 1000 + n) % 20);
                switch (n % 5) {
                    case 0, 1, 2 -> ask(client, "assessed", "POST", "/api/assessments?tried=false", document);
                    case 3 -> {
                        var saved = ask(
                                client,
                                "saved",
                                "PUT",
                                "/api/formulas/" + id,
                                "{\"version\":" + version + ",\"document\":" + document + "}");
                        version = saved.isEmpty() ? version : found(VERSION, saved);
                    }
                    default -> ask(client, "read", "GET", n % 2 == 0 ? "/api/book" : "/api/log", "");
                }
                TimeUnit.MILLISECONDS.sleep(BETWEEN_MS);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private static String found(Pattern pattern, String text) {
        var found = pattern.matcher(text);
        return found.find() ? found.group(1) : "";
    }

    /** The answer; empty where it is none. */
    private String ask(HttpClient client, String what, String method, String path, String body)
            throws InterruptedException {
        long begin = System.nanoTime();
        try {
            var answer = client.send(
                    Session.of(HttpRequest.newBuilder(URI.create(address + path)))
                            .header("Content-Type", "application/json")
                            .method(method, body.isEmpty() ? BodyPublishers.noBody() : BodyPublishers.ofString(body))
                            .build(),
                    BodyHandlers.ofString());
            took.computeIfAbsent(what, key -> new ConcurrentLinkedQueue<>())
                    .add((System.nanoTime() - begin) / NANOS_PER_MS);
            if (answer.statusCode() < 300) {
                return answer.body();
            }
            refused.merge(what + " " + answer.statusCode(), 1, Integer::sum);
        } catch (IOException e) {
            refused.merge(what + " no answer", 1, Integer::sum);
        }
        return "";
    }
}
