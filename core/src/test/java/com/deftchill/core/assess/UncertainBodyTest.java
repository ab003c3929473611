package com.deftchill.core.assess;

import static com.deftchill.core.Desserts.NO_GEL;
import static com.deftchill.core.Desserts.dessert;
import static com.deftchill.core.Desserts.heated;
import static com.deftchill.core.Desserts.line;
import static com.deftchill.core.Desserts.of;
import static com.deftchill.core.Kitchens.ASSESSOR;
import static com.deftchill.core.Kitchens.STANDARD;
import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.core.Formulas;
import com.deftchill.core.cold.Chilling;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.timing.Uncertainty;
import org.junit.jupiter.api.Test;

/** What is least sure about fat, curd and starch, how fast they set and how firm, is in how early and how late it may be ready. */
class UncertainBodyTest {
    private static final String FAT = "How fast fat sets, and how firm";

    private static final String REST = "What curd, starch, egg and whipped cream bear";

    private static Uncertainty uncertain(WrittenFormula formula) {
        return new Chilling(ASSESSOR).uncertainty(formula, STANDARD).value().orElseThrow();
    }

    @Test
    void fatBoundsTheTimeOfAGanache() {
        var ganache = heated(
                of("ganache", "ganache", "35 °C", NO_GEL, line("dark-70", "160 g"), line("cream-35", "210 g")),
                "80 °C");
        var uncertain = uncertain(dessert("in-glass", "egg-cup", "8", ganache));
        var sets = uncertain.ranges().stream()
                .filter(range -> range.code().equals("sets"))
                .findFirst()
                .orElseThrow();
        double likely = sets.likelyMinutes().orElseThrow();
        assertThat(sets.earliestMinutes().orElseThrow()).isLessThan(0.85 * likely);
        assertThat(sets.latestMinutes().orElseThrow()).isGreaterThan(1.2 * likely);
        var influence = uncertain.influences().stream()
                .filter(i -> i.input().equals(FAT))
                .findFirst()
                .orElseThrow();
        assertThat(influence.soonerMinutes()).isPositive();
        assertThat(influence.laterMinutes()).isPositive();
    }

    @Test
    void aGelIsNotAskedAboutFat() {
        assertThat(uncertain(Formulas.pear()).influences())
                .noneMatch(i -> i.input().equals(FAT) || i.input().equals(REST));
    }

    @Test
    void curdBoundsTheTimeOfACheesecake() {
        var filling = of(
                "filling",
                "mousse",
                "20 °C",
                NO_GEL,
                line("cream-cheese", "500 g"),
                line("sugar", "120 g"),
                line("cream-35", "120 g"));
        var uncertain = uncertain(dessert("from-dish", "spring-tin-180", "1", filling));
        var influence = uncertain.influences().stream()
                .filter(i -> i.input().equals(REST))
                .findFirst()
                .orElseThrow();
        assertThat(influence.laterMinutes()).isPositive();
        var sets = uncertain.ranges().stream()
                .filter(range -> range.code().equals("sets"))
                .findFirst()
                .orElseThrow();
        assertThat(sets.latestMinutes().orElse(Double.POSITIVE_INFINITY))
                .isGreaterThanOrEqualTo(sets.likelyMinutes().orElseThrow() + influence.laterMinutes());
    }
}
