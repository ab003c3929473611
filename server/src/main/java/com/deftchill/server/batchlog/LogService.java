package com.deftchill.server.batchlog;

import com.deftchill.core.gel.Firmness;
import com.deftchill.core.learn.Quantity;
import com.deftchill.server.batchlog.LogController.LogDay;
import com.deftchill.server.batchlog.LogController.LogLine;
import com.deftchill.server.batchlog.LogController.LogPage;
import com.deftchill.server.photo.FirstPhotos;
import com.deftchill.server.text.Cells;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.apache.commons.csv.CSVFormat;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.PageImpl;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds batches. */
@Service
class LogService {
    private static final int MOST_COOKS = 200;
    private static final int MOST_ROWS = 20_000;
    private static final int PAGE = 500;

    private final BatchRepository batches;
    private final BatchFinder finder;
    private final FirstPhotos photos;

    LogService(BatchRepository batches, BatchFinder finder, FirstPhotos photos) {
        this.batches = batches;
        this.finder = finder;
        this.photos = photos;
    }

    @Transactional(readOnly = true)
    LogPage search(LogWish wish, int page, int size) {
        var found = found(wish, page, size);
        var firsts = photos.of(
                found.getContent().stream().map(BatchRepository.Line::id).toList());
        return new LogPage(found.map(line -> line(line, firsts)).getContent(), found.getTotalElements(), page, size);
    }

    private Page<BatchRepository.Line> found(LogWish wish, int page, int size) {
        var ids = finder.ids(wish, page, size);
        var lines = ids.isEmpty() ? List.<BatchRepository.Line>of() : batches.lines(ids);
        return new PageImpl<>(lines, PageRequest.of(page, size), finder.count(wish));
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
        return finder.days(wish).stream()
                .map(day -> new LogDay(day.on(), day.outcome(), day.count()))
                .toList();
    }

    @Transactional(readOnly = true)
    List<String> cooks() {
        return batches.cooks(Limit.of(MOST_COOKS));
    }

    /** As a table; no cell begins a spreadsheet's formula. */
    @Transactional(readOnly = true)
    String csv(LogWish wish) {
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
                var found = found(wish, page, PAGE);
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
                if (!found.hasNext()) {
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
