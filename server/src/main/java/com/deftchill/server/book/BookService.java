package com.deftchill.server.book;

import com.deftchill.core.batch.Kind;
import com.deftchill.core.batch.Served;
import com.deftchill.server.batchlog.LastBatches;
import com.deftchill.server.batchlog.LastBatches.LastBatch;
import com.deftchill.server.book.BookQuery.Wanted;
import com.deftchill.server.database.Count;
import com.deftchill.server.formula.FormulaOpened;
import com.deftchill.server.formula.FormulaService;
import com.deftchill.server.search.Words;
import com.deftchill.server.workplace.Fingerprints;
import jakarta.persistence.EntityManager;
import jakarta.persistence.Tuple;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lists the Book, page by page, and has computed what is not of today. */
@Service
public class BookService {
    private final BookRepository entries;
    private final BookAnswers answers;
    private final FormulaService formulas;
    private final Words words;
    private final LastBatches lastBatches;
    private final Fingerprints fingerprints;
    private final EntityManager entities;
    private final Clock clock;

    BookService(
            BookRepository entries,
            BookAnswers answers,
            FormulaService formulas,
            Words words,
            LastBatches lastBatches,
            Fingerprints fingerprints,
            EntityManager entities,
            Clock clock) {
        this.entries = entries;
        this.answers = answers;
        this.formulas = formulas;
        this.words = words;
        this.lastBatches = lastBatches;
        this.fingerprints = fingerprints;
        this.entities = entities;
        this.clock = clock;
    }

    /**
     * A formula in the Book.
     *
     * @param tone unsafe, bad, caution, good; unknown where it is not understood yet; empty before it was first computed
     * @param kind id of what it is judged by; empty where it is not known, as are the words
     * @param served how, in words
     * @param cut absent before it was first computed, and where nothing can be drawn
     * @param fresh whether what is shown is of the formula and the models as they are now
     * @param made when it was last made and how it came out; absent where it never was
     */
    record BookRow(
            UUID id,
            String name,
            long version,
            Instant updatedAt,
            List<String> tags,
            String tone,
            String line,
            String kind,
            String kindWords,
            String served,
            Optional<SmallCut> cut,
            boolean fresh,
            Optional<LastBatch> made) {}

    /** A page of the Book. */
    record Rows(List<BookRow> rows, Count count) {}

    @Transactional(readOnly = true)
    Rows list(Wanted wanted) {
        var query = new BookQuery(wanted, words);
        var found = query.rows(entities);
        var rules = fingerprints.rules();
        var made = lastBatches.of(found.stream()
                .filter(row -> row.get("madeOn") != null)
                .map(row -> row.get("id", UUID.class))
                .toList());
        var rows = found.stream().map(row -> row(row, rules, made)).toList();
        rows.stream().filter(row -> !row.fresh()).map(BookRow::id).forEach(answers::ask);
        return new Rows(
                rows, Count.of(wanted.page(), wanted.size(), rows.size(), most -> query.count(entities, (int) most)));
    }

    private static BookRow row(Tuple row, String rules, Map<UUID, LastBatch> made) {
        var id = row.get("id", UUID.class);
        var version = row.get("version", Long.class);
        return new BookRow(
                id,
                row.get("name", String.class),
                version,
                row.get("updatedAt", Instant.class),
                BookEntryEntity.names(row.get("tags", String.class)),
                text(row, "tone"),
                text(row, "line"),
                text(row, "kind"),
                kindWords(text(row, "kind")),
                Served.of(text(row, "served")).map(Served::words).orElse(""),
                Optional.ofNullable(row.get("cut", SmallCut.class)),
                version.equals(row.get("formulaVersion", Long.class)) && rules.equals(row.get("rules", String.class)),
                Optional.ofNullable(made.get(id)));
    }

    /** What is not computed yet is not a set cream for that. */
    private static String kindWords(String kind) {
        return kind.isEmpty() ? "" : Kind.of(kind).map(Kind::words).orElse("");
    }

    private static String text(Tuple row, String field) {
        var text = row.get(field, String.class);
        return text == null ? "" : text;
    }

    /** Every tag in use, in order. */
    @Transactional(readOnly = true)
    List<String> tags() {
        return entries.tagLists().stream()
                .flatMap(list -> BookEntryEntity.names(list).stream())
                .distinct()
                .sorted(String.CASE_INSENSITIVE_ORDER)
                .toList();
    }

    @Transactional
    public List<String> tag(UUID formulaId, List<String> tags) {
        var id = formulas.get(formulaId).getId();
        var kept = tags.stream().map(String::strip).distinct().toList();
        entries.ensure(id);
        entries.tag(id, BookEntryEntity.barred(kept));
        entries.findById(id).ifPresent(entry -> words.keep(Words.Of.CONTENTS_OF_FORMULA, id, entry.foundBy()));
        return kept;
    }

    /** The last ones open first. */
    @EventListener
    @Transactional
    public void opened(FormulaOpened opened) {
        entries.open(opened.formulaId(), clock.instant());
    }
}
