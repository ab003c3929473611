package com.deftchill.server.formula;

import java.time.Instant;
import java.util.UUID;

/** A formula in a list. */
public record FormulaSummary(UUID id, String name, long version, Instant updatedAt) {}
