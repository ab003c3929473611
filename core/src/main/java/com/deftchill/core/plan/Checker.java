package com.deftchill.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Finds every rule that a schedule breaks. It shares no code with the solver, whose plans it is held against. */
public final class Checker {
    private final Day day;
    private final Schedule schedule;
    private final List<Breach> breaches = new ArrayList<>();

    private Checker(Day day, Schedule schedule) {
        this.day = day;
        this.schedule = schedule;
    }

    /** All that is wrong, in the order of the tasks; empty where all is well. */
    public static List<Breach> check(Day day, Schedule schedule) {
        var checker = new Checker(day, schedule);
        if (checker.placed()) {
            day.tasks().forEach(checker::check);
            day.hands().forEach(checker::attention);
            day.stores().values().forEach(checker::store);
        }
        return List.copyOf(checker.breaches);
    }

    private boolean placed() {
        for (var task : day.tasks()) {
            if (!schedule.slots().containsKey(task.id())) {
                add("unplaced", List.of(task.id()), "", 0);
            }
        }
        return breaches.isEmpty();
    }

    private void check(Task task) {
        var slot = schedule.of(task.id());
        if (slot.minutes() != day.minutes(task)) {
            add("length", List.of(task.id()), "", Math.abs(slot.minutes() - day.minutes(task)));
        }
        lags(task, slot);
        pinned(task, slot);
        if (day.done(task)) {
            return;
        }
        hand(task, slot);
        long early = day.earliest(task) - slot.start();
        if (early > 0) {
            boolean past = day.now().isPresent() && slot.start() < day.now().getAsLong();
            add(past ? "past" : "too-early", List.of(task.id()), "", early);
        }
        long late = slot.end() - day.due(task);
        if (late > 0) {
            add("late", List.of(task.id()), task.dish(), late);
        }
    }

    private void lags(Task task, Slot slot) {
        for (var lag : task.after()) {
            var earlier = schedule.of(lag.task());
            boolean facts =
                    day.done(task) && day.task(lag.task()).map(day::done).orElse(false);
            long waited = slot.start() - earlier.end();
            if (waited < lag.least() && !facts) {
                add("too-soon", List.of(task.id(), lag.task()), lag.why(), lag.least() - waited);
            }
            if (lag.most().isPresent() && waited > lag.most().getAsInt()) {
                add(
                        "window-closed",
                        List.of(task.id(), lag.task()),
                        lag.why(),
                        waited - lag.most().getAsInt());
            }
        }
    }

    private void pinned(Task task, Slot slot) {
        day.pin(task).ifPresent(pin -> {
            if (pin.start().isPresent() && pin.start().getAsLong() != slot.start()) {
                add("moved", List.of(task.id()), "", Math.abs(pin.start().getAsLong() - slot.start()));
            }
            if (pin.hand().isPresent() && !pin.hand().get().equals(slot.hand())) {
                add("moved", List.of(task.id()), pin.hand().get(), 0);
            }
        });
    }

    private void hand(Task task, Slot slot) {
        if (!task.hands()) {
            return;
        }
        var found = day.hands().stream().filter(h -> h.id().equals(slot.hand())).findFirst();
        if (found.isEmpty()) {
            add("no-hand", List.of(task.id()), slot.hand(), 0);
        } else if (!found.get().there(slot.interval())) {
            add("off-shift", List.of(task.id()), slot.hand(), 0);
        }
    }

    /** Nobody does more at once than one can. */
    private void attention(Hand hand) {
        var own = day.tasks().stream()
                .filter(Task::hands)
                .filter(task -> schedule.of(task.id()).hand().equals(hand.id()))
                .toList();
        var uses = own.stream()
                .map(task -> new Use(task.id(), schedule.of(task.id()).interval(), task.attention(), day.done(task)))
                .toList();
        over(uses, Hand.ATTENTION, "two-at-once", hand.id());
    }

    private void store(Store store) {
        var uses = new ArrayList<Use>();
        for (var task : day.tasks()) {
            var slot = schedule.of(task.id());
            for (var need : task.needs()) {
                if (Day.storeOf(need).equals(store.id())) {
                    var held = new Interval(slot.start(), slot.end() + task.washMinutes());
                    uses.add(new Use(task.id(), held, 1, day.done(task)));
                }
            }
        }
        for (var hold : day.holds()) {
            if (hold.what().equals(store.id())) {
                uses.add(new Use(hold.from(), held(day, schedule, hold), hold.amount(), false));
            }
        }
        over(uses, store.amount(), "store", store.id());
    }

    /** From when to when something is held; nothing where it would end before it begins. */
    public static Interval held(Day day, Schedule schedule, Hold hold) {
        long from = schedule.of(hold.from()).start();
        long until = hold.until().isEmpty()
                ? day.dish(hold.dish()).due()
                : hold.through()
                        ? schedule.of(hold.until()).end()
                        : schedule.of(hold.until()).start();
        return new Interval(from, Math.max(from, until));
    }

    private record Use(String task, Interval time, int amount, boolean done) {}

    /** One breach for every stretch in which more is used than there is, naming all who use it then. */
    private void over(List<Use> uses, int amount, String code, String with) {
        Map<Long, Integer> changes = new TreeMap<>();
        for (var use : uses) {
            if (use.time().minutes() > 0) {
                changes.merge(use.time().from(), use.amount(), Integer::sum);
                changes.merge(use.time().to(), -use.amount(), Integer::sum);
            }
        }
        int used = 0;
        boolean over = false;
        for (var change : changes.entrySet()) {
            used += change.getValue();
            if (used > amount && !over) {
                long at = change.getKey();
                var during = uses.stream()
                        .filter(use ->
                                use.time().from() <= at && at < use.time().to())
                        .sorted(Comparator.comparing((Use use) -> use.time().from())
                                .reversed())
                        .toList();
                if (!during.stream().allMatch(Use::done)) {
                    add(code, during.stream().map(Use::task).distinct().toList(), with, used - amount);
                }
            }
            over = used > amount;
        }
    }

    private void add(String code, List<String> tasks, String with, long minutes) {
        breaches.add(new Breach(code, tasks, with, minutes));
    }
}
