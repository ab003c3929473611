package com.deftchill.core.assess;

import com.deftchill.core.dose.DoseStrip;
import com.deftchill.core.verdict.Figure;
import java.util.List;
import java.util.Optional;

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
 * @param warming firmness over temperature; absent for what is not poured as a layer
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
        Optional<Warming> warming,
        Optional<DoseStrip> strip,
        List<String> usedBy) {
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

    /** A constituent, % of the mass. */
    public record SharePart(String name, double percent) {}

    /**
     * How firm it is at each temperature from the fridge to the room, a day after pouring.
     *
     * @param celsius in equal steps, °C
     * @param firmness at each, 0 to 100
     * @param targetFrom lower end of the band in which it eats right, 0 to 100
     * @param targetTo upper end of it
     * @param fridgeC as it comes from the cooler, °C
     * @param fridgeWords how firm it is then
     * @param loose whether it never becomes more than a thick liquid
     * @param rightFromC coldest temperature at which it is right, °C; absent where it never is
     * @param rightToC warmest temperature at which it is right, °C; absent where it never is
     * @param minutesOut in the room until it is right, min; 0 where it is at once, absent where it never is
     */
    public record Warming(
            double[] celsius,
            double[] firmness,
            double targetFrom,
            double targetTo,
            double fridgeC,
            String fridgeWords,
            boolean loose,
            Optional<Double> rightFromC,
            Optional<Double> rightToC,
            Optional<Double> minutesOut) {}

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
}
