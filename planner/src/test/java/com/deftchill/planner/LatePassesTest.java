package com.deftchill.planner;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.core.plan.Checker;
import com.deftchill.core.plan.Day;
import com.deftchill.core.plan.Pin;
import com.deftchill.core.plan.Respects;
import com.deftchill.core.plan.Schedule;
import com.deftchill.core.plan.Solver.Aim;
import com.deftchill.core.plan.Solver.Options;
import com.deftchill.core.plan.Store;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What a pass places keeps every rule, and trying many orders pays. */
class LatePassesTest {
    private static final int PASSES = 60;

    private static Optional<Schedule> onePass(Day day, int seed) {
        var pass = new SerialPass(day);
        return pass.place(SerialPass.Order.any(pass.pieces(), new Random(seed)), 0)
                ? Optional.of(pass.schedule())
                : Optional.empty();
    }

    private static LatePasses.Found after(Day day, int seed, int passes) {
        int[] tried = {0};
        return LatePasses.of(day, seed, () -> ++tried[0] > passes);
    }

    private static long start(Day day, LatePasses.Found found) {
        return new Respects(day, found.schedule().orElseThrow()).start();
    }

    @Test
    void everyPassKeepsEveryRule() {
        int found = 0;
        for (int seed = 0; seed < PASSES; seed++) {
            var day = seed % 2 == 0 ? RandomDays.large(seed, 12) : Stricter.of(RandomDays.large(seed, 12));
            var schedule = onePass(day, seed);
            if (schedule.isPresent()) {
                assertThat(Checker.check(day, schedule.get()))
                        .as("seed %d", seed)
                        .isEmpty();
                found++;
            }
        }
        assertThat(found).isGreaterThan(PASSES / 2);
    }

    /** What is told to begin late is the same schedule where that is late enough, another or none where it is not. */
    @Test
    void nobodysHandsAreWantedTooSoon() {
        int placed = 0;
        for (int seed = 0; seed < PASSES / 4; seed++) {
            var day = Stricter.of(RandomDays.large(seed, 12));
            var pass = new SerialPass(day);
            var order = SerialPass.Order.any(pass.pieces(), new Random(seed));
            if (!pass.place(order, 0)) {
                continue;
            }
            placed++;
            var free = pass.schedule();
            int first = firstHands(pass);
            assertThat(pass.place(order, first)).isTrue();
            assertThat(pass.schedule()).isEqualTo(free);
            if (pass.place(order, first + 1)) {
                assertThat(firstHands(pass)).isGreaterThan(first);
                assertThat(Checker.check(day, pass.schedule())).isEmpty();
            }
        }
        assertThat(placed).isPositive();
    }

    private static int firstHands(SerialPass pass) {
        return IntStream.range(0, pass.jobs())
                .filter(pass::needsHands)
                .map(pass::start)
                .min()
                .orElseThrow();
    }

    /** A dessert alone has nothing in its way: it begins when the solver proves that it must. */
    @Test
    void ofOneDessertAPassIsTheBestThereIs() {
        for (int seed = 0; seed < 8; seed++) {
            var day = RandomDays.large(seed, 1);
            var asked = Options.of(Aim.BEST, Duration.ofSeconds(2)).repeatably(1);
            var best = new CpPlanner().solve(day, asked).schedule().orElseThrow();
            assertThat(start(day, after(Stricter.of(day), 1, 50)))
                    .as("seed %d", seed)
                    .isEqualTo(new Respects(day, best).start());
        }
    }

    @Test
    void moreOrdersAreNeverWorseAndTheSameSeedTellsTheSame() {
        var day = Stricter.of(RandomDays.large(4, 20));
        var few = after(day, 3, 50);
        var many = after(day, 3, 2000);
        assertThat(start(day, many)).isLessThan(start(day, few));
        assertThat(after(day, 3, 2000).schedule()).isEqualTo(many.schedule());
    }

    @Test
    void whatIsSettledStaysWhereItIs() {
        var day = RandomDays.large(2, 6);
        var free = after(day, 1, 100).schedule().orElseThrow();
        var task = day.tasks().stream()
                .filter(it -> it.id().endsWith("/fold"))
                .findFirst()
                .orElseThrow();
        long to = free.of(task.id()).start() - 45;
        var other = day.hands().get(1).id();
        var pin = new Pin(OptionalLong.of(to), OptionalLong.empty(), Optional.of(other), false);
        var pinned = day.withPins(Map.of(task.id(), pin));
        var slot = after(pinned, 1, 300).schedule().orElseThrow().of(task.id());
        assertThat(slot.start()).isEqualTo(to);
        assertThat(slot.hand()).isEqualTo(other);
    }

    /** Twelve desserts take about 470 of 800 places; where there are 100, no order of them has room. */
    @Test
    void whatHasNoRoomIsNotFound() {
        var day = RandomDays.large(1, 12);
        var stores = new LinkedHashMap<>(day.stores());
        stores.put("fridge", new Store("fridge", "cooler", "Fridge", 100));
        assertThat(LatePasses.any(day.withStores(stores), 1, 50).schedule()).isEmpty();
        assertThat(LatePasses.any(day, 1, 50).schedule()).isPresent();
        assertThat(LatePasses.any(day.withHands(List.of()), 1, 50).schedule()).isEmpty();
    }
}
