package com.deftchill.server.archive;

import com.deftchill.core.kitchen.KitchenReader;
import com.deftchill.core.kitchen.WrittenKitchen;
import com.deftchill.core.text.Argument;
import com.deftchill.core.verdict.Problem;
import com.deftchill.server.archive.Measured.Rest;
import com.deftchill.server.archive.Measured.TooMuchException;
import com.deftchill.server.problem.NotUnderstoodException;
import java.io.EOFException;
import java.io.File;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.DateTimeException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonToken;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.exc.JacksonIOException;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Understands an archive. It is read from the disk, never unpacked onto it, and a row at a time: however small the file and however
 * large what is packed in it, no more than one row is in memory.
 */
@Component
class ArchiveReader {
    private static final int MOST_ENTRIES = 500_000;
    private static final int MEGABYTE = 1024 * 1024;
    /** The list of its files. */
    private static final long MOST_DIRECTORY_BYTES = 64L * MEGABYTE;
    /** A file that is one row: a plan keeps the formulas of all its desserts. */
    private static final int MOST_JSON_BYTES = 8 * MEGABYTE;
    /** A row of a file that has many. */
    private static final int MOST_ROW_BYTES = MEGABYTE;

    private static final int MOST_ROWS = 1_000_000;
    private static final int MOST_PHOTO_BYTES = 16 * MEGABYTE;
    private static final int MOST_PROBLEMS = 20;
    /** Of JSON in one file: each takes some fifty bytes of memory. */
    private static final long MOST_TOKENS = 1_000_000;
    /** Kitchens' archives unpack to three to twelve times their size. */
    private static final long MOST_TIMES_LARGER = 100;

    private static final long ALWAYS_UNPACKED_BYTES = 64L * MEGABYTE;
    private static final int KNOWN_VALUE_LENGTH = 80;
    private static final String ABOUT = ".about.json";

    private final Rows rows;
    private final JsonMapper json;
    /** Reads no more of one file than may be in memory. */
    private final JsonMapper bounded = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxTokenCount(MOST_TOKENS)
                            .build())
                    .build())
            .build();

    ArchiveReader(Rows rows, JsonMapper json) {
        this.rows = rows;
        this.json = json;
    }

    /** A zip that is read, and how much of it may still be unpacked. */
    private record Source(ZipFile zip, Rest rest) {
        static Source of(ZipFile zip) {
            long packed = new File(zip.getName()).length();
            return new Source(zip, new Rest(ALWAYS_UNPACKED_BYTES + MOST_TIMES_LARGER * packed));
        }

        Measured open(ZipEntry entry, long most) throws IOException {
            return new Measured(zip.getInputStream(entry), most, rest);
        }
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
        long directory = ZipDirectory.bytes(file);
        if (directory < 0 || directory > MOST_DIRECTORY_BYTES) {
            throw none();
        }
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
        settings(zip);
        var problems = new ArrayList<Problem>();
        int[] found = {0};
        var ids = new LinkedHashMap<String, Set<String>>();
        walk(zip, problems, (table, row) -> {
            if (++found[0] > MOST_ROWS) {
                throw none();
            }
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

    /** Its settings; empty where it has none, or none that say anything. */
    Optional<WrittenKitchen> settings(ZipFile zip) throws IOException {
        JsonNode about;
        try {
            about = one(Source.of(zip), zip.getEntry("kitchen.json"));
        } catch (JacksonException | Unfit e) {
            throw none();
        }
        if (!about.path("format").asString("").equals("deft-chill-archive")) {
            throw none();
        }
        var version = about.path("version");
        if (!version.canConvertToInt() || version.intValue() < 1) {
            throw none();
        }
        if (version.intValue() > ArchiveWriter.VERSION) {
            throw new NotUnderstoodException(List.of(Problem.of(
                    "file-invalid",
                    "/version",
                    "kitchen.json",
                    version.toString(),
                    Problem.rule("file.archive-newer")
                            .with("version", Argument.figure(version.intValue(), 0))
                            .with("newest", Argument.figure(ArchiveWriter.VERSION, 0)))));
        }
        return about.hasNonNull("settings") ? Optional.of(settings(about.get("settings"))) : Optional.empty();
    }

    /** Settings by which nothing could be computed would stop the kitchen that takes them. */
    private WrittenKitchen settings(JsonNode given) {
        WrittenKitchen written;
        try {
            written = json.treeToValue(given, WrittenKitchen.class);
        } catch (JacksonException e) {
            throw new NotUnderstoodException(List.of(problem("kitchen.json", e)));
        }
        var reading = KitchenReader.read(written);
        if (reading.kitchen().isEmpty()) {
            throw new NotUnderstoodException(reading.problems());
        }
        return written;
    }

    /** Every row that it has, in the order in which they can be stored. */
    void walk(ZipFile zip, List<Problem> problems, Each each) throws IOException {
        var source = Source.of(zip);
        for (var table : Tables.TOGETHER) {
            var entry = zip.getEntry(table.key() + ".json");
            if (entry != null) {
                together(source, table, entry, problems, each);
            }
        }
        for (var table : Tables.ONE_FILE_EACH) {
            var entries = files(zip, table).iterator();
            while (entries.hasNext() && problems.size() < MOST_PROBLEMS) {
                var entry = entries.next();
                try {
                    each.row(table, new Row(entry.getName(), row(source, table, entry)));
                } catch (Unfit | JacksonException | IllegalArgumentException | DateTimeException e) {
                    problems.add(problem(entry.getName(), e));
                }
            }
        }
    }

    private void together(Source source, Table table, ZipEntry entry, List<Problem> problems, Each each)
            throws IOException {
        try (var in = source.open(entry, MOST_ROW_BYTES);
                var parser = json.createParser(in)) {
            if (parser.nextToken() != JsonToken.START_ARRAY) {
                throw new Unfit("it is no list");
            }
            while (parser.nextToken() != JsonToken.END_ARRAY) {
                JsonNode node = parser.readValueAsTree();
                in.nextRow();
                each.row(table, new Row(entry.getName(), checked(table, node)));
            }
        } catch (Unfit | JacksonException | IllegalArgumentException | DateTimeException e) {
            problems.add(problem(entry.getName(), e));
        } catch (ZipException | EOFException e) {
            problems.add(problem(entry.getName(), new Unfit("it is damaged")));
        }
    }

    private static Problem problem(String file, Exception e) {
        var why = e instanceof JacksonIOException io && io.getCause() instanceof TooMuchException tooMuch
                ? tooMuch.getMessage()
                : e instanceof JacksonException jackson ? jackson.getOriginalMessage() : e.getMessage();
        var first = why == null ? "" : why.lines().findFirst().orElse("");
        return Problem.of(
                "file-invalid",
                "/" + file,
                file,
                "",
                Problem.rule("file.archive-row").with("why", first));
    }

    private static Stream<? extends ZipEntry> files(ZipFile zip, Table table) {
        var ending = table == Tables.FORMULA ? ABOUT : ".json";
        return zip.stream()
                .filter(entry -> entry.getName().startsWith(table.key() + "/")
                        && entry.getName().endsWith(ending));
    }

    private ObjectNode row(Source source, Table table, ZipEntry entry) throws IOException, Unfit {
        var node = one(source, entry);
        if (table == Tables.FORMULA && node instanceof ObjectNode about) {
            var name = about.path("file").asString("");
            var beside = source.zip().getEntry(name);
            if (beside == null) {
                throw new Unfit("its document " + shown(name) + " is not in the archive");
            }
            about.set("document", one(source, beside));
        }
        return checked(table, node);
    }

    private static String shown(String name) {
        return name.substring(0, Math.min(KNOWN_VALUE_LENGTH, name.length()));
    }

    /** A file that is one thing. */
    private JsonNode one(Source source, ZipEntry entry) throws IOException, Unfit {
        try (var in = source.open(entry, MOST_JSON_BYTES)) {
            return bounded.readTree(in);
        } catch (ZipException | EOFException e) {
            throw new Unfit("it is damaged");
        }
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
        if (entry == null) {
            return new byte[0];
        }
        try (var in = zip.getInputStream(entry)) {
            var bytes = in.readNBytes(MOST_PHOTO_BYTES + 1);
            return bytes.length > MOST_PHOTO_BYTES ? new byte[0] : bytes;
        } catch (ZipException | EOFException e) {
            return new byte[0];
        }
    }
}
