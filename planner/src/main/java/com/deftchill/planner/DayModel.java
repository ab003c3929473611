package com.deftchill.planner;

import com.deftchill.core.plan.Day;
import com.deftchill.core.plan.Evenings;
import com.deftchill.core.plan.Hand;
import com.deftchill.core.plan.Hold;
import com.deftchill.core.plan.Interval;
import com.deftchill.core.plan.Lag;
import com.deftchill.core.plan.Respects;
import com.deftchill.core.plan.Schedule;
import com.deftchill.core.plan.Slot;
import com.deftchill.core.plan.Store;
import com.deftchill.core.plan.Task;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A day as variables and constraints: a start for every task, somebody for every task that needs hands. Minutes are
 * counted from the first that matters.
 */
final class DayModel {
    /** A change of who does it weighs as much as so many minutes moved. */
    private static final int HAND_CHANGED = 20;

    /** Where respects are weighed against each other, a minute of one is worth so many of the next. */
    private static final int WEIGHED = 20;

    private final Day day;
    private final boolean inTime;
    private final boolean asOne;
    private final CpModel model = new CpModel();
    private final long origin;
    private final int horizon;
    private final Map<String, IntVar> starts = new LinkedHashMap<>();
    private final Map<String, Map<String, BoolVar>> doers = new LinkedHashMap<>();
    private final Map<String, IntVar> late = new LinkedHashMap<>();
    private final List<IntVar> overruns = new ArrayList<>();
    private boolean impossible;
    private CpSolverStatus status = CpSolverStatus.UNKNOWN;

    /**
     * @param inTime whether being late is ruled out instead of being made small
     * @param asOne whether only what all cooks do at once is looked at, not who does it: a smaller question. What cannot be
     *     done so cannot be done at all; what can be done so may still be too much for each of them.
     */
    DayModel(Day day, boolean inTime, boolean asOne) {
        this.day = day;
        this.inTime = inTime;
        this.asOne = asOne;
        long first = day.span().from();
        for (var pin : day.pins().values()) {
            if (pin.start().isPresent()) {
                first = Math.min(first, pin.start().getAsLong());
            }
        }
        origin = first;
        horizon = (int) (day.span().to() - origin);
        day.tasks().forEach(this::place);
        day.tasks().forEach(this::follow);
        if (!impossible) {
            if (!asOne) {
                day.hands().forEach(this::occupy);
            }
            together();
            day.stores().values().forEach(this::use);
        }
    }

    CpModel model() {
        return model;
    }

    /** Whether it is clear without any search that there is no schedule. */
    boolean impossible() {
        return impossible;
    }

    boolean infeasible() {
        return status == CpSolverStatus.INFEASIBLE;
    }

    void ended(CpSolverStatus with) {
        status = with;
    }

    private int at(long minute) {
        return (int) (minute - origin);
    }

    private void place(Task task) {
        int minutes = day.minutes(task);
        var pin = day.pin(task);
        long from = at(Math.max(origin, day.earliest(task)));
        long to = horizon - minutes;
        if (inTime && !day.done(task)) {
            to = Math.min(to, at(day.due(task)) - minutes);
        }
        if (pin.isPresent() && pin.get().start().isPresent()) {
            long fixed = at(pin.get().start().getAsLong());
            impossible |= !day.done(task) && (fixed < from || fixed > to);
            from = fixed;
            to = fixed;
        }
        if (from > to) {
            impossible = true;
            to = from;
        }
        starts.put(task.id(), model.newIntVar(from, to, task.id()));
        if (!inTime && !day.done(task)) {
            var lateness =
                    late.computeIfAbsent(task.dish(), dish -> model.newIntVar(0, Math.max(0, horizon), "late " + dish));
            model.addLessOrEqual(end(task), plus(lateness, at(day.due(task))));
        }
        if (task.hands() && !day.done(task) && !asOne) {
            doer(task);
        }
    }

    /** Somebody of those who are there at all. */
    private void doer(Task task) {
        var able = new LinkedHashMap<String, BoolVar>();
        var wanted = day.pin(task).flatMap(pin -> pin.hand());
        for (var hand : day.hands()) {
            if (wanted.isEmpty() || wanted.get().equals(hand.id())) {
                able.put(hand.id(), model.newBoolVar(task.id() + " by " + hand.id()));
            }
        }
        if (able.isEmpty()) {
            impossible = true;
            return;
        }
        model.addExactlyOne(able.values().toArray(new Literal[0]));
        doers.put(task.id(), able);
    }

    private LinearExpr end(Task task) {
        return plus(starts.get(task.id()), day.minutes(task));
    }

    private static LinearExpr plus(IntVar start, long minutes) {
        return LinearExpr.affine(start, 1, minutes);
    }

    private void follow(Task task) {
        for (var lag : task.after()) {
            var earlier = day.task(lag.task()).orElseThrow();
            if (day.done(task)) {
                continue;
            }
            var start = starts.get(task.id());
            var ended = starts.get(lag.task());
            long minutes = day.minutes(earlier);
            model.addGreaterOrEqual(start, plus(ended, minutes + lag.least()));
            if (lag.most().isPresent()) {
                close(lag, start, ended, minutes, day.done(earlier));
            }
        }
    }

    /** Where what opened the window has happened already, it may be overrun, at a price. */
    private void close(Lag lag, IntVar start, IntVar ended, long minutes, boolean fact) {
        var latest = LinearExpr.newBuilder().add(ended).add(minutes + lag.most().getAsInt());
        if (fact && !inTime) {
            var over = model.newIntVar(0, horizon, "over");
            overruns.add(over);
            latest.add(over);
        }
        model.addLessOrEqual(start, latest);
    }

    /** What one cook does at once, and when they are not there. */
    private void occupy(Hand hand) {
        var cumulative = model.addCumulative(Hand.ATTENTION);
        for (var away : away(hand)) {
            cumulative.addDemand(fixed(away), Hand.ATTENTION);
        }
        int free = Hand.ATTENTION;
        for (var task : day.tasks()) {
            if (!task.hands()) {
                continue;
            }
            if (day.done(task)) {
                free -= running(cumulative::addDemand, task, hand, free);
                continue;
            }
            var by = doers.get(task.id()).get(hand.id());
            if (by != null) {
                var interval = model.newOptionalIntervalVar(
                        starts.get(task.id()), LinearExpr.constant(day.minutes(task)), end(task), by, task.id());
                cumulative.addDemand(interval, task.attention());
            }
        }
    }

    /** What all cooks do at once: it follows from what each does, but shows sooner where there is too much to do. */
    private void together() {
        int cooks = day.hands().size();
        if (cooks < 2 && !asOne) {
            return;
        }
        var cumulative = model.addCumulative((long) Hand.ATTENTION * cooks);
        for (var hand : day.hands()) {
            away(hand).forEach(away -> cumulative.addDemand(fixed(away), Hand.ATTENTION));
        }
        for (var task : day.tasks()) {
            if (task.hands() && !day.done(task)) {
                var start = starts.get(task.id());
                var interval =
                        model.newIntervalVar(start, LinearExpr.constant(day.minutes(task)), end(task), task.id());
                cumulative.addDemand(interval, task.attention());
            }
        }
    }

    private interface Demands {
        void add(IntervalVar interval, long demand);
    }

    /** What has begun and goes on still takes attention, as far as there is any: it is a fact. */
    private int running(Demands demands, Task task, Hand hand, int free) {
        var pin = day.pin(task).orElseThrow();
        long now = day.now().orElse(Long.MIN_VALUE);
        long end = pin.start().orElse(now) + day.minutes(task);
        int takes = Math.min(free, task.attention());
        if (end <= now || takes == 0 || !pin.hand().equals(Optional.of(hand.id()))) {
            return 0;
        }
        demands.add(fixed(new Interval(now, end)), takes);
        return takes;
    }

    private List<Interval> away(Hand hand) {
        var away = new ArrayList<Interval>();
        long from = origin;
        for (var shift : hand.shifts()) {
            if (shift.from() > from) {
                away.add(new Interval(from, shift.from()));
            }
            from = Math.max(from, shift.to());
        }
        long end = origin + horizon;
        if (end > from) {
            away.add(new Interval(from, end));
        }
        return away;
    }

    private IntervalVar fixed(Interval interval) {
        return model.newFixedInterval(at(interval.from()), interval.minutes(), "fixed");
    }

    private void use(Store store) {
        var cumulative = model.addCumulative(store.amount());
        for (var task : day.tasks()) {
            boolean over = day.done(task)
                    && at(starts(task) + day.minutes(task) + task.washMinutes())
                            <= at(day.now().orElse(origin));
            if (over) {
                continue;
            }
            for (var need : task.needs()) {
                if (Day.storeOf(need).equals(store.id())) {
                    long minutes = day.minutes(task) + task.washMinutes();
                    var start = starts.get(task.id());
                    cumulative.addDemand(
                            model.newIntervalVar(start, LinearExpr.constant(minutes), plus(start, minutes), task.id()),
                            1);
                }
            }
        }
        for (var hold : day.holds()) {
            if (hold.what().equals(store.id())) {
                impossible |= hold.amount() > store.amount();
                cumulative.addDemand(held(hold), hold.amount());
            }
        }
    }

    private long starts(Task task) {
        return day.pin(task)
                .flatMap(
                        pin -> pin.start().isPresent() ? Optional.of(pin.start().getAsLong()) : Optional.empty())
                .orElse(Long.MAX_VALUE / 2);
    }

    private IntervalVar held(Hold hold) {
        var start = starts.get(hold.from());
        var size = model.newIntVar(0, Math.max(0, horizon), "held");
        var end = model.newIntVar(0, 2L * Math.max(1, horizon), "held until");
        if (hold.until().isEmpty()) {
            model.addGreaterOrEqual(end, at(day.dish(hold.dish()).due()));
        } else {
            long minutes = hold.through() ? day.minutes(day.task(hold.until()).orElseThrow()) : 0;
            model.addGreaterOrEqual(end, plus(starts.get(hold.until()), minutes));
        }
        return model.newIntervalVar(start, size, end, "hold");
    }

    /** What is to be made small in a respect; empty where there is nothing to be made small. */
    Optional<LinearExpr> cost(String code, Optional<Schedule> before) {
        var sum = LinearExpr.newBuilder();
        int terms = switch (code) {
            case "closed" -> addAll(sum, overruns);
            case "late" -> addAll(sum, List.copyOf(late.values()));
            case "windows" -> windows(sum);
            case "service" -> service(sum);
            case "evening" -> evening(sum);
            case "start" -> first(sum);
            case "waiting" -> waiting(sum);
            case "all" -> all(sum, List.of("waiting", "start", "evening", "service", "windows"));
            case "rest" -> all(sum, List.of("waiting", "start"));
            case "moved" -> before.map(old -> moved(sum, old)).orElse(0);
            default -> 0;
        };
        return terms == 0 ? Optional.empty() : Optional.of(sum.build());
    }

    /** Every respect that a plan in time has left, so weighed that hardly any amount of a later one outweighs an earlier one. */
    private int all(LinearExprBuilder sum, List<String> codes) {
        int terms = 0;
        int weight = 1;
        for (var code : codes) {
            var one = cost(code, Optional.empty());
            if (one.isPresent()) {
                sum.addTerm(one.get(), weight);
                terms++;
            }
            weight *= WEIGHED;
        }
        return terms;
    }

    private static int addAll(LinearExprBuilder sum, List<IntVar> vars) {
        vars.forEach(sum::add);
        return vars.size();
    }

    /** Minutes by which a task stands outside the middle half of its window, or in the later half of a limit. */
    private int windows(LinearExprBuilder sum) {
        int terms = 0;
        for (var task : day.tasks()) {
            for (var lag : task.after()) {
                if (lag.most().isEmpty() || day.done(task)) {
                    continue;
                }
                var earlier = day.task(lag.task()).orElseThrow();
                long low = Respects.earliest(lag);
                long high = Respects.latest(lag);
                var off = model.newIntVar(0, horizon, "outside the middle");
                var waited = LinearExpr.newBuilder()
                        .add(starts.get(task.id()))
                        .addTerm(starts.get(lag.task()), -1)
                        .add(-day.minutes(earlier))
                        .build();
                model.addLessOrEqual(waited, LinearExpr.affine(off, 1, high));
                if (low > 0) {
                    model.addGreaterOrEqual(waited, LinearExpr.affine(off, -1, low));
                }
                sum.add(off);
                terms++;
            }
        }
        return terms;
    }

    /** Minutes of hands in the hour before each service. */
    private int service(LinearExprBuilder sum) {
        var times = day.dishes().stream().map(dish -> dish.due()).distinct().toList();
        int terms = 0;
        for (long due : times) {
            terms += inside(sum, new Interval(due - 60, due));
        }
        return terms;
    }

    /** Minutes of hands in the evenings, by the clock of the kitchen. */
    private int evening(LinearExprBuilder sum) {
        int terms = 0;
        for (var evening : Evenings.of(day)) {
            terms += inside(sum, evening);
        }
        return terms;
    }

    /** Adds the minutes of every task with hands that has a part in a stretch of time. */
    private int inside(LinearExprBuilder sum, Interval stretch) {
        int terms = 0;
        for (var task : day.tasks()) {
            if (!task.hands() || day.done(task) || day.minutes(task) == 0) {
                continue;
            }
            var before = model.newBoolVar("before");
            var after = model.newBoolVar("after");
            var in = model.newBoolVar("in");
            model.addExactlyOne(new Literal[] {before, after, in});
            model.addLessOrEqual(end(task), at(stretch.from())).onlyEnforceIf(before);
            model.addGreaterOrEqual(starts.get(task.id()), at(stretch.to())).onlyEnforceIf(after);
            sum.addTerm(in, day.minutes(task));
            terms++;
        }
        return terms;
    }

    /** From the first moment at which somebody must be there until the last service. */
    private int first(LinearExprBuilder sum) {
        var hands = doers.keySet().stream().map(starts::get).toList();
        if (hands.isEmpty()) {
            return 0;
        }
        var first = model.newIntVar(0, horizon, "first");
        hands.forEach(start -> model.addGreaterOrEqual(start, first));
        sum.addTerm(first, -1).add(at(day.lastService()));
        return hands.size();
    }

    /** From the start of each task until its dessert is served: what can be done later is fresher. */
    private int waiting(LinearExprBuilder sum) {
        int terms = 0;
        for (var task : day.tasks()) {
            if (!day.done(task)) {
                sum.addTerm(starts.get(task.id()), -1).add(at(day.due(task)));
                terms++;
            }
        }
        return terms;
    }

    private int moved(LinearExprBuilder sum, Schedule before) {
        int terms = 0;
        for (var task : day.tasks()) {
            var old = before.slots().get(task.id());
            if (old == null || day.done(task)) {
                continue;
            }
            var by = model.newIntVar(0, 2L * Math.max(1, horizon), "moved");
            var start = starts.get(task.id());
            model.addGreaterOrEqual(by, plus(start, -at(old.start())));
            model.addGreaterOrEqual(by, LinearExpr.affine(start, -1, at(old.start())));
            sum.add(by);
            var same = doers.getOrDefault(task.id(), Map.of()).get(old.hand());
            if (same != null) {
                sum.addTerm(same, -HAND_CHANGED).add(HAND_CHANGED);
            }
            terms++;
        }
        return terms;
    }

    void minimize(LinearExpr cost) {
        model.clearObjective();
        model.minimize(cost);
    }

    /** From here on it is never more than this. */
    void hold(LinearExpr cost, long most) {
        model.addLessOrEqual(cost, most);
    }

    void hint(Schedule schedule) {
        model.clearHints();
        schedule.slots().forEach((id, slot) -> {
            var start = starts.get(id);
            if (start != null) {
                model.addHint(start, at(slot.start()));
            }
            if (!slot.hand().isEmpty()) {
                doers.getOrDefault(id, Map.of())
                        .forEach((hand, by) -> model.addHint(by, hand.equals(slot.hand()) ? 1 : 0));
            }
        });
    }

    Schedule schedule(CpSolver solved) {
        var slots = new LinkedHashMap<String, Slot>();
        for (var task : day.tasks()) {
            long start = origin + solved.value(starts.get(task.id()));
            var hand = doers.getOrDefault(task.id(), Map.of()).entrySet().stream()
                    .filter(by -> solved.booleanValue(by.getValue()))
                    .map(Map.Entry::getKey)
                    .findFirst()
                    .or(() -> day.pin(task).flatMap(pin -> pin.hand()))
                    .orElse("");
            slots.put(task.id(), new Slot(start, day.minutes(task), task.hands() ? hand : ""));
        }
        return new Schedule(slots);
    }
}
