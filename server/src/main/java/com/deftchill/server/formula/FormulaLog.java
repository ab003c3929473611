package com.deftchill.server.formula;

import com.deftchill.core.formula.WrittenFormula;
import java.util.Optional;
import java.util.UUID;

/** What the log knows of a formula. */
public interface FormulaLog {
    /** Whether anything was made of it. */
    boolean hasBatches(UUID formulaId);

    /** What was predicted for the batch made last by this very document. */
    Optional<StoredPrediction> lastPredicted(UUID formulaId, WrittenFormula document);
}
