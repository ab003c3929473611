package com.deftchill.core.plan;

import static com.deftchill.core.Kitchens.ASSESSOR;
import static com.deftchill.core.Kitchens.STANDARD;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.Formulas;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.plan.WrittenPlan.Kit;
import com.deftchill.core.plan.WrittenPlan.Person;
import com.deftchill.core.plan.WrittenPlan.PlannedCooler;
import com.deftchill.core.plan.WrittenPlan.PlannedDish;
import com.deftchill.core.plan.WrittenPlan.Service;
import com.deftchill.core.plan.WrittenPlan.Shared;
import com.deftchill.core.plan.WrittenPlan.Shift;
import com.deftchill.core.verdict.Answer;
import com.deftchill.core.verdict.Problem;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** From a written plan to a day: times by the clock of the kitchen, counts, shifts, what is wrong by its field. */
class PlanReaderTest {
    private static final PlanReader.Kitchen KITCHEN = (dish, moulds) -> ASSESSOR.study(dish.document(), STANDARD);

    private static WrittenPlan plan(String on, String at, Shift... shifts) {
        return new WrittenPlan(
                1,
                "Saturday",
                "Europe/Berlin",
                List.of(new Service("s", "Dinner", on, at, "")),
                List.of(dish("d", Formulas.pear())),
                List.of(new Person("p", "Cook", List.of(shifts))),
                new Kit("2", "1", "1", "1", ""),
                List.of(new PlannedCooler("fridge-still", "4")),
                List.of(),
                "1",
                List.of(),
                List.of());
    }

    private static PlannedDish dish(String id, WrittenFormula formula) {
        return new PlannedDish(id, "f", 1, formula, "s", "");
    }

    private static Answer<ReadPlan> read(WrittenPlan plan) {
        return PlanReader.read(plan, STANDARD, KITCHEN, OptionalLong.empty());
    }

    private static Day day(WrittenPlan plan) {
        return read(plan).value().orElseThrow().day();
    }

    private static List<String> paths(WrittenPlan plan) {
        return read(plan).problems().stream().map(Problem::path).toList();
    }

    private static long at(String instant) {
        return Instant.parse(instant).getEpochSecond() / 60;
    }

    @Test
    void clockTimesAreThoseOfTheKitchen() {
        var day = day(plan("2026-11-28", "19:30", new Shift("", "09:00", "17:00")));
        assertThat(day.dishes().get(0).due()).isEqualTo(at("2026-11-28T18:30:00Z"));
        assertThat(day.span().from()).isEqualTo(at("2026-11-26T23:00:00Z"));
        assertThat(day.hands().get(0).shifts())
                .contains(new Interval(at("2026-11-28T08:00:00Z"), at("2026-11-28T16:00:00Z")))
                .hasSize(3);
    }

    /** A shift over a change of the clock is an hour shorter or longer, and a chill of twelve hours stays one. */
    @Test
    void bothChangesOfTheClockCount() {
        var spring = day(plan("2026-03-29", "12:00", new Shift("", "22:00", "06:00")));
        assertThat(spring.hands().get(0).shifts())
                .contains(new Interval(at("2026-03-28T21:00:00Z"), at("2026-03-29T04:00:00Z")));
        var autumn = day(plan("2026-10-25", "12:00", new Shift("", "22:00", "06:00")));
        assertThat(autumn.hands().get(0).shifts())
                .contains(new Interval(at("2026-10-24T20:00:00Z"), at("2026-10-25T05:00:00Z")));
        assertThat(paths(plan("2026-03-29", "02:30", new Shift("", "09:00", "17:00"))))
                .containsExactly("/services/0/at");
        assertThat(day(plan("2026-03-29", "12:00", new Shift("", "01:00", "02:30")))
                        .hands()
                        .get(0)
                        .shifts())
                .as("the clock skips its end")
                .contains(new Interval(at("2026-03-29T00:00:00Z"), at("2026-03-29T01:30:00Z")));
    }

    @Test
    void aMonthsEndIsAnOrdinaryNight() {
        var day = day(plan("2027-01-01", "00:30", new Shift("", "18:00", "02:00")));
        assertThat(day.dishes().get(0).due()).isEqualTo(at("2026-12-31T23:30:00Z"));
    }

    @Test
    void aDayWithItsOwnShiftHasOnlyThat() {
        var day = day(plan(
                "2026-11-28", "19:30", new Shift("", "09:00", "17:00"), new Shift("2026-11-27", "14:00", "18:00")));
        assertThat(day.hands().get(0).shifts())
                .contains(new Interval(at("2026-11-27T13:00:00Z"), at("2026-11-27T17:00:00Z")))
                .hasSize(3);
    }

    @Test
    void everyFieldAtFaultIsNamed() {
        assertThat(paths(plan("soon", "19:30", new Shift("", "09:00", "17:00"))))
                .containsExactly("/services/0/on");
        assertThat(paths(plan("2026-11-28", "25:00", new Shift("", "09:00", "17:00"))))
                .containsExactly("/services/0/at");
        assertThat(paths(plan("2026-11-28", "19:30", new Shift("", "nine", "17:00"))))
                .containsExactly("/people/0/shifts/0/from");
        assertThat(paths(plan("2026-11-28", "19:30"))).containsExactly("/people");
        var good = plan("2026-11-28", "19:30", new Shift("", "09:00", "17:00"));
        assertThat(paths(good.withPeople(List.of()))).containsExactly("/people");
        assertThat(paths(good.withKit(new Kit("0", "1", "1", "1", "")))).containsExactly("/kit/burners");
        assertThat(paths(good.withKit(new Kit("many", "1", "1", "1", "")))).containsExactly("/kit/burners");
        assertThat(paths(good.withDaysBefore("-3"))).containsExactly("/daysBefore");
        assertThat(paths(good.withDishes(List.of()))).containsExactly("/dishes");
        assertThat(paths(good.withCoolers(List.of(new PlannedCooler("cellar", "4")))))
                .containsExactly("/coolers/0/of");
        assertThat(paths(good.withDishes(IntStream.range(0, 400)
                        .mapToObj(i -> dish("d" + i, Formulas.pear()))
                        .toList())))
                .containsExactly("/dishes");
        var broken = Formulas.withMould(Formulas.pear(), "dariole", "several");
        assertThat(paths(good.withDishes(List.of(dish("d", broken))))).containsExactly("/dishes/0");
    }

    @Test
    void whatNeverSetsIsNotPlanned() {
        var runny = Formulas.withGelatin(Formulas.pear(), "0.5 g", "2.5 g");
        assertThat(paths(plan("2026-11-28", "19:30", new Shift("", "09:00", "17:00"))
                        .withDishes(List.of(dish("d", runny)))))
                .containsExactly("/dishes/0");
    }

    @Test
    void everyStepOfTheMethodIsATaskAfterThoseItWaitsFor() {
        var read = read(plan("2026-11-28", "19:30", new Shift("", "09:00", "17:00")))
                .value()
                .orElseThrow();
        assertThat(read.day().tasks()).hasSameSizeAs(read.dishes().get(0).method());
        var fill = read.day().task("d/0.fill").orElseThrow();
        assertThat(fill.attention()).isEqualTo(Hand.WHOLE);
        assertThat(fill.notBefore().getAsLong()).isEqualTo(at("2026-11-28T18:30:00Z") - 72 * 60);
        assertThat(read.day().task("d/0.weigh").orElseThrow().attention()).isEqualTo(Hand.WEIGHING);
        assertThat(read.day().task("d/0.bloom").orElseThrow().hands()).isFalse();
        assertThat(read.day().holds()).singleElement().satisfies(hold -> {
            assertThat(hold.what()).isEqualTo("fridge-still");
            assertThat(hold.amount()).isEqualTo(read.dishes().get(0).shelfHundredths());
        });
    }

    @Test
    void aPartThatIsEqualPerGramIsProposedAndMadeOnce() {
        var one = dish("d", Formulas.pear());
        var other = dish("e", Formulas.withMould(Formulas.pear(), "dariole", "12"));
        var both = plan("2026-11-28", "19:30", new Shift("", "09:00", "17:00")).withDishes(List.of(one, other));
        var read = read(both).value().orElseThrow();
        var proposal = SharedParts.proposals(both, read.dishes());
        assertThat(proposal)
                .singleElement()
                .satisfies(p -> assertThat(p.shared().with()).isEqualTo("d"));

        var shared = new WrittenPlan(
                1,
                "",
                both.zone(),
                both.services(),
                both.dishes(),
                both.people(),
                both.kit(),
                both.coolers(),
                List.of(),
                "1",
                List.of(),
                List.of(proposal.get(0).shared()));
        var day = day(shared);
        assertThat(day.task("e/0.weigh")).isEmpty();
        assertThat(day.task("e/0.fill")).isPresent();
        assertThat(day.task("d/0.weigh").orElseThrow().sharedBy()).hasSize(1);
        assertThat(day.tasks().size()).isLessThan(read.day().tasks().size());
        assertThat(SharedParts.proposals(
                        shared, read(shared).value().orElseThrow().dishes()))
                .isEmpty();
        // The other way round it is the other one that is kept.
        var turned = new WrittenPlan(
                1,
                "",
                both.zone(),
                both.services(),
                both.dishes(),
                both.people(),
                both.kit(),
                both.coolers(),
                List.of(),
                "1",
                List.of(),
                List.of(new Shared("d", "cream", "e", "cream")));
        assertThat(day(turned).task("d/0.weigh").isPresent())
                .isNotEqualTo(day(shared).task("d/0.weigh").isPresent());
    }

    @Test
    void oneListHasWhatAllOfThemNeed() {
        var both = plan("2026-11-28", "19:30", new Shift("", "09:00", "17:00"))
                .withDishes(List.of(dish("d", Formulas.pear()), dish("e", Formulas.pear())));
        var dishes = read(both).value().orElseThrow().dishes();
        var one = Fetching.items(dishes.subList(0, 1));
        var two = Fetching.items(dishes);
        assertThat(two).hasSameSizeAs(one);
        for (int i = 0; i < one.size(); i++) {
            assertThat(two.get(i).grams()).isEqualTo(2 * one.get(i).grams());
            assertThat(two.get(i).uses()).hasSize(2 * one.get(i).uses().size());
        }
        assertThat(Fetching.vessels(dishes))
                .singleElement()
                .satisfies(v ->
                        assertThat(v.count()).isEqualTo(2 * dishes.get(0).dish().count()));
    }

    @Test
    void whatIsTakenOfAWholeLeavesTheRest() {
        var parts = List.of(item("egg-yolk", 6 * 18), item("egg-white", 66), item("sugar", 900));
        assertThat(LeftOver.of(parts, STANDARD.larder())).singleElement().satisfies(eggs -> {
            assertThat(eggs.count()).isEqualTo(6);
            assertThat(eggs.rests()).singleElement().satisfies(rest -> {
                assertThat(rest.id()).isEqualTo("egg-white");
                assertThat(rest.grams()).isEqualTo(4 * 33, within(1e-9));
            });
        });
        assertThat(LeftOver.of(List.of(item("egg-yolk", 36.5), item("egg-white", 66)), STANDARD.larder()))
                .as("half a gram more than two yolks takes no third egg, and leaves nothing")
                .isEmpty();
        assertThat(LeftOver.of(List.of(), STANDARD.larder())).isEmpty();
    }

    private static Fetching.Item item(String id, double grams) {
        return new Fetching.Item(id, id, "", grams, Optional.empty(), List.of(), List.of());
    }
}
