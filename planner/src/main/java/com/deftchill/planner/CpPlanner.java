package com.deftchill.planner;

import com.deftchill.core.plan.Checker;
import com.deftchill.core.plan.Day;
import com.deftchill.core.plan.Respects;
import com.deftchill.core.plan.Schedule;
import com.deftchill.core.plan.Solver;
import com.deftchill.core.plan.Task;
import com.google.ortools.Loader;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.LinearExpr;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.BiFunction;
import java.util.function.BooleanSupplier;

/**
 * Plans by constraint programming (CP-SAT). Respects are settled one after another: each is made as small as the time
 * allows, then held, before the next is looked at. Safe for use by many threads; each answer takes the memory of its own
 * model, outside the heap.
 */
public final class CpPlanner implements Solver {
    /** Of the time that is left, the share that a respect may take; one that is not named may take all of it. */
    private static final Map<String, Double> SHARES = Map.of(
            "closed", 0.3, "late", 0.3, "windows", 0.25, "service", 0.2, "evening", 0.25, "start", 0.5, "moved", 0.7);
    /** Respects that are rules: what breaks none has nothing left of them. */
    private static final Set<String> RULES = Set.of("closed", "late");
    /** Work of the solver's own clock for a second of ours: where it is repeatable, that ends the search, not ours. */
    private static final double WORK_PER_SECOND = 0.5;
    /** By the same clock: what it takes to put a question, which that clock does not see. */
    private static final double WORK_TO_ASK = 0.05;

    /** So many times its budget a repeatable search may take by our clock, on a machine that is busy with other things. */
    private static final double PATIENCE = 40;
    /** Of the time, the share that is given to finding any plan that is in time. */
    private static final double TO_FIT = 0.4;

    /** A day of so many tasks is polished dessert by dessert. */
    private static final int POLISHED = 60;

    /** Of the time, the share that placing every dessert late may take before any places are looked for. */
    private static final double TO_PLACE_LATE = 0.3;

    /** Of the time, the share that passes may take before anything else is asked. */
    private static final double TO_PASS = 0.05;

    /** Passes after which a schedule that they find is no longer found soon. */
    private static final int MOST_SOON = 40;

    /** By the solver's clock: what a pass takes. */
    private static final double WORK_OF_PASS = 1e-4;

    /** Of the time that is left, the share that the latest start may take. */
    private static final double TO_START = 0.92;

    /** Of the time that is left, the share that polishing may take. */
    private static final double TO_POLISH = 0.5;

    /** Of the time that is left, the share that a dessert's first place may take; most take far less. */
    private static final double TO_PLACE = 0.2;

    /** Seconds at most for one dessert while polishing. */
    private static final double MOST_FOR_ONE = 0.5;

    /** Seconds at most for a few desserts together while polishing. */
    private static final double MOST_FOR_GROUP = 1;

    /** Of the time, the share that is given to finding a plan in which all follows as it did. */
    private static final double TO_MEND_IN_ORDER = 0.4;

    /** Of the time, the share that is given to finding a plan in which only few desserts are moved. */
    private static final double TO_MEND = 0.35;

    /** A day of so many tasks is planned dessert by dessert first; of a shorter one it may be proved what is best. */
    private static final int LONG = 120;

    private static final double LEAST_SECONDS = 0.05;

    /** So often it is looked whether anybody still waits, ms. */
    private static final int LOOKED_MS = 100;

    private static final ScheduledExecutorService WATCH = Executors.newSingleThreadScheduledExecutor(run -> {
        var thread = new Thread(run, "plan-watch");
        thread.setDaemon(true);
        return thread;
    });

    /** Where two things are looked for beside each other, one of them is here. */
    private static final ExecutorService HELPERS = Executors.newCachedThreadPool(run -> {
        var thread = new Thread(run, "plan-helper");
        thread.setDaemon(true);
        return thread;
    });

    static {
        Loader.loadNativeLibraries();
    }

    /** Loads the native library, which takes a second or two. */
    public CpPlanner() {}

    @Override
    public Solution solve(Day day, Options options) {
        return new Search(day, options).run();
    }

    /** One question. */
    private static final class Search {
        private final Day day;
        private final Options options;
        private final long begin = System.nanoTime();
        private final DayModel model;
        private final List<Level> levels = new ArrayList<>();
        private Optional<Schedule> best = Optional.empty();
        /** That the first work begins no later was proved, where everything before it is at its bound; minutes. */
        private long startBound;

        private double startSeconds;
        /** By the solver's own clock. */
        private double work;

        private final Tactic tactic;

        private final List<String> respects;

        Search(Day day, Options options) {
            this(day, options, Tactic.USUAL, respects(options.aim()));
        }

        private Search(Day day, Options options, Tactic tactic, List<String> respects) {
            this.tactic = tactic;
            this.respects = respects;
            this.day = day;
            this.options = options;
            model = new DayModel(day, options.aim() == Aim.FITS, tactic.asOne());
        }

        Solution run() {
            if (model.impossible()) {
                return new Solution(Optional.empty(), true, levels, seconds());
            }
            if (options.aim() == Aim.FITS && tactic == Tactic.USUAL) {
                best = soon();
                if (best.isPresent()) {
                    return new Solution(best, false, levels, seconds());
                }
            }
            var beginning = beginning();
            beginning.ifPresent(model::hint);
            // What breaks no rule is an answer, should nothing better be found.
            best = beginning.filter(s -> Checker.check(day, s).isEmpty());
            for (var code : respects) {
                if (isAtItsBound(code) || isBegunLate(code)) {
                    continue;
                }
                if (options.stopped().getAsBoolean() || left() < LEAST_SECONDS) {
                    break;
                }
                boolean found = settle(code, SHARES.getOrDefault(code, 1.0))
                        // Not within its share: then in all the time that is left, since it goes before the others.
                        || (best.isPresent() && settle(code, 1.0));
                if (!found) {
                    boolean impossible = best.isEmpty() && model.infeasible();
                    return new Solution(best, impossible, levels, seconds());
                }
            }
            return new Solution(best, false, levels, seconds());
        }

        /** What it begins from: a schedule that is there and breaks no rule, else any that is in time. */
        private Optional<Schedule> beginning() {
            var before = options.before();
            boolean good = before.map(s -> Checker.check(day, s).isEmpty()).orElse(false);
            if (options.aim() == Aim.FITS || (good && options.aim() == Aim.LEAST_MOVED)) {
                return before;
            }
            if (options.aim() == Aim.LEAST_MOVED) {
                return before.flatMap(this::mended).or(() -> before);
            }
            var found = good
                    ? before
                    : placedLate().or(() -> anyInTime(options.budget().toMillis() * TO_FIT / 1e3));
            return found.map(this::polished).or(() -> before);
        }

        /** Of a day that is not short: dessert by dessert; of a long one a few at a time, and begun as late as can be. */
        private Schedule polished(Schedule schedule) {
            if (day.tasks().size() < POLISHED) {
                return schedule;
            }
            if (day.tasks().size() < LONG) {
                return Polishing.of(day, schedule, turn("all", left() * (1 - TO_POLISH), MOST_FOR_ONE));
            }
            var strict = Stricter.of(day);
            if (!Checker.check(strict, schedule).isEmpty()) {
                return polished(day, schedule, "all");
            }
            var late = lateStart(strict, schedule);
            return polished(Stricter.from(strict, firstWork(late)), late, "rest");
        }

        /** Dessert by dessert as long as that helps, at most half of the time, then a few together. */
        private Schedule polished(Day some, Schedule schedule, String respect) {
            double rest = left() * (1 - TO_POLISH);
            var single = Polishing.of(some, schedule, turn(respect, (left() + rest) / 2, MOST_FOR_ONE));
            return Polishing.groups(some, single, options.seed(), turn(respect, rest, MOST_FOR_GROUP));
        }

        /** A part of a day made better within the time that is left over what must remain. */
        private BiFunction<Day, Schedule, Optional<Schedule>> turn(String respect, double rest, double most) {
            return (part, from) -> {
                double within = Math.min(most, left() - rest);
                return options.stopped().getAsBoolean()
                        ? Optional.empty()
                        : ask(part, Optional.of(from), respect, within, Tactic.SMALL)
                                .schedule();
            };
        }

        private Schedule lateStart(Day strict, Schedule schedule) {
            // What has begun has begun: there is nothing to be put off.
            if (day.now().isPresent() || strict.tasks().stream().noneMatch(Task::hands)) {
                return schedule;
            }
            double from = seconds();
            double rest = left() * (1 - TO_START);
            var found = LateStart.of(
                    strict,
                    schedule,
                    new LateQuestions(),
                    () -> options.stopped().getAsBoolean() ? 0 : left() - rest,
                    options.repeatable() ? Optional.empty() : Optional.of(HELPERS));
            startBound = Math.max(0, found.bound());
            startSeconds = seconds() - from;
            return found.schedule();
        }

        private final class LateQuestions implements LateStart.Questions {
            private int asked;

            @Override
            public Optional<Schedule> late(Day some, BooleanSupplier enough) {
                return passes(some, options.seed() + ++asked, enough);
            }

            @Override
            public Solution any(Day some, Schedule near, double within) {
                // Not the same way twice.
                var other = options.seededWith(options.seed() + ++asked);
                return ask(some, other.from(near), "fits", within, Tactic.CROWDED);
            }

            @Override
            public Solution withCooksAsOne(Day some, double within, BooleanSupplier ended) {
                var stopped = options.stoppedBy(
                        () -> ended.getAsBoolean() || options.stopped().getAsBoolean());
                return ask(some, stopped, "fits", within, Tactic.PROOF);
            }
        }

        private Optional<Schedule> passes(Day some, int seed, BooleanSupplier enough) {
            var found = LatePasses.of(some, seed, () -> {
                work += options.repeatable() ? WORK_OF_PASS : 0;
                return enough.getAsBoolean();
            });
            return found.schedule();
        }

        private long firstWork(Schedule schedule) {
            return day.lastService() - new Respects(day, schedule).start();
        }

        /** A schedule of a long day that a few passes find. */
        private Optional<Schedule> soon() {
            if (day.tasks().size() < LONG || day.now().isPresent()) {
                return Optional.empty();
            }
            var found = LatePasses.any(day, options.seed(), MOST_SOON);
            work += found.passes() * WORK_OF_PASS;
            return found.schedule();
        }

        /** A long day by passes or dessert by dessert, then, or at once, as a whole. */
        private Optional<Schedule> anyInTime(double share) {
            var found = soon();
            if (found.isEmpty() && day.tasks().size() >= LONG) {
                found = OneByOne.schedule(day, part -> fits(part, left(), Tactic.SMALL));
            }
            return found.isPresent() ? found : fits(day, share, Tactic.USUAL);
        }

        /** A long day dessert by dessert, each as late as it can be made, with nothing to be wished for before that. */
        private Optional<Schedule> placedLate() {
            if (day.tasks().size() < LONG) {
                return Optional.empty();
            }
            var strict = Stricter.of(day);
            if (day.now().isEmpty()) {
                double until = left() * (1 - TO_PASS);
                var late = passes(strict, options.seed(), () -> left() < until);
                if (late.isPresent()) {
                    return late;
                }
            }
            double rest = left() * (1 - TO_PLACE_LATE);
            return OneByOne.schedule(strict, part -> {
                double within = Math.min(left() * TO_PLACE, left() - rest);
                return ask(part, options.before(), "rest", within, Tactic.SMALL).schedule();
            });
        }

        /**
         * With little moved: all in the order in which it was, but for the desserts that break a rule; where that is not found,
         * those placed anew among the others, which stay where they are.
         */
        private Optional<Schedule> mended(Schedule before) {
            var mending = Mending.of(day, before);
            double budget = options.budget().toMillis() / 1e3;
            return mending.flatMap(it -> it.inOrder()
                            .flatMap(some -> littleMoved(some, before, budget * TO_MEND_IN_ORDER))
                            .map(it::inTheOrderOfTheDay))
                    .or(() -> mending.flatMap(Mending::inPlace)
                            .flatMap(some -> littleMoved(some, before, budget * TO_MEND)));
        }

        private Optional<Schedule> littleMoved(Day some, Schedule before, double within) {
            return ask(some, Optional.of(before), "moved", within, Tactic.SMALL).schedule();
        }

        private Optional<Schedule> fits(Day some, double within, Tactic how) {
            return ask(some, options.before(), "fits", within, how).schedule();
        }

        private Solution ask(Day some, Optional<Schedule> near, String respect, double within, Tactic how) {
            return ask(some, near.map(options::from).orElse(options), respect, within, how);
        }

        /** A schedule of another day that is in time, as good in one respect as is found soon. */
        private Solution ask(Day some, Options like, String respect, double within, Tactic how) {
            if (within < LEAST_SECONDS) {
                return new Solution(Optional.empty(), false, List.of(), 0);
            }
            var asked = like.with(Aim.FITS, Duration.ofMillis((long) (within * 1000)));
            var search = new Search(some, asked, how, List.of(respect));
            var found = search.run();
            if (options.repeatable()) {
                work += Math.max(search.work, WORK_TO_ASK);
            }
            return found;
        }

        private static List<String> respects(Aim aim) {
            return switch (aim) {
                case FITS -> List.of("fits");
                case BEST -> List.of("closed", "late", "windows", "service", "evening", "start", "waiting");
                case LEAST_MOVED -> List.of("closed", "late", "moved", "windows");
            };
        }

        /** What breaks no rule is neither late nor closed, and of what is nothing left there is nothing to be had: no search. */
        private boolean isAtItsBound(String code) {
            var cost = model.cost(code, options.before());
            if (best.isEmpty() || cost.isEmpty()) {
                return best.isPresent();
            }
            boolean atBound = RULES.contains(code)
                    ? Checker.check(day, best.get()).isEmpty()
                    : left(code).isPresent() && left(code).getAsLong() == 0;
            if (atBound) {
                levels.add(new Level(code, 0, 0, 0));
                model.hold(cost.get(), 0);
            }
            return atBound;
        }

        /** The latest start was looked for before, among the schedules that leave nothing of what comes before it. */
        private boolean isBegunLate(String code) {
            if (startSeconds == 0 || !code.equals("start") || best.isEmpty()) {
                return false;
            }
            long value = left(code).orElseThrow();
            levels.add(new Level(code, value, Math.min(value, startBound), startSeconds));
            model.hold(model.cost(code, Optional.empty()).orElseThrow(), value);
            return true;
        }

        /** What the best plan so far has left of a respect. */
        private OptionalLong left(String code) {
            return best.isEmpty() ? OptionalLong.empty() : new Respects(day, best.get()).of(code);
        }

        /** Makes one respect as small as can be and holds it there; false if nothing was found. */
        private boolean settle(String code, double share) {
            double from = seconds();
            var cost = model.cost(code, options.before());
            cost.ifPresent(model::minimize);
            var solver = new CpSolver();
            var parameters = solver.getParameters();
            double allowed = best.isEmpty() ? left() : Math.max(LEAST_SECONDS, left() * share);
            parameters
                    .setRandomSeed(options.seed())
                    .setMaxTimeInSeconds(options.repeatable() ? allowed * PATIENCE : allowed);
            tactic.set(parameters, options.repeatable());
            if (options.repeatable()) {
                parameters.setMaxDeterministicTime(allowed * WORK_PER_SECOND);
            }
            var watch = WATCH.scheduleAtFixedRate(
                    () -> {
                        if (options.stopped().getAsBoolean()) {
                            solver.stopSearch();
                        }
                    },
                    LOOKED_MS,
                    LOOKED_MS,
                    TimeUnit.MILLISECONDS);
            CpSolverStatus status;
            try {
                status = solver.solve(model.model());
            } finally {
                watch.cancel(false);
            }
            work += solver.response().getDeterministicTime();
            model.ended(status);
            if (status != CpSolverStatus.OPTIMAL && status != CpSolverStatus.FEASIBLE) {
                return stays(code, cost, Math.max(0, solver.bestObjectiveBound()), seconds() - from);
            }
            double value = cost.isPresent() ? solver.objectiveValue() : 0;
            var before = left(code);
            // Of two that are alike in this respect, the one that was made good in those after it.
            if (before.isPresent() && before.getAsLong() <= value) {
                value = before.getAsLong();
            } else {
                best = Optional.of(model.schedule(solver));
            }
            if (cost.isPresent()) {
                levels.add(new Level(code, value, solver.bestObjectiveBound(), seconds() - from));
                model.hold(cost.get(), Math.round(value));
            }
            model.hint(best.get());
            return true;
        }

        /** Nothing better was found in time: what is there is held; false where nothing is. */
        private boolean stays(String code, Optional<LinearExpr> cost, double bound, double took) {
            var before = left(code);
            if (before.isEmpty() || model.infeasible()) {
                return false;
            }
            levels.add(new Level(code, before.getAsLong(), bound, took));
            model.hold(cost.orElseThrow(), before.getAsLong());
            return true;
        }

        private double seconds() {
            return (System.nanoTime() - begin) / 1e9;
        }

        private double left() {
            double spent = options.repeatable() ? work / WORK_PER_SECOND : seconds();
            return options.budget().toMillis() / 1e3 - spent;
        }
    }
}
