package com.deftchill.core.chill;

import com.deftchill.core.composition.Composition;
import java.util.function.DoubleUnaryOperator;

/**
 * What a cell is filled with: a density, and enthalpy and conductivity as tables over temperature.
 *
 * <p>Enthalpy h(T), J/kg, is piecewise linear between the table's points and rises strictly, so that T(h) is its exact
 * inverse and energy is conserved to rounding. Range -40 to 110 °C; beyond, the outermost slope goes on.
 */
public final class Material {
    private static final double MIN_C = -40;
    private static final double STEP_K = 0.5;
    private static final double PER_STEP = 1 / STEP_K;
    private static final int POINTS = 301;
    /** Of still air, W/(m K) (handbook 4). */
    private static final double AIR_CONDUCTIVITY = 0.025;

    private final double density;
    private final double[] enthalpy = new double[POINTS];
    private final double[] conductivity = new double[POINTS];
    /** Of the segment that begins at each point, J/(kg K). */
    private final double[] capacity = new double[POINTS];

    /** Whether heat is taken up or given off beside what warms it, so that a step may not take its slope for granted. */
    private final boolean changesPhase;

    private Material(double density, DoubleUnaryOperator heatCapacity, DoubleUnaryOperator conductivityAt) {
        this(density, heatCapacity, conductivityAt, t -> 0, false);
    }

    /** @param fusedJ heat of fusion given off between a temperature and a warm one, J/kg; 0 where it is warm */
    private Material(
            double density,
            DoubleUnaryOperator heatCapacity,
            DoubleUnaryOperator conductivityAt,
            DoubleUnaryOperator fusedJ,
            boolean changesPhase) {
        this.density = density;
        this.changesPhase = changesPhase;
        for (int i = 0; i < POINTS; i++) {
            double t = MIN_C + i * STEP_K;
            conductivity[i] = conductivityAt.applyAsDouble(t);
            if (i > 0) {
                double fused = fusedJ.applyAsDouble(t - STEP_K) - fusedJ.applyAsDouble(t);
                capacity[i - 1] = heatCapacity.applyAsDouble(t - STEP_K / 2) + fused / STEP_K;
                enthalpy[i] = enthalpy[i - 1] + STEP_K * capacity[i - 1];
            }
        }
    }

    /** A mix without air that does not freeze; its mass is that of its volume at 20 °C. */
    public static Material of(Composition composition) {
        return new Material(composition.density(20), composition::heatCapacity, composition::conductivity);
    }

    /**
     * A mix with air in it, by volume: lighter by the air, as much heat for its mass, and a poorer conductor by
     * Maxwell-Eucken, k = kc (2 kc + ka - 2 phi (kc - ka)) / (2 kc + ka + phi (kc - ka)), with ka of air 0.025 W/mK.
     *
     * @param airShare 0 to below 1
     */
    public static Material of(Composition composition, double airShare) {
        if (airShare == 0) {
            return of(composition);
        }
        return new Material(
                composition.density(20) * (1 - airShare),
                composition::heatCapacity,
                t -> foamed(composition.conductivity(t), airShare));
    }

    /** The same mix, of which water freezes. */
    public static Material freezing(Composition composition, double airShare) {
        var ice = Ice.of(composition);
        double mixDensity = composition.density(20);
        return new Material(
                mixDensity * (1 - airShare),
                t -> ice.heatCapacity(composition.heatCapacity(t), t),
                t -> foamed(ice.conductivity(composition.conductivity(t), mixDensity, t), airShare),
                t -> Ice.FUSION * ice.share(t),
                ice.freezableG() > 0);
    }

    /**
     * A material that melts at one temperature: solid below, liquid above, its heat of fusion in the half kelvin around.
     *
     * @param meltsC melting point, °C, a whole number of half kelvins and a quarter
     * @param fusionJ heat of fusion, J/kg
     */
    static Material melting(
            double density, double heatCapacity, double solidK, double liquidK, double meltsC, double fusionJ) {
        return new Material(
                density, t -> heatCapacity, t -> t < meltsC ? solidK : liquidK, t -> t < meltsC ? fusionJ : 0, true);
    }

    private static double foamed(double kc, double phi) {
        double difference = kc - AIR_CONDUCTIVITY;
        double sum = 2 * kc + AIR_CONDUCTIVITY;
        return kc * (sum - 2 * phi * difference) / (sum + phi * difference);
    }

    /** A material of constant properties: kg/m3, J/(kg K), W/(m K), each above 0. */
    public static Material constant(double density, double heatCapacity, double conductivity) {
        if (!(density > 0 && heatCapacity > 0 && conductivity > 0)) {
            throw new IllegalArgumentException("density " + density + " kg/m3, heat capacity " + heatCapacity
                    + " J/kgK and conductivity " + conductivity + " W/mK must be above 0");
        }
        return new Material(density, t -> heatCapacity, t -> conductivity);
    }

    /** Whether it freezes or melts anywhere in its range. */
    boolean changesPhase() {
        return changesPhase;
    }

    /** Density, kg/m3. */
    public double density() {
        return density;
    }

    /** Enthalpy at T °C above that at -40 °C, J/kg. */
    public double enthalpy(double celsius) {
        int i = segment(celsius);
        return enthalpy[i] + capacity[i] * (celsius - MIN_C - i * STEP_K);
    }

    /** Heat capacity at T °C, J/(kg K). */
    public double heatCapacity(double celsius) {
        return capacity[segment(celsius)];
    }

    /** Conductivity at T °C, W/(m K). */
    public double conductivity(double celsius) {
        int i = segment(celsius);
        double share = (celsius - MIN_C) * PER_STEP - i;
        double within = share > 0 ? share < 1 ? share : 1 : 0;
        return conductivity[i] + within * (conductivity[i + 1] - conductivity[i]);
    }

    /** Temperature, °C, at an enthalpy, J/kg; the nearer the guess, the faster. */
    public double temperature(double enthalpyJ, double guessC) {
        int i = segment(guessC);
        while (i > 0 && enthalpy[i] > enthalpyJ) {
            i--;
        }
        while (i < POINTS - 2 && enthalpy[i + 1] < enthalpyJ) {
            i++;
        }
        return MIN_C + i * STEP_K + (enthalpyJ - enthalpy[i]) / capacity[i];
    }

    private static int segment(double celsius) {
        return Math.max(0, Math.min(POINTS - 2, (int) ((celsius - MIN_C) * PER_STEP)));
    }
}
