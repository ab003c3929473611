package com.deftchill.server.archive;

import com.deftchill.core.kitchen.WrittenKitchen;
import com.deftchill.core.text.Argument;
import com.deftchill.core.verdict.Problem;
import com.deftchill.server.problem.NotUnderstoodException;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.DateTimeException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Understands an archive. It is read from the disk, never unpacked onto it, and no more than so much of it at once. */
@Component
class ArchiveReader {
    private static final int MOST_ENTRIES = 500_000;
    private static final int MOST_JSON_BYTES = 8 * 1024 * 1024;
    private static final int MOST_TOGETHER_BYTES = 64 * 1024 * 1024;
    private static final int MOST_PHOTO_BYTES = 16 * 1024 * 1024;
    private static final int MOST_PROBLEMS = 20;
    private static final String ABOUT = ".about.json";

    private final Rows rows;
    private final JsonMapper json;

    ArchiveReader(Rows rows, JsonMapper json) {
        this.rows = rows;
        this.json = json;
    }

    /** Something of an archive that cannot be what it should be. */
    private static final class Unfit extends Exception {
        private static final long serialVersionUID = 1;

        Unfit(String why) {
            super(why);
        }
    }

    /** A row that an archive has; the file that it stands in. */
    record Row(String file, ObjectNode values) {}

    /** What is done with each row. */
    interface Each {
        void row(Table table, Row row) throws IOException;
    }

    ZipFile open(Path file) throws IOException {
        try {
            var zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8);
            if (zip.getEntry("kitchen.json") == null || zip.size() > MOST_ENTRIES) {
                zip.close();
                throw none();
            }
            return zip;
        } catch (ZipException e) {
            throw none();
        }
    }

    private static NotUnderstoodException none() {
        return new NotUnderstoodException(
                List.of(Problem.of("file-invalid", "", "The file", "", Problem.rule("file.archive"))));
    }

    /**
     * Looks at all of it.
     *
     * @return the ids of all rows, by table
     * @throws NotUnderstoodException naming each file at fault
     */
    Map<String, Set<String>> check(ZipFile zip) throws IOException {
        about(zip);
        var problems = new ArrayList<Problem>();
        var ids = new LinkedHashMap<String, Set<String>>();
        walk(zip, problems, (table, row) -> {
            own(ids, table, row.values());
            for (var part : table.parts()) {
                row.values().path(part.key()).forEach(node -> own(ids, part, node));
            }
        });
        if (!problems.isEmpty()) {
            throw new NotUnderstoodException(problems.subList(0, Math.min(MOST_PROBLEMS, problems.size())));
        }
        return ids;
    }

    private static void own(Map<String, Set<String>> ids, Table table, JsonNode row) {
        ids.computeIfAbsent(table.name(), name -> new LinkedHashSet<>())
                .add(row.path("id").asString());
    }

    /** Its settings; missing where it has none. */
    JsonNode about(ZipFile zip) throws IOException {
        try {
            var about = json.readTree(bytes(zip, zip.getEntry("kitchen.json"), MOST_JSON_BYTES));
            if (!about.path("format").asString("").equals("deft-chill-archive")) {
                throw none();
            }
            int version = about.path("version").asInt(0);
            if (version < 1 || version > ArchiveWriter.VERSION) {
                throw new NotUnderstoodException(List.of(Problem.of(
                        "file-invalid",
                        "/version",
                        "kitchen.json",
                        String.valueOf(version),
                        Problem.rule("file.archive-newer")
                                .with("version", Argument.figure(version, 0))
                                .with("newest", Argument.figure(ArchiveWriter.VERSION, 0)))));
            }
            if (about.has("settings")) {
                json.treeToValue(about.get("settings"), WrittenKitchen.class);
            }
            return about;
        } catch (JacksonException | Unfit e) {
            throw none();
        }
    }

    /** Every row that it has, in the order in which they can be stored. */
    void walk(ZipFile zip, List<Problem> problems, Each each) throws IOException {
        for (var table : Tables.TOGETHER) {
            var entry = zip.getEntry(table.key() + ".json");
            if (entry != null) {
                together(zip, table, entry, problems, each);
            }
        }
        for (var table : Tables.ONE_FILE_EACH) {
            for (var entry : files(zip, table)) {
                try {
                    each.row(table, new Row(entry.getName(), row(zip, table, entry)));
                } catch (Unfit | JacksonException | IllegalArgumentException | DateTimeException e) {
                    problems.add(problem(entry.getName(), e));
                }
            }
        }
    }

    private void together(ZipFile zip, Table table, ZipEntry entry, List<Problem> problems, Each each)
            throws IOException {
        try {
            for (var node : json.readTree(bytes(zip, entry, MOST_TOGETHER_BYTES))) {
                each.row(table, new Row(entry.getName(), checked(table, node)));
            }
        } catch (Unfit | JacksonException | IllegalArgumentException | DateTimeException e) {
            problems.add(problem(entry.getName(), e));
        }
    }

    private static Problem problem(String file, Exception e) {
        var why = e instanceof JacksonException jackson ? jackson.getOriginalMessage() : e.getMessage();
        var first = why == null ? "" : why.lines().findFirst().orElse("");
        return Problem.of(
                "file-invalid",
                "/" + file,
                file,
                "",
                Problem.rule("file.archive-row").with("why", first));
    }

    private static List<? extends ZipEntry> files(ZipFile zip, Table table) {
        var ending = table == Tables.FORMULA ? ABOUT : ".json";
        return zip.stream()
                .filter(entry -> entry.getName().startsWith(table.key() + "/")
                        && entry.getName().endsWith(ending))
                .toList();
    }

    private ObjectNode row(ZipFile zip, Table table, ZipEntry entry) throws IOException, Unfit {
        var node = json.readTree(bytes(zip, entry, MOST_JSON_BYTES));
        if (table == Tables.FORMULA && node instanceof ObjectNode about) {
            var beside = zip.getEntry(about.path("file").asString(""));
            if (beside == null) {
                throw new Unfit("its document " + about.path("file").asString("") + " is not in the archive");
            }
            about.set("document", json.readTree(bytes(zip, beside, MOST_JSON_BYTES)));
        }
        return checked(table, node);
    }

    private ObjectNode checked(Table table, JsonNode node) throws Unfit {
        if (!node.isObject() || !node.path("id").isString()) {
            throw new Unfit("it has no id");
        }
        var row = rows.checked(table, node);
        if (table == Tables.FORMULA) {
            row.set("tags", node.path("tags").isArray() ? node.get("tags") : json.createArrayNode());
        }
        if (table.name().equals(Tables.PHOTO)) {
            row.put("file", node.path("file").asString(""));
        }
        for (var part : table.parts()) {
            var list = json.createArrayNode();
            for (var one : node.path(part.key())) {
                list.add(checked(part, one));
            }
            row.set(part.key(), list);
        }
        return row;
    }

    /** The bytes of a photo; empty where it is not there or too large. */
    byte[] photo(ZipFile zip, String file) throws IOException {
        var entry = zip.getEntry(file);
        try {
            return entry == null ? new byte[0] : bytes(zip, entry, MOST_PHOTO_BYTES);
        } catch (Unfit e) {
            return new byte[0];
        }
    }

    /** What it says of its own size is not believed: no more than so much is read. */
    private static byte[] bytes(ZipFile zip, ZipEntry entry, int most) throws IOException, Unfit {
        try (var in = zip.getInputStream(entry)) {
            var bytes = in.readNBytes(most + 1);
            if (bytes.length > most) {
                throw new Unfit("it is larger than " + most / (1024 * 1024) + " MB");
            }
            return bytes;
        } catch (ZipException e) {
            throw new Unfit("it is damaged");
        }
    }
}
