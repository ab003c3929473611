package com.deftchill.server.batchlog;

import com.deftchill.core.learn.Measured;
import com.deftchill.server.batchlog.BatchRecord.ReadingMade;
import com.deftchill.server.workplace.KitchenService;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What the log has measured, for learning. */
@Component
public class LogReadings {
    private static final double SECONDS = 60;

    private final BatchRepository batches;
    private final Probes probes;
    private final KitchenService kitchens;

    LogReadings(BatchRepository batches, Probes probes, KitchenService kitchens) {
        this.batches = batches;
        this.probes = probes;
        this.kitchens = kitchens;
    }

    /** A batch that something was measured of. */
    public record Of(UUID id, UUID formulaId, String name, LocalDate madeOn, List<Measured> measured) {}

    /** Of the latest batches those that anything was measured of, newest first. */
    @Transactional(readOnly = true)
    public List<Of> latest(int most) {
        var found = new ArrayList<Of>();
        for (var batch : batches.findByOrderByMadeOnDescPouredAtDescCreatedAtDesc(Limit.of(most))) {
            var measured = Readings.toLearnFrom(
                    batch.getId(), batch.said(), batch.getDocument(), reading -> probe(batch, reading));
            if (!measured.isEmpty()) {
                found.add(new Of(
                        batch.getId(), batch.getFormulaId(), batch.getDocument().name(), batch.getMadeOn(), measured));
            }
        }
        return found;
    }

    private ZoneId zone() {
        return kitchens.workplace().kitchen().zone().orElse(ZoneOffset.UTC);
    }

    private String probe(BatchEntity batch, ReadingMade reading) {
        if (reading.probe() == null || reading.probe().isBlank() || reading.minutes() == null) {
            return "";
        }
        var poured = LocalDateTime.of(batch.getMadeOn(), batch.getPouredAt()).atZone(zone());
        return probes.asOf(
                reading.probe().strip(), poured.toInstant().plusSeconds(Math.round(reading.minutes() * SECONDS)));
    }

    /** Of each gelatin and of the cooks the one used last, by the latest batches. */
    @Transactional(readOnly = true)
    public Map<String, String> lastUsed(int most) {
        var used = new LinkedHashMap<String, String>();
        for (var batch : batches.madeWith(Limit.of(most))) {
            var record = batch.record() == null ? BatchRecord.EMPTY : batch.record();
            record.lots().forEach(lot -> used.putIfAbsent(lot.of(), lot.lot().strip()));
            if (!batch.cook().isEmpty()) {
                used.putIfAbsent("cook", batch.cook());
            }
        }
        return used;
    }
}
