package com.deftchill.core.chill;

/**
 * Where a dessert stands for a while.
 *
 * @param airC air (or bath) temperature, °C
 * @param hTop surface coefficient of the free surface, W/(m2 K)
 * @param hSide of the side walls, W/(m2 K)
 * @param hBase of the base, W/(m2 K)
 * @param seconds how long it stays, s
 * @param air how the air answers to the heat given off in it
 */
public record Place(double airC, double hTop, double hSide, double hBase, double seconds, AirOfCooler air) {
    /** Air that stays as it is. */
    public Place(double airC, double hTop, double hSide, double hBase, double seconds) {
        this(airC, hTop, hSide, hBase, seconds, AirOfCooler.STEADY);
    }

    public Place {
        if (!(airC >= -40 && airC <= 110)) {
            throw new IllegalArgumentException("air " + airC + " °C must lie in -40 to 110 °C");
        }
        if (!(hTop >= 0 && hSide >= 0 && hBase >= 0 && hTop + hSide + hBase < 1e6)) {
            throw new IllegalArgumentException("surface coefficients must lie in 0 to 1e6 W/(m2 K)");
        }
        if (!(seconds > 0 && seconds <= 60 * 24 * 3600.0)) {
            throw new IllegalArgumentException("stay of " + seconds + " s must be above 0 and at most 60 days");
        }
    }

    /** The same coefficient all round. */
    public static Place uniform(double airC, double h, double seconds) {
        return new Place(airC, h, h, h, seconds);
    }
}
