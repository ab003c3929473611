package com.deftchill.server.formula;

import java.util.UUID;

/** What the log knows of a formula. */
public interface FormulaLog {
    /** Whether anything was made of it. */
    boolean hasBatches(UUID formulaId);
}
