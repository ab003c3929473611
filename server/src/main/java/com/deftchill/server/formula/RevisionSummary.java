package com.deftchill.server.formula;

import java.time.Instant;

/** A kept state in a list; its name is empty when it was kept by itself. */
record RevisionSummary(int number, String name, Instant createdAt) {}
