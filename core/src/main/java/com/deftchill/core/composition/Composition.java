package com.deftchill.core.composition;

import java.util.Map;

/**
 * Mass shares of the constituents, adding up to 1. Thermal properties follow by the mixing rules of Choi and Okos:
 * specific volumes and heat capacities add by mass share, conductivities add by volume share (parallel, for solutions).
 */
public final class Composition {
    /** How far the shares may be from 1 through rounding in a data file. */
    public static final double SHARE_TOLERANCE = 1e-6;

    private static final Thermal[] THERMALS = Thermal.values();

    private static final Constituent[] CONSTITUENTS = Constituent.values();

    private final double[] shares;
    /** The same added up by the pure substance whose thermal properties they take. */
    private final double[] byThermal = new double[THERMALS.length];

    /** @throws IllegalArgumentException when a share lies outside 0..1 or the shares do not add up to 1 */
    private Composition(double[] shares) {
        this.shares = shares;
        double sum = 0;
        for (var constituent : CONSTITUENTS) {
            double share = shares[constituent.ordinal()];
            if (!(share >= 0 && share <= 1)) {
                throw new IllegalArgumentException(constituent + " share " + share + " must lie in 0 to 1 g/g");
            }
            sum += share;
            byThermal[constituent.thermal().ordinal()] += share;
        }
        if (!(Math.abs(sum - 1) <= SHARE_TOLERANCE)) {
            throw new IllegalArgumentException("shares add up to " + sum + " g/g; they must add up to 1");
        }
    }

    /**
     * A composition of the given shares; constituents left out are absent.
     *
     * @throws IllegalArgumentException when a share lies outside 0..1 or the shares do not add up to 1
     */
    public static Composition of(Map<Constituent, Double> given) {
        var shares = new double[CONSTITUENTS.length];
        given.forEach((constituent, share) -> shares[constituent.ordinal()] = share);
        return new Composition(shares);
    }

    /** The composition of masses (any one unit) put together, in the order of the constituents. */
    public static Composition ofMasses(double[] masses, double total) {
        var shares = new double[masses.length];
        for (int i = 0; i < shares.length; i++) {
            // Rounding may leave the only constituent a hair above the whole.
            shares[i] = Math.min(1, masses[i] / total);
        }
        return new Composition(shares);
    }

    /** Mass share of one constituent, g/g. */
    public double share(Constituent constituent) {
        return shares[constituent.ordinal()];
    }

    /** Mass share of all fats, g/g. */
    public double fat() {
        return share(Constituent.MILK_FAT)
                + share(Constituent.BUTTER_FAT)
                + share(Constituent.COCOA_BUTTER)
                + share(Constituent.COCONUT_FAT)
                + share(Constituent.OTHER_FAT);
    }

    /** Density without air at T °C, kg/m3. */
    public double density(double celsius) {
        return 1 / specificVolume(celsius);
    }

    /** Specific heat capacity at T °C, J/(kg K). */
    public double heatCapacity(double celsius) {
        double sum = 0;
        for (var thermal : THERMALS) {
            sum += byThermal[thermal.ordinal()] * thermal.heatCapacity(celsius);
        }
        return sum;
    }

    /** Thermal conductivity without air at T °C, W/(m K). */
    public double conductivity(double celsius) {
        double sum = 0;
        double volume = 0;
        for (var thermal : THERMALS) {
            double of = byThermal[thermal.ordinal()] / thermal.density(celsius);
            sum += of * thermal.conductivity(celsius);
            volume += of;
        }
        return sum / volume;
    }

    private double specificVolume(double celsius) {
        double volume = 0;
        for (var thermal : THERMALS) {
            volume += byThermal[thermal.ordinal()] / thermal.density(celsius);
        }
        return volume;
    }
}
