package com.deftchill.core.chill;

import com.deftchill.core.parameters.ColdParameters;
import java.util.List;

/**
 * How far a cooler's air warms when warm desserts go in, and how much later they are cold for it.
 *
 * <pre>
 *   m cp dTi/dt = -m cp (Ti - T) / tau_i
 * </pre>
 *
 * <p>Each load is one temperature throughout, with the time constant of its real chill [E]; the air T answers as
 * {@link AirOfCooler}. For what-if questions: the chill itself has its own air.
 */
public final class CoolerLoad {
    /** A load counts as cold when it is so little warmer than the air should be, K. */
    private static final double COLD_K = 4;
    /** Air that is warmer than it should be by more than this is counted, K. */
    private static final double WARM_K = 1;

    private static final double STEP = 10;
    private static final double LASTS = 72 * 3600.0;

    private CoolerLoad() {}

    /**
     * What goes in.
     *
     * @param startSeconds when
     * @param heatJPerK its mass times heat capacity, J/K
     * @param tauSeconds its time constant in air that stays cold, s
     * @param celsius its temperature then, °C
     */
    public record Load(double startSeconds, double heatJPerK, double tauSeconds, double celsius) {}

    /**
     * What becomes of it.
     *
     * @param peakC highest air temperature, °C
     * @param warmSeconds time that the air is more than 1 K too warm, s
     * @param workSeconds of all that the cooler can spare, to take the heat of the loads away, s
     * @param lateSeconds so much later all of it is cold than if the air had stayed cold, s; infinite beyond three days
     */
    public record Outcome(double peakC, double warmSeconds, double workSeconds, double lateSeconds) {}

    /**
     * @param setC air temperature that the cooler is set to, °C
     * @param powerW heat that it can take away, W, above 0
     * @param contentsJPerK heat that air and contents take up, J/K, above 0
     */
    public static Outcome of(ColdParameters p, double setC, double powerW, double contentsJPerK, List<Load> loads) {
        var cooler = AirOfCooler.of(p, powerW, contentsJPerK, 1, 0);
        var celsius = loads.stream().mapToDouble(Load::celsius).toArray();
        double air = setC;
        double peak = setC;
        double warm = 0;
        double time = 0;
        double cold = Double.POSITIVE_INFINITY;
        while (time < LASTS && cold == Double.POSITIVE_INFINITY) {
            double in = 0;
            boolean all = true;
            for (int i = 0; i < celsius.length; i++) {
                var load = loads.get(i);
                if (time >= load.startSeconds()) {
                    // Exact for air that stands still during the step.
                    double fall = (celsius[i] - air) * -Math.expm1(-STEP / load.tauSeconds());
                    celsius[i] -= fall;
                    in += load.heatJPerK() * fall;
                }
                all &= celsius[i] <= setC + COLD_K;
            }
            air = cooler.after(air, setC, in, STEP);
            peak = Math.max(peak, air);
            warm += air > setC + WARM_K ? STEP : 0;
            time += STEP;
            cold = all ? time : cold;
        }
        double heat = loads.stream()
                .mapToDouble(load -> load.heatJPerK() * Math.max(0, load.celsius() - setC))
                .sum();
        return new Outcome(peak, warm, heat / cooler.spareW(), Math.max(0, cold - undisturbed(setC, loads)));
    }

    private static double undisturbed(double setC, List<Load> loads) {
        return loads.stream()
                .mapToDouble(load -> load.startSeconds()
                        + load.tauSeconds() * Math.log(Math.max(1, (load.celsius() - setC) / COLD_K)))
                .max()
                .orElse(0);
    }
}
