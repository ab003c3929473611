package com.deftchill.planner;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.core.method.Step.Kind;
import com.deftchill.core.plan.Breach;
import com.deftchill.core.plan.Checker;
import com.deftchill.core.plan.Conflict;
import com.deftchill.core.plan.Day;
import com.deftchill.core.plan.Dish;
import com.deftchill.core.plan.Hand;
import com.deftchill.core.plan.Interval;
import com.deftchill.core.plan.Lag;
import com.deftchill.core.plan.Pin;
import com.deftchill.core.plan.Respects;
import com.deftchill.core.plan.Schedule;
import com.deftchill.core.plan.Slot;
import com.deftchill.core.plan.Solver;
import com.deftchill.core.plan.Solver.Aim;
import com.deftchill.core.plan.Solver.Options;
import com.deftchill.core.plan.Solver.Solution;
import com.deftchill.core.plan.Store;
import com.deftchill.core.plan.Task;
import com.deftchill.core.text.Message;
import java.time.Duration;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Every plan that it finds is held against the checker, and tiny ones against all there are. */
class CpPlannerTest {
    private static final boolean LONG = Boolean.getBoolean("deftchill.long");
    private static final int SMALL = LONG ? 10_000 : 60;
    private static final int LARGE = LONG ? 100 : 1;
    private static final int TINY = LONG ? 300 : 25;
    private static final Duration SOON = Duration.ofMillis(400);

    private static final CpPlanner PLANNER = new CpPlanner();
    /** Counts its own work: what else the machine does changes nothing. */
    private static final Solver REPEATABLE = (day, options) -> PLANNER.solve(day, options.repeatably(1));

    private static Solution best(Day day) {
        return REPEATABLE.solve(day, Options.of(Aim.BEST, SOON));
    }

    /** What is left of being late; infinite where there is no plan at all. */
    private static double late(Day day) {
        var solution = best(day);
        return solution.schedule().isEmpty()
                ? Double.POSITIVE_INFINITY
                : Checker.check(day, solution.schedule().get()).stream()
                        .filter(b -> b.code().equals("late"))
                        .mapToDouble(Breach::minutes)
                        .max()
                        .orElse(0);
    }

    private static void keepsEveryRule(Day day, Schedule schedule, String which) {
        assertThat(Checker.check(day, schedule))
                .as(which)
                .filteredOn(breach -> !breach.code().equals("late"))
                .isEmpty();
    }

    @Test
    void everySmallPlanKeepsEveryRule() {
        int found = 0;
        for (int seed = 0; seed < SMALL; seed++) {
            var day = RandomDays.small(seed);
            var solution = REPEATABLE.solve(day, Options.of(Aim.BEST, Duration.ofMillis(250)));
            if (solution.schedule().isPresent()) {
                keepsEveryRule(day, solution.schedule().get(), "small " + seed);
                found++;
            }
        }
        assertThat(found).isGreaterThan(SMALL * 9 / 10);
    }

    @Test
    void everyLargePlanKeepsEveryRule() {
        for (int seed = 0; seed < LARGE; seed++) {
            var day = RandomDays.large(seed, 20);
            var solution = PLANNER.solve(day, Options.of(Aim.BEST, Duration.ofSeconds(4)));
            keepsEveryRule(day, solution.schedule().orElseThrow(), "large " + seed);
        }
    }

    /** What it says is left of a respect is what the core counts of its plan, and never less than its bound. */
    @Test
    void whatIsLeftOfARespectIsCountedBothWays() {
        for (int seed = 0; seed < SMALL / 3; seed++) {
            var day = RandomDays.small(seed);
            var solution = best(day);
            if (solution.schedule().isEmpty()) {
                continue;
            }
            var respects = new Respects(day, solution.schedule().get());
            for (var level : solution.levels()) {
                var counted = respects.of(level.code());
                if (counted.isPresent()) {
                    var which = "seed %d: %s".formatted(seed, level);
                    assertThat((double) counted.getAsLong()).as(which).isBetween(level.bound() - 0.5, level.cost());
                }
            }
        }
    }

    /** Dessert by dessert it is made no worse in any respect before the last that was changed. */
    @Test
    void polishingNeverBreaksAndNeverWorsens() {
        var day = RandomDays.large(3, 8);
        var first = REPEATABLE.solve(day, Options.of(Aim.FITS, Duration.ofSeconds(2)));
        var best = REPEATABLE.solve(day, Options.of(Aim.BEST, Duration.ofSeconds(2)));
        var before = new Respects(day, first.schedule().orElseThrow());
        var after = new Respects(day, best.schedule().orElseThrow());
        keepsEveryRule(day, best.schedule().get(), "polished");
        assertThat(after.windows()).isLessThanOrEqualTo(before.windows());
        assertThat(after.waiting()).as("far better than any plan").isLessThan(before.waiting() / 2);
    }

    @Test
    void theSameQuestionHasTheSameAnswer() {
        var day = RandomDays.small(3);
        assertThat(best(day).schedule()).isPresent().isEqualTo(best(day).schedule());
    }

    @Test
    void moreOfAnythingIsNeverWorse() {
        for (int seed = 0; seed < 12; seed++) {
            var day = crowded(seed);
            double now = late(day);
            var stores = new LinkedHashMap<>(day.stores());
            stores.replaceAll((id, s) -> new Store(id, s.kind(), s.name(), 2 * s.amount()));
            assertThat(late(with(day, day.hands(), stores, day.pins())))
                    .as("seed %d", seed)
                    .isLessThanOrEqualTo(now);
            var more = new ArrayList<>(day.hands());
            more.add(new Hand("more", "More", day.hands().get(0).shifts()));
            assertThat(late(with(day, more, day.stores(), day.pins())))
                    .as("seed %d", seed)
                    .isLessThanOrEqualTo(now);
        }
    }

    @Test
    void cooksThatChangeNamesChangeNothing() {
        for (int seed = 0; seed < 8; seed++) {
            var day = crowded(seed);
            var turned = new ArrayList<>(day.hands());
            Collections.reverse(turned);
            assertThat(late(with(day, turned, day.stores(), day.pins()))).isEqualTo(late(day));
        }
    }

    @Test
    void whatIsSettledStaysAndLettingItGoIsNeverWorse() {
        for (int seed = 0; seed < 10; seed++) {
            var day = RandomDays.small(seed);
            var schedule = best(day).schedule();
            if (schedule.isEmpty()) {
                continue;
            }
            var task = day.tasks().get(seed % day.tasks().size());
            long to = schedule.get().of(task.id()).start() - 7;
            var pinned = with(day, day.hands(), day.stores(), Map.of(task.id(), Pin.at(to)));
            var moved =
                    REPEATABLE.solve(pinned, Options.of(Aim.LEAST_MOVED, SOON).from(schedule.get()));
            if (moved.schedule().isPresent()) {
                assertThat(moved.schedule().get().of(task.id()).start()).isEqualTo(to);
                keepsEveryRule(pinned, moved.schedule().get(), "settled " + seed);
                assertThat(late(day)).isLessThanOrEqualTo(late(pinned));
            }
        }
    }

    /** What has begun late is a fact; the rest is planned from now, and a window that it closes is overrun least. */
    @Test
    void aSlipIsPlannedAround() {
        for (int seed = 0; seed < 10; seed++) {
            var day = RandomDays.small(seed);
            var schedule = best(day).schedule().orElse(null);
            if (schedule == null) {
                continue;
            }
            var heat = day.tasks().stream()
                    .filter(t -> t.id().endsWith("/heat"))
                    .findFirst()
                    .orElseThrow();
            long now = schedule.of(heat.id()).start();
            var pins = new LinkedHashMap<String, Pin>();
            for (var task : day.tasks()) {
                var slot = schedule.of(task.id());
                if (slot.start() <= now) {
                    long minutes = slot.minutes() + (task.equals(heat) ? 25 : 0);
                    pins.put(
                            task.id(),
                            new Pin(
                                    OptionalLong.of(slot.start()),
                                    OptionalLong.of(minutes),
                                    Optional.of(slot.hand()).filter(h -> !h.isEmpty()),
                                    true));
                }
            }
            var slipped = new Day(
                    day.zone(),
                    day.span(),
                    day.dishes(),
                    day.tasks(),
                    day.holds(),
                    day.hands(),
                    day.stores(),
                    pins,
                    OptionalLong.of(now),
                    day.evening());
            var after =
                    REPEATABLE.solve(slipped, Options.of(Aim.LEAST_MOVED, SOON).from(schedule));
            assertThat(after.schedule()).as("seed %d", seed).isPresent();
            assertThat(Checker.check(slipped, after.schedule().get()))
                    .as("seed %d", seed)
                    .filteredOn(b ->
                            !List.of("late", "window-closed", "two-at-once").contains(b.code()))
                    .isEmpty();
        }
    }

    /** Where one dessert alone is planned, serving it sooner never lets it begin later. */
    @Test
    void soonerServedNeverBeginsLater() {
        for (int seed = 0; seed < 8; seed++) {
            var day = tiny(seed, 240);
            var sooner = tiny(seed, 225);
            var one = best(day).schedule();
            var other = best(sooner).schedule();
            if (one.isPresent() && other.isPresent() && late(sooner) == 0) {
                assertThat(first(other.get())).as("seed %d", seed).isLessThanOrEqualTo(first(one.get()));
            }
        }
    }

    private static long first(Schedule schedule) {
        return schedule.slots().values().stream().mapToLong(Slot::start).min().orElseThrow();
    }

    @Test
    void tinyDaysAgainstAllSchedulesThereAre() {
        int late = 0;
        for (int seed = 0; seed < TINY; seed++) {
            var day = tiny(seed, 30 + seed % 12);
            double found = late(day);
            assertThat(found).as("seed %d", seed).isEqualTo(exhaustive(day));
            late += found > 0 ? 1 : 0;
        }
        assertThat(late).as("days that cannot be in time").isBetween(1, TINY - 1);
    }

    /** Least lateness over every schedule to the minute. */
    private static double exhaustive(Day day) {
        double least = Double.POSITIVE_INFINITY;
        int last = (int) day.span().to();
        var tasks = day.tasks();
        for (int a = 0; a + tasks.get(0).minutes() <= last; a++) {
            for (int b = 0; b + tasks.get(1).minutes() <= last; b++) {
                for (int c = b; c + tasks.get(2).minutes() <= last; c++) {
                    least = Math.min(least, lateness(day, a, b, c));
                }
            }
        }
        return least;
    }

    private static double lateness(Day day, int... starts) {
        var slots = new LinkedHashMap<String, Slot>();
        for (int i = 0; i < starts.length; i++) {
            var task = day.tasks().get(i);
            slots.put(task.id(), new Slot(starts[i], task.minutes(), task.hands() ? "p" : ""));
        }
        double late = 0;
        for (var breach : Checker.check(day, new Schedule(slots))) {
            if (!breach.code().equals("late")) {
                return Double.POSITIVE_INFINITY;
            }
            late = Math.max(late, breach.minutes());
        }
        return late;
    }

    /** Two steps that need the one cook, one of them with a window before a wait, over an hour. */
    private static Day tiny(int seed, long due) {
        var random = new Random(seed);
        var tasks = new ArrayList<Task>();
        int least = random.nextInt(4);
        tasks.add(task("other", Hand.ATTENTION, 4 + random.nextInt(14), List.of()));
        tasks.add(task("base", Hand.ATTENTION, 3 + random.nextInt(9), List.of()));
        tasks.add(task(
                "pour",
                random.nextBoolean() ? Hand.ATTENTION : 0,
                2 + random.nextInt(9),
                List.of(new Lag("base", least, OptionalInt.of(least + random.nextInt(6)), "sets"))));
        var shift = new Interval(random.nextInt(10), 60);
        return new Day(
                ZoneOffset.UTC,
                new Interval(0, Math.max(60, due)),
                List.of(new Dish("d", "d", 1, due, "s")),
                tasks,
                List.of(),
                List.of(new Hand("p", "Cook", List.of(due > 60 ? new Interval(0, due) : shift))),
                Map.of(),
                Map.of(),
                OptionalLong.empty(),
                18 * 60);
    }

    private static Task task(String id, int attention, int minutes, List<Lag> after) {
        return new Task(
                id,
                "d",
                "",
                Message.own(id),
                Kind.ACTIVE,
                attention,
                List.of(),
                minutes,
                0,
                after,
                OptionalLong.empty(),
                List.of());
    }

    /** A small day with less time than it needs. */
    private static Day crowded(int seed) {
        var day = RandomDays.small(seed);
        var hands = day.hands().stream()
                .map(h -> new Hand(
                        h.id(), h.role(), List.of(new Interval(RandomDays.at(0, 11, 0), RandomDays.at(0, 22, 0)))))
                .toList();
        return with(day, hands, day.stores(), day.pins());
    }

    private static Day with(Day d, List<Hand> hands, Map<String, Store> stores, Map<String, Pin> pins) {
        return new Day(d.zone(), d.span(), d.dishes(), d.tasks(), d.holds(), hands, stores, pins, d.now(), d.evening());
    }

    /** Taking any one of the wishes away, the rest fits; and all of them together do not. */
    @Test
    void whatCollidesIsNamedAndNoMore() {
        int explained = 0;
        for (int seed = 0; seed < 30; seed++) {
            var day = crowded(seed);
            boolean fits =
                    REPEATABLE.solve(day, Options.of(Aim.FITS, SOON)).schedule().isPresent();
            if (!fits) {
                var wishes = Conflict.of(day, REPEATABLE, SOON.multipliedBy(20), SOON);
                assertThat(wishes).as("seed %d", seed).isNotEmpty();
                explained++;
            }
        }
        assertThat(explained).isPositive();
    }

    @Test
    void whoeverStopsWaitingIsNotWaitedFor() {
        var day = RandomDays.large(5, 20);
        long begin = System.nanoTime();
        var solution = PLANNER.solve(
                day,
                Options.of(Aim.BEST, Duration.ofSeconds(60)).stoppedBy(() -> System.nanoTime() - begin > 500_000_000L));
        assertThat(solution.seconds()).isLessThan(10);
    }
}
