package com.deftchill.core.plan;

import static com.deftchill.core.Desserts.NO_GEL;
import static com.deftchill.core.Desserts.dessert;
import static com.deftchill.core.Desserts.folded;
import static com.deftchill.core.Desserts.heated;
import static com.deftchill.core.Desserts.jelly;
import static com.deftchill.core.Desserts.line;
import static com.deftchill.core.Desserts.mousse;
import static com.deftchill.core.Desserts.of;
import static com.deftchill.core.Formulas.in;
import static com.deftchill.core.Formulas.stay;
import static com.deftchill.core.Kitchens.ASSESSOR;
import static com.deftchill.core.Kitchens.STANDARD;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.Plain.Fold;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.formula.WrittenFormula.Stay;
import com.deftchill.core.plan.WrittenPlan.Kit;
import com.deftchill.core.plan.WrittenPlan.Person;
import com.deftchill.core.plan.WrittenPlan.PlannedCooler;
import com.deftchill.core.plan.WrittenPlan.PlannedDish;
import com.deftchill.core.plan.WrittenPlan.Service;
import com.deftchill.core.plan.WrittenPlan.Shift;
import com.deftchill.core.text.Argument;
import com.deftchill.core.verdict.Answer;
import com.deftchill.core.verdict.Problem;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What becomes of what waits: a base in its bowl, a layer beside other warm ones; and what is held meanwhile. */
class WaitingTest {
    private static ReadPlan read(String bowls, WrittenFormula... formulas) {
        return PlanReader.read(plan(bowls, formulas), STANDARD, WaitingTest::made, OptionalLong.empty())
                .value()
                .orElseThrow();
    }

    private static Answer<Dessert> made(PlannedDish dish, Optional<Integer> moulds) {
        return ASSESSOR.study(dish.document(), STANDARD);
    }

    private static WrittenPlan plan(String bowls, WrittenFormula... formulas) {
        return new WrittenPlan(
                1,
                "",
                "UTC",
                List.of(new Service("s", "Dinner", "2026-11-28", "19:30", "")),
                IntStream.range(0, formulas.length)
                        .mapToObj(i -> new PlannedDish("d" + i, "f", 1, formulas[i], "s", ""))
                        .toList(),
                List.of(new Person("p", "Cook", List.of(new Shift("", "08:00", "20:00")))),
                new Kit("2", "1", "1", "1", bowls),
                List.of(new PlannedCooler("fridge-still", "4")),
                List.of(),
                "1",
                List.of(),
                List.of());
    }

    /** Everything as soon as what it waits for has ended, whoever does it. */
    private static Schedule soonest(Day day) {
        var slots = new LinkedHashMap<String, Slot>();
        for (var task : day.tasks()) {
            long start = task.after().stream()
                    .mapToLong(lag -> slots.get(lag.task()).end() + lag.least())
                    .max()
                    .orElse(day.span().from() + 600);
            slots.put(task.id(), new Slot(start, task.minutes(), task.hands() ? "p" : ""));
        }
        return new Schedule(slots);
    }

    private static Schedule later(Schedule schedule, Task task, long minutes) {
        var slot = schedule.of(task.id());
        return schedule.with(task.id(), new Slot(slot.start() + minutes, slot.minutes(), slot.hand()));
    }

    private static double baseC(Schedule schedule, Task task) {
        var at = Meanwhile.of(schedule, task).get(0).arguments().get("at");
        return ((Argument.Degrees) at).celsius();
    }

    private static String takesFoam(Schedule schedule, Task task) {
        return ((Argument.Choice)
                        Meanwhile.of(schedule, task).get(0).arguments().get("holds"))
                .code();
    }

    /** Chocolate and cream, into which cream is folded: it grows stiff in the room. */
    private static WrittenFormula chocolate() {
        var base = heated(
                of(
                        "choc",
                        "mousse",
                        "",
                        NO_GEL,
                        line("dark-65", "200 g"),
                        line("cream-35", "160 g"),
                        line("cream-35", "300 g", "whipped")),
                "80 °C");
        return dessert("in-glass", "glass-straight", "8", folded(base, new Fold("soft", "thirds", "40 °C", "5 °C")));
    }

    private static Task fold(Day day) {
        return day.tasks().stream()
                .filter(task -> task.id().endsWith(".fold"))
                .findFirst()
                .orElseThrow();
    }

    private static Lag cooling(Task fold) {
        return fold.after().stream()
                .filter(lag -> lag.cooling().isPresent())
                .findFirst()
                .orElseThrow();
    }

    /** With what is folded into done at once. */
    private static Schedule atOnce(Day day) {
        var schedule = soonest(day);
        long waited = schedule.of(fold(day).id()).start()
                - schedule.of(cooling(fold(day)).task()).end();
        return later(schedule, fold(day), -waited);
    }

    /** When a mousse may be filled at the earliest, min, by what it keeps. */
    private static long filledFrom(Stay... places) {
        var dome = in(dessert("turned-out", "half-sphere-70", "10", mousse()), places);
        return read("4", dome).day().tasks().stream()
                .flatMapToLong(task -> task.notBefore().stream())
                .min()
                .orElseThrow();
    }

    @Test
    void whatStandsFrozenMayBeFilledSoMuchEarlier() {
        long chilled = filledFrom(stay("", "14 h"));
        long frozen = filledFrom(stay("freezer-fan", "48 h"), stay("", "14 h"));
        assertThat((chilled - frozen) / 60.0).isBetween(44.0, 48.0);
    }

    @Test
    void aBaseThatWaitsCoolsAsItDoesInItsBowl() {
        var day = read("", dessert("in-glass", "glass-straight", "8", mousse())).day();
        var at = atOnce(day);
        assertThat(baseC(at, fold(day))).as("folded at once").isEqualTo(26, within(1e-9));
        var cooling = cooling(fold(day)).cooling().orElseThrow();
        for (int minutes : List.of(5, 20, 60)) {
            double exact = cooling.roomC() + (26 - cooling.roomC()) * Math.exp(-cooling.perSecond() * 60 * minutes);
            var late = later(at, fold(day), minutes);
            assertThat(baseC(late, fold(day))).isEqualTo(exact, within(1e-9));
            // It never sets in the room, and nobody says that it does.
            assertThat(takesFoam(late, fold(day))).isEqualTo("yes");
        }
        assertThat(day.tasks().stream().filter(task -> !Meanwhile.of(at, task).isEmpty()))
                .as("nothing else is folded")
                .containsExactly(fold(day));
    }

    /** The window of the plan ends where the base no longer takes the foam. */
    @Test
    void aWindowClosesWhereTheBaseGrowsStiff() {
        var day = read("", chocolate()).day();
        int most = cooling(fold(day)).most().orElseThrow();
        assertThat(takesFoam(later(atOnce(day), fold(day), most), fold(day))).isEqualTo("yes");
        assertThat(takesFoam(later(atOnce(day), fold(day), most + 1), fold(day)))
                .isEqualTo("no");
    }

    @Test
    void everyComponentAndEveryFoamTakesABowl() {
        var formula = dessert("in-glass", "glass-straight", "8", mousse(), jelly());
        assertThat(read("", formula).day().stores()).doesNotContainKey(Bowls.STORE);
        var day = read("3", formula).day();
        var bowls =
                day.holds().stream().filter(h -> h.what().equals(Bowls.STORE)).toList();
        assertThat(bowls).extracting(Hold::from).containsExactlyInAnyOrder("d0/0.weigh", "d0/0.whip", "d0/1.weigh");
        assertThat(bowls).extracting(Hold::until).containsExactlyInAnyOrder("d0/0.fill", "d0/0.fold", "d0/1.fill");
        var schedule = soonest(day);
        var whip = bowls.stream()
                .filter(h -> h.from().endsWith("whip"))
                .findFirst()
                .orElseThrow();
        assertThat(Checker.held(day, schedule, whip).to())
                .as("until it is folded in")
                .isEqualTo(schedule.of("d0/0.fold").end());
        int most = Bowls.mostAtOnce(day, schedule);
        assertThat(most).isBetween(2, 3);
        var two = read(String.valueOf(most - 1), formula).day();
        assertThat(Checker.check(two, schedule))
                .filteredOn(b -> b.with().equals(Bowls.STORE))
                .as("one bowl less than are in use at once")
                .isNotEmpty();
        assertThat(Checker.check(day, schedule))
                .filteredOn(b -> b.with().equals(Bowls.STORE))
                .isEmpty();
    }

    @Test
    void noBowlsAreNamedByTheirField() {
        var none = plan("0", dessert("in-glass", "glass-straight", "8", mousse()));
        assertThat(PlanReader.read(none, STANDARD, WaitingTest::made, OptionalLong.empty())
                        .problems())
                .extracting(Problem::path)
                .containsExactly("/kit/bowls");
    }

    /** A layer beside many other warm ones takes longer until it carries the next; alone it takes what it takes. */
    @Test
    void aLayerWaitsLongerInAWarmCooler() {
        var layers = dessert("in-glass", "glass-straight", "12", jelly(), mousse());
        var alone = read("", layers);
        assertThat(Together.of(alone, soonest(alone.day())).extraMinutes()).doesNotContainKey("d0/1.fill");

        var warm = dessert("in-glass", "glass-straight", "40", jelly());
        var both = read("", layers, warm);
        var schedule = soonest(both.day());
        var extra = Together.of(both, schedule).extraMinutes();
        assertThat(extra.get("d0/1.fill")).isPositive();
        var day = Planning.longer(both.day(), extra);
        int before = both.day()
                .task("d0/1.fill")
                .orElseThrow()
                .lagTo("d0/0.fill")
                .orElseThrow()
                .least();
        int after = day.task("d0/1.fill")
                .orElseThrow()
                .lagTo("d0/0.fill")
                .orElseThrow()
                .least();
        assertThat(after).isEqualTo(before + extra.get("d0/1.fill"));
        assertThat(extra.get("d0/1.fill"))
                .as("less than until all of it is cold")
                .isLessThanOrEqualTo(extra.get("d0/chill"));
        // Filled when the others are long cold, it takes what it takes alone.
        var apart = later(schedule, both.day().task("d1/0.fill").orElseThrow(), -24 * 60);
        assertThat(Together.of(both, apart).extraMinutes().getOrDefault("d0/1.fill", 0))
                .isLessThanOrEqualTo(1);
    }
}
