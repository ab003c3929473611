package com.deftchill.core.chill;

import com.deftchill.core.parameters.ColdParameters;
import java.util.Arrays;
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
        var airs = follow(cooler, setC, loads, cold(setC, loads), new double[loads.size()]);
        double heat = loads.stream()
                .mapToDouble(load -> load.heatJPerK() * Math.max(0, load.celsius() - setC))
                .sum();
        double undisturbed = loads.stream()
                .mapToDouble(load -> undisturbed(setC, load))
                .max()
                .orElse(0);
        return new Outcome(
                airs.peakC(),
                airs.warmSeconds(),
                heat / cooler.spareW(),
                Math.max(0, airs.coldSeconds() - undisturbed));
    }

    /** When each of several loads is cold, s after the moment that their starts are counted from. */
    public static double[] coldSeconds(
            ColdParameters p, double setC, double powerW, double contentsJPerK, List<Load> loads) {
        return reachedSeconds(p, setC, powerW, contentsJPerK, loads, cold(setC, loads));
    }

    /**
     * When each of several loads has come down to a temperature of its own, s after the moment that their starts are
     * counted from; infinite beyond three days.
     *
     * @param goalsC for each load, °C; none is followed below that at which it counts as cold
     */
    public static double[] reachedSeconds(
            ColdParameters p, double setC, double powerW, double contentsJPerK, List<Load> loads, double[] goalsC) {
        var goals =
                Arrays.stream(goalsC).map(goal -> Math.max(goal, setC + COLD_K)).toArray();
        var reached = new double[loads.size()];
        follow(AirOfCooler.of(p, powerW, contentsJPerK, 1, 0), setC, loads, goals, reached);
        return reached;
    }

    private static double[] cold(double setC, List<Load> loads) {
        var goals = new double[loads.size()];
        Arrays.fill(goals, setC + COLD_K);
        return goals;
    }

    private record Air(double peakC, double warmSeconds, double coldSeconds) {}

    /** @param reached takes the time at which each load has reached its goal; infinite beyond three days */
    private static Air follow(AirOfCooler cooler, double setC, List<Load> loads, double[] goals, double[] reached) {
        var celsius = loads.stream().mapToDouble(Load::celsius).toArray();
        Arrays.fill(reached, Double.POSITIVE_INFINITY);
        double air = setC;
        double peak = setC;
        double warm = 0;
        double time = 0;
        boolean all = false;
        while (time < LASTS && !all) {
            double in = 0;
            all = true;
            for (int i = 0; i < celsius.length; i++) {
                var load = loads.get(i);
                if (time >= load.startSeconds()) {
                    // Exact for air that stands still during the step.
                    double fall = (celsius[i] - air) * -Math.expm1(-STEP / load.tauSeconds());
                    celsius[i] -= fall;
                    in += load.heatJPerK() * fall;
                }
                if (celsius[i] > goals[i]) {
                    all = false;
                } else if (time >= load.startSeconds() || celsius[i] == load.celsius()) {
                    reached[i] = Math.min(reached[i], time + STEP);
                }
            }
            air = cooler.after(air, setC, in, STEP);
            peak = Math.max(peak, air);
            warm += air > setC + WARM_K ? STEP : 0;
            time += STEP;
        }
        return new Air(peak, warm, all ? time : Double.POSITIVE_INFINITY);
    }

    private static double undisturbed(double setC, Load load) {
        return load.startSeconds() + load.tauSeconds() * Math.log(Math.max(1, (load.celsius() - setC) / COLD_K));
    }
}
