package com.deftchill.server.making;

import com.deftchill.core.assess.Assessment;
import com.deftchill.core.assess.Assessor;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.making.Consequence;
import com.deftchill.core.making.Making;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Optional;
import org.springframework.stereotype.Component;

/**
 * What was computed a moment ago of a formula, for the many devices that look at one batch: the same question has the same
 * answer, so nothing is lost with it, and another copy computes it for itself.
 */
@Component
class KnownAnswers {
    private static final int MOST = 48;

    private record Question(WrittenFormula formula, Workplace workplace) {}

    private record Made(WrittenFormula planned, WrittenFormula made, Workplace workplace) {}

    private final Cache<Question, Optional<Dessert>> desserts =
            Caffeine.newBuilder().maximumSize(MOST).build();
    private final Cache<Question, Optional<Assessment>> planned =
            Caffeine.newBuilder().maximumSize(MOST).build();
    private final Cache<Made, Consequence> consequences =
            Caffeine.newBuilder().maximumSize(MOST).build();

    Optional<Dessert> dessert(WrittenFormula formula, Assessor assessor, Workplace workplace) {
        return desserts.get(
                new Question(formula, workplace),
                of -> assessor.lasting().study(formula, workplace).value());
    }

    Consequence consequence(Making making, Assessor assessor, Workplace workplace) {
        return consequences.get(
                new Made(making.planned(), making.made(), workplace),
                of -> Consequence.of(making, assessor, workplace, formula -> planned(formula, assessor, workplace)));
    }

    private Optional<Assessment> planned(WrittenFormula formula, Assessor assessor, Workplace workplace) {
        return planned.get(
                new Question(formula, workplace),
                of -> assessor.assess(formula, workplace).value());
    }
}
