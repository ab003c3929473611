package com.deftchill.server.batchlog;

import com.deftchill.core.learn.Measured;
import java.time.LocalDate;
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
    private final BatchRepository batches;

    LogReadings(BatchRepository batches) {
        this.batches = batches;
    }

    /** A batch that something was measured of. */
    public record Of(UUID id, UUID formulaId, String name, LocalDate madeOn, List<Measured> measured) {}

    /** Of the latest batches those that anything was measured of, newest first. */
    @Transactional(readOnly = true)
    public List<Of> latest(int most) {
        var found = new ArrayList<Of>();
        for (var batch : batches.findByOrderByMadeOnDescPouredAtDescCreatedAtDesc(Limit.of(most))) {
            var measured = Readings.of(batch.getId(), batch.said(), batch.getDocument());
            if (!measured.isEmpty()) {
                found.add(new Of(
                        batch.getId(), batch.getFormulaId(), batch.getDocument().name(), batch.getMadeOn(), measured));
            }
        }
        return found;
    }

    /** Of each gelatin and of the cooks the one used last, by the latest batches. */
    @Transactional(readOnly = true)
    public Map<String, String> lastUsed(int most) {
        var used = new LinkedHashMap<String, String>();
        for (var batch : batches.findByOrderByMadeOnDescPouredAtDescCreatedAtDesc(Limit.of(most))) {
            batch.getRecord()
                    .lots()
                    .forEach(lot -> used.putIfAbsent(lot.of(), lot.lot().strip()));
            if (!batch.getCook().isEmpty()) {
                used.putIfAbsent("cook", batch.getCook());
            }
        }
        return used;
    }
}
