package com.deftchill.server.batchlog;

import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** When formulas were last made and how they came out. */
@Component
public class LastBatches {
    private final BatchRepository batches;

    LastBatches(BatchRepository batches) {
        this.batches = batches;
    }

    /** The last batch of a formula. */
    public record LastBatch(LocalDate on, String outcome) {}

    /** Of those formulas that were ever made. */
    public Map<UUID, LastBatch> of(Collection<UUID> formulaIds) {
        var last = new HashMap<UUID, LastBatch>();
        if (!formulaIds.isEmpty()) {
            for (var row : batches.ofTheLastDays(formulaIds)) {
                // In the order of making: the last one stays.
                last.put(
                        row.formulaId(),
                        new LastBatch(
                                row.madeOn(),
                                row.outcome().name().toLowerCase(Locale.ROOT).replace('_', '-')));
            }
        }
        return last;
    }
}
