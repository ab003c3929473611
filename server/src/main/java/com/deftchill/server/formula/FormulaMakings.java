package com.deftchill.server.formula;

import java.util.UUID;

/** What the stove knows of a formula. */
public interface FormulaMakings {
    /** Whether a batch of it was begun: what is told of that may not go with it. */
    boolean wasBegun(UUID formulaId);
}
