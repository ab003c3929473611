package com.deftchill.planner;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.core.plan.Checker;
import com.deftchill.core.plan.Day;
import com.deftchill.core.plan.Pin;
import com.deftchill.core.plan.Schedule;
import com.deftchill.core.plan.Slot;
import com.deftchill.core.plan.Solver.Aim;
import com.deftchill.core.plan.Solver.Options;
import java.time.Duration;
import java.util.Comparator;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What is pushed pushes what comes after it, and no more than that. */
class MendingTest {
    private static final CpPlanner PLANNER = new CpPlanner();
    private static final Day DAY = RandomDays.large(3, 8);
    private static final Schedule BEFORE = PLANNER.solve(
                    DAY, Options.of(Aim.BEST, Duration.ofSeconds(2)).repeatably(1))
            .schedule()
            .orElseThrow();

    private static long moved(Schedule after) {
        return DAY.tasks().stream()
                .mapToLong(task -> Math.abs(
                        after.of(task.id()).start() - BEFORE.of(task.id()).start()))
                .sum();
    }

    @Test
    void aStepMovedALittleMovesLittle() {
        for (var task : DAY.tasks().subList(20, 26)) {
            var pinned =
                    DAY.withPins(Map.of(task.id(), Pin.at(BEFORE.of(task.id()).start() - 5)));
            var asked = Options.of(Aim.LEAST_MOVED, Duration.ofSeconds(2))
                    .repeatably(1)
                    .from(BEFORE);
            var after = PLANNER.solve(pinned, asked).schedule().orElseThrow();
            assertThat(Checker.check(pinned, after)).as(task.id()).isEmpty();
            assertThat(moved(after)).as(task.id()).isBetween(5L, 300L);
        }
    }

    /** Of one cook's tasks that cannot be done at once, in desserts that break no rule, none overtakes another. */
    @Test
    void inOrderNoneOvertakesAnother() {
        var task = DAY.tasks().get(30);
        var pinned = DAY.withPins(Map.of(task.id(), Pin.at(BEFORE.of(task.id()).start() - 5)));
        var mending = Mending.of(pinned, BEFORE).orElseThrow();
        var some = mending.inOrder().orElseThrow();
        var after = PLANNER.solve(
                        some, Options.of(Aim.FITS, Duration.ofSeconds(3)).repeatably(1))
                .schedule()
                .map(mending::inTheOrderOfTheDay)
                .orElseThrow();
        assertThat(Checker.check(pinned, after)).isEmpty();
        assertThat(after.slots().keySet())
                .containsExactlyElementsOf(BEFORE.slots().keySet());
        var whole = some.tasks().stream()
                .filter(it -> it.attention() == 7 && !it.dish().equals(task.dish()))
                .filter(it -> BEFORE.of(it.id()).hand().equals("p0"))
                .filter(it -> after.of(it.id()).hand().equals("p0"))
                .toList();
        assertThat(whole)
                .hasSizeGreaterThan(5)
                .isSortedAccordingTo(
                        Comparator.comparing(it -> after.of(it.id()).start()));
    }

    @Test
    void whatDidNotFollowAsItMustHasNoOrder() {
        var heat = DAY.tasks().stream()
                .filter(it -> it.id().endsWith("/heat"))
                .findFirst()
                .orElseThrow();
        var slot = BEFORE.of(heat.id());
        var turned = BEFORE.with(heat.id(), new Slot(slot.start() - 600, slot.minutes(), slot.hand()));
        assertThat(Mending.of(DAY, turned).orElseThrow().inOrder()).isEmpty();
    }
}
