package com.deftchill.core.assess;

import java.util.List;
import java.util.Optional;

/**
 * Where all layers of a dessert eat right at once; their curves are those of the components.
 *
 * @param components that are meant, by their place in the formula: those that set, bottom first
 * @param rightFromC coldest temperature at which all are right, °C; absent where there is none
 * @param rightToC warmest such temperature, °C; absent where there is none
 * @param minutesOut in the room until all are right, min; 0 where they are at once, absent where they never are
 */
public record WholeWarming(
        List<Integer> components, Optional<Double> rightFromC, Optional<Double> rightToC, Optional<Double> minutesOut) {
    public WholeWarming {
        components = List.copyOf(components);
    }
}
