package com.deftchill.server.batchlog;

import com.deftchill.core.gel.Firmness;
import com.deftchill.core.learn.Quantity;
import com.deftchill.server.batchlog.LogController.LogDay;
import com.deftchill.server.batchlog.LogController.LogLine;
import com.deftchill.server.batchlog.LogController.LogPage;
import com.deftchill.server.database.Count;
import com.deftchill.server.photo.FirstPhotos;
import com.deftchill.server.text.Cells;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.apache.commons.csv.CSVFormat;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds batches. */
@Service
class LogService {
    private static final int MOST_COOKS = 200;
    private static final int MOST_ROWS = 20_000;
    private static final int PAGE = 500;
    /** As a calendar shows them. */
    private static final int WEEKS = 6;

    private final BatchRepository batches;
    private final BatchFinder finder;
    private final FirstPhotos photos;
    private final Clock clock;

    LogService(BatchRepository batches, BatchFinder finder, FirstPhotos photos, Clock clock) {
        this.batches = batches;
        this.finder = finder;
        this.photos = photos;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    LogPage search(LogWish wish, int page, int size) {
        var wanted = finder.find(wish);
        var found = lines(wanted, page, size);
        var firsts = photos.of(found.stream().map(BatchRepository.Line::id).toList());
        var count = Count.of(page, size, found.size(), most -> wanted.count((int) most));
        var lines = found.stream().map(line -> line(line, firsts)).toList();
        return new LogPage(lines, count.total(), count.more(), page, size);
    }

    private List<BatchRepository.Line> lines(BatchFinder.Found wanted, int page, int size) {
        var ids = wanted.ids(page, size);
        return ids.isEmpty() ? List.of() : batches.lines(ids);
    }

    private static LogLine line(BatchRepository.Line line, Map<UUID, UUID> photos) {
        return new LogLine(
                line.id(),
                line.formulaId(),
                line.formula(),
                line.madeOn(),
                line.pouredAt(),
                line.outcome(),
                Optional.ofNullable(line.standingMm()),
                firmness(line.record()),
                line.cook(),
                line.note(),
                Optional.ofNullable(photos.get(line.id())),
                line.predicted());
    }

    /** As it was found, on the scale that predictions are on. */
    private static Optional<Double> firmness(BatchRecord record) {
        var found = (record == null ? BatchRecord.EMPTY : record)
                .readings().stream()
                        .filter(reading -> reading.quantity().equals(Quantity.FIRMNESS.id()))
                        .mapToDouble(reading -> Firmness.score(reading.value()))
                        .average();
        return found.isPresent() ? Optional.of(found.getAsDouble()) : Optional.empty();
    }

    @Transactional(readOnly = true)
    List<LogDay> days(LogWish wish) {
        var last = wish.until() == null ? LocalDate.now(clock) : wish.until();
        var since = wish.since() == null ? last.minusWeeks(WEEKS) : wish.since();
        return finder.find(wish.from(since)).days().stream()
                .map(day -> new LogDay(day.on(), day.outcome(), day.count()))
                .toList();
    }

    @Transactional(readOnly = true)
    List<String> cooks() {
        return batches.cooks(Limit.of(MOST_COOKS)).stream()
                .map(BatchRepository.CookOf::cook)
                .toList();
    }

    /** As a table; no cell begins a spreadsheet's formula. */
    @Transactional(readOnly = true)
    String csv(LogWish wish) {
        var wanted = finder.find(wish);
        var text = new StringWriter();
        try (var printer = CSVFormat.RFC4180
                .builder()
                .setHeader(
                        "madeOn",
                        "pouredAt",
                        "formula",
                        "outcome",
                        "standingMm",
                        "predictedStandingMm",
                        "mouldedMm",
                        "predictedSetMinutes",
                        "predictedFirmness",
                        "cook",
                        "note",
                        "id")
                .get()
                .print(text)) {
            for (int page = 0; page * PAGE < MOST_ROWS; page++) {
                var found = lines(wanted, page, PAGE);
                for (var line : found) {
                    var predicted = line.predicted();
                    printer.printRecord(
                            line.madeOn(),
                            line.pouredAt(),
                            Cells.written(line.formula()),
                            line.outcome().name().toLowerCase(Locale.ROOT).replace('_', '-'),
                            line.standingMm(),
                            figure(predicted.standingMm()),
                            String.format(Locale.ROOT, "%.1f", predicted.mouldedMm()),
                            figure(predicted.setsAfterMinutes()),
                            String.format(Locale.ROOT, "%.0f", predicted.firmness()),
                            Cells.written(line.cook()),
                            Cells.written(line.note()),
                            line.id());
                }
                if (found.size() < PAGE) {
                    break;
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    private static String figure(Optional<Double> value) {
        return value.map(v -> String.format(Locale.ROOT, "%.1f", v)).orElse("");
    }
}
