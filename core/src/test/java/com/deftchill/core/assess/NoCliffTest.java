package com.deftchill.core.assess;

import static com.deftchill.core.Desserts.dessert;
import static com.deftchill.core.Kitchens.ASSESSOR;
import static com.deftchill.core.Kitchens.STANDARD;
import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.core.Desserts;
import com.deftchill.core.body.Nature;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.formula.Changes;
import java.util.EnumSet;
import org.junit.jupiter.api.Test;

/**
 * A tenth of a gram of gelatin more, a thirtieth of the dose, changes how high a mousse stands by little, also where it becomes a gel by
 * it: a gel's own height changes by up to 0.7 mm there.
 */
class NoCliffTest {
    private static final double MOST_MM = 0.9;

    private static Dessert mousse(double grams) {
        var formula = Changes.set(
                dessert("turned-out", "dariole", "6", Desserts.mousse()),
                "/components/0/gels/0/amount",
                "%.1f g".formatted(grams));
        return ASSESSOR.study(formula, STANDARD).value().orElseThrow();
    }

    @Test
    void standingHeightFollowsGelatinSmoothly() {
        var natures = EnumSet.noneOf(Nature.class);
        double before = Double.NaN;
        for (int tenth = 10; tenth <= 100; tenth++) {
            var now = mousse(tenth / 10.0);
            natures.add(now.studies().get(0).nature());
            if (tenth > 10) {
                assertThat(Math.abs(now.standingMm() - before))
                        .as("from %.1f to %.1f g", (tenth - 1) / 10.0, tenth / 10.0)
                        .isLessThan(MOST_MM);
            }
            before = now.standingMm();
        }
        assertThat(natures).hasSizeGreaterThan(1);
    }
}
