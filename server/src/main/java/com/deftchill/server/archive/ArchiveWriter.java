package com.deftchill.server.archive;

import com.deftchill.server.tenancy.Kitchens;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Writes all that a kitchen has into one archive, as it was at one moment. */
@Component
class ArchiveWriter {
    /** Of the archive itself. */
    static final int VERSION = 1;

    private static final int AT_ONCE = 200;
    private static final int LONGEST_NAME = 60;
    private static final String READ_ME = "/archive/read-me.txt";

    private final NamedParameterJdbcTemplate jdbc;
    private final TransactionTemplate atOneMoment;
    private final Rows rows;
    private final JsonMapper json;
    private final Clock clock;

    ArchiveWriter(JdbcTemplate jdbc, PlatformTransactionManager transactions, Rows rows, JsonMapper json, Clock clock) {
        this.jdbc = new NamedParameterJdbcTemplate(jdbc);
        atOneMoment = new TransactionTemplate(transactions);
        atOneMoment.setReadOnly(true);
        atOneMoment.setIsolationLevel(TransactionDefinition.ISOLATION_REPEATABLE_READ);
        this.rows = rows;
        this.json = json.rebuild()
                .enable(SerializationFeature.INDENT_OUTPUT)
                .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
                .build();
        this.clock = clock;
    }

    /** Into a file first: whoever takes it slowly keeps nobody from the database. */
    Path write() throws IOException {
        var file = Files.createTempFile("deft-chill-archive", ".zip");
        try (var zip = new ZipOutputStream(new BufferedOutputStream(Files.newOutputStream(file)))) {
            atOneMoment.executeWithoutResult(status -> {
                try {
                    write(new Zip(zip, json));
                } catch (IOException e) {
                    throw new UncheckedIOException(e);
                }
            });
            return file;
        } catch (UncheckedIOException e) {
            Files.deleteIfExists(file);
            throw e.getCause();
        } catch (IOException | RuntimeException e) {
            Files.deleteIfExists(file);
            throw e;
        }
    }

    /** An archive that is being written. */
    private record Zip(ZipOutputStream out, JsonMapper json) {
        void put(String name, byte[] bytes) throws IOException {
            out.putNextEntry(new ZipEntry(name));
            out.write(bytes);
            out.closeEntry();
        }

        void put(String name, Object value) throws IOException {
            put(name, json.writeValueAsBytes(value));
        }
    }

    private void write(Zip zip) throws IOException {
        zip.put("read me.txt", readMe());
        var counts = new LinkedHashMap<String, Integer>();
        for (var table : Tables.ONE_FILE_EACH) {
            counts.put(table.key(), files(zip, table));
        }
        for (var table : Tables.TOGETHER) {
            var all = new ArrayList<ObjectNode>();
            for (var page = page(table, ""); !page.isEmpty(); page = page(table, id(page.get(page.size() - 1)))) {
                all.addAll(page);
            }
            all.sort(Comparator.comparing(row -> inOrder(table, row)));
            counts.put(table.key(), all.size());
            zip.put(table.key() + ".json", all);
        }
        var about = json.createObjectNode();
        about.put("format", "deft-chill-archive");
        about.put("version", VERSION);
        about.put("madeAt", clock.instant().toString());
        about.set("counts", json.valueToTree(counts));
        settings().forEach(text -> about.set("settings", json.readTree(text)));
        zip.put("kitchen.json", about);
    }

    private static String inOrder(Table table, ObjectNode row) {
        return table.columns().stream()
                .filter(column -> table.order().contains(column.name()))
                .map(column -> row.path(column.key()))
                .map(value ->
                        value.isNumber() ? String.format(Locale.ROOT, "%012d", value.asLong()) : value.asString(""))
                .collect(Collectors.joining(" "));
    }

    private static byte[] readMe() throws IOException {
        try (var in = ArchiveWriter.class.getResourceAsStream(READ_ME)) {
            return in.readAllBytes();
        }
    }

    private List<String> settings() {
        return jdbc.queryForList(
                "select settings from kitchen_settings where kitchen = :kitchen",
                Map.of("kitchen", Kitchens.current()),
                String.class);
    }

    private int files(Zip zip, Table table) throws IOException {
        int count = 0;
        for (var page = page(table, ""); !page.isEmpty(); page = page(table, id(page.get(page.size() - 1)))) {
            for (var part : table.parts()) {
                parts(part, page);
            }
            var tags = table == Tables.FORMULA ? tags(page) : Map.<String, List<String>>of();
            for (var row : page) {
                if (table == Tables.FORMULA) {
                    row.set("tags", json.valueToTree(tags.getOrDefault(id(row), List.of())));
                    formula(zip, row);
                } else {
                    zip.put(named(table, row) + ".json", row);
                }
                for (var photo : row.path("photos")) {
                    zip.put(photo.path("file").asString(), bytes(id(photo)));
                }
            }
            count += page.size();
        }
        return count;
    }

    /** The document by itself, as a formula file that any kitchen can take; the rest beside it. */
    private void formula(Zip zip, ObjectNode row) throws IOException {
        var name = named(Tables.FORMULA, row);
        zip.put(name + ".json", row.remove("document"));
        row.put("file", name + ".json");
        zip.put(name + ".about.json", row);
    }

    private static String named(Table table, ObjectNode row) {
        var name = row.path("madeOn").asString("") + " " + row.path("name").asString("");
        var plain = name.replaceAll("[^\\p{L}\\p{N} ,'()-]+", " ")
                .replaceAll("\\s+", " ")
                .strip();
        var shortened =
                plain.substring(0, Math.min(LONGEST_NAME, plain.length())).strip();
        return table.key() + "/" + (shortened.isEmpty() ? "" : shortened + " ") + id(row);
    }

    private static String id(JsonNode row) {
        return row.path("id").asString();
    }

    private List<ObjectNode> page(Table table, String after) {
        var sql = "select " + columns(table) + " from " + table.name()
                + " where kitchen = :kitchen and id > :after order by id limit " + AT_ONCE;
        var first = after.isEmpty() ? "00000000-0000-0000-0000-000000000000" : after;
        return jdbc.query(
                sql, Map.of("kitchen", Kitchens.current(), "after", first), (row, number) -> rows.read(table, row));
    }

    private static String columns(Table table) {
        return String.join(
                ", ", table.columns().stream().map(c -> "`" + c.name() + "`").toList());
    }

    /** Puts what belongs to each row into it. */
    private void parts(Table part, List<ObjectNode> page) {
        var byParent = new HashMap<String, List<ObjectNode>>();
        var ids = page.stream().map(ArchiveWriter::id).toList();
        jdbc.query(
                "select " + part.parent() + " as parent_id, " + columns(part) + " from " + part.name()
                        + " where kitchen = :kitchen and " + part.parent() + " in (:ids) order by "
                        + String.join(", ", part.order()) + ", id",
                Map.of("kitchen", Kitchens.current(), "ids", ids),
                row -> {
                    var node = rows.read(part, row);
                    if (part.name().equals(Tables.PHOTO)) {
                        node.put("file", "photos/" + id(node) + ".jpg");
                    }
                    byParent.computeIfAbsent(row.getString("parent_id"), id -> new ArrayList<>())
                            .add(node);
                });
        page.forEach(row -> {
            var of = byParent.get(id(row));
            if (of != null) {
                row.set(part.key(), json.valueToTree(of));
            }
        });
    }

    private Map<String, List<String>> tags(List<ObjectNode> page) {
        var tags = new HashMap<String, List<String>>();
        jdbc.query(
                "select formula_id, tags from book_entry where kitchen = :kitchen and formula_id in (:ids)",
                Map.of(
                        "kitchen",
                        Kitchens.current(),
                        "ids",
                        page.stream().map(ArchiveWriter::id).toList()),
                row -> {
                    var barred = row.getString("tags");
                    tags.put(
                            row.getString("formula_id"),
                            Stream.of(barred.split("\\|"))
                                    .filter(tag -> !tag.isEmpty())
                                    .toList());
                });
        return tags;
    }

    private byte[] bytes(String photo) {
        return jdbc.queryForObject(
                "select b.bytes from photo_bytes b join photo p on p.id = b.photo_id"
                        + " where p.kitchen = :kitchen and b.photo_id = :id and b.small = false",
                Map.of("kitchen", Kitchens.current(), "id", photo),
                byte[].class);
    }
}
