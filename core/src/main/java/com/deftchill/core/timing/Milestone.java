package com.deftchill.core.timing;

import com.deftchill.core.verdict.Evidence;
import java.util.Optional;

/** A wait that ends: minutes since pouring and clock time; both absent when it never ends within two days. */
public record Milestone(
        String code, String label, Optional<Double> minutes, Optional<String> clock, Evidence evidence) {}
