package com.deftchill.server;

import com.deftchill.server.support.Api;
import com.deftchill.server.support.TestServer;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executors;
import java.util.function.IntConsumer;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.springframework.jdbc.core.JdbcTemplate;

/** Prints how soon the log answers with 10,000 batches and their photos, how long a photo and a fit take: ops/log. */
final class LogFigures {
    private static final int BATCHES = 10_000;
    private static final int LARGE_SIDE = 6400;

    private LogFigures() {}

    public static void main(String[] arguments) throws IOException {
        try (var server = TestServer.fresh()) {
            var api = new Api(server.server());
            server.inDatabase(LogFigures::twoHundred);
            fit(api);
            photos(api);
            server.inDatabase(LogFigures::grow);
            print("log, first page", times(60, i -> api.get("/api/log")));
            print("log, page 100", times(30, i -> api.get("/api/log?page=99&size=100")));
            print("log, by a word of the note", times(30, i -> api.get("/api/log?words=brandy")));
            print(
                    "log, by outcome and period",
                    times(30, i -> api.get("/api/log?outcome=TORN&since=2024-01-01&until=2024-12-31")));
            print(
                    "log, a month of the calendar",
                    times(30, i -> api.get("/api/log/days?since=2024-05-01&until=2024-05-31")));
            var ids = api.get("/api/log").json().at("/lines").findValuesAsString("id");
            print(
                    "thumbnails of a page",
                    times(
                            20,
                            i -> api.get("/api/log")
                                    .json()
                                    .at("/lines")
                                    .findValuesAsString("photo")
                                    .subList(0, 20)
                                    .forEach(photo -> api.getBytes("/api/photos/" + photo + "/small"))));
            print("a batch's page", times(30, i -> api.get("/api/log/batches/" + ids.get(i % ids.size()))));
        }
        System.exit(0);
    }

    /** 200 batches of the demo's formulas, each with heights and a probe, learnt from cold and once more. */
    private static void twoHundred(JdbcTemplate database) {
        var of = database.queryForList(
                "select cast(id as char) from batch where record is not null and json_length(record, '$.readings') > 0",
                String.class);
        int have = database.queryForObject("select count(*) from batch", Integer.class);
        for (int i = have; i < 200; i++) {
            database.update("""
                    insert into batch (id, formula_id, made_on, poured_at, outcome, standing_mm, note, predicted, document, created_at,
                                       version, kitchen, cook, found_by, record)
                    select uuid(), formula_id, date_sub(made_on, interval ? day), poured_at, outcome, standing_mm, note, predicted,
                           document, created_at, 0, kitchen, cook, found_by, record from batch where id = ?
                    """, i, of.get(i % of.size()));
        }
    }

    private static void fit(Api api) {
        print("fit of 200 batches, the models asked", times(1, i -> propose(api)));
        print("fit of 200 batches, the models known", times(10, i -> propose(api)));
    }

    private static void propose(Api api) {
        if (api.post("/api/learning/proposals", "{\"models\":false}").status() != 200) {
            throw new IllegalStateException("no proposal");
        }
    }

    private static void photos(Api api) throws IOException {
        var batch = api.get("/api/log").json().at("/lines/0/id").asString();
        var bytes = noisy();
        System.out.printf("a photo of %.1f MB%n", bytes.length / 1e6);
        IntConsumer send = i -> {
            var path = "/api/log/batches/" + batch + "/photos?id=" + UUID.randomUUID();
            if (api.postBytes(path, bytes, "image/jpeg").status() != 201) {
                throw new IllegalStateException("not kept");
            }
        };
        times(2, send);
        print("a photo kept", times(8, send));
        long begin = System.nanoTime();
        IntStream.range(0, 8)
                .mapToObj(i -> CompletableFuture.runAsync(() -> send.accept(i), Executors.newSingleThreadExecutor()))
                .toList()
                .forEach(CompletableFuture::join);
        System.out.printf(
                "8 photos at once: %.0f ms, with a heap of %d MB%n",
                (System.nanoTime() - begin) / 1e6, Runtime.getRuntime().maxMemory() / 1_000_000);
    }

    /** About as large as a phone's. */
    private static byte[] noisy() throws IOException {
        var image = new BufferedImage(LARGE_SIDE, LARGE_SIDE * 3 / 4, BufferedImage.TYPE_INT_RGB);
        var random = new Random(5);
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                int grey = (x + y) / 40 % 200 + random.nextInt(56);
                image.setRGB(x, y, grey << 16 | grey << 8 | random.nextInt(256));
            }
        }
        var out = new ByteArrayOutputStream();
        ImageIO.write(image, "jpg", out);
        return out.toByteArray();
    }

    private static void grow(JdbcTemplate database) {
        var kinds = List.of("CLEAN", "CLEAN", "SMALL_DIVOTS", "TORN", "STUCK", "SLUMPED");
        int have = database.queryForObject("select count(*) from batch", Integer.class);
        for (int i = have; i < BATCHES; i++) {
            database.update("""
                    insert into batch (id, formula_id, made_on, poured_at, outcome, standing_mm, note, predicted, document, created_at,
                                       version, kitchen, cook, found_by, record)
                    select uuid(), formula_id, date_sub(curdate(), interval ? day), poured_at, ?, standing_mm, note, predicted,
                           document, created_at, 0, kitchen, cook, found_by, record from batch limit 1
                    """, i / 8, kinds.get(i % kinds.size()));
        }
        var photo = database.queryForObject(
                "select cast(photo_id as char) from photo_bytes where small = false order by length(bytes) limit 1",
                String.class);
        database.update("""
                insert into photo (id, batch_id, kitchen, taken_by, caption, width, height, created_at)
                select uuid(), b.id, 'own', '', '', 900, 700, b.created_at from batch b where b.id not in (select batch_id from photo)
                """);
        database.update("""
                insert into photo_bytes (photo_id, small, bytes)
                select p.id, s.small, s.bytes from photo p join photo_bytes s on s.photo_id = ?
                where p.id not in (select photo_id from photo_bytes)
                """, photo);
        System.out.printf(
                "%d batches, %d photos%n",
                database.queryForObject("select count(*) from batch", Integer.class),
                database.queryForObject("select count(*) from photo", Integer.class));
    }

    private static double[] times(int count, IntConsumer what) {
        var took = new double[count];
        for (int i = 0; i < count; i++) {
            long begin = System.nanoTime();
            what.accept(i);
            took[i] = (System.nanoTime() - begin) / 1e6;
        }
        return took;
    }

    private static void print(String what, double[] ms) {
        var sorted = ms.clone();
        Arrays.sort(sorted);
        System.out.printf(
                "%s: median %.0f ms, p95 %.0f ms%n",
                what, sorted[sorted.length / 2], sorted[(int) (sorted.length * 0.95)]);
    }
}
