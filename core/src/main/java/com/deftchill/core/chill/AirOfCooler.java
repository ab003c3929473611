package com.deftchill.core.chill;

import com.deftchill.core.parameters.ColdParameters;

/**
 * How the air of a cooler answers to the heat that what stands in it gives off.
 *
 * <pre>
 *   C dT/dt = n q + leak - spare * clamp((T - set) / band, 0, 1)
 * </pre>
 *
 * <p>Air, lining and the skin of what else stands there are one temperature [E]; the cooler gives all it can spare as soon
 * as the air is half a kelvin too warm.
 *
 * @param spareW heat that it can take away beyond what it needs for itself, W; infinite for air that never warms
 * @param contentsJPerK what takes part, J/K
 * @param copies moulds that stand in it
 * @param leakW heat let in besides, by doors opened, W
 */
public record AirOfCooler(double spareW, double contentsJPerK, double copies, double leakW) {
    private static final double BAND_K = 0.5;
    /** Air that warms by more within a step wants shorter ones, K. */
    private static final double MOST_A_STEP_K = 0.25;

    /** Air that stays as it is. */
    public static final AirOfCooler STEADY = new AirOfCooler(Double.POSITIVE_INFINITY, 1, 0, 0);

    public AirOfCooler {
        if (!(spareW > 0 && contentsJPerK > 0 && copies >= 0 && leakW >= 0)) {
            throw new IllegalArgumentException("spare power " + spareW + " W and contents " + contentsJPerK
                    + " J/K must be above 0; moulds " + copies + " and leak " + leakW + " W not below");
        }
    }

    /** Of a cooler of a power, W (0: no limit), with so many moulds in it, opened so often. */
    public static AirOfCooler of(
            ColdParameters p, double powerW, double contentsJPerK, double copies, double doorsPerHour) {
        return powerW == 0
                ? STEADY
                : new AirOfCooler(
                        powerW * (1 - p.spent().value()),
                        contentsJPerK,
                        copies,
                        doorsPerHour * 1000 * p.doorHeat().value() / 3600);
    }

    /** Air after a step of dt s in which each mould gave off so much heat, J. */
    double after(double airC, double setC, double givenJ, double dt) {
        if (Double.isInfinite(spareW)) {
            return setC;
        }
        double storage = contentsJPerK / dt;
        double in = copies * givenJ / dt + leakW;
        // Implicit within the band; beyond it the cooler gives all it has.
        double within = (storage * airC + in + spareW / BAND_K * setC) / (storage + spareW / BAND_K);
        return within <= setC + BAND_K ? Math.max(setC, within) : airC + (in - spareW) / storage;
    }

    /** The longest next step, s, after one of dt s that changed the air from one temperature to another. */
    double longest(double before, double after, double dt) {
        double change = Math.abs(after - before);
        return change > MOST_A_STEP_K ? dt * MOST_A_STEP_K / change : Double.POSITIVE_INFINITY;
    }
}
