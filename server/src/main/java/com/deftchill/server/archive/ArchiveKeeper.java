package com.deftchill.server.archive;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.server.archive.ArchiveReader.Row;
import com.deftchill.server.batchlog.BatchService;
import com.deftchill.server.book.BookService;
import com.deftchill.server.formula.FormulaUse;
import com.deftchill.server.photo.PhotoService;
import com.deftchill.server.problem.NotUnderstoodException;
import com.deftchill.server.search.Words;
import com.deftchill.server.tenancy.Kitchens;
import com.deftchill.server.workplace.WorkplaceChanged;
import io.github.resilience4j.bulkhead.Bulkhead;
import io.github.resilience4j.bulkhead.BulkheadConfig;
import io.github.resilience4j.bulkhead.BulkheadFullException;
import java.io.IOException;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.zip.ZipFile;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Takes an archive in. All of it is looked at before anything is stored; then each thing is stored with all that belongs to it, or not
 * at all. What is there already stays as it is, so that what was broken off can be begun again.
 */
@Service
class ArchiveKeeper {
    private static final int MOST_NOTES = 50;
    /** ER_NO_REFERENCED_ROW_2: keys carry the kitchen, so another kitchen's row is none. */
    private static final int NO_SUCH_PARENT = 1452;
    /** Each holds a core and reads the disk; and what one takes of memory is bounded, not what many do. */
    private static final Duration WAITS_FOR_ANOTHER = Duration.ofMinutes(2);

    private final Bulkhead oneAtATime = Bulkhead.of(
            "archives",
            BulkheadConfig.custom()
                    .maxConcurrentCalls(1)
                    .maxWaitDuration(WAITS_FOR_ANOTHER)
                    .build());

    private final ArchiveReader reader;
    private final Rows rows;
    private final PhotoService photos;
    private final BookService book;
    private final BatchService batches;
    private final Words words;
    private final JdbcTemplate jdbc;
    private final NamedParameterJdbcTemplate named;
    private final TransactionTemplate transactions;
    private final JsonMapper json;
    private final ApplicationEventPublisher events;

    ArchiveKeeper(
            ArchiveReader reader,
            Rows rows,
            PhotoService photos,
            BookService book,
            BatchService batches,
            Words words,
            JdbcTemplate jdbc,
            TransactionTemplate transactions,
            JsonMapper json,
            ApplicationEventPublisher events) {
        this.reader = reader;
        this.rows = rows;
        this.photos = photos;
        this.book = book;
        this.batches = batches;
        this.words = words;
        this.jdbc = jdbc;
        this.named = new NamedParameterJdbcTemplate(jdbc);
        this.transactions = transactions;
        this.json = json;
        this.events = events;
    }

    /** Of one kind of thing: how many came in, how many were there already, how many could not come in. */
    record Counted(int added, int there, int leftOut) {
        Counted plus(Outcome outcome) {
            return switch (outcome) {
                case ADDED -> new Counted(added + 1, there, leftOut);
                case THERE -> new Counted(added, there + 1, leftOut);
                case LEFT_OUT -> new Counted(added, there, leftOut + 1);
            };
        }
    }

    private enum Outcome {
        ADDED,
        THERE,
        LEFT_OUT
    }

    /** What became of an archive. */
    record Kept(Map<String, Counted> counted, List<String> notes) {}

    /** @throws BulkheadFullException while another archive is taken in that takes long */
    Kept keep(Path file) throws IOException {
        oneAtATime.acquirePermission();
        try {
            return keepThis(file);
        } finally {
            oneAtATime.releasePermission();
        }
    }

    private Kept keepThis(Path file) throws IOException {
        try (var zip = reader.open(file)) {
            var renamed = Renamed.of(reader.check(zip), named);
            var counted = new LinkedHashMap<String, Counted>();
            var notes = new ArrayList<String>();
            boolean ownNumbers = has(Tables.LEARNED);
            settings(zip, counted);
            reader.walk(zip, new ArrayList<>(), (table, row) -> {
                var values = renamed.in(row.values());
                var outcome = table == Tables.LEARNED && ownNumbers
                        ? Outcome.THERE
                        : store(zip, table, new Row(row.file(), values), notes);
                counted.merge(table.key(), new Counted(0, 0, 0).plus(outcome), (a, b) -> a.plus(outcome));
            });
            events.publishEvent(new WorkplaceChanged());
            return new Kept(counted, notes);
        }
    }

    private void settings(ZipFile zip, Map<String, Counted> counted) throws IOException {
        var settings = reader.settings(zip);
        if (settings.isPresent()) {
            int added = transactions.execute(status -> jdbc.update(
                    "insert ignore into kitchen_settings (kitchen, version, settings) values (?, 0, ?)",
                    Kitchens.current(),
                    json.writeValueAsString(settings.get())));
            counted.put("settings", new Counted(added, 1 - added, 0));
        }
    }

    private boolean has(Table table) {
        return transactions.execute(status -> jdbc.queryForObject(
                "select exists(select 1 from " + table.name() + " where kitchen = ?)",
                Boolean.class,
                Kitchens.current()));
    }

    private Outcome store(ZipFile zip, Table table, Row row, List<String> notes) throws IOException {
        // Nothing is decoded for what stays as it is.
        if (transactions.execute(status -> isThere(table, row.values()))) {
            return Outcome.THERE;
        }
        // Decoded before the transaction begins: nobody waits for a picture with a connection in hand.
        var pictures = new IdentityHashMap<JsonNode, PhotoService.Taken>();
        for (var photo : row.values().path("photos")) {
            try {
                pictures.put(
                        photo, photos.taken(reader.photo(zip, photo.path("file").asString(""))));
            } catch (NotUnderstoodException e) {
                if (notes.size() < MOST_NOTES) {
                    notes.add(photo.path("file").asString("") + " is no photo that can be read");
                }
            }
        }
        try {
            transactions.executeWithoutResult(status -> keep(table, row.values(), pictures));
            return Outcome.ADDED;
        } catch (DataIntegrityViolationException e) {
            if (notes.size() < MOST_NOTES) {
                notes.add(row.file()
                        + (isOfSomethingElse(e)
                                ? " belongs to something that is not here"
                                : " has a value that cannot be, or lacks one"));
            }
            return Outcome.LEFT_OUT;
        }
    }

    private static boolean isOfSomethingElse(DataIntegrityViolationException e) {
        return e.getMostSpecificCause() instanceof SQLException sql && sql.getErrorCode() == NO_SUCH_PARENT;
    }

    private void keep(Table table, ObjectNode row, Map<JsonNode, PhotoService.Taken> pictures) {
        insert(table, row, null);
        if (table == Tables.FORMULA) {
            formula(row);
        } else if (table == Tables.BATCH) {
            batches.kept(UUID.fromString(row.path("id").asString()));
        }
        for (var part : table.parts()) {
            for (var one : row.path(part.key())) {
                if (!part.name().equals(Tables.PHOTO)) {
                    insert(part, (ObjectNode) one, row.path("id").asString());
                } else if (pictures.containsKey(one)) {
                    photo(part, (ObjectNode) one, row.path("id").asString(), pictures.get(one));
                }
            }
        }
    }

    private boolean isThere(Table table, ObjectNode row) {
        if (exists(table, List.of("id"), row)) {
            return true;
        }
        return !table.natural().isEmpty() && exists(table, table.natural(), row);
    }

    private boolean exists(Table table, List<String> columns, ObjectNode row) {
        var sql = new StringBuilder("select exists(select 1 from " + table.name() + " where kitchen = ?");
        columns.forEach(column -> sql.append(" and ").append(column).append(" = ?"));
        sql.append(')');
        var of =
                table.columns().stream().filter(c -> columns.contains(c.name())).toList();
        return jdbc.query(
                sql.toString(),
                statement -> {
                    statement.setString(1, Kitchens.current());
                    for (int i = 0; i < columns.size(); i++) {
                        var name = columns.get(i);
                        var column = of.stream()
                                .filter(c -> c.name().equals(name))
                                .findFirst()
                                .orElseThrow();
                        rows.set(statement, i + 2, column, row);
                    }
                },
                found -> found.next() && found.getBoolean(1));
    }

    private void insert(Table table, ObjectNode row, String parent) {
        var columns = table.columns();
        var sql = new StringBuilder("insert into " + table.name() + " (kitchen");
        columns.forEach(column -> sql.append(", `").append(column.name()).append('`'));
        sql.append(parent == null ? "" : ", " + table.parent());
        sql.append(") values (?")
                .append(", ?".repeat(columns.size() + (parent == null ? 0 : 1)))
                .append(')');
        jdbc.update(sql.toString(), statement -> {
            statement.setString(1, Kitchens.current());
            for (int i = 0; i < columns.size(); i++) {
                rows.set(statement, i + 2, columns.get(i), row);
            }
            if (parent != null) {
                statement.setString(columns.size() + 2, parent);
            }
        });
    }

    /** What follows from its document, and its tags. */
    private void formula(ObjectNode row) {
        var id = row.path("id").asString();
        jdbc.update("update formula set shown_at = updated_at where id = ?", id);
        words.keep(
                Words.Of.NAME_OF_FORMULA, UUID.fromString(id), row.path("name").asString(""));
        for (var use : FormulaUse.of(json.treeToValue(row.get("document"), WrittenFormula.class))) {
            jdbc.update(
                    "insert into formula_use (formula_id, kind, entry_id) values (?, ?, ?)",
                    id,
                    use.kind(),
                    use.entryId());
        }
        var tags = new ArrayList<String>();
        row.path("tags").forEach(tag -> tags.add(tag.asString("")));
        if (!tags.isEmpty()) {
            book.tag(UUID.fromString(id), tags);
        }
    }

    private void photo(Table table, ObjectNode row, String batch, PhotoService.Taken picture) {
        row.put("width", picture.width()).put("height", picture.height());
        insert(table, row, batch);
        var id = row.path("id").asString();
        jdbc.update("insert into photo_bytes (photo_id, small, bytes) values (?, false, ?)", id, picture.large());
        jdbc.update("insert into photo_bytes (photo_id, small, bytes) values (?, true, ?)", id, picture.small());
    }
}
