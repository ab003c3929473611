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
 * @param components each by itself, in the order of the formula
 * @param section the dessert in its mould, to scale
 * @param milestones in the order of waiting
 * @param verdicts worst first
 * @param prediction the figures a log entry keeps
 * @param flags what must be known before it is served
 * @param nutrition calculated from the composition
 * @param method step by step
 */
public record Assessment(
        List<Sentence> line,
        List<ComponentAnswer> components,
        Section section,
        List<Milestone> milestones,
        List<Verdict> verdicts,
        Prediction prediction,
        List<Flag> flags,
        Nutrition nutrition,
        List<Step> method) {

    /** A sentence of the line and how it bears on the dessert. */
    public record Sentence(Tone tone, String text) {}

    /**
     * A component by itself.
     *
     * @param id that it keeps whatever it is called
     * @param name as it is called
     * @param kind its id
     * @param kindWords the same in words
     * @param amounts what the typed amounts were understood as
     * @param figures what was computed of it, each with its evidence
     * @param shares what it is made of, largest first
     * @param course firmness and temperature over time; absent for what is not poured as a layer
     * @param strip the dose on a ruler of firmness; absent without a gelling agent of its own, or when not a layer
     * @param usedBy names of the components that take from it
     */
    public record ComponentAnswer(
            String id,
            String name,
            String kind,
            String kindWords,
            Amounts amounts,
            List<Figure> figures,
            List<SharePart> shares,
            Optional<Course> course,
            Optional<DoseStrip> strip,
            List<String> usedBy) {}

    /** A computed figure that opens. */
    public record Figure(String name, String value, Evidence evidence) {}

    /** A constituent, % of the mass. */
    public record SharePart(String name, double percent) {}

    /**
     * Masses understood.
     *
     * @param lines each ingredient line understood
     * @param gel the dose understood; absent without a gelling agent
     * @param totalG of the whole mix, g
     * @param yieldMl its volume with its air, ml
     * @param gramsPerMl its density with its air, g/ml
     * @param airPercent air by volume, %
     * @param portionG in each mould, g
     * @param gelatinPercent gelling agent of the total mass, %
     * @param gelatinGramsPerLitre gelling agent of the aqueous phase, g/L
     * @param bloomWaterG water that the agent brings, g
     * @param sheets the dose in sheets of this product; absent for powder
     */
    public record Amounts(
            List<Understood> lines,
            Optional<Understood> gel,
            double totalG,
            double yieldMl,
            double gramsPerMl,
            double airPercent,
            double portionG,
            double gelatinPercent,
            double gelatinGramsPerLitre,
            double bloomWaterG,
            Optional<Double> sheets) {}

    /** A typed amount: grams, and what it was understood as (empty for plain grams). */
    public record Understood(double grams, String how) {}

    /** A point of a profile: half-width and height, mm. */
    public record Point(double halfWidthMm, double heightMm) {}

    /**
     * A layer in the section.
     *
     * @param component its number in the formula
     * @param fromMm lower face, mm
     * @param toMm upper face, mm
     * @param volumeMl in each mould, ml
     * @param tint its look: cream, caramel, fruit, cocoa, crumb, sponge, pieces
     * @param wallMm height of the wall that it lines, mm; 0 for none
     * @param wallThicknessMm thickness of that wall, mm
     * @param inside what it lies in, bottom to brim
     */
    public record Layer(
            int component,
            String name,
            String kind,
            double fromMm,
            double toMm,
            double volumeMl,
            String tint,
            double wallMm,
            double wallThicknessMm,
            List<Point> inside) {}

    /** Calculated nutrition of so many grams: kJ, kcal, and g of each. */
    public record Nutrient(
            double grams,
            double kj,
            double kcal,
            double fat,
            double carbohydrate,
            double sugars,
            double protein,
            double salt,
            double alcohol) {}

    /** Of 100 g and of a portion, and where it comes from. */
    public record Nutrition(Nutrient per100g, Nutrient perPortion, Evidence evidence) {}

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
     * @param garnish what goes on top at service
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
            List<String> garnish,
            Optional<Standing> standing) {}

    /**
     * The body standing on its plate.
     *
     * @param heightMm it stands
     * @param ofMm height in the mould
     * @param outline from plate to top
     * @param words how it stands
     * @param upsideDown whether what was poured first is on top
     */
    public record Standing(double heightMm, double ofMm, List<Point> outline, String words, boolean upsideDown) {}

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
