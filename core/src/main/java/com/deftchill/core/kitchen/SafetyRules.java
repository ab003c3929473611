package com.deftchill.core.kitchen;

import java.util.List;

/**
 * A rule set for cooling food; local rules come first.
 *
 * @param id stable key
 * @param name as the cook reads it
 * @param stages each a temperature that the warmest point must be below in time, in the order of time
 * @param keepC chilled food is kept at or below this, °C
 * @param source where the figures come from
 */
public record SafetyRules(String id, String name, List<Stage> stages, double keepC, String source) {
    public SafetyRules {
        stages = List.copyOf(stages);
    }

    /** Below so many °C within so many hours of pouring. */
    public record Stage(double celsius, double hours) {}
}
