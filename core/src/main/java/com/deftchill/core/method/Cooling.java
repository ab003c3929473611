package com.deftchill.core.method;

import com.deftchill.core.batch.Component;
import com.deftchill.core.batch.Foaming;
import com.deftchill.core.batch.Share;
import com.deftchill.core.chill.BowlCooling;
import com.deftchill.core.chill.Material;
import com.deftchill.core.foam.FoldWindow;
import com.deftchill.core.kitchen.Kitchen;
import com.deftchill.core.mix.Mix;
import java.util.Optional;

/**
 * How a base that waits in its bowl cools.
 *
 * <pre>
 *   T(t) = room + (from - room) exp(-k t)
 * </pre>
 *
 * @param fromC when the waiting begins, °C
 * @param roomC of the room, °C
 * @param perSecond rate k at which it comes nearer the room, 1/s; above 0
 * @param window in which it can be folded into
 */
public record Cooling(double fromC, double roomC, double perSecond, FoldWindow window) {
    public Cooling {
        if (!(perSecond > 0)) {
            throw new IllegalArgumentException("a base cools at a rate above 0 1/s, not at " + perSecond);
        }
    }

    /** A heated base into which foam is folded, from the temperature at which that is to be; empty where there is none. */
    public static Optional<Cooling> ofBase(Component component, Kitchen kitchen) {
        var foaming = new Foaming(component);
        boolean hot = component.isHeated() && component.lines().stream().anyMatch(line -> line.share() == Share.HOT);
        if (!foaming.any() || foaming.alone() || !hot) {
            return Optional.empty();
        }
        var window = foaming.window();
        double from = component.fold().baseC().orElse(window.highC());
        double rate = bowl(component, component.base()).perSecond(true);
        return Optional.of(new Cooling(from, kitchen.roomC(), rate, window));
    }

    static BowlCooling bowl(Component component, Mix mix) {
        var material = Material.of(mix.composition());
        return new BowlCooling(
                component.parameters().cold(), mix.massG(), material.density(), material.heatCapacity(50));
    }

    /** Its temperature after so many minutes, °C. */
    public double afterMinutes(double minutes) {
        return roomC + (fromC - roomC) * Math.exp(-perSecond * 60 * minutes);
    }

    /** Whether foam can still be folded into it then. */
    public boolean holdsFor(double minutes) {
        return afterMinutes(minutes) >= window.lowC();
    }
}
