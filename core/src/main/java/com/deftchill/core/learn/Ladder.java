package com.deftchill.core.learn;

import com.deftchill.core.batch.BatchReader;
import com.deftchill.core.batch.Component;
import com.deftchill.core.foam.Whip;
import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.text.Words;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;

/**
 * Cups that step one value, from one base, laid out blind (handbook 7): steps even on a log scale around the present value, codes
 * of three letters, an order for each taster from a Williams design (Williams 1949), in which every cup follows every other
 * equally often.
 *
 * @param address of what is stepped
 * @param component that is made
 * @param base what all cups share, weighed once, spare included
 * @param baseEachG of it in each cup, g
 * @param cups in the order of their value
 * @param orders in which each taster tastes, by number of the cup
 */
public record Ladder(
        String address,
        int component,
        List<Weight> base,
        double baseEachG,
        List<Cup> cups,
        List<List<Integer>> orders) {
    public static final int FEWEST = 3;
    public static final int MOST = 6;
    /** The base is made so much larger than the cups need [E]. */
    private static final double SPARE = 1.08;

    private static final int CODE = 3;
    /** Without vowels a code is no word, and none looks like another letter. */
    private static final String LETTERS = "BCDFGHKLMNPRSTVXZ";

    public Ladder {
        base = List.copyOf(base);
        cups = List.copyOf(cups);
        orders = orders.stream().map(List::copyOf).toList();
    }

    /** A line of a list to weigh. */
    public record Weight(String name, double grams) {}

    /**
     * @param code that it stands under
     * @param text what is written in the formula for it, such as 6.4 g or {@code soft}
     * @param x its value on the log scale that is fitted
     * @param own what it gets besides the base
     */
    public record Cup(String code, String text, double x, List<Weight> own) {
        public Cup {
            own = List.copyOf(own);
        }
    }

    /**
     * What is asked for.
     *
     * @param address {@code /components/c/gels/g/amount}, {@code /components/c/lines/l/amount} or {@code /components/c/foams/f/stage}
     * @param cups 3 to 6
     * @param step factor from one cup to the next; of no account for stages
     * @param cupG grams in a cup
     * @param tasters how many taste
     * @param seed that draws codes and orders
     */
    public record Wish(String address, int cups, double step, double cupG, int tasters, long seed) {}

    /** Lays out a ladder; empty where the formula has nothing to step there. */
    public static Optional<Ladder> of(WrittenFormula formula, Workplace workplace, Wish wish) {
        var batch = BatchReader.read(formula, workplace).batch();
        var steps = Changes.canonical(formula, wish.address()).substring(1).split("/");
        if (batch.isEmpty() || steps.length < 5 || !steps[0].equals("components") || !isNumber(steps[1])) {
            return Optional.empty();
        }
        int index = Integer.parseInt(steps[1]);
        if (index >= batch.get().components().size() || !isNumber(steps[3])) {
            return Optional.empty();
        }
        var component = batch.get().components().get(index);
        return new Layer(component, index, wish).laid(steps[2], Integer.parseInt(steps[3]));
    }

    private static boolean isNumber(String text) {
        return text.matches("\\d{1,4}");
    }

    /** A component whose value is stepped. */
    private record Layer(Component component, int index, Wish wish) {
        Optional<Ladder> laid(String what, int number) {
            return switch (what) {
                case "gels" -> number == 0 && component.gels() ? Optional.of(gel()) : Optional.empty();
                case "lines" ->
                    number < component.lines().size()
                            ? Optional.of(line(component.lines().get(number)))
                            : Optional.empty();
                case "foams" ->
                    number < component.foams().size()
                            ? foam(component.foams().get(number).id())
                            : Optional.empty();
                default -> Optional.empty();
            };
        }

        private Ladder gel() {
            var gel = component.gel();
            double water = gel.waterG() / gel.grams();
            return amounts(
                    weights(component.lines()),
                    gel.grams(),
                    grams -> water > 0
                            ? List.of(
                                    new Weight(gel.product().name(), grams),
                                    new Weight("water to bloom it in", grams * water))
                            : List.of(new Weight(gel.product().name(), grams)));
        }

        private Ladder line(Component.Line stepped) {
            var others = component.lines().stream().filter(l -> l != stepped).toList();
            var base = new ArrayList<>(weights(others));
            if (component.gels()) {
                base.add(new Weight(
                        component.gel().product().name(), component.gel().grams()));
                if (component.gel().waterG() > 0) {
                    base.add(new Weight("water to bloom it in", component.gel().waterG()));
                }
            }
            var name = stepped.part().ingredient().name();
            return amounts(base, stepped.part().grams(), grams -> List.of(new Weight(name, grams)));
        }

        private interface Own {
            List<Weight> of(double grams);
        }

        /** Steps even on a log scale around what is written. */
        private Ladder amounts(List<Weight> base, double written, Own own) {
            double baseG = base.stream().mapToDouble(Weight::grams).sum();
            double whole =
                    baseG + own.of(written).stream().mapToDouble(Weight::grams).sum();
            double share = wish.cupG() / whole;
            var codes = codes();
            var cups = new ArrayList<Cup>();
            for (int i = 0; i < wish.cups(); i++) {
                double factor = Math.pow(wish.step(), i - (wish.cups() - 1) / 2.0);
                double grams = written * factor;
                cups.add(new Cup(codes.get(i), Words.grams(grams), Math.log(factor), scaled(own.of(grams), share)));
            }
            return laid(scaled(base, share * wish.cups() * SPARE), baseG * share, cups);
        }

        /** Cream whipped to each stage, from the base of the rest. */
        private Optional<Ladder> foam(String id) {
            var whipped =
                    component.lines().stream().filter(l -> l.foam().equals(id)).toList();
            var rest =
                    component.lines().stream().filter(l -> !l.foam().equals(id)).toList();
            var base = new ArrayList<>(weights(rest));
            if (component.gels()) {
                base.add(new Weight(
                        component.gel().product().name(), component.gel().grams()));
                base.add(new Weight("water to bloom it in", component.gel().waterG()));
            }
            double baseG = base.stream().mapToDouble(Weight::grams).sum();
            double whole =
                    baseG + weights(whipped).stream().mapToDouble(Weight::grams).sum();
            if (whipped.isEmpty() || !(whole > 0)) {
                return Optional.empty();
            }
            double share = wish.cupG() / whole;
            var codes = codes();
            var cups = new ArrayList<Cup>();
            for (var stage : Whip.values()) {
                double overrun = stage.ofCream(component.parameters().foam());
                var own = scaled(weights(whipped), share).stream()
                        .map(w -> new Weight(w.name() + ", whipped " + stage.words(), w.grams()))
                        .toList();
                cups.add(new Cup(codes.get(cups.size()), stage.id(), Math.log(overrun), own));
            }
            int most = Math.min(wish.cups(), cups.size());
            return Optional.of(laid(scaled(base, share * most * SPARE), baseG * share, cups.subList(0, most)));
        }

        private Ladder laid(List<Weight> base, double baseEachG, List<Cup> cups) {
            return new Ladder(
                    wish.address(), index, base, baseEachG, cups, orders(cups.size(), wish.tasters(), wish.seed()));
        }

        private List<String> codes() {
            var random = new Random(wish.seed());
            var codes = new LinkedHashSet<String>();
            while (codes.size() < MOST) {
                var code = new StringBuilder();
                for (int i = 0; i < CODE; i++) {
                    code.append(LETTERS.charAt(random.nextInt(LETTERS.length())));
                }
                codes.add(code.toString());
            }
            return List.copyOf(codes);
        }

        private static List<Weight> weights(List<Component.Line> lines) {
            return lines.stream()
                    .map(l -> new Weight(l.part().ingredient().name(), l.part().grams()))
                    .toList();
        }

        private static List<Weight> scaled(List<Weight> weights, double by) {
            return weights.stream()
                    .map(w -> new Weight(w.name(), w.grams() * by))
                    .toList();
        }
    }

    /** In which order each taster tastes; rows of a Williams design, begun anywhere. */
    static List<List<Integer>> orders(int cups, int tasters, long seed) {
        var design = design(cups);
        int begin = new Random(seed ^ 0x5DEECE66DL).nextInt(design.size());
        return IntStream.range(0, tasters)
                .mapToObj(i -> design.get((begin + i) % design.size()))
                .toList();
    }

    /** Every cup at every place, and after every other, equally often: n rows where n is even, else twice as many. */
    static List<List<Integer>> design(int n) {
        var first = new int[n];
        for (int i = 1, low = 1, high = n - 1; i < n; i++) {
            first[i] = i % 2 == 1 ? low++ : high--;
        }
        var rows = new ArrayList<List<Integer>>();
        for (int row = 0; row < n; row++) {
            var order = new ArrayList<Integer>();
            for (int cup : first) {
                order.add((cup + row) % n);
            }
            rows.add(order);
        }
        if (n % 2 == 1) {
            for (int row = 0; row < n; row++) {
                var turned = new ArrayList<>(rows.get(row));
                Collections.reverse(turned);
                rows.add(turned);
            }
        }
        return rows;
    }
}
