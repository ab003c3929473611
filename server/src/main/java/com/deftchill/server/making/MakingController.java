package com.deftchill.server.making;

import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.making.Consequence;
import com.deftchill.core.making.Event;
import com.deftchill.core.making.Event.Kind;
import com.deftchill.core.making.Making;
import com.deftchill.core.making.Tolerances;
import com.deftchill.core.making.Tolerances.Tolerance;
import com.deftchill.core.rescue.RescueFiles;
import com.deftchill.server.batchlog.BatchService;
import com.deftchill.server.making.MakingService.Kept;
import com.deftchill.server.making.MakingService.OfPlan;
import com.deftchill.server.making.MakingViews.MakingView;
import com.deftchill.server.problem.NotUnderstoodException;
import com.deftchill.server.workplace.Asked;
import com.deftchill.server.workplace.Computing;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Batches while they are made. */
@RestController
@RequestMapping("/api/makings")
@Tag(name = "Making")
class MakingController {
    private static final int LONGEST = 2000;

    private final MakingService makings;
    private final Happenings happenings;
    private final Computing computing;
    private final KnownAnswers known;
    private final Clock clock;

    MakingController(
            MakingService makings, Happenings happenings, Computing computing, KnownAnswers known, Clock clock) {
        this.makings = makings;
        this.happenings = happenings;
        this.known = known;
        this.computing = computing;
        this.clock = clock;
    }

    /**
     * A batch that begins.
     *
     * @param id the page's own name for it: sent twice, it begins once
     * @param zone by whose clock it is made where the kitchen's settings name no time zone
     * @param planId plan that it is begun from, with the dish of it; left out: of none
     * @param document the formula as it is to be made; left out: as it is stored now
     */
    record NewMaking(
            @NotNull(message = "is missing: an id of your own")
            UUID id,

            @NotNull(message = "is missing: the formula") UUID formulaId,
            @Schema(nullable = true) WrittenFormula document,

            @Size(max = 80, message = "must have at most 80 characters")
            String by,

            @Size(max = 60, message = "must have at most 60 characters")
            String zone,

            UUID planId,

            @Size(max = 60, message = "must have at most 60 characters")
            String planDish) {}

    /**
     * A step of a plan that has begun.
     *
     * @param dish of the plan
     * @param step of its method
     * @param began s since 1970
     * @param ended s since 1970; absent while it runs
     */
    record MadeStep(String dish, String step, long began, Optional<Long> ended) {}

    record MadeSteps(List<MadeStep> steps) {}

    /** What happened, in any order; each with an id of its own. */
    record Happened(
            @NotNull(message = "is missing: what happened")
            @Size(min = 1, max = 200, message = "must be 1 to 200 entries")
            List<Event> events) {}

    record OpenMakings(List<MakingView> makings) {}

    @GetMapping
    @Operation(operationId = "openMakings", summary = "Batches that are being made, the last begun first")
    OpenMakings open(Asked asked) {
        return new OpenMakings(
                makings.open().stream().map(kept -> view(kept, asked)).toList());
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    @Operation(
            operationId = "beginMaking",
            summary = "Begin to make a batch",
            description = "What cannot be understood yet has no steps: it is refused with what is to be mended.")
    MakingView begin(@Valid @RequestBody NewMaking begun, Asked asked) {
        var formula = begun.document() == null ? makings.formula(begun.formulaId()) : begun.document();
        var problems = computing.light(
                asked,
                (assessor, workplace) -> assessor.study(formula, workplace).problems());
        if (!problems.isEmpty()) {
            throw new NotUnderstoodException(problems);
        }
        return view(
                makings.begin(
                        begun.id(),
                        begun.formulaId(),
                        formula,
                        begun.by() == null ? "" : begun.by(),
                        begun.zone() == null ? "" : begun.zone(),
                        new OfPlan(begun.planId(), begun.planDish())),
                asked);
    }

    @GetMapping("/of-plan/{planId}")
    @Operation(operationId = "madeOfPlan", summary = "Which steps of a plan have begun, by what happened at the stove")
    MadeSteps ofPlan(@PathVariable UUID planId) {
        return new MadeSteps(makings.ofPlan(planId).stream()
                .flatMap(kept -> kept.making().runs().entrySet().stream()
                        .flatMap(run -> madeStep(kept.entity().getPlanDish(), run).stream()))
                .toList());
    }

    /** What was only ever ended took no time that anybody knows. */
    private static Optional<MadeStep> madeStep(String dish, Map.Entry<String, Making.Run> run) {
        var began = run.getValue().began();
        var ended = run.getValue().ended();
        if (dish == null || (began.isEmpty() && ended.isEmpty())) {
            return Optional.empty();
        }
        return Optional.of(new MadeStep(
                dish,
                run.getKey(),
                began.orElseGet(ended::getAsLong),
                began.isPresent() && ended.isPresent() ? Optional.of(ended.getAsLong()) : Optional.empty()));
    }

    @GetMapping("/{id}")
    @Operation(
            operationId = "making",
            summary = "How it stands with a batch now: every step, and what wants hands next")
    MakingView get(@PathVariable UUID id, Asked asked) {
        return view(makings.get(id), asked);
    }

    @PostMapping("/{id}/events")
    @Operation(
            operationId = "happened",
            summary = "Store what happened",
            description =
                    "Each entry is stored once, however often it is sent. What is finished with an outcome goes into"
                            + " the log.")
    MakingView happened(@PathVariable UUID id, @Valid @RequestBody Happened happened, Asked asked) {
        var planned = makings.get(id).making().planned();
        for (var event : happened.events()) {
            check(event, planned);
            if (event.kind() == Kind.CHECKED) {
                makings.checkTemperature(event.text());
            }
        }
        return view(happenings.add(id, happened.events()), asked);
    }

    @GetMapping("/{id}/consequence")
    @Operation(
            operationId = "consequence",
            summary = "What the batch as it is made does otherwise, with remedies that were tried")
    Consequence consequence(@PathVariable UUID id, Asked asked) {
        var making = makings.get(id).making();
        return computing.light(asked, (assessor, workplace) -> known.consequence(making, assessor, workplace));
    }

    @GetMapping("/{id}/tolerances")
    @Operation(
            operationId = "tolerances",
            summary = "How exactly each line must be weighed, by what an error would do to the dessert")
    List<Tolerance> tolerances(@PathVariable UUID id, Asked asked) {
        var formula = makings.get(id).making().intended();
        return computing.light(asked, (assessor, workplace) -> new Tolerances(assessor, formula, workplace).all());
    }

    private MakingView view(Kept kept, Asked asked) {
        long now = clock.instant().getEpochSecond();
        var making = kept.making();
        return computing.light(
                asked,
                (assessor, workplace) -> MakingViews.of(
                        kept,
                        known.dessert(making.intended(), assessor, workplace),
                        known.dessert(making.made(), assessor, workplace),
                        workplace,
                        now));
    }

    private static void check(Event event, WrittenFormula planned) {
        boolean sound = event.kind() != null
                && isId(event.id())
                && event.at() > 0
                && event.text().length() <= LONGEST;
        if (!sound
                || event.step().length() > 200
                || event.by().length() > 80
                || event.instrument().length() > 40
                || event.changes().size() > 50) {
            throw MakingService.refused("event", event.id(), "making.event");
        }
        if (event.kind() == Kind.CAME_OUT && !BatchService.isOutcome(event.text())) {
            throw MakingService.refused("outcome", event.text(), "making.outcome");
        }
        if (event.kind() == Kind.WENT_WRONG && RescueFiles.symptom(event.text()).isEmpty()) {
            throw MakingService.refused("symptom", event.text(), "making.symptom");
        }
        if (event.kind() == Kind.LOOKED && !isLook(event.text())) {
            throw MakingService.refused("look", event.text(), "making.look");
        }
        for (var change : event.changes()) {
            try {
                Changes.set(planned, change.path(), change.value());
            } catch (IllegalArgumentException e) {
                throw MakingService.refused("address", change.path(), "making.address");
            }
        }
    }

    /** A look and whether it was found, such as {@code strand=yes}. */
    private static boolean isLook(String text) {
        var said = text.split("=", 2);
        return said.length == 2
                && said[1].matches("yes|no")
                && RescueFiles.look(said[0]).isPresent();
    }

    private static boolean isId(String id) {
        try {
            return UUID.fromString(id).toString().equalsIgnoreCase(id);
        } catch (IllegalArgumentException e) {
            return false;
        }
    }
}
