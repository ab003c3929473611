package com.deftchill.server.demo;

import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.server.batchlog.BatchRecord;
import com.deftchill.server.batchlog.BatchRecord.LotUsed;
import com.deftchill.server.batchlog.BatchRecord.PortionCame;
import com.deftchill.server.batchlog.BatchRecord.ReadingMade;
import com.deftchill.server.batchlog.BatchRecord.ShelfCheck;
import com.deftchill.server.batchlog.BatchRecord.ShelfState;
import com.deftchill.server.batchlog.BatchRecord.TastingScore;
import com.deftchill.server.batchlog.BatchService;
import com.deftchill.server.batchlog.Outcome;
import com.deftchill.server.photo.PhotoService;
import java.awt.Color;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** What the made-up kitchen has made: a fridge that runs warm, and a new lot of gelatin that is weaker than its label. */
@Component
class DemoLog {
    private static final String OLD_LOT = "T-1984";
    private static final String NEW_LOT = "T-2207";
    /** In the middle of what is called tender. */
    private static final double TENDER_PA = 670;

    private static final Color PEAR = new Color(0xEF, 0xE2, 0xC0);
    private static final Color CURRANT = new Color(0x8C, 0x4A, 0x6E);

    private final BatchService batches;
    private final PhotoService photos;
    private final Clock clock;

    DemoLog(BatchService batches, PhotoService photos, Clock clock) {
        this.batches = batches;
        this.photos = photos;
        this.clock = clock;
    }

    void load(Map<String, UUID> ids, Map<String, WrittenFormula> documents) throws IOException {
        var pear = new Of(ids.get("pear-bay"), documents.get("pear-bay"));
        var currant = new Of(ids.get("blackcurrant-barley"), documents.get("blackcurrant-barley"));
        pear.made(
                44,
                "SMALL_DIVOTS",
                42.0,
                "First of the season. Two hours longer in the cold next time.",
                "Ilke",
                record(OLD_LOT));
        currant.made(37, "CLEAN", 33.0, "", "Ilke", record(OLD_LOT, 33.0, 32.5, 33.5));
        pear.made(
                30,
                "CLEAN",
                42.0,
                "Brandy left out for the children's table.",
                "Tomas",
                record(OLD_LOT, 42.0, 41.5, 42.5));
        currant.firmer().made(23, "CLEAN", 33.5, "Seven sheets: too firm for the spoon.", "Tomas", record(OLD_LOT));
        var second = pear.made(
                9,
                "CLEAN",
                40.5,
                "Trembles as it should.",
                "Ilke",
                new BatchRecord(
                        List.of(new LotUsed("sheet-gold", NEW_LOT)),
                        portions(40.5, 40.0, 41.0),
                        List.of(new TastingScore("Ilke", 4, 5, 3, 4, 5), new TastingScore("Tomas", 5, 4, 4, 4, null)),
                        List.of(new ShelfCheck(day(7), ShelfState.FIRMER, "A little; still good.")),
                        withFirmness(cores()),
                        List.of()));
        photo(second, PEAR, 0.1, false, "Turned out, 18:30");
        currant.made(6, "CLEAN", 32.5, "Softer than in the spring.", "Ilke", record(NEW_LOT, 32.5, 32.0, 33.0));
        var last = pear.made(
                2,
                "SMALL_DIVOTS",
                40.0,
                "Two seconds too long in the water.",
                "Tomas",
                record(NEW_LOT, 40.0, 39.5, 40.5));
        photo(last, PEAR, 0.14, true, "Two with divots");
        photo(
                currant.made(
                        1, "SLUMPED", 24.0, "Left an hour beside the stove before service.", "Tomas", record(NEW_LOT)),
                CURRANT,
                0.35,
                false,
                "After the hour beside the stove");
    }

    private LocalDate day(int before) {
        return LocalDate.now(clock).minusDays(before);
    }

    private void photo(UUID batch, Color cream, double sunk, boolean marks, String caption) throws IOException {
        var picture = DemoPictures.plated(cream, sunk, marks);
        photos.keep(UUID.randomUUID(), batch, "Ilke", caption, new ByteArrayInputStream(picture));
    }

    private static BatchRecord record(String lot, double... heights) {
        return new BatchRecord(
                List.of(new LotUsed("sheet-gold", lot)),
                portions(heights),
                List.of(),
                List.of(),
                lot.equals(NEW_LOT) && heights.length > 0 ? cores() : withFirmness(List.of()),
                List.of());
    }

    private static List<PortionCame> portions(double... heights) {
        return IntStream.range(0, heights.length)
                .mapToObj(i -> new PortionCame(i + 1, Outcome.CLEAN, heights[i]))
                .toList();
    }

    private static List<ReadingMade> withFirmness(List<ReadingMade> readings) {
        return Stream.concat(readings.stream(), Stream.of(new ReadingMade("firmness", null, null, TENDER_PA)))
                .toList();
    }

    /** A probe in a core: the fridge stands at 5.4 °C whatever its door says. */
    private static List<ReadingMade> cores() {
        return List.of(core(120, 12.1), core(300, 6.3), core(900, 5.4));
    }

    private static ReadingMade core(double minutes, double celsius) {
        return new ReadingMade("core-at", null, minutes, celsius);
    }

    /** A formula that is made. */
    private final class Of {
        private final UUID id;
        private final WrittenFormula document;

        Of(UUID id, WrittenFormula document) {
            this.id = id;
            this.document = document;
        }

        Of firmer() {
            return new Of(id, Changes.set(document, "/components/0/gels/0/amount", "7 sheets"));
        }

        UUID made(int daysAgo, String outcome, Double mm, String note, String cook, BatchRecord record) {
            return batches.logDemo(id, document, day(daysAgo), outcome, mm, note, cook, record);
        }
    }
}
