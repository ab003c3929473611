package com.deftchill.server.plan;

import com.deftchill.core.plan.Schedule;
import com.deftchill.core.plan.WrittenPlan;
import com.deftchill.core.plan.WrittenPlan.PlannedDish;
import com.deftchill.server.formula.FormulaEntity;
import com.deftchill.server.formula.FormulaService;
import com.deftchill.server.problem.NotFoundException;
import com.deftchill.server.problem.StaleVersionException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Plans in store. Each dish keeps its formula as it was when it was taken in. */
@Service
public class PlanService {
    private final PlanRepository plans;
    private final FormulaService formulas;
    private final Clock clock;

    PlanService(PlanRepository plans, FormulaService formulas, Clock clock) {
        this.plans = plans;
        this.formulas = formulas;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    Page<PlanEntity> list(int page, int size) {
        return plans.findAllByOrderByUpdatedAtDesc(PageRequest.of(page, size));
    }

    @Transactional(readOnly = true)
    PlanEntity get(UUID id) {
        return plans.findById(id).orElseThrow(() -> new NotFoundException("Plan", id));
    }

    /** Sent twice with the same id of the write, it is stored once. */
    @Transactional
    public PlanEntity create(UUID writeId, WrittenPlan document, Schedule schedule) {
        if (writeId != null) {
            var there = plans.findByWriteId(writeId);
            if (there.isPresent()) {
                return there.get();
            }
        }
        return plans.saveAndFlush(
                new PlanEntity(UUID.randomUUID(), writeId, whole(document), schedule, clock.instant()));
    }

    @Transactional
    PlanEntity save(UUID id, long version, WrittenPlan document, Schedule schedule) {
        var plan = forChange(id, version);
        plan.write(whole(document), schedule, clock.instant());
        return plans.saveAndFlush(plan);
    }

    @Transactional
    void delete(UUID id, long version) {
        plans.delete(forChange(id, version));
    }

    private PlanEntity forChange(UUID id, long version) {
        var plan = get(id);
        if (plan.getVersion() != version) {
            throw new StaleVersionException(plan.getVersion());
        }
        return plan;
    }

    /** With the formulas of dishes that have none yet, as they are now. */
    @Transactional(readOnly = true)
    WrittenPlan whole(WrittenPlan plan) {
        var dishes = new ArrayList<PlannedDish>();
        for (var dish : plan.dishes()) {
            if (dish.document() != null) {
                dishes.add(dish);
                continue;
            }
            var formula = known(dish.formula()).orElseThrow(() -> new NotFoundException("Formula", dish.formula()));
            dishes.add(dish.withDocument(formula.getVersion(), formula.getDocument()));
        }
        return plan.withDishes(dishes);
    }

    /** Dishes whose formula is another one by now: by ids. */
    @Transactional(readOnly = true)
    List<String> changed(WrittenPlan plan) {
        return plan.dishes().stream()
                .filter(dish -> known(dish.formula())
                        .filter(now -> now.getVersion() != dish.version()
                                && !now.getDocument().equals(dish.document()))
                        .isPresent())
                .map(PlannedDish::id)
                .toList();
    }

    /** Empty where it was deleted since, or the id is none: looked for, since an exception would undo the whole transaction. */
    private Optional<FormulaEntity> known(String formula) {
        UUID id;
        try {
            id = UUID.fromString(formula);
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
        return formulas.find(id);
    }
}
