package com.deftchill.core.plan;

import com.deftchill.core.dessert.Portrait;
import com.deftchill.core.larder.Ingredient;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;

/** What a plan needs: one list over all its desserts. */
public final class Fetching {
    private Fetching() {}

    /**
     * An ingredient or a gelling agent.
     *
     * @param id in the larder
     * @param name as the cook reads it
     * @param group in the larder: where it is fetched
     * @param grams of all
     * @param cost by the kitchen's prices, where it has one
     * @param allergens ids of those that it contains
     * @param uses for what, in the order of the plan
     */
    public record Item(
            String id,
            String name,
            String group,
            double grams,
            Optional<Double> cost,
            List<String> allergens,
            List<Use> uses) {}

    /**
     * So much of it for a component of a dessert.
     *
     * @param weighing id of the task in which it is weighed
     */
    public record Use(String dish, String component, double grams, String weighing) {}

    /** Moulds or glasses, and for which desserts. */
    public record Vessels(String id, String name, int count, List<String> dishes) {}

    /** By group and name. */
    public static List<Item> items(List<MadeDish> dishes) {
        var uses = new LinkedHashMap<String, List<Use>>();
        var names = new LinkedHashMap<String, Item>();
        for (var made : dishes) {
            var prices = made.dessert().kitchen().pricePerKg();
            for (var portrait : made.dessert().portraits()) {
                for (var line : portrait.component().lines()) {
                    if (line.made().isEmpty()) {
                        var ingredient = line.part().ingredient();
                        names.putIfAbsent(ingredient.id(), item(ingredient, prices));
                        uses.computeIfAbsent(ingredient.id(), id -> new ArrayList<>())
                                .add(new Use(
                                        made.dish().name(),
                                        portrait.name(),
                                        line.part().grams(),
                                        weighing(made, portrait)));
                    }
                }
                var gel = portrait.component().gel();
                if (gel.grams() > 0) {
                    names.putIfAbsent(
                            gel.product().id(),
                            new Item(
                                    gel.product().id(),
                                    gel.product().name(),
                                    gel.product().agent().words(),
                                    0,
                                    Optional.ofNullable(prices.get(gel.product().id())),
                                    List.of(),
                                    List.of()));
                    uses.computeIfAbsent(gel.product().id(), id -> new ArrayList<>())
                            .add(new Use(made.dish().name(), portrait.name(), gel.grams(), weighing(made, portrait)));
                }
            }
        }
        return names.values().stream()
                .map(item -> whole(item, uses.get(item.id())))
                .sorted(Comparator.comparing(Item::group).thenComparing(Item::name))
                .toList();
    }

    private static String weighing(MadeDish made, Portrait portrait) {
        return made.task(portrait.index() + ".weigh");
    }

    /** With its price per kg for a cost, until it is known how much of it. */
    private static Item item(Ingredient i, Map<String, Double> prices) {
        var allergens = new TreeSet<>(i.labelling().allergens());
        return new Item(
                i.id(),
                i.name(),
                i.group(),
                0,
                Optional.ofNullable(prices.get(i.id())),
                List.copyOf(allergens),
                List.of());
    }

    private static Item whole(Item item, List<Use> uses) {
        double grams = uses.stream().mapToDouble(Use::grams).sum();
        var cost = item.cost().map(price -> price * grams / 1000);
        return new Item(item.id(), item.name(), item.group(), grams, cost, item.allergens(), List.copyOf(uses));
    }

    /** By how many at once, the most first. */
    public static List<Vessels> vessels(List<MadeDish> dishes) {
        var found = new LinkedHashMap<String, Vessels>();
        for (var made : dishes) {
            var mould = made.dessert().batch().mould();
            var before = found.get(mould.id());
            var names = new ArrayList<>(before == null ? List.<String>of() : before.dishes());
            names.add(made.dish().name());
            int count = made.dish().count() + (before == null ? 0 : before.count());
            found.put(mould.id(), new Vessels(mould.id(), mould.name(), count, List.copyOf(names)));
        }
        return found.values().stream()
                .sorted(Comparator.comparing(Vessels::count).reversed())
                .toList();
    }
}
