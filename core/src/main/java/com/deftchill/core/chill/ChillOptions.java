package com.deftchill.core.chill;

/**
 * How finely to compute.
 *
 * @param cellMm wanted size of a cell, mm
 * @param minCells least number of cells across the half-width and over the height
 * @param maxCells greatest number of either
 * @param toleranceK local error of a time step, mass-weighted root mean square, K
 * @param firstStep seconds
 * @param maxStep seconds at the start; it grows with the time passed
 * @param maxStepShare longest step as a share of the time passed
 * @param stop asked before every step
 */
public record ChillOptions(
        double cellMm,
        int minCells,
        int maxCells,
        double toleranceK,
        double firstStep,
        double maxStep,
        double maxStepShare,
        Stop stop) {

    /** Never to be ended early. */
    public ChillOptions(
            double cellMm,
            int minCells,
            int maxCells,
            double toleranceK,
            double firstStep,
            double maxStep,
            double maxStepShare) {
        this(cellMm, minCells, maxCells, toleranceK, firstStep, maxStep, maxStepShare, Stop.NEVER);
    }

    /** A surface that takes less heat than this leaves gentle gradients, W/(m2 K): still and moving air, not a blast. */
    private static final double GENTLE_H = 20;

    /** So much larger may cells be there, with the conduction error still below 0.1 K. */
    private static final double GENTLE_CELLS = 1.4;

    /** Conduction error below 0.1 K and milestones within 2 % of a halved grid, see docs/figures.md. */
    public static ChillOptions standard() {
        return new ChillOptions(1.6, 12, 40, 0.05, 1, 300, 0.08);
    }

    /** Twice as fine in space, four times in time. */
    public ChillOptions halved() {
        return new ChillOptions(
                cellMm / 2,
                minCells * 2,
                maxCells * 2,
                toleranceK / 4,
                firstStep / 2,
                maxStep / 2,
                maxStepShare / 2,
                stop);
    }

    /** Half as fine in space, four times as long steps in time, for comparisons. */
    public ChillOptions coarser() {
        return new ChillOptions(
                cellMm * 1.5,
                minCells * 2 / 3,
                maxCells * 2 / 3,
                toleranceK * 4,
                firstStep,
                maxStep * 2,
                maxStepShare * 2,
                stop);
    }

    /** Half as fine in space alone: for many layers, of which each is thin. */
    public ChillOptions fewerCells() {
        return new ChillOptions(
                cellMm * 2,
                Math.max(2, minCells / 2),
                maxCells / 2,
                toleranceK,
                firstStep,
                maxStep,
                maxStepShare,
                stop);
    }

    /** As fine as a body needs whose surface gives off heat with a coefficient of h, W/(m2 K), at most. */
    public ChillOptions forSurface(double h) {
        return h > GENTLE_H
                ? this
                : new ChillOptions(
                        cellMm * GENTLE_CELLS,
                        (int) (minCells / GENTLE_CELLS),
                        (int) (maxCells / GENTLE_CELLS),
                        toleranceK,
                        firstStep,
                        maxStep,
                        maxStepShare,
                        stop);
    }

    /** The same, ended when it is told so. */
    public ChillOptions stoppedBy(Stop other) {
        return new ChillOptions(cellMm, minCells, maxCells, toleranceK, firstStep, maxStep, maxStepShare, other);
    }

    /** Number of cells over a length, mm. */
    int cells(double mm) {
        return Math.max(minCells, Math.min(maxCells, (int) Math.ceil(mm / cellMm)));
    }
}
