package com.deftchill.bench;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Somebody edits a formula, somebody makes a batch, somebody plans, all the time and through whatever ops/kills does to the
 * application, its database, the disk and the wire between them. Each writes down what was acknowledged, and when; at the end all of it
 * must be there.
 */
public final class KillBench {
    private static final HttpClient HTTP =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(2)).build();
    private static final Duration PATIENCE = Duration.ofSeconds(10);
    private static final Pattern ID = Pattern.compile("\"id\":\"([^\"]+)\"");
    private static final Pattern CODE = Pattern.compile("\"code\":\"([^\"]+)\"");
    private static final Pattern VERSION = Pattern.compile("\"version\":(\\d+)");
    private static final Pattern NUMBERED = Pattern.compile("\"name\":\"No\\. (\\d+)\"");
    /** A batch holds 2000 entries: a new one before it is full. */
    private static final int ENTRIES_OF_A_BATCH = 1500;

    private static final int AGAIN_MS = 200;
    private static final int BETWEEN_MS = 20;

    private final String address;
    private final Path directory;

    private KillBench(String address, Path directory) {
        this.address = address;
        this.directory = directory;
    }

    /** @param args {@code work ADDRESS DIRECTORY DEMO}, {@code recovered DIRECTORY SINCE} or {@code check ADDRESS DIRECTORY} */
    public static void main(String[] args) throws IOException, InterruptedException {
        switch (args[0]) {
            case "work" -> new KillBench(args[1], Path.of(args[2])).work(Files.readString(Path.of(args[3])));
            case "recovered" -> recovered(Path.of(args[1]), Long.parseLong(args[2]));
            case "check" -> new KillBench(args[1], Path.of(args[2])).check();
            default -> throw new IllegalArgumentException("work, recovered or check, not " + args[0]);
        }
    }

    /** What was answered; of no answer the status is 0. */
    private record Answer(int status, String body) {
        String found(Pattern pattern) {
            Matcher found = pattern.matcher(body);
            return found.find() ? found.group(1) : "";
        }
    }

    private Answer ask(String method, String path, String body) throws InterruptedException {
        try {
            var answer = HTTP.send(
                    Session.of(HttpRequest.newBuilder(URI.create(address + path)))
                            .header("Content-Type", "application/json")
                            .timeout(PATIENCE)
                            .method(method, body.isEmpty() ? BodyPublishers.noBody() : BodyPublishers.ofString(body))
                            .build(),
                    BodyHandlers.ofString());
            return new Answer(answer.statusCode(), answer.body());
        } catch (IOException away) {
            return new Answer(0, "");
        }
    }

    /** As often as it takes; only what is refused for what it is ends it. */
    private Answer stored(String method, String path, String body) throws InterruptedException {
        while (true) {
            var answer = ask(method, path, body);
            if (answer.status() >= 200 && answer.status() < 300 || answer.status() == 409) {
                return answer;
            }
            if (answer.status() >= 400 && answer.status() < 500 && answer.status() != 429) {
                throw new IllegalStateException(method + " " + path + ": " + answer);
            }
            try {
                note("refused", answer.status() == 0 ? "no answer" : answer.status() + " " + answer.found(CODE));
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
            Thread.sleep(AGAIN_MS);
        }
    }

    private synchronized void note(String what, String id) throws IOException {
        Files.writeString(
                directory.resolve(what),
                System.currentTimeMillis() + " " + id + "\n",
                StandardOpenOption.CREATE,
                StandardOpenOption.APPEND);
    }

    private interface Work {
        void run() throws IOException, InterruptedException;
    }

    private void work(String demo) throws InterruptedException {
        var workers = new ArrayList<Thread>();
        for (Work work : List.<Work>of(() -> edit(demo), () -> make(demo), this::plan)) {
            var worker = new Thread(() -> {
                try {
                    work.run();
                } catch (IOException | InterruptedException | RuntimeException e) {
                    e.printStackTrace();
                    System.exit(1);
                }
            });
            worker.start();
            workers.add(worker);
        }
        for (var worker : workers) {
            worker.join();
        }
    }

    private void edit(String demo) throws IOException, InterruptedException {
        var id = UUID.randomUUID().toString();
        stored("POST", "/api/formulas?id=" + id, demo);
        Files.writeString(directory.resolve("formula.id"), id);
        save("/api/formulas/" + id, "editing", demo.replaceFirst("\"name\": *\"[^\"]*\"", "\"name\":\"No. %d\""));
    }

    private void plan() throws IOException, InterruptedException {
        var start = stored("GET", "/api/plan-starts?zone=UTC", "").body();
        var made =
                stored("POST", "/api/plans", "{\"writeId\":\"" + UUID.randomUUID() + "\",\"document\":" + start + "}");
        Files.writeString(directory.resolve("plan.id"), made.found(ID));
        save(
                "/api/plans/" + made.found(ID),
                "planning",
                start.replaceFirst("\"name\":\"[^\"]*\"", "\"name\":\"No. %d\""));
    }

    /** Saves one state after the other; one that is there although nobody said so is read and gone on from. */
    private void save(String path, String what, String document) throws IOException, InterruptedException {
        var text = document.replaceAll("%(?!d\")", "%%");
        var version = stored("GET", path, "").found(VERSION);
        for (int n = 1; ; n++) {
            var saved =
                    stored("PUT", path, "{\"version\":" + version + ",\"document\":" + String.format(text, n) + "}");
            if (saved.status() == 409) {
                version = stored("GET", path, "").found(VERSION);
            } else {
                version = saved.found(VERSION);
                note(what, String.valueOf(n));
            }
            Thread.sleep(BETWEEN_MS);
        }
    }

    private void make(String demo) throws IOException, InterruptedException {
        var formula =
                stored("POST", "/api/formulas?id=" + UUID.randomUUID(), demo).found(ID);
        while (true) {
            var making = UUID.randomUUID().toString();
            stored("POST", "/api/makings", "{\"id\":\"" + making + "\",\"formulaId\":\"" + formula + "\"}");
            for (int n = 0; n < ENTRIES_OF_A_BATCH; n++) {
                var id = UUID.randomUUID().toString();
                stored(
                        "POST",
                        "/api/makings/" + making + "/events",
                        "{\"events\":[{\"id\":\"%s\",\"at\":%d,\"kind\":\"NOTED\",\"step\":\"\",\"text\":\"n\"}]}"
                                .formatted(id, System.currentTimeMillis()));
                note("making", making + " " + id);
                Thread.sleep(BETWEEN_MS);
            }
        }
    }

    /** Waits until each of the three was acknowledged something that they asked for after a moment, and says how long that took. */
    private static void recovered(Path directory, long since) throws IOException, InterruptedException {
        long until = since;
        for (var what : List.of("editing", "making", "planning")) {
            long at = since;
            while (at <= since) {
                Thread.sleep(10);
                var lines = Files.exists(directory.resolve(what))
                        ? Files.readAllLines(directory.resolve(what))
                        : List.<String>of();
                at = lines.stream()
                        .mapToLong(line -> Long.parseLong(line.split(" ")[0]))
                        .filter(moment -> moment > since)
                        .findFirst()
                        .orElse(since);
            }
            until = Math.max(until, at);
        }
        System.out.println(until - since);
    }

    private void check() throws IOException, InterruptedException {
        int lost = 0;
        var entries = Files.readAllLines(directory.resolve("making"));
        String making = "";
        String view = "";
        for (var line : entries) {
            var words = line.split(" ");
            if (!words[1].equals(making)) {
                making = words[1];
                view = stored("GET", "/api/makings/" + making, "").body();
            }
            lost += view.contains(words[2]) ? 0 : 1;
        }
        int states = 0;
        for (var what : List.of("formula", "plan")) {
            var acknowledged = Files.readAllLines(directory.resolve(what.equals("plan") ? "planning" : "editing"));
            var id = Files.readString(directory.resolve(what + ".id"));
            var there = stored("GET", "/api/" + what + "s/" + id, "").found(NUMBERED);
            long last = Long.parseLong(acknowledged.get(acknowledged.size() - 1).split(" ")[1]);
            states += acknowledged.size();
            lost += Long.parseLong(there) >= last ? 0 : 1;
        }
        System.out.printf("%d entries and %d saves acknowledged, %d lost%n", entries.size(), states, lost);
        if (lost > 0) {
            System.exit(1);
        }
    }
}
