package com.deftchill.core.plan;

import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Message;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalLong;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;

/**
 * The smallest set of wishes that cannot all be had: taking any one of them away, the rest fits. Found by letting go of one
 * after another: what can go without the rest becoming possible has no part in it.
 */
public final class Conflict {
    private static final long WEEK = 7 * 24 * 60;
    private static final int PLENTY = 100_000;

    private Conflict() {}

    /** A wish: its kind, what it is about, and its words. */
    public record Wish(String code, String about, Message words) {}

    /**
     * @param day that does not fit
     * @param all clock time for all questions together
     * @param each clock time at most for one
     * @return empty where it does not fit even without all of them
     */
    public static List<Wish> of(Day day, Solver solver, Duration all, Duration each) {
        var wishes = wishes(day);
        var questions = new Questions(solver, System.nanoTime() + all.toNanos(), each, wishes.size() + 1);
        Predicate<Day> never = d -> questions.ask(d).impossible();
        var without = day;
        for (var relax : wishes.values()) {
            without = relax.apply(without);
        }
        if (never.test(without)) {
            return List.of();
        }
        var now = day;
        var part = new ArrayList<Wish>();
        var left = new ArrayList<>(wishes.entrySet());
        for (int i = 0; i < left.size(); i++) {
            var candidate = left.get(i).getValue().apply(now);
            // What cannot be told in time counts as part: it may be.
            if (never.test(candidate)) {
                now = candidate;
            } else {
                part.add(left.get(i).getKey());
            }
        }
        return part;
    }

    /** Questions to the solver that share their time: what one leaves, the others have. */
    private static final class Questions {
        private final Solver solver;
        private final long until;
        private final Duration each;
        private int left;

        Questions(Solver solver, long until, Duration each, int count) {
            this.solver = solver;
            this.until = until;
            this.each = each;
            left = count;
        }

        Solver.Solution ask(Day day) {
            long share = Math.max(0, until - System.nanoTime()) / Math.max(1, left--);
            var time = Duration.ofNanos(Math.min(share, each.toNanos()));
            return solver.solve(day, Solver.Options.of(Solver.Aim.FITS, time));
        }
    }

    /** Every wish with what the day is like without it; those that are given up most gladly first. */
    private static Map<Wish, UnaryOperator<Day>> wishes(Day day) {
        var wishes = new LinkedHashMap<Wish, UnaryOperator<Day>>();
        if (day.pins().values().stream().anyMatch(pin -> !pin.done())) {
            wishes.put(new Wish("settled", "", Message.of("day.wish.settled")), Conflict::unsettled);
        }
        for (var store : day.stores().values()) {
            wishes.put(new Wish("store", store.id(), words(store)), d -> plenty(d, store));
        }
        var first = Reasons.clock(day, day.span().from());
        wishes.put(
                new Wish("days-before", "", Message.of("day.wish.days-before").with("from", first)),
                d -> d.withSpan(new Interval(d.span().from() - WEEK, d.span().to())));
        wishes.put(new Wish("keeping", "", Message.of("day.wish.keeping")), Conflict::keeping);
        wishes.put(new Wish("hands", "", Message.of("day.wish.hands")), Conflict::always);
        day.dishes().stream()
                .sorted(Comparator.comparing(Dish::due))
                .map(Dish::due)
                .distinct()
                .forEach(due -> {
                    var name = day.dishes().stream()
                            .filter(dish -> dish.due() == due)
                            .findFirst()
                            .orElseThrow()
                            .service();
                    var words =
                            Message.of("day.wish.service").with("service", name).with("at", Reasons.clock(day, due));
                    wishes.put(new Wish("service", String.valueOf(due), words), d -> later(d, due));
                });
        return wishes;
    }

    private static Message words(Store store) {
        return switch (store.kind()) {
            case "cooler" ->
                Message.of("day.wish.cooler")
                        .with("name", store.name())
                        .with("shelves", new Argument.Count(store.amount() / 100));
            case "mould" ->
                Message.of("day.wish.mould")
                        .with("name", store.name())
                        .with("amount", new Argument.Count(store.amount()));
            default ->
                Message.of("day.wish.store")
                        .with("name", store.name())
                        .with("amount", new Argument.Count(store.amount()));
        };
    }

    private static Day unsettled(Day d) {
        var pins = new LinkedHashMap<>(d.pins());
        pins.values().removeIf(pin -> !pin.done());
        return d.withPins(pins);
    }

    private static Day plenty(Day d, Store store) {
        var stores = new LinkedHashMap<>(d.stores());
        stores.put(store.id(), new Store(store.id(), store.kind(), store.name(), PLENTY));
        return d.withStores(stores);
    }

    private static Day keeping(Day d) {
        return d.withTasks(d.tasks().stream()
                .map(task -> task.withNotBefore(OptionalLong.empty()))
                .toList());
    }

    /** Everybody is there all the time. */
    private static Day always(Day d) {
        var whole = new Interval(d.span().from() - WEEK, d.span().to() + WEEK);
        var hands = d.hands().stream()
                .map(hand -> new Hand(hand.id(), hand.role(), List.of(whole)))
                .toList();
        return d.withHands(hands);
    }

    private static Day later(Day d, long due) {
        var dishes = d.dishes().stream()
                .map(dish -> dish.due() == due
                        ? new Dish(dish.id(), dish.name(), dish.count(), due + WEEK, dish.service())
                        : dish)
                .toList();
        var span = new Interval(d.span().from(), d.span().to() + WEEK);
        var hands = d.hands().stream().map(Conflict::forAWeek).toList();
        return d.withSpan(span).withDishes(dishes).withHands(hands);
    }

    /** Their last day again on each of the seven days after. */
    private static Hand forAWeek(Hand hand) {
        var shifts = new ArrayList<>(hand.shifts());
        long last = shifts.isEmpty() ? 0 : shifts.get(shifts.size() - 1).to();
        var day = hand.shifts().stream().filter(s -> s.from() > last - 24 * 60).toList();
        for (int i = 1; i <= 7; i++) {
            for (var shift : day) {
                shifts.add(new Interval(shift.from() + i * 24L * 60, shift.to() + i * 24L * 60));
            }
        }
        return new Hand(hand.id(), hand.role(), shifts);
    }
}
