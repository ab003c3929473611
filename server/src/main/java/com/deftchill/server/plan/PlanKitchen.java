package com.deftchill.server.plan;

import com.deftchill.core.alternative.Alternatives;
import com.deftchill.core.alternative.ScaleWish;
import com.deftchill.core.assess.Assessor;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.plan.PlanReader;
import com.deftchill.core.plan.WrittenPlan.PlannedDish;
import com.deftchill.core.verdict.Answer;
import com.deftchill.server.workplace.Fingerprints;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Makes the desserts of plans. The last ones are kept: a plan is asked for again after every touch. */
@Component
class PlanKitchen {
    private static final int KEPT = 120;

    private record Key(WrittenFormula document, Optional<Integer> moulds, String rules) {}

    private final Fingerprints fingerprints;
    private final Map<Key, Answer<Dessert>> kept = Collections.synchronizedMap(new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Key, Answer<Dessert>> eldest) {
            return size() > KEPT;
        }
    });

    PlanKitchen(Fingerprints fingerprints) {
        this.fingerprints = fingerprints;
    }

    PlanReader.Kitchen with(Assessor assessor, Workplace workplace) {
        var rules = fingerprints.rules();
        return (dish, moulds) -> {
            var key = new Key(dish.document(), moulds, rules);
            var there = kept.get(key);
            if (there != null) {
                return there;
            }
            var made = make(assessor, workplace, dish, moulds);
            kept.put(key, made);
            return made;
        };
    }

    /** Scaled where another count is wanted than the formula has. */
    private static Answer<Dessert> make(
            Assessor assessor, Workplace workplace, PlannedDish dish, Optional<Integer> moulds) {
        var lasting = assessor.lasting();
        var asWritten = lasting.study(dish.document(), workplace);
        int written = asWritten.value().map(d -> d.batch().count()).orElse(0);
        if (asWritten.value().isEmpty() || moulds.isEmpty() || moulds.get() == written) {
            return asWritten;
        }
        var wish = new ScaleWish("", String.valueOf(moulds.get()), "", "");
        return new Alternatives(assessor)
                .scale(dish.document(), wish, workplace)
                .flatMap(scaled -> lasting.study(scaled.document(), workplace));
    }
}
