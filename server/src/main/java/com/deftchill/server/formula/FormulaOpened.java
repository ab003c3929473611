package com.deftchill.server.formula;

import java.util.UUID;

/** Told when a cook opens a formula. */
public record FormulaOpened(UUID formulaId) {}
