package com.deftchill.core.plan;

import java.util.List;

/**
 * A rule that a schedule breaks.
 *
 * @param code {@code unplaced}, {@code length}, {@code no-hand}, {@code off-shift}, {@code two-at-once}, {@code store},
 *     {@code too-soon}, {@code window-closed}, {@code late}, {@code too-early}, {@code past}, {@code moved}
 * @param tasks ids of the tasks that it is about, the one at fault first
 * @param with what else it is about: a hand, a store, the reason of a window; may be empty
 * @param minutes by how much; of a store by how much of it
 */
public record Breach(String code, List<String> tasks, String with, long minutes) {
    public Breach {
        tasks = List.copyOf(tasks);
    }
}
