package com.deftchill.core.chill;

/**
 * What a run cost and how well it balanced.
 *
 * @param steps accepted time steps
 * @param rejected steps tried and halved
 * @param heatInJ heat that came in through all surfaces, J (negative for cooling)
 * @param heatGainedJ rise of the heat content of dessert and walls, J
 */
public record ChillReport(int steps, int rejected, double heatInJ, double heatGainedJ) {
    /** Energy balance error relative to the heat exchanged; 0 when none was. */
    public double imbalance() {
        double scale = Math.max(Math.abs(heatInJ), Math.abs(heatGainedJ));
        return scale == 0 ? 0 : Math.abs(heatInJ - heatGainedJ) / scale;
    }
}
