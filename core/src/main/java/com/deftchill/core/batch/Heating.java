package com.deftchill.core.batch;

import com.deftchill.core.parameters.PanParameters;
import java.util.OptionalDouble;

/**
 * How a component is heated.
 *
 * @param hotC temperature of the hot share when the gel goes in, °C; absent when not written
 * @param heldMinutes how long it is held that hot with the gel in it, min
 * @param coldC temperature of the cold share, °C; absent when not written
 */
public record Heating(OptionalDouble hotC, double heldMinutes, OptionalDouble coldC) {
    /** Whether the hot share is held hot long enough to end the enzymes of raw fruit. */
    public boolean endsEnzymes(PanParameters p) {
        return hotC.orElse(0) >= p.endsEnzymesFrom().value()
                && heldMinutes >= p.endsEnzymesAfter().value();
    }
}
