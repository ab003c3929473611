package com.deftchill.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.deftchill.core.method.Need;
import com.deftchill.core.method.Step.Kind;
import com.deftchill.core.text.Message;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import org.junit.jupiter.api.Test;

/** Each rule of a plan, broken by itself and kept by a minute. */
class CheckerTest {
    private final List<Task> tasks = new ArrayList<>();
    private final List<Hold> holds = new ArrayList<>();
    private final Map<String, Store> stores = new LinkedHashMap<>();
    private final Map<String, Pin> pins = new LinkedHashMap<>();
    private final Map<String, Slot> slots = new LinkedHashMap<>();
    private OptionalLong now = OptionalLong.empty();

    private Task task(String id, int attention, int minutes, Need need, Lag... after) {
        var needs = need == null ? List.<Need>of() : List.of(need);
        var kind = attention == 0 ? Kind.WAITING : Kind.ACTIVE;
        var task = new Task(
                id,
                "d",
                "",
                Message.own(id),
                kind,
                attention,
                needs,
                minutes,
                need == Need.MIXER ? 4 : 0,
                List.of(after),
                OptionalLong.empty(),
                List.of());
        tasks.add(task);
        return task;
    }

    private void at(String id, long start, String hand) {
        var minutes = tasks.stream()
                .filter(t -> t.id().equals(id))
                .findFirst()
                .orElseThrow()
                .minutes();
        slots.put(id, new Slot(start, minutes, hand));
    }

    private Day day() {
        var shifts = List.of(new Interval(100, 200), new Interval(230, 400));
        return new Day(
                ZoneOffset.UTC,
                new Interval(0, 1000),
                List.of(new Dish("d", "Pear pots", 12, 300, "Dinner")),
                tasks,
                holds,
                List.of(new Hand("p", "Cook", shifts), new Hand("q", "Help", shifts)),
                stores,
                pins,
                now,
                18 * 60);
    }

    private List<String> codes() {
        return Checker.check(day(), new Schedule(slots)).stream()
                .map(Breach::code)
                .toList();
    }

    private static Lag lag(String task, int least, int most) {
        return new Lag(task, least, most < 0 ? OptionalInt.empty() : OptionalInt.of(most), "sets");
    }

    @Test
    void handsAreNotDoubledButTwoPansAreTended() {
        task("a", Hand.WHOLE, 10, null);
        task("b", Hand.WHOLE, 10, null);
        at("a", 100, "p");
        at("b", 109, "p");
        assertThat(codes()).containsExactly("two-at-once");
        at("b", 110, "p");
        assertThat(codes()).isEmpty();
        at("b", 109, "q");
        assertThat(codes()).isEmpty();

        tasks.clear();
        slots.clear();
        for (var pan : List.of("a", "b", "c")) {
            task(pan, Hand.GLANCE, 10, null);
            at(pan, 100, "p");
        }
        var breach = Checker.check(day(), new Schedule(slots)).get(0);
        assertThat(breach.code()).isEqualTo("two-at-once");
        assertThat(breach.tasks()).containsExactlyInAnyOrder("a", "b", "c");
        at("c", 110, "p");
        assertThat(codes()).isEmpty();
    }

    @Test
    void whoIsNotThereDoesNothing() {
        task("a", Hand.WHOLE, 10, null);
        at("a", 195, "p");
        assertThat(codes()).containsExactly("off-shift");
        at("a", 190, "p");
        assertThat(codes()).isEmpty();
        at("a", 150, "");
        assertThat(codes()).containsExactly("no-hand");
    }

    @Test
    void waitsHaveALeastAndAMost() {
        task("a", 0, 20, null);
        task("b", 0, 5, null, lag("a", 30, 60));
        at("a", 100, "");
        for (long start : new long[] {149, 150, 180, 181}) {
            at("b", start, "");
            assertThat(codes())
                    .as("at %d", start)
                    .isEqualTo(
                            start == 149 ? List.of("too-soon") : start == 181 ? List.of("window-closed") : List.of());
        }
    }

    @Test
    void aMachineIsHeldUntilItIsWashedUp() {
        stores.put("MIXER", new Store("MIXER", "mixers", "Mixers", 1));
        task("a", Hand.WHOLE, 6, Need.MIXER);
        task("b", Hand.WHOLE, 6, Need.MIXER);
        at("a", 100, "p");
        at("b", 109, "q");
        assertThat(codes()).containsExactly("store");
        at("b", 110, "q");
        assertThat(codes()).isEmpty();
    }

    @Test
    void shelvesAreHeldUntilItIsServed() {
        stores.put("fridge", new Store("fridge", "cooler", "Fridge", 100));
        task("fill", Hand.WHOLE, 5, null);
        task("other", Hand.WHOLE, 5, null);
        holds.add(new Hold("fridge", "d", 60, "fill", ""));
        holds.add(new Hold("fridge", "d", 60, "other", "fill"));
        at("other", 110, "p");
        at("fill", 150, "p");
        assertThat(codes()).isEmpty();
        at("other", 160, "p");
        assertThat(codes()).as("it ends before it begins: it holds nothing").isEmpty();
        holds.set(1, new Hold("fridge", "d", 60, "other", ""));
        assertThat(codes()).containsExactly("store");
    }

    @Test
    void whatIsLateEarlyPastOrMovedIsSaid() {
        tasks.add(new Task(
                "a",
                "d",
                "",
                Message.own("a"),
                Kind.WAITING,
                0,
                List.of(),
                20,
                0,
                List.of(),
                OptionalLong.of(120),
                List.of()));
        at("a", 280, "");
        assertThat(codes()).isEmpty();
        at("a", 281, "");
        assertThat(codes()).containsExactly("late");
        at("a", 119, "");
        assertThat(codes()).containsExactly("too-early");
        now = OptionalLong.of(130);
        at("a", 125, "");
        assertThat(codes()).containsExactly("past");
        pins.put("a", Pin.at(200));
        at("a", 210, "");
        assertThat(codes()).containsExactly("moved");
    }

    /** What has begun is a fact: it is not held against its rules, but what follows it is. */
    @Test
    void whatHasBegunIsAFact() {
        task("a", Hand.WHOLE, 20, null);
        task("b", 0, 5, null, lag("a", 0, 10));
        pins.put("a", new Pin(OptionalLong.of(20), OptionalLong.of(25), Optional.of("p"), true));
        slots.put("a", new Slot(20, 25, "p"));
        at("b", 55, "");
        assertThat(codes()).isEmpty();
        at("b", 56, "");
        assertThat(codes()).containsExactly("window-closed");
        pins.put("b", new Pin(OptionalLong.of(58), OptionalLong.empty(), Optional.empty(), true));
        at("b", 58, "");
        assertThat(codes()).as("that it was too late stays known").containsExactly("window-closed");
    }

    @Test
    void whatIsNotPlacedIsNamed() {
        task("a", 0, 20, null);
        assertThat(codes()).containsExactly("unplaced");
    }

    @Test
    void aDayWhoseTasksWaitForWhatComesLaterIsNone() {
        task("b", 0, 5, null, lag("a", 0, 10));
        assertThatThrownBy(this::day).hasMessageContaining("b waits for a");
    }

    @Test
    void reasonsNameWhatHoldsATask() {
        stores.put("MIXER", new Store("MIXER", "mixers", "Mixers", 1));
        task("heat", Hand.WHOLE, 10, null);
        task("whip", Hand.WHOLE, 6, Need.MIXER, lag("heat", 5, 40));
        task("fold", Hand.WHOLE, 5, null, lag("whip", 0, 30));
        task("other", Hand.WHOLE, 6, Need.MIXER);
        at("heat", 100, "p");
        at("whip", 120, "p");
        at("fold", 130, "p");
        at("other", 131, "q");
        var room = Reasons.of(day(), new Schedule(slots), tasks.get(1));
        assertThat(room.earliest()).isEqualTo(115);
        assertThat(room.latest()).isEqualTo(124);
        assertThat(room.before().get(0).other()).isEqualTo("heat");
        assertThat(room.after().get(0).code()).isEqualTo("before");
        assertThat(room.beside())
                .anyMatch(r -> r.code().equals("machine") && r.other().equals("other"));
    }
}
