package com.deftchill.server.plan;

import com.deftchill.core.assess.Assessor;
import com.deftchill.core.chill.Stop;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.plan.Conflict;
import com.deftchill.core.plan.FirstPlan;
import com.deftchill.core.plan.PlanReader;
import com.deftchill.core.plan.Planning;
import com.deftchill.core.plan.ReadPlan;
import com.deftchill.core.plan.Schedule;
import com.deftchill.core.plan.Slot;
import com.deftchill.core.plan.Solver;
import com.deftchill.core.plan.WaysOut;
import com.deftchill.core.plan.WrittenPlan;
import com.deftchill.server.plan.PlanViews.PlanAnswer;
import com.deftchill.server.plan.PlanViews.PlanCheck;
import com.deftchill.server.plan.PlanViews.PlanConflict;
import com.deftchill.server.plan.PlanViews.PlanWay;
import com.deftchill.server.plan.PlanViews.PlanWish;
import com.deftchill.server.problem.NotFoundException;
import com.deftchill.server.problem.NotUnderstoodException;
import com.deftchill.server.workplace.Asked;
import com.deftchill.server.workplace.Computing;
import com.deftchill.server.workplace.KitchenService;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import java.util.function.BooleanSupplier;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Day plans: in store, and what is computed for one. */
@RestController
@RequestMapping("/api")
@Tag(name = "Day plans")
class PlanController {
    /** For trying whether something fits. */
    private static final Duration TRY = Duration.ofMillis(700);

    /** For finding out whether a plan fits at all. */
    private static final Duration FIT = Duration.ofMillis(1200);

    /** For finding what collides. */
    private static final Duration WISHES = Duration.ofMillis(1800);

    /** For all of an explanation: what the rest leaves is for trying ways out. */
    private static final Duration EXPLAINED = Duration.ofMillis(4700);

    private final PlanService plans;
    private final PlanKitchen kitchen;
    private final KitchenService kitchens;
    private final Solver solver;
    private final Computing computing;
    private final Clock clock;
    private final SolvedPlans solved;
    /** One search at a time has the threads of the solver; the next waits for its turn. */
    private final Semaphore turn = new Semaphore(1, true);

    PlanController(
            PlanService plans,
            PlanKitchen kitchen,
            KitchenService kitchens,
            Solver solver,
            Computing computing,
            SolvedPlans solved,
            Clock clock) {
        this.plans = plans;
        this.kitchen = kitchen;
        this.kitchens = kitchens;
        this.solver = solver;
        this.computing = computing;
        this.clock = clock;
        this.solved = solved;
    }

    /** What a list of plans shows. */
    record PlanSummary(
            UUID id,
            long version,
            String name,
            @Schema(nullable = true) Instant beginsAt,
            Instant updatedAt) {}

    record PlanPage(List<PlanSummary> plans, long total, int page, int size) {}

    /** A stored plan; dishes whose formula has changed since. */
    record StoredPlan(
            UUID id,
            long version,
            Instant updatedAt,
            WrittenPlan document,
            @Schema(nullable = true) Schedule schedule,
            List<String> changed) {}

    /** A plan to store; {@code writeId} is the page's own name for this write. */
    record NewPlan(
            @Schema(nullable = true) UUID writeId,
            @NotNull(message = "is missing: the plan") WrittenPlan document,
            @Schema(nullable = true) Schedule schedule) {}

    record SavePlan(
            long version,
            @NotNull(message = "is missing: the plan") WrittenPlan document,
            @Schema(nullable = true) Schedule schedule) {}

    /** What is asked about a plan. */
    enum PlanAim {
        /** What the schedule that is there comes to. */
        AS_IT_IS,
        /** The best schedule. */
        BEST,
        /** The one that keeps all that is settled and moves as little as can be. */
        LEAST_MOVED
    }

    /**
     * @param schedule that it begins from
     * @param seconds clock time at most
     * @param now minutes since 1970 before which nothing more can begin; left out while nothing has begun
     */
    record PlanQuestion(
            @NotNull(message = "is missing: the plan") WrittenPlan document,
            @Schema(nullable = true) Schedule schedule,

            @NotNull(message = "is missing: AS_IT_IS, BEST or LEAST_MOVED")
            PlanAim aim,

            @Min(value = 0, message = "must be from 0 to 20") @Max(value = 20, message = "must be from 0 to 20")
            double seconds,

            @Schema(nullable = true) Long now) {}

    /** A step that is held over another place. */
    record PlanCheckQuestion(
            @NotNull(message = "is missing: the plan") WrittenPlan document,
            @NotNull(message = "is missing: the schedule") Schedule schedule,
            @NotNull(message = "is missing: the step") String task,
            long start,
            String hand,
            @Schema(nullable = true) Long now) {}

    @GetMapping("/plan-starts")
    @Operation(
            operationId = "startPlan",
            summary = "A plan to begin from",
            description =
                    "Dinner on the next day by the kitchen's clock, or where its settings name no time zone by that of"
                            + " the zone given; one cook, what a small kitchen has.")
    WrittenPlan start(@RequestParam(defaultValue = "UTC") String zone) {
        var own = kitchens.workplace().kitchen().zone();
        return FirstPlan.of(own.map(ZoneId::getId).orElse(zone), clock.instant());
    }

    @GetMapping("/plans")
    @Operation(operationId = "listPlans", summary = "List plans, last changed first")
    PlanPage list(
            @RequestParam(defaultValue = "0")
                    @Min(value = 0, message = "must be from 0 to 1000000")
                    @Max(value = 1_000_000, message = "must be from 0 to 1000000")
                    int page,
            @RequestParam(defaultValue = "50")
                    @Min(value = 1, message = "must be from 1 to 200")
                    @Max(value = 200, message = "must be from 1 to 200")
                    int size) {
        var found = plans.list(page, size);
        return new PlanPage(
                found.getContent().stream()
                        .map(p -> new PlanSummary(
                                p.getId(), p.getVersion(), p.getName(), p.getBeginsAt(), p.getUpdatedAt()))
                        .toList(),
                found.getTotalElements(),
                page,
                size);
    }

    @GetMapping("/plans/{id}")
    @Operation(operationId = "getPlan", summary = "Read a plan")
    StoredPlan get(@PathVariable UUID id) {
        return stored(plans.get(id));
    }

    private StoredPlan stored(PlanEntity plan) {
        return new StoredPlan(
                plan.getId(),
                plan.getVersion(),
                plan.getUpdatedAt(),
                plan.getDocument(),
                plan.getSchedule(),
                plans.changed(plan.getDocument()));
    }

    @PostMapping("/plans")
    @ResponseStatus(HttpStatus.CREATED)
    @Operation(
            operationId = "createPlan",
            summary = "Store a new plan",
            description = "Dishes without a document take their formula as it is now. Sent twice with the same writeId,"
                    + " it is stored once.")
    StoredPlan create(@Valid @RequestBody NewPlan plan) {
        return stored(plans.create(plan.writeId(), plan.document(), plan.schedule()));
    }

    @PutMapping("/plans/{id}")
    @Operation(
            operationId = "savePlan",
            summary = "Store a new state of a plan",
            description = "409 when it was saved elsewhere meanwhile.")
    StoredPlan save(@PathVariable UUID id, @Valid @RequestBody SavePlan plan) {
        return stored(plans.save(id, plan.version(), plan.document(), plan.schedule()));
    }

    @DeleteMapping("/plans/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(operationId = "deletePlan", summary = "Delete a plan")
    void delete(@PathVariable UUID id, @RequestParam long version) {
        plans.delete(id, version);
    }

    @GetMapping(value = "/plans/{id}/calendar.ics", produces = "text/calendar;charset=UTF-8")
    @Operation(
            operationId = "planCalendar",
            summary = "A solved plan as a calendar",
            description =
                    "Every step that needs hands, with a reminder five minutes before. Ids stay, so that a plan read in"
                            + " again replaces its events.")
    ResponseEntity<String> calendar(@PathVariable UUID id, Asked asked) {
        return file("plan.ics", solved.of(id, asked).calendar());
    }

    @GetMapping(value = "/plans/{id}/steps.csv", produces = "text/csv;charset=UTF-8")
    @Operation(operationId = "planTable", summary = "The steps of a solved plan as a table")
    ResponseEntity<String> table(@PathVariable UUID id, Asked asked) {
        return file("plan.csv", solved.of(id, asked).table());
    }

    private static ResponseEntity<String> file(String name, String text) {
        return ResponseEntity.ok()
                .header("Content-Disposition", "attachment; filename=\"" + name + "\"")
                .body(text);
    }

    @PostMapping("/plan-answers")
    @Operation(
            operationId = "answerPlan",
            summary = "Solve a plan, or look at its schedule",
            description =
                    "Stores nothing. What cannot be in time is late, and said so; a newer question of the same page"
                            + " ends this one.")
    PlanAnswer answer(@Valid @RequestBody PlanQuestion question, Asked asked) {
        var plan = plans.whole(question.document());
        return computing.stoppable(asked, (assessor, workplace, stop) -> {
            var read = read(plan, assessor, workplace, question.now());
            var planned = question.aim() == PlanAim.AS_IT_IS
                    ? Planning.asItIs(read, Optional.ofNullable(question.schedule()))
                    : taking(stop, () -> Planning.plan(read, solver, options(question, stop)));
            return PlanWriter.write(plan, read, planned, workplace);
        });
    }

    private Solver.Options options(PlanQuestion question, Stop stop) {
        var aim = question.aim() == PlanAim.BEST ? Solver.Aim.BEST : Solver.Aim.LEAST_MOVED;
        var options = Solver.Options.of(aim, computing.searching(Duration.ofMillis((long) (question.seconds() * 1000))))
                .stoppedBy(stopped(stop));
        return question.schedule() == null || question.schedule().slots().isEmpty()
                ? options
                : options.from(question.schedule());
    }

    private static BooleanSupplier stopped(Stop stop) {
        return () -> {
            try {
                stop.check();
                return false;
            } catch (RuntimeException ended) {
                return true;
            }
        };
    }

    private interface Search<T> {
        T run();
    }

    private <T> T taking(Stop stop, Search<T> search) {
        turn.acquireUninterruptibly();
        try {
            stop.check();
            var found = search.run();
            stop.check();
            return found;
        } finally {
            turn.release();
        }
    }

    private ReadPlan read(WrittenPlan plan, Assessor assessor, Workplace workplace, Long now) {
        var since = now == null ? OptionalLong.empty() : OptionalLong.of(now);
        var answer = PlanReader.read(plan, workplace, kitchen.with(assessor, workplace), since);
        return answer.value().orElseThrow(() -> new NotUnderstoodException(answer.problems()));
    }

    @PostMapping("/plan-conflicts")
    @Operation(
            operationId = "explainPlan",
            summary = "Why a plan does not fit, and what would help",
            description = "The smallest set of wishes that collide, and changes with which everything is ready in time:"
                    + " each of them was tried.")
    PlanConflict conflicts(@Valid @RequestBody PlanQuestion question, Asked asked) {
        var plan = plans.whole(question.document());
        return computing.stoppable(asked, (assessor, workplace, stop) -> {
            var read = read(plan, assessor, workplace, question.now());
            return taking(stop, () -> {
                long until = System.nanoTime() + EXPLAINED.toNanos();
                boolean fits = solver.solve(
                                read.day(),
                                Solver.Options.of(Solver.Aim.FITS, FIT).stoppedBy(stopped(stop)))
                        .schedule()
                        .isPresent();
                if (fits) {
                    return new PlanConflict(true, List.of(), List.of());
                }
                var wishes = Conflict.of(read.day(), solver, WISHES, TRY).stream()
                        .map(w -> new PlanWish(w.code(), w.about(), w.words()))
                        .toList();
                var left = Duration.ofNanos(Math.max(0, until - System.nanoTime()));
                var ways =
                        WaysOut.of(plan, read, workplace, kitchen.with(assessor, workplace), solver, left, TRY).stream()
                                .map(w -> new PlanWay(w.code(), w.words(), w.plan()))
                                .toList();
                return new PlanConflict(false, wishes, ways);
            });
        });
    }

    @PostMapping("/plan-checks")
    @Operation(
            operationId = "checkPlan",
            summary = "What would be wrong with a step in another place",
            description =
                    "Everything else stays where it is; nothing is solved. What was wrong before is not told again.")
    PlanCheck check(@Valid @RequestBody PlanCheckQuestion question, Asked asked) {
        var plan = plans.whole(question.document());
        if (!question.schedule().slots().containsKey(question.task())) {
            throw new NotFoundException("Step", question.task());
        }
        return computing.light(asked, (assessor, workplace) -> {
            var read = read(plan, assessor, workplace, question.now());
            var day = Planning.asItIs(read, Optional.of(question.schedule())).day();
            var slot = question.schedule().of(question.task());
            var hand = question.hand() == null ? slot.hand() : question.hand();
            var moved = question.schedule().with(question.task(), new Slot(question.start(), slot.minutes(), hand));
            var before = new ArrayList<>(PlanWriter.breaches(day, question.schedule()));
            return new PlanCheck(PlanWriter.breaches(day, moved).stream()
                    .filter(breach -> before.stream()
                            .noneMatch(b ->
                                    b.code().equals(breach.code()) && b.tasks().equals(breach.tasks())))
                    .filter(breach -> !breach.code().equals("moved"))
                    .toList());
        });
    }
}
