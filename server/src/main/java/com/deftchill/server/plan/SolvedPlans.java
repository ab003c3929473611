package com.deftchill.server.plan;

import com.deftchill.core.alternative.Alternatives;
import com.deftchill.core.alternative.ScaleWish;
import com.deftchill.core.assess.Assessor;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.plan.Day;
import com.deftchill.core.plan.Dish;
import com.deftchill.core.plan.PlanReader;
import com.deftchill.core.plan.Planning;
import com.deftchill.core.plan.Schedule;
import com.deftchill.core.plan.Task;
import com.deftchill.server.problem.NotFoundException;
import com.deftchill.server.problem.NotUnderstoodException;
import com.deftchill.server.workplace.Asked;
import com.deftchill.server.workplace.Computing;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Plans with their schedules, for files and papers. */
@Component
public class SolvedPlans {
    private final PlanService plans;
    private final PlanKitchen kitchen;
    private final PlanFiles files;
    private final Computing computing;

    SolvedPlans(PlanService plans, PlanKitchen kitchen, PlanFiles files, Computing computing) {
        this.plans = plans;
        this.kitchen = kitchen;
        this.files = files;
        this.computing = computing;
    }

    /**
     * A plan that has a schedule.
     *
     * @param scaled the formula of each dish, by the dish's id, for as many as the plan wants
     */
    public record Solved(
            String name,
            Day day,
            Schedule schedule,
            Map<String, WrittenFormula> scaled,
            String calendar,
            String table) {
        /** In the order in which they begin. */
        public List<Task> inOrder() {
            return PlanFiles.inOrder(day, schedule);
        }

        /** Who does it; empty where nobody is needed. */
        public String role(Task task) {
            return PlanFiles.role(day, schedule.of(task.id()).hand());
        }

        public String needs(Task task) {
            return PlanFiles.needs(task);
        }

        /** When a dish goes into the cold for longest, minutes since 1970: it is made then. */
        public long made(Dish dish) {
            return day.tasks().stream()
                    .filter(task -> task.dish().equals(dish.id()) && !task.hands())
                    .map(task -> schedule.of(task.id()))
                    .max(Comparator.comparingLong(slot -> slot.minutes()))
                    .map(slot -> slot.start())
                    .orElse(dish.due());
        }
    }

    /** @throws NotFoundException where it has no schedule yet */
    public Solved of(UUID id, Asked asked) {
        var plan = plans.get(id);
        return computing
                .<Optional<Solved>>light(asked, (assessor, workplace) -> {
                    var answer = PlanReader.read(
                            plan.getDocument(), workplace, kitchen.with(assessor, workplace), OptionalLong.empty());
                    var read = answer.value().orElseThrow(() -> new NotUnderstoodException(answer.problems()));
                    var planned = Planning.asItIs(read, Optional.ofNullable(plan.getSchedule()));
                    return planned.solution()
                            .schedule()
                            .map(schedule -> solved(plan, planned.day(), schedule, assessor, workplace));
                })
                .orElseThrow(() -> new NotFoundException("A schedule of plan", id));
    }

    private Solved solved(PlanEntity plan, Day day, Schedule schedule, Assessor assessor, Workplace workplace) {
        var scale = workplace.kitchen().temperature();
        var calendar = files.calendar(
                plan.getId().toString(), plan.getVersion(), plan.getUpdatedAt(), plan.getName(), day, schedule, scale);
        var scaled = new LinkedHashMap<String, WrittenFormula>();
        for (var dish : plan.getDocument().dishes()) {
            scaled.put(dish.id(), scaled(dish.document(), day.dish(dish.id()).count(), assessor, workplace));
        }
        return new Solved(plan.getName(), day, schedule, scaled, calendar, files.table(day, schedule, scale));
    }

    private static WrittenFormula scaled(WrittenFormula document, int count, Assessor assessor, Workplace workplace) {
        if (document.moulds().count().equals(String.valueOf(count))) {
            return document;
        }
        return new Alternatives(assessor)
                .scale(document, new ScaleWish("", String.valueOf(count), "", ""), workplace)
                .value()
                .map(scaled -> scaled.document())
                .orElse(document);
    }
}
