package com.deftchill.core.batch;

import java.util.OptionalDouble;

/**
 * How a component is heated.
 *
 * @param hotC temperature of the hot share when the gel goes in, °C; absent when not written
 * @param heldMinutes how long it is held that hot with the gel in it, min
 * @param coldC temperature of the cold share, °C; absent when not written
 */
public record Heating(OptionalDouble hotC, double heldMinutes, OptionalDouble coldC) {
    /** Five minutes at 85 °C or more end protein-cutting enzymes: handbook 2 [L]. */
    private static final double ENDS_ENZYMES_C = 85;

    private static final double ENDS_ENZYMES_MIN = 5;

    /** Whether the hot share is held hot long enough to end the enzymes of raw fruit. */
    public boolean endsEnzymes() {
        return hotC.orElse(0) >= ENDS_ENZYMES_C && heldMinutes >= ENDS_ENZYMES_MIN;
    }
}
