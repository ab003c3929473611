package com.deftchill.core.assess;

import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.List;
import java.util.Optional;

/**
 * Everything computed about a dessert.
 *
 * @param line the answer in a sentence or two, bad news first
 * @param amounts what the typed amounts were understood as
 * @param section the dessert in its mould, to scale
 * @param course firmness and temperature over time
 * @param milestones in the order of waiting
 * @param verdicts worst first
 * @param prediction the figures a log entry keeps
 * @param strip the dose on a ruler of firmness
 * @param flags what must be known before it is served
 * @param method step by step
 */
public record Assessment(
        List<Sentence> line,
        Amounts amounts,
        Section section,
        Course course,
        List<Milestone> milestones,
        List<Verdict> verdicts,
        Prediction prediction,
        DoseStrip strip,
        List<Flag> flags,
        List<Step> method) {

    /** A sentence of the line and how it bears on the dessert. */
    public record Sentence(Tone tone, String text) {}

    /**
     * Masses understood.
     *
     * @param lines each ingredient line understood
     * @param gel the dose understood
     * @param totalG of the whole mix, g
     * @param portionG in each mould, g
     * @param gelatinPercent gelling agent of the total mass, %
     * @param gelatinGramsPerLitre gelling agent of the aqueous phase, g/L
     * @param bloomWaterG water that the agent brings, g
     * @param sheets the dose in sheets of this product; absent for powder
     */
    public record Amounts(
            List<Understood> lines,
            Understood gel,
            double totalG,
            double portionG,
            double gelatinPercent,
            double gelatinGramsPerLitre,
            double bloomWaterG,
            Optional<Double> sheets) {}

    /** A typed amount: grams, and what it was understood as (empty for plain grams). */
    public record Understood(double grams, String how) {}

    /** A point of a profile: half-width and height, mm. */
    public record Point(double halfWidthMm, double heightMm) {}

    /** A layer in the section: from and to are heights, mm; tint is its look. */
    public record Layer(String name, double fromMm, double toMm, double volumeMl, String tint) {}

    /**
     * The cut.
     *
     * @param mould its name
     * @param material of its wall
     * @param symmetry round or long
     * @param inner profile, bottom to brim
     * @param wallMm wall thickness, mm
     * @param baseMm base thickness, mm
     * @param brimMl volume to the brim, ml
     * @param fillMm fill height, mm
     * @param fillMl volume filled into each mould, ml
     * @param overMl what does not fit into each mould, ml
     * @param layers bottom first
     * @param standing turned out on the plate; absent when eaten from its glass or not holding
     */
    public record Section(
            String mould,
            String material,
            String symmetry,
            List<Point> inner,
            double wallMm,
            double baseMm,
            double brimMl,
            double fillMm,
            double fillMl,
            double overMl,
            List<Layer> layers,
            Optional<Standing> standing) {}

    /** The body standing on its plate: its height of the moulded height, mm, its outline from plate to top, in words. */
    public record Standing(double heightMm, double ofMm, List<Point> outline, String words) {}

    /**
     * Curves over time.
     *
     * @param minutes since pouring
     * @param firmness at the slowest point, 0 to 100
     * @param warmestC temperature of the warmest point, °C
     * @param targetFrom lower end of the target band, 0 to 100
     * @param targetTo upper end of the target band, 0 to 100
     */
    public record Course(double[] minutes, double[] firmness, double[] warmestC, double targetFrom, double targetTo) {}

    /** A wait that ends: minutes since pouring and clock time; both absent when it never ends within two days. */
    public record Milestone(
            String code, String label, Optional<Double> minutes, Optional<String> clock, Evidence evidence) {}

    /**
     * What a batch of this formula is expected to do.
     *
     * @param setsAfterMinutes set to the centre
     * @param turnsOutAfterMinutes may be turned out
     * @param standingMm height on the plate a day after pouring, mm
     * @param mouldedMm height in the mould, mm
     * @param firmness a day after pouring, 0 to 100
     * @param firmnessWords the same in words
     * @param dipSeconds in water of 60 °C
     */
    public record Prediction(
            Optional<Double> setsAfterMinutes,
            Optional<Double> turnsOutAfterMinutes,
            Optional<Double> standingMm,
            double mouldedMm,
            double firmness,
            String firmnessWords,
            Optional<Double> dipSeconds) {}
}
