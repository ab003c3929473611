package com.deftchill.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Duration;
import java.util.List;
import java.util.UUID;

/**
 * Sends entries of a batch in the making until it is killed, and writes down each that was acknowledged; or checks that all
 * of those are there. For ops/kills.
 */
public final class KillBench {
    private static final HttpClient HTTP =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(2)).build();
    private static final Duration PATIENCE = Duration.ofSeconds(10);

    private KillBench() {}

    /** @param args {@code begin ADDRESS DEMO}, {@code send ADDRESS MAKING FILE} or {@code check ADDRESS MAKING FILE} */
    public static void main(String[] args) throws IOException, InterruptedException {
        switch (args[0]) {
            case "begin" -> begin(args[1], Path.of(args[2]));
            case "send" -> send(args[1] + "/api/makings/" + args[2], Path.of(args[3]));
            case "check" -> check(args[1] + "/api/makings/" + args[2], Path.of(args[3]));
            default -> throw new IllegalArgumentException("begin, send or check, not " + args[0]);
        }
    }

    private static String post(String address, String body) throws IOException, InterruptedException {
        var answer = HTTP.send(
                Session.of(HttpRequest.newBuilder(URI.create(address)))
                        .header("Content-Type", "application/json")
                        .timeout(PATIENCE)
                        .POST(BodyPublishers.ofString(body))
                        .build(),
                BodyHandlers.ofString());
        if (answer.statusCode() >= 300) {
            throw new IOException(answer.statusCode() + " " + answer.body());
        }
        return answer.body();
    }

    private static void begin(String address, Path demo) throws IOException, InterruptedException {
        var formula = post(address + "/api/formulas", Files.readString(demo))
                .replaceAll("(?s).*?\"id\":\"([^\"]+)\".*", "$1");
        var id = UUID.randomUUID().toString();
        post(address + "/api/makings", "{\"id\":\"" + id + "\",\"formulaId\":\"" + formula + "\"}");
        System.out.println(id);
    }

    private static void send(String making, Path acknowledged) throws InterruptedException {
        while (true) {
            var id = UUID.randomUUID().toString();
            var entry = "{\"events\":[{\"id\":\"%s\",\"at\":%d,\"kind\":\"NOTED\",\"step\":\"\",\"text\":\"n\"}]}"
                    .formatted(id, System.currentTimeMillis());
            try {
                post(making + "/events", entry);
                Files.writeString(acknowledged, id + "\n", StandardOpenOption.CREATE, StandardOpenOption.APPEND);
            } catch (IOException away) {
                return;
            }
        }
    }

    private static void check(String making, Path acknowledged) throws IOException, InterruptedException {
        var view = HTTP.send(
                        Session.of(HttpRequest.newBuilder(URI.create(making)))
                                .timeout(PATIENCE)
                                .build(),
                        BodyHandlers.ofString())
                .body();
        var ids = Files.exists(acknowledged) ? Files.readAllLines(acknowledged) : List.<String>of();
        long lost = ids.stream().filter(id -> !view.contains(id)).count();
        System.out.println(ids.size() + " acknowledged, " + lost + " lost");
        if (lost > 0) {
            System.exit(1);
        }
    }
}
