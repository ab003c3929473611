package com.deftchill.core.alternative;

import com.deftchill.core.verdict.Fix;
import java.util.List;

/**
 * A change to try.
 *
 * @param group film, tray, cooler, pour, before, dose, mould or together
 * @param label in the cook's words
 * @param cost to the cook, from 1 (a lid lifted) on [E]
 * @param changes at JSON pointers into the formula
 */
public record Way(String group, String label, int cost, List<Fix.Change> changes) {}
