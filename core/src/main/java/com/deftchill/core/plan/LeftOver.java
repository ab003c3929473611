package com.deftchill.core.plan;

import com.deftchill.core.larder.Larder;
import com.deftchill.core.larder.Parted;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * What a plan leaves over of what is fetched whole: yolks taken, whites left.
 *
 * @param one what is fetched, such as egg
 * @param more the same of several
 * @param count how many
 * @param rests what is left of them
 */
public record LeftOver(String one, String more, int count, List<Rest> rests) {
    /** Of a piece; less is taken as used up, since no two weigh the same [E]. */
    private static final double NOTHING = 0.25;
    /** Of a piece; for less no other whole is fetched [E]. */
    private static final double SHORT = 0.05;

    public LeftOver {
        rests = List.copyOf(rests);
    }

    /** Part of something whole, not used. */
    public record Rest(String id, String name, double grams) {}

    /** In the order of the larder; only of what leaves something. */
    public static List<LeftOver> of(List<Fetching.Item> items, Larder larder) {
        Map<String, Double> used = items.stream().collect(Collectors.toMap(Fetching.Item::id, Fetching.Item::grams));
        return Parted.ALL.stream()
                .map(whole -> of(whole, used, larder))
                .filter(left -> !left.rests().isEmpty())
                .toList();
    }

    private static LeftOver of(Parted whole, Map<String, Double> used, Larder larder) {
        double most = 0;
        for (var part : whole.parts()) {
            most = Math.max(most, used.getOrDefault(part, 0.0) / piece(larder, part));
        }
        int count = (int) Math.ceil(most - SHORT);
        var rests = new ArrayList<Rest>();
        for (var part : whole.parts()) {
            double left = count * piece(larder, part) - used.getOrDefault(part, 0.0);
            if (left > NOTHING * piece(larder, part)) {
                rests.add(new Rest(part, larder.ingredient(part).orElseThrow().name(), left));
            }
        }
        return new LeftOver(whole.one(), whole.more(), count, rests);
    }

    /** Of what has several sizes, the smallest: rather one too many. */
    private static double piece(Larder larder, String part) {
        return larder.ingredient(part).orElseThrow().spooned().pieces().values().stream()
                .mapToDouble(grams -> grams)
                .min()
                .orElseThrow(() -> new IllegalStateException(part + " has no piece"));
    }
}
