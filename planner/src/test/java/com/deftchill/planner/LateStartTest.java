package com.deftchill.planner;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.core.plan.Checker;
import com.deftchill.core.plan.Day;
import com.deftchill.core.plan.Dish;
import com.deftchill.core.plan.Interval;
import com.deftchill.core.plan.Respects;
import com.deftchill.core.plan.Schedule;
import com.deftchill.core.plan.Slot;
import com.deftchill.core.plan.Solver.Aim;
import com.deftchill.core.plan.Solver.Options;
import com.deftchill.core.plan.Solver.Solution;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.Test;

/** The latest start is found by halving whatever answers; what is not known is never taken for proved. */
class LateStartTest {
    private static final Day DAY = Stricter.of(RandomDays.large(1, 3));
    private static final long LAST =
            DAY.dishes().stream().mapToLong(Dish::due).max().orElseThrow();
    private static final long EIGHT = RandomDays.at(1, 8, 0);
    private static final long EVENING_BEFORE = RandomDays.at(0, 18, 0);

    private static Schedule begun(long moment) {
        var slots = new LinkedHashMap<String, Slot>();
        DAY.tasks().forEach(task -> slots.put(task.id(), new Slot(moment, task.minutes(), "")));
        return new Schedule(slots);
    }

    /**
     * A kitchen that can begin at a moment and no later; from another on, nobody knows. Cooks taken for one could begin a quarter
     * of an hour later.
     */
    private static LateStart.Questions kitchen(long possible, long unknown) {
        return new LateStart.Questions() {
            @Override
            public Solution any(Day day, Schedule near, double seconds) {
                return answer(day, possible, seconds);
            }

            @Override
            public Optional<Schedule> late(Day day, BooleanSupplier enough) {
                return Optional.empty();
            }

            @Override
            public Solution withCooksAsOne(Day day, double seconds, BooleanSupplier ended) {
                return answer(day, possible + 15, seconds);
            }

            private Solution answer(Day day, long latest, double seconds) {
                long from = Stricter.worked(day).get(0).from();
                if (from <= latest) {
                    return new Solution(Optional.of(begun(from)), false, List.of(), seconds);
                }
                return new Solution(Optional.empty(), from > Math.max(latest, unknown), List.of(), seconds);
            }
        };
    }

    private static LateStart.Found asked(long possible, long unknown) {
        var asked = new int[1];
        return LateStart.of(
                DAY,
                begun(RandomDays.at(0, 8, 0)),
                kitchen(possible, unknown),
                () -> Math.max(0, 10 - ++asked[0] * 0.005),
                Optional.empty());
    }

    private static long start(LateStart.Found found) {
        return LAST - new Respects(DAY, found.schedule()).start();
    }

    @Test
    void theLastMomentIsFoundAndProved() {
        for (long moment : List.of(EIGHT + 37, EIGHT, EVENING_BEFORE - 1, EVENING_BEFORE - 90)) {
            var found = asked(moment, moment);
            assertThat(start(found)).isEqualTo(moment);
            assertThat(found.bound()).isEqualTo(LAST - moment);
        }
    }

    @Test
    void whatIsNotKnownIsNotProved() {
        var found = asked(EVENING_BEFORE - 60, EVENING_BEFORE - 20);
        assertThat(start(found))
                .as("found though nothing is known just after it")
                .isEqualTo(EVENING_BEFORE - 60);
        assertThat(found.bound()).isBetween(LAST - EIGHT, LAST - (EVENING_BEFORE - 20));
    }

    /** Where nobody is there, nothing begins: a proof for eight o'clock is one for the night as well. */
    @Test
    void aProofReachesOverTheNight() {
        var found = asked(EVENING_BEFORE - 30, EIGHT - 1);
        assertThat(found.bound()).isEqualTo(LAST - (EVENING_BEFORE - 1));
    }

    @Test
    void withoutTimeWhatThereWasStays() {
        var found = LateStart.of(DAY, begun(EVENING_BEFORE - 60), kitchen(EIGHT, EIGHT), () -> 0, Optional.empty());
        assertThat(LAST - new Respects(DAY, found.schedule()).start()).isGreaterThanOrEqualTo(EVENING_BEFORE - 60);
    }

    /** What is a rule of the stricter day is nothing left of a wish in the day itself. */
    @Test
    void aScheduleOfTheStricterDayLeavesNothingToBeWishedFor() {
        var planner = new CpPlanner();
        for (int seed = 1; seed <= 4; seed++) {
            var day = RandomDays.large(seed, 5);
            var asked = Options.of(Aim.FITS, Duration.ofSeconds(2)).repeatably(1);
            var schedule = planner.solve(Stricter.of(day), asked).schedule().orElseThrow();
            var respects = new Respects(day, schedule);
            assertThat(Checker.check(day, schedule)).isEmpty();
            assertThat(List.of(respects.windows(), respects.service(), respects.evening()))
                    .containsOnly(0L);
        }
    }

    @Test
    void nobodyIsThereBeforeTheMoment() {
        var cut = Stricter.from(DAY, EIGHT + 90);
        assertThat(Stricter.worked(cut).get(0)).isEqualTo(new Interval(EIGHT + 90, RandomDays.at(1, 13, 0)));
        assertThat(cut.hands().get(1).shifts().get(0).from())
                .as("who comes later comes later")
                .isEqualTo(RandomDays.at(1, 10, 0));
    }
}
