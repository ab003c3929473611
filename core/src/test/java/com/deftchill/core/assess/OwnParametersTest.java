package com.deftchill.core.assess;

import static com.deftchill.core.Desserts.dessert;
import static com.deftchill.core.Desserts.folded;
import static com.deftchill.core.Kitchens.ASSESSOR;
import static com.deftchill.core.Kitchens.STANDARD;
import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.core.Desserts;
import com.deftchill.core.Plain.Fold;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.sums.Sums;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** A kitchen whose gelatin sets earlier than the handbook's: everything said about it goes by its own constants. */
class OwnParametersTest {
    /** Sets 3 K below its melting point instead of 5. */
    private static final Workplace SETS_EARLY = workplace("foam.flowsGel", 7);

    private static final Workplace FIRMER = workplace("gel.scale", 150);

    private static Workplace workplace(String parameter, double value) {
        return new Workplace(
                STANDARD.larder(), STANDARD.kitchen(), STANDARD.parameters().with(parameter, value));
    }

    private static Assessment assess(WrittenFormula formula, Workplace workplace) {
        return ASSESSOR.assess(formula, workplace).value().orElseThrow();
    }

    private static String evidence(Assessment assessment, String code) {
        return assessment.verdicts().stream()
                .filter(v -> v.code().startsWith(code))
                .map(v -> v.sentence() + v.evidence().inputs())
                .findFirst()
                .orElseThrow();
    }

    private static double poured(WrittenFormula formula, Workplace workplace) {
        return ASSESSOR.study(formula, workplace)
                .value()
                .orElseThrow()
                .portraits()
                .get(0)
                .component()
                .pourC();
    }

    /** A mousse folded at a temperature that is not written, poured as it comes. */
    private static WrittenFormula mousse() {
        var poured = Desserts.pouredAt(Desserts.mousse(), "");
        return dessert("in-glass", "ramekin", "6", folded(poured, new Fold("soft", "", "", "5 °C")));
    }

    @Test
    void theFoldWindowAndThePourGoByTheKitchensOwnSet() {
        var mousse = mousse();
        assertThat(evidence(assess(mousse, SETS_EARLY), "fold"))
                .isNotEqualTo(evidence(assess(mousse, STANDARD), "fold"));
        assertThat(poured(mousse, SETS_EARLY)).isGreaterThan(poured(mousse, STANDARD));
    }

    @Test
    void theMethodGoesByTheKitchensOwnSet() {
        var mousse = mousse();
        assertThat(assess(mousse, SETS_EARLY).method().toString())
                .isNotEqualTo(assess(mousse, STANDARD).method().toString());
    }

    @Test
    void aSumGoesByTheKitchensOwnSet() {
        assertThat(Sums.answer("swap", Map.of(), FIRMER)).isPresent();
        assertThat(Sums.answer("swap", Map.of(), FIRMER).orElseThrow().answer())
                .isNotEqualTo(
                        Sums.answer("swap", Map.of(), STANDARD).orElseThrow().answer());
    }
}
