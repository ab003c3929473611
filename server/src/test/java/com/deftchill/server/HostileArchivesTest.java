package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.support.Apart;
import com.deftchill.server.support.Api;
import com.deftchill.server.support.EveryPage;
import com.deftchill.server.support.Newcomer;
import com.deftchill.server.support.TestServer;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Archives that were made to harm: none stops the service, breaks the kitchen that takes it in, or reaches into another. */
@Apart
class HostileArchivesTest {
    private static final String ARCHIVE = "/api/kitchen/archive.zip";
    private static final String ZIP = "application/zip";
    private static final String ABOUT = "{\"format\":\"deft-chill-archive\",\"version\":1}";
    private static final int MEGABYTE = 1 << 20;
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static TestServer server;
    private static Api head;

    @BeforeAll
    static void start() {
        server = TestServer.fresh();
        head = new Api(server.server());
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    private static Api elsewhere() {
        var api = head.as(Newcomer.invited(server.server(), "GUEST").session());
        assertThat(api.post("/api/account/kitchens", "{\"name\":\"Across the street\"}")
                        .status())
                .isEqualTo(201);
        return api;
    }

    /** What is written into a file of a zip. */
    private interface Content {
        void to(OutputStream out) throws IOException;
    }

    private static Content text(String text) {
        return out -> out.write(text.getBytes(StandardCharsets.UTF_8));
    }

    private static Content repeated(String before, String part, long bytes, String after) {
        return out -> {
            out.write(before.getBytes(StandardCharsets.UTF_8));
            var block = part.repeat(Math.max(1, 65_536 / part.length())).getBytes(StandardCharsets.UTF_8);
            for (long written = 0; written < bytes; written += block.length) {
                out.write(block);
            }
            out.write(after.getBytes(StandardCharsets.UTF_8));
        };
    }

    private static byte[] zip(Map<String, Content> files) {
        var out = new ByteArrayOutputStream();
        try (var zip = new ZipOutputStream(out)) {
            for (var file : files.entrySet()) {
                zip.putNextEntry(new ZipEntry(file.getKey()));
                file.getValue().to(zip);
            }
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
        return out.toByteArray();
    }

    private static byte[] with(String name, Content content) {
        var files = new LinkedHashMap<String, Content>();
        files.put("kitchen.json", text(ABOUT));
        files.put(name, content);
        return zip(files);
    }

    private static Map<String, byte[]> bombs() {
        var bombs = new LinkedHashMap<String, byte[]>();
        var id = UUID.randomUUID().toString();
        long large = 64L * MEGABYTE;
        bombs.put("64 MB of {} in a list", with("larder.json", repeated("[{}", ",{}", large, "]")));
        bombs.put(
                "64 MB of rows",
                with("larder.json", repeated("[{\"id\":\"" + id + "\"}", ",{\"id\":\"" + id + "\"}", large, "]")));
        bombs.put(
                "64 MB of {} in a row",
                with("larder.json", repeated("[{\"id\":\"" + id + "\",\"entry\":[{}", ",{}", large, "]}]")));
        bombs.put("64 MB of {} in the settings", zip(Map.of("kitchen.json", repeated("[{}", ",{}", large, "]"))));
        bombs.put("7 MB of {} in a plan", with("plans/a.json", repeated("[{}", ",{}", 7 * MEGABYTE, "]")));
        bombs.put("7 MB of [] in a formula", with("formulas/a.about.json", repeated("[[]", ",[]", 7 * MEGABYTE, "]")));
        bombs.put("deep lists", with("larder.json", repeated("", "[", 8 * MEGABYTE, "")));
        bombs.put("deep objects", with("plans/a.json", repeated("", "{\"a\":", 4 * MEGABYTE, "")));
        bombs.put("wide", with("larder.json", out -> {
            out.write(("[{\"id\":\"" + id + "\"").getBytes(StandardCharsets.UTF_8));
            for (int i = 0; i < 2_000_000; i++) {
                out.write((",\"f" + i + "\":0").getBytes(StandardCharsets.UTF_8));
            }
            out.write("}]".getBytes(StandardCharsets.UTF_8));
        }));
        bombs.put("a long text", with("larder.json", repeated("[{\"id\":\"", "a", large, "\"}]")));
        bombs.put("a long name", with("larder.json", repeated("[{\"", "a", large, "\":1}]")));
        bombs.put("a long number", with("larder.json", repeated("[{\"id\":", "9", large, "}]")));
        var batch = "{\"id\":\"" + id + "\",\"standingMm\":%s,\"version\":%s}";
        for (var number : List.of("1e400", "1e2147483647", "-1e999999999", "9".repeat(900), "1" + "0".repeat(400))) {
            var shown = number.substring(0, Math.min(12, number.length()));
            bombs.put("figure " + shown, with("log/a.json", text(String.format(batch, number, "1"))));
            bombs.put("whole " + shown, with("log/a.json", text(String.format(batch, "1", number))));
            bombs.put(
                    "version " + shown,
                    zip(Map.of("kitchen.json", text(ABOUT.replace("\"version\":1", "\"version\":" + number)))));
        }
        bombs.put("many files", many());
        bombs.put("blanks", with("larder.json", repeated("[", " ", 256L * MEGABYTE, "]")));
        bombs.put("an endless list of files", listed());
        bombs.put("no zip", "PK\3\4 and nothing else".getBytes(StandardCharsets.UTF_8));
        bombs.put("a zip cut short", java.util.Arrays.copyOf(bombs.get("many files"), 100_000));
        return bombs;
    }

    private static byte[] many() {
        var files = new LinkedHashMap<String, Content>();
        files.put("kitchen.json", text(ABOUT));
        for (int i = 0; i < 70_000; i++) {
            files.put("log/" + i + ".json", text("{}"));
        }
        return zip(files);
    }

    /** Says that its list of files is 2 GB long. */
    private static byte[] listed() {
        var zip = with("larder.json", text("[]"));
        int end = zip.length - 22;
        zip[end + 12] = 0;
        zip[end + 13] = 0;
        zip[end + 14] = 0;
        zip[end + 15] = 0x7f;
        return zip;
    }

    @Test
    void noArchiveStopsTheService() {
        var api = elsewhere();
        var told = new ArrayList<String>();
        for (var bomb : bombs().entrySet()) {
            long before = System.nanoTime();
            var answer = api.postBytes(ARCHIVE, bomb.getValue(), ZIP);
            assertThat(answer.status())
                    .as("%s: %s", bomb.getKey(), answer.text())
                    .isBetween(400, 499);
            assertThat(head.get("/api/formulas").status()).as(bomb.getKey()).isEqualTo(200);
            told.add(String.format(
                    "%s (%d kB): %d after %.1f s",
                    bomb.getKey(), bomb.getValue().length / 1024, answer.status(), (System.nanoTime() - before) / 1e9));
        }
        System.out.println("Archives that were made to harm:\n" + String.join("\n", told));
        EveryPage.holds(api, "all bombs");
    }

    private static Map<String, byte[]> files(byte[] zip) throws IOException {
        var files = new TreeMap<String, byte[]>();
        try (var in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (var entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                files.put(entry.getName(), in.readAllBytes());
            }
        }
        return files;
    }

    /** Every place in a document, as a JSON pointer. */
    private static void places(JsonNode node, String at, List<String> found) {
        if (!at.isEmpty()) {
            found.add(at);
        }
        if (node instanceof ObjectNode object) {
            object.properties()
                    .forEach(field ->
                            places(field.getValue(), at + "/" + field.getKey().replace("/", "~1"), found));
        } else if (node instanceof ArrayNode array && !array.isEmpty()) {
            places(array.get(0), at + "/0", found);
        }
    }

    private static byte[] changed(byte[] file, String at, JsonNode value) {
        var root = JSON.readTree(file);
        int last = at.lastIndexOf('/');
        var parent = root.at(at.substring(0, last));
        var name = at.substring(last + 1).replace("~1", "/");
        if (parent instanceof ObjectNode object) {
            object.set(name, value);
        } else {
            ((ArrayNode) parent).set(Integer.parseInt(name), value);
        }
        return JSON.writeValueAsBytes(root);
    }

    /** One file of each kind, with each of its fields as nothing, and as what it is not: taken in or refused, and all goes on. */
    @Test
    void noFieldOfAnArchiveBreaksTheKitchenThatTakesItIn() throws IOException {
        var all = files(head.getBytes(ARCHIVE));
        var random = new Random(36);
        var values = List.of(
                JSON.nullNode(),
                JSON.getNodeFactory().numberNode(-1e300),
                JSON.getNodeFactory().stringNode(""),
                JSON.createArrayNode(),
                JSON.createObjectNode());
        var kinds = new LinkedHashMap<String, String>();
        all.keySet().stream()
                .filter(name -> name.endsWith(".json"))
                .forEach(name -> kinds.putIfAbsent(name.replaceAll("/.*?(\\.about)?\\.json$", "$1"), name));
        var tried = 0;
        for (var kind : kinds.values()) {
            var found = new ArrayList<String>();
            places(JSON.readTree(all.get(kind)), "", found);
            var own = elsewhere();
            // All settings, and a sample of the rest: what is in many formulas is tried in one.
            var sample = found;
            if (!kind.equals("kitchen.json")) {
                java.util.Collections.shuffle(sample, random);
                sample = new ArrayList<>(sample.subList(0, Math.min(12, sample.size())));
            }
            for (var at : sample) {
                for (var value : kind.equals("kitchen.json") ? values : values.subList(0, 2)) {
                    var files = new LinkedHashMap<String, Content>();
                    files.put("kitchen.json", text(ABOUT));
                    files.put(kind, out -> out.write(changed(all.get(kind), at, value)));
                    var beside = kind.replace(".about.json", ".json");
                    if (!beside.equals(kind) && all.containsKey(beside)) {
                        files.put(beside, out -> out.write(all.get(beside)));
                    }
                    var answer = own.postBytes(ARCHIVE, zip(files), ZIP);
                    tried++;
                    assertThat(answer.status())
                            .as("%s %s %s: %s", kind, at, value, answer.text())
                            .isIn(200, 422);
                }
            }
            EveryPage.holds(own, kind);
        }
        assertThat(tried).isGreaterThan(200);
    }

    /** A batch, a plan, a making that name another kitchen's formula belong to something that is not here. */
    @Test
    void anotherKitchensRowsAreNotTiedDown() throws IOException {
        var formula = head.post(
                        "/api/formulas",
                        Api.demo("pear-bay").put("name", "Theirs").toString())
                .json()
                .at("/id")
                .asString();
        var archive = new LinkedHashMap<String, Content>();
        archive.put("kitchen.json", text(ABOUT));
        files(head.getBytes(ARCHIVE)).forEach((name, bytes) -> {
            if (name.matches("(log|makings|ladders)/.*json")) {
                var row = (ObjectNode) JSON.readTree(bytes);
                row.put("id", UUID.randomUUID().toString()).put("formulaId", formula);
                row.remove(List.of("photos", "corrections", "events", "makingId", "batchId"));
                archive.put(name, out -> out.write(JSON.writeValueAsBytes(row)));
            }
        });
        assertThat(archive).hasSizeGreaterThan(3);
        var own = elsewhere();
        var taken = own.postBytes(ARCHIVE, zip(archive), ZIP);
        assertThat(taken.status()).as(taken.text()).isEqualTo(200);
        for (var kind : taken.json().at("/cameIn")) {
            assertThat(kind.at("/added").asInt()).as(kind.toString()).isZero();
        }
        assertThat(taken.text()).contains("belongs to something that is not here");
        server.inDatabase(jdbc -> {
            for (var table : List.of("batch", "making", "ladder", "revision", "kept_answer", "book_entry")) {
                assertThat(jdbc.queryForObject(
                                "select count(*) from " + table
                                        + " t join formula f on f.id = t.formula_id where f.kitchen <> t.kitchen",
                                Long.class))
                        .as(table)
                        .isZero();
            }
        });
        assertThat(head.delete("/api/formulas/" + formula + "?version=0").status())
                .isEqualTo(200);
        assertThat(head.get("/api/formulas/" + formula).status()).isEqualTo(404);
    }

    @Test
    void nobodyOpensKitchensWithoutEnd() {
        var api = head.as(Newcomer.invited(server.server(), "GUEST").session());
        var refused = 0;
        for (int i = 0; i < 25; i++) {
            var answer = api.post("/api/account/kitchens", "{\"name\":\"Kitchen " + i + "\"}");
            refused += answer.status() == 422 ? 1 : 0;
        }
        assertThat(refused).isEqualTo(5);
    }
}
