package com.deftchill.server.exchange;

import com.deftchill.core.larder.OwnEntry;
import com.deftchill.core.larder.OwnField;
import com.deftchill.core.larder.OwnKind;
import com.deftchill.core.text.Argument;
import com.deftchill.core.verdict.Problem;
import com.deftchill.server.problem.NotUnderstoodException;
import com.deftchill.server.text.Cells;
import com.deftchill.server.workplace.OwnLarderService;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The kitchen's own larder entries of one kind as a table: a column for each field, a row for each entry. */
@Service
class LarderCsv {
    private static final int MOST_ROWS = 500;

    private final OwnLarderService own;

    LarderCsv(OwnLarderService own) {
        this.own = own;
    }

    /** The entries of a kind. */
    @Transactional(readOnly = true)
    String export(OwnKind kind) {
        var columns = kind.fields().stream().map(field -> field.key()).toArray(String[]::new);
        var text = new StringWriter();
        try (var printer = CSVFormat.RFC4180.builder().setHeader(columns).get().print(text)) {
            for (var stored : own.list()) {
                if (stored.entry().kind().equals(kind.id())) {
                    var row = new ArrayList<String>();
                    for (var column : columns) {
                        row.add(Cells.written(stored.entry().text(column)));
                    }
                    printer.printRecord(row);
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    /**
     * Adds every row, or none: each row at fault is named with its line and rule.
     *
     * @return how many were added
     */
    @Transactional
    int take(OwnKind kind, String csv) {
        var problems = new ArrayList<Problem>();
        var known = kind.fields().stream().map(OwnField::key).toList();
        List<CSVRecord> rows;
        List<String> header;
        try (var parser = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get()
                .parse(new StringReader(csv.startsWith("\uFEFF") ? csv.substring(1) : csv))) {
            rows = parser.getRecords();
            header = parser.getHeaderNames();
        } catch (IOException | IllegalArgumentException | UncheckedIOException e) {
            throw new NotUnderstoodException(List.of(Problem.of(
                    "file-invalid", "", "The file", "", Problem.rule("file.csv").with("why", e.getMessage()))));
        }
        for (var column : header) {
            if (!known.contains(column)) {
                problems.add(Problem.of(
                        "file-invalid",
                        "/1",
                        "Line 1",
                        column,
                        Problem.rule("file.column").with("known", Argument.names(List.copyOf(known)))));
            }
        }
        if (rows.isEmpty() || rows.size() > MOST_ROWS) {
            problems.add(Problem.of(
                    "file-invalid",
                    "",
                    "The file",
                    Integer.toString(rows.size()),
                    Problem.rule("file.rows").with("most", Argument.figure(MOST_ROWS, 0))));
        }
        if (!problems.isEmpty()) {
            throw new NotUnderstoodException(problems);
        }
        for (var row : rows) {
            var fields = new LinkedHashMap<String, String>();
            header.forEach(column -> {
                if (row.isSet(column) && !row.get(column).isEmpty()) {
                    fields.put(column, Cells.read(row.get(column)));
                }
            });
            try {
                own.add(new OwnEntry(kind.id(), "", fields));
            } catch (NotUnderstoodException e) {
                long line = row.getRecordNumber() + 1;
                e.problems()
                        .forEach(p -> problems.add(Problem.of(
                                p.code(),
                                "/" + line + p.path(),
                                "Line " + line + ", " + p.field(),
                                p.value(),
                                p.rule())));
            }
        }
        if (!problems.isEmpty()) {
            throw new NotUnderstoodException(problems);
        }
        return rows.size();
    }
}
