package com.deftchill.core.chill;

import com.deftchill.core.parameters.ColdParameters;

/**
 * How long a stirred mix in its bowl takes to cool: one temperature throughout, Newton's law.
 *
 * <pre>
 *   t = m cp / (h A) * ln((T0 - Ta) / (T - Ta))
 * </pre>
 *
 * <p>The bowl is taken as a half-sphere filled to the rim: in the room its wall and surface give off heat, in ice water
 * its wall. h in W/(m2 K): room 10, with radiation and evaporation of a hot mix [E]; ice bath, stirred, 250 (handbook 4,
 * 200 to 400) [E].
 */
public final class BowlCooling {
    private static final double ICE_C = 0;

    private final ColdParameters p;
    private final double heatPerK;
    private final double wallM2;
    private final double surfaceM2;

    /**
     * @param grams mass of the mix, g
     * @param density kg/m3
     * @param heatCapacity J/(kg K)
     */
    public BowlCooling(ColdParameters p, double grams, double density, double heatCapacity) {
        this.p = p;
        double kg = grams / 1000;
        double radius = Math.cbrt(3 * kg / density / (2 * Math.PI));
        heatPerK = kg * heatCapacity;
        wallM2 = 2 * Math.PI * radius * radius;
        surfaceM2 = Math.PI * radius * radius;
    }

    /** Seconds in a room; infinite when the room is not colder than wanted. */
    public double roomSeconds(double fromC, double toC, double roomC) {
        return seconds(p.bowlRoom().value() * (wallM2 + surfaceM2), fromC, toC, roomC);
    }

    /** Seconds in an ice bath, stirred. */
    public double iceBathSeconds(double fromC, double toC) {
        return seconds(p.bowlIce().value() * wallM2, fromC, toC, ICE_C);
    }

    /** Rate at which it comes nearer the temperature around it, in the room or else in ice water, 1/s. */
    public double perSecond(boolean room) {
        double wattsPerK =
                room ? p.bowlRoom().value() * (wallM2 + surfaceM2) : p.bowlIce().value() * wallM2;
        return wattsPerK / heatPerK;
    }

    private double seconds(double wattsPerK, double fromC, double toC, double airC) {
        if (toC >= fromC) {
            return 0;
        }
        return toC > airC ? heatPerK / wattsPerK * Math.log((fromC - airC) / (toC - airC)) : Double.POSITIVE_INFINITY;
    }
}
