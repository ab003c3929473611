package com.deftchill.core.assess;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.core.Formulas;
import com.deftchill.core.Kitchens;
import com.deftchill.core.alternative.Lineage;
import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import java.util.List;
import org.junit.jupiter.api.Test;

class LineageTest {
    private static WrittenFormula with(WrittenFormula f, String address, String text) {
        return Changes.set(f, address, text);
    }

    @Test
    void whoeverGoesBackBeginsABranch() {
        var first = Formulas.pear();
        var firmer = with(first, "/components/0/gels/0/amount", "18 g");
        var sweeter = with(firmer, "/components/0/lines/3/amount", "130 g");
        var again = with(first, "/components/0/lines/0/amount", "650 g");
        var lines = Lineage.of(List.of(first, firmer, sweeter, again), Kitchens.STANDARD);
        assertThat(lines.get(0).parent()).isEmpty();
        assertThat(lines.get(1).parent()).hasValue(0);
        assertThat(lines.get(2).parent()).hasValue(1);
        assertThat(lines.get(3).parent()).hasValue(0);
        assertThat(lines.subList(1, 4))
                .allSatisfy(line -> assertThat(line.changes()).hasSize(1));
    }

    @Test
    void threeThingsChangedAtOnceAreThree() {
        var first = Formulas.pear();
        var other =
                with(with(with(first, "/components/0/gels/0/amount", "18 g"), "/moulds/count", "10"), "/wanted", "60");
        assertThat(Lineage.of(List.of(first, other), Kitchens.STANDARD).get(1).changes())
                .hasSize(3);
        assertThat(Lineage.of(List.of(first, first), Kitchens.STANDARD).get(1).changes())
                .isEmpty();
    }
}
