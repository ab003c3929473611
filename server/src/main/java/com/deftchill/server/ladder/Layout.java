package com.deftchill.server.ladder;

import com.deftchill.core.learn.Ladder;
import java.util.List;

/**
 * A ladder as it was laid out: what was weighed then stays, whatever becomes of the formula.
 *
 * @param address of what is stepped
 * @param what in words
 * @param written what the formula says now
 * @param base what all cups share, weighed once
 * @param baseEachG of it in each cup, g
 * @param orders in which each taster tastes, by number of the cup
 */
public record Layout(
        String address,
        String what,
        String written,
        List<Weighed> base,
        double baseEachG,
        List<CupOf> cups,
        List<List<Integer>> orders,
        List<String> tasters) {
    public record Weighed(String name, double grams) {}

    /** A cup: its code, what the formula would say for it, its place on the log scale, what it gets besides the base. */
    public record CupOf(String code, String text, double x, List<Weighed> own) {}

    static Layout of(Ladder ladder, String what, String written, List<String> tasters) {
        return new Layout(
                ladder.address(),
                what,
                written,
                weighed(ladder.base()),
                ladder.baseEachG(),
                ladder.cups().stream()
                        .map(cup -> new CupOf(cup.code(), cup.text(), cup.x(), weighed(cup.own())))
                        .toList(),
                ladder.orders(),
                List.copyOf(tasters));
    }

    private static List<Weighed> weighed(List<Ladder.Weight> weights) {
        return weights.stream().map(w -> new Weighed(w.name(), w.grams())).toList();
    }
}
