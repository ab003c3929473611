package com.deftchill.core.body;

import com.deftchill.core.fat.FatLaw;
import com.deftchill.core.fat.SolidFat;
import com.deftchill.core.parameters.BodyParameters;
import com.deftchill.core.parameters.FatParameters;

/**
 * What makes a component firm besides its gel: the stress at which it yields.
 *
 * <pre>
 *   F = (F_fat + F_curd + F_starch + F_egg + F_caramel) (1 - air) + F_cream
 * </pre>
 *
 * <p>Handbook 3 [E]. F_cream goes with the square of its solid milk fat; F_curd recovers from being worked; F_starch goes on
 * growing for hours.
 *
 * @param fat of chocolate, butter, coconut
 * @param air by volume, ml/ml
 * @param curd5 of fresh cheese by its share of the mix, whole again, at 5 °C, Pa
 * @param curd20 the same at 20 °C, Pa
 * @param starchPa of boiled starch, cold, before it grows, Pa
 * @param eggPa of a stirred custard, cold, Pa
 * @param creamPa of the network of whipped cream with all its fat solid as at 5 °C, Pa
 * @param caramelPa of a caramel at 20 °C, Pa
 * @param startCocoa solid share of its cocoa butter when it is filled
 * @param startMilk solid share of its milk fat when it is filled
 */
public record Plastic(
        FatLaw fat,
        double air,
        double curd5,
        double curd20,
        double starchPa,
        double eggPa,
        double creamPa,
        double caramelPa,
        double startCocoa,
        double startMilk,
        BodyParameters p) {
    private static final double COLD_C = 5;
    private static final double CURD_APART_K = 15;
    private static final double ROOM_C = 20;
    private static final double SECONDS_PER_HOUR = 3600;
    /** Cooked egg and starch are at their cold value from here down, °C [E]. */
    private static final double STIFF_C = 10;

    /** Less than this is a sauce, Pa. */
    private static final double LEAST_PA = 20;

    /** What nothing but a gel makes firm. */
    public static Plastic none(FatParameters fat, BodyParameters p) {
        return new Plastic(FatLaw.none(fat), 0, 0, 0, 0, 0, 0, 0, 0, 0, p);
    }

    /** Whether there is any. */
    public boolean exists() {
        return restPa(COLD_C) > LEAST_PA;
    }

    /** Share of its curd's firmness that is back so long after it was worked. */
    double recovered(double seconds) {
        double fresh = p.curdFresh().value();
        return 1
                - (1 - fresh)
                        * Math.exp(
                                -seconds / (SECONDS_PER_HOUR * p.curdRecovers().value()));
    }

    /** How much starch has grown so long after it was filled. */
    double grown(double seconds) {
        return 1
                + p.starchGrows().value()
                        * -Math.expm1(
                                -seconds / (SECONDS_PER_HOUR * p.starchGrowsIn().value()));
    }

    /** Curd, whole again, at T °C, Pa, without the effect of air. */
    double curdPa(double celsius) {
        return curd5 > 0 ? curd5 * Math.pow(curd20 / curd5, (celsius - COLD_C) / CURD_APART_K) : 0;
    }

    /** Share of its cold value that cooked starch and egg have at T °C. */
    double stiff(double celsius) {
        double sets = p.starchSets().value();
        return Math.max(0, Math.min(1, (sets - celsius) / (sets - STIFF_C)));
    }

    /** Caramel at T °C, Pa: doubling with every few degrees colder. */
    double caramelPa(double celsius) {
        return caramelPa > 0
                ? caramelPa
                        * Math.pow(2, (ROOM_C - celsius) / p.caramelDoubles().value())
                : 0;
    }

    /** All of it for solid shares, Pa. */
    double pa(double celsius, double cocoaSolid, double milkSolid, double coconutSolid, double seconds) {
        double cream = milkSolid / p.creamSolid().value();
        double still = fat.pa(fat.solid(cocoaSolid, milkSolid, coconutSolid))
                + curdPa(celsius) * recovered(seconds)
                + (starchPa * grown(seconds) + eggPa) * stiff(celsius)
                + caramelPa(celsius);
        return still * (1 - air) + creamPa * cream * cream;
    }

    /** At rest at T °C, Pa. */
    public double restPa(double celsius) {
        var solid = new SolidFat(fat.p());
        return pa(
                celsius,
                solid.cocoaButter(celsius),
                solid.milkFat(celsius),
                solid.coconut(celsius),
                Double.POSITIVE_INFINITY);
    }

    /**
     * As it came to be in the cold, brought to T °C: what it warms to melts, and nothing more sets in that time, Pa.
     *
     * @param cocoaSolid solid share of its cocoa butter in the cold
     * @param milkSolid the same of its milk fat
     * @param seconds since it was filled
     */
    public double broughtTo(double celsius, double cocoaSolid, double milkSolid, double seconds) {
        var solid = new SolidFat(fat.p());
        return pa(
                celsius,
                Math.min(cocoaSolid, solid.cocoaButter(celsius)),
                Math.min(milkSolid, solid.milkFat(celsius)),
                solid.coconut(celsius),
                seconds);
    }

    /** Warmest temperature at which its rest value is still so much, °C; far below zero where it never is. */
    public double holdsUpToC(double wantedPa) {
        double celsius = HOTTEST_C;
        while (celsius > COLDEST_C && restPa(celsius) < wantedPa) {
            celsius -= STEP_K;
        }
        return celsius > COLDEST_C ? celsius : FatLaw.NEVER_C;
    }

    private static final double HOTTEST_C = 70;
    private static final double COLDEST_C = -10;
    private static final double STEP_K = 0.5;

    /** How far off it may be, as a factor: by what most of it comes from. */
    public double uncertain() {
        double solid = fat.restPa(COLD_C) * (1 - air) + creamPa;
        return solid >= restPa(COLD_C) / 2
                ? p.uncertainFat().value()
                : p.uncertainCurd().value();
    }
}
