package com.deftchill.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;

/**
 * Callers who assess formulas at the same time, each with a dose of its own in every request, against a running server.
 * Run by ops/load.
 */
public final class LoadBench {
    private static final int CALLERS = 8;
    private static final int WARM_UP = 150;
    private static final int REQUESTS = 200;
    private static final double NANOS_PER_MS = 1e6;

    private LoadBench() {}

    /** Arguments: address of the server, folder of the demo formulas. */
    public static void main(String[] args) throws IOException, InterruptedException, ExecutionException {
        measure(args, "set creams", "pear-bay", "brown-butter-quince", "smoked-tea-honey", "coconut-sea-buckthorn");
        measure(
                args,
                "layered desserts",
                "buckthorn-cheesecake",
                "chestnut-dome",
                "malt-cherry-bowl",
                "slanted-tea-glasses");
    }

    private static void measure(String[] args, String what, String... demos)
            throws IOException, InterruptedException, ExecutionException {
        var documents = new ArrayList<String>();
        for (var demo : demos) {
            documents.add(Files.readString(Path.of(args[1], demo + ".json")));
        }
        run(args[0], documents, WARM_UP, 0);
        print(what + ", back to back", run(args[0], documents, REQUESTS, 0));
        print(what + ", a key every 250 ms", run(args[0], documents, REQUESTS, 250));
    }

    private static double[] run(String address, List<String> documents, int requests, long pauseMs)
            throws InterruptedException, ExecutionException {
        var pool = Executors.newFixedThreadPool(CALLERS);
        var callers = new ArrayList<Future<double[]>>();
        for (int caller = 0; caller < CALLERS; caller++) {
            int me = caller;
            callers.add(pool.submit(() -> call(address, documents, me, requests, pauseMs)));
        }
        var all = new ArrayList<Double>();
        for (var caller : callers) {
            Arrays.stream(caller.get()).forEach(all::add);
        }
        pool.shutdown();
        return all.stream().mapToDouble(ms -> ms).sorted().toArray();
    }

    private static double[] call(String address, List<String> documents, int me, int requests, long pauseMs)
            throws IOException, InterruptedException {
        var client = HttpClient.newHttpClient();
        var took = new double[requests];
        for (int n = 0; n < requests; n++) {
            var document = documents.get(n % documents.size());
            var body = dosed(document, 8 + 0.01 * (me * requests + n));
            var request = Session.of(HttpRequest.newBuilder(URI.create(address + "/api/assessments")))
                    .header("Content-Type", "application/json")
                    .POST(BodyPublishers.ofString(body))
                    .build();
            long start = System.nanoTime();
            var answer = client.send(request, BodyHandlers.ofString());
            took[n] = (System.nanoTime() - start) / NANOS_PER_MS;
            if (answer.statusCode() != 200) {
                throw new IOException(answer.statusCode() + ": " + answer.body());
            }
            TimeUnit.MILLISECONDS.sleep(pauseMs);
        }
        return took;
    }

    /** The same with another dose of its first gelling agent. */
    static String dosed(String document, double grams) {
        return document.replaceFirst(
                "(\"gels\": *\\[\\s*\\{[^}]*?\"amount\": *\")[^\"]*(\")",
                "$1" + String.format(Locale.ROOT, "%.2f g", grams) + "$2");
    }

    private static void print(String how, double[] sorted) {
        System.out.printf(
                Locale.ROOT,
                "%d callers, %s: %d assessments, median %.0f ms, p95 %.0f ms, slowest %.0f ms%n",
                CALLERS,
                how,
                sorted.length,
                sorted[sorted.length / 2],
                sorted[(int) (0.95 * sorted.length)],
                sorted[sorted.length - 1]);
    }
}
