package com.deftchill.core.plan;

import java.util.List;

/**
 * A plan as understood.
 *
 * @param day what is to be planned
 * @param dishes each with its dessert
 */
public record ReadPlan(Day day, List<MadeDish> dishes) {
    public ReadPlan {
        dishes = List.copyOf(dishes);
    }

    public MadeDish dish(String id) {
        return dishes.stream()
                .filter(made -> made.dish().id().equals(id))
                .findFirst()
                .orElseThrow();
    }
}
