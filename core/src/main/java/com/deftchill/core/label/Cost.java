package com.deftchill.core.label;

import com.deftchill.core.batch.Component;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Message;
import com.deftchill.core.text.Notation;
import com.deftchill.core.text.Words;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Evidence.Given;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;

/** What the ingredients of a portion cost, as far as the kitchen has given prices. */
final class Cost {
    private static final double G_PER_KG = 1000;

    private Cost() {}

    static Optional<Flag> flag(Dessert dessert) {
        var prices = dessert.kitchen().pricePerKg();
        var currency = dessert.kitchen().currency();
        double sum = 0;
        var given = new ArrayList<Given>();
        var without = new TreeSet<String>();
        for (var portrait : dessert.portraits()) {
            for (var line : portrait.component().lines()) {
                if (line.made().isPresent()) {
                    continue;
                }
                var ingredient = line.part().ingredient();
                sum += add(
                        prices.get(ingredient.id()),
                        ingredient.name(),
                        line.part().grams(),
                        currency,
                        given,
                        without);
            }
            var gel = portrait.component().gel();
            if (gel != Component.Gel.NONE) {
                sum += add(prices.get(gel.product().id()), gel.product().name(), gel.grams(), currency, given, without);
            }
        }
        if (given.isEmpty()) {
            return Optional.empty();
        }
        double each = sum / dessert.batch().allPortions();
        var words = Message.of("flags.cost.words")
                .with("each", money(each, currency))
                .with("without", new Argument.Count(without.size()));
        if (!without.isEmpty()) {
            given.add(new Given("Without a price", String.join(", ", without)));
        }
        given.add(new Given("In all", money(sum, currency)));
        return Optional.of(Flag.of(
                "cost",
                words,
                Tone.NOTE,
                new Evidence(
                        given,
                        "Mass of every ingredient x its price of a kilogram, of all that is made, divided by the portions.",
                        List.of(),
                        "As good as the prices; work, energy and waste are not in it.",
                        "The prices, in the larder; the ingredients.")));
    }

    private static double add(
            Double price, String name, double grams, String currency, List<Given> given, TreeSet<String> without) {
        if (price == null) {
            without.add(name);
            return 0;
        }
        double cost = price * grams / G_PER_KG;
        given.add(new Given(
                name, Words.grams(grams) + " at " + money(price, currency) + "/kg: " + money(cost, currency)));
        return cost;
    }

    private static String money(double amount, String currency) {
        return Notation.write(amount, 2) + " " + currency;
    }
}
