package com.deftchill.server.batchlog;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.server.formula.FormulaLog;
import com.deftchill.server.formula.StoredPrediction;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Tells the formulas whether anything was made of them. */
@Component
class LogOfFormulas implements FormulaLog {
    private final BatchRepository batches;

    LogOfFormulas(BatchRepository batches) {
        this.batches = batches;
    }

    @Override
    public boolean hasBatches(UUID formulaId) {
        return batches.existsByFormulaId(formulaId);
    }

    @Override
    public Optional<StoredPrediction> lastPredicted(UUID formulaId, WrittenFormula document) {
        return batches.findFirstByFormulaIdOrderByCreatedAtDesc(formulaId)
                .filter(batch -> batch.getDocument().equals(document))
                .map(BatchEntity::getPredicted);
    }
}
