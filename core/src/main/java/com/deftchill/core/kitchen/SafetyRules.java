package com.deftchill.core.kitchen;

import com.deftchill.core.text.Notation;
import com.deftchill.core.text.TemperatureScale;
import java.util.List;
import java.util.stream.Collectors;

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

    /** The stages in words, such as: below 21 °C after 2 h and 5 °C after 6 h. */
    public String words(TemperatureScale scale) {
        return stages.stream()
                .map(stage -> Notation.write(scale.of(stage.celsius()), 1) + " " + scale.unit() + " after "
                        + Notation.write(stage.hours(), 1) + " h")
                .collect(Collectors.joining(" and ", "The warmest point is below ", ""));
    }

    /** Below so many °C within so many hours of pouring. */
    public record Stage(double celsius, double hours) {}
}
