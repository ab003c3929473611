package com.deftchill.core.assess;

import static com.deftchill.core.Desserts.NO_GEL;
import static com.deftchill.core.Desserts.crumb;
import static com.deftchill.core.Desserts.dessert;
import static com.deftchill.core.Desserts.everything;
import static com.deftchill.core.Desserts.jelly;
import static com.deftchill.core.Desserts.line;
import static com.deftchill.core.Desserts.mousse;
import static com.deftchill.core.Desserts.of;
import static com.deftchill.core.Desserts.part;
import static com.deftchill.core.Kitchens.assess;
import static com.deftchill.core.Kitchens.flag;
import static com.deftchill.core.Kitchens.verdict;
import static com.deftchill.core.Kitchens.workplace;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.formula.Changes;
import com.deftchill.core.kitchen.WrittenKitchen;
import org.junit.jupiter.api.Test;

/** What must be known of a dessert of several components before it is served. */
class DessertFlagsTest {
    private static WrittenKitchen priced(String prices) {
        var s = WrittenKitchen.standard();
        return new WrittenKitchen(
                s.name(),
                s.measures(),
                s.temperature(),
                s.swapSchool(),
                s.bloomSchool(),
                s.straining(),
                s.safetyRules(),
                s.allergenList(),
                s.scale(),
                s.fineScale(),
                s.fineBelow(),
                s.room(),
                "€",
                prices,
                s.zone());
    }

    @Test
    void aPortionCostsWhatItsIngredientsCost() {
        var formula = dessert("in-glass", "glass-straight", "4", mousse());
        // 300 g at 10, 60 g at 1, 300 g at 5, 6 g at 40: 3.00 + 0.06 + 1.50 + 0.24 = 4.80 for four
        var all = priced("pear-puree = 10\nsugar = 1\ncream-35 = 5\nsheet-gold = 40");
        assertThat(flag(assess(formula, workplace(all)), "cost")).isEqualTo("1.2 € 0");
        var some = priced("pear-puree = 10");
        assertThat(flag(assess(formula, workplace(some)), "cost")).isEqualTo("0.75 € 3");
        assertThat(flag(assess(formula), "cost")).isEmpty();
    }

    @Test
    void aSharedComponentIsPaidOnce() {
        var cream = part(of("cream", "whipped", "5 °C", NO_GEL, line("cream-35", "400 g", "whipped")));
        var one = of("one", "mousse", "18 °C", NO_GEL, line("pear-puree", "200 g"), line("@cream", "half", "whipped"));
        var two = of("two", "mousse", "18 °C", NO_GEL, line("apple-puree", "200 g"), line("@cream", "half", "whipped"));
        var a = assess(dessert("in-glass", "glass-straight", "4", cream, one, two), workplace(priced("cream-35 = 5")));
        assertThat(flag(a, "cost")).startsWith("0.5 €");
    }

    @Test
    void theShortestLifeCounts() {
        var top = of("top", "whipped", "5 °C", NO_GEL, line("cream-35", "200 g", "whipped"));
        assertThat(flag(assess(dessert("in-glass", "glass-straight", "4", mousse(), jelly())), "keeps"))
                .isEqualTo("days 3");
        assertThat(flag(assess(dessert("in-glass", "glass-straight", "4", jelly(), top)), "keeps"))
                .isEqualTo("hours 12");
        var shell = of("shell", "shell", "", NO_GEL, line("shell-sweet", "300 g"));
        assertThat(flag(assess(dessert("sliced", "fluted-tin-230", "1", shell, mousse())), "keeps"))
                .isEqualTo("days 2");
        var fruit = of("fruit", "pieces", "", NO_GEL, line("raspberries", "80 g"));
        assertThat(flag(assess(dessert("in-glass", "glass-straight", "4", mousse(), fruit)), "keeps"))
                .isEqualTo("days 2");
        var garnish = of("fruit", "garnish", "", NO_GEL, line("raspberries", "80 g"));
        assertThat(flag(assess(dessert("in-glass", "glass-straight", "4", mousse(), garnish)), "keeps"))
                .isEqualTo("days 3");
    }

    @Test
    void rawEggAnywhereIsSaidAndMended() {
        var whites = of(
                "whites", "mousse", "18 °C", NO_GEL, line("pear-puree", "200 g"), line("egg-white", "66 g", "whipped"));
        var formula = dessert("in-glass", "glass-straight", "4", mousse(), whites);
        var raw = verdict(assess(formula), "raw-egg").orElseThrow();
        assertThat(raw.path()).isEqualTo("/components/1/lines");
        assertThat(flag(assess(formula), "keeps")).isEqualTo("hours 24");
        for (var fix : raw.fixes()) {
            assertThat(verdict(assess(Changes.take(formula, fix.changes())), "raw-egg"))
                    .as(fix.label())
                    .isEmpty();
        }
    }

    @Test
    void allergensOfEveryComponentAreDeclared() {
        var words = flag(assess(dessert("sliced", "spring-tin-180", "1", crumb(), mousse())), "allergens");
        assertThat(words).contains("Milk").contains("Gluten (wheat)");
        assertThat(flag(assess(everything()), "allergens")).contains("Tree nuts");
        assertThat(flag(assess(everything()), "alcohol")).isNotEmpty();
    }

    @Test
    void fatAloneIsNineKilocaloriesAGram() {
        var butter = of("fat", "mousse", "18 °C", NO_GEL, line("cocoa-butter", "200 g"));
        var n = assess(dessert("in-glass", "jar-200", "1", butter)).nutrition();
        assertThat(n.per100g().kcal()).isCloseTo(900, within(1e-6));
        assertThat(n.per100g().kj()).isCloseTo(3700, within(1e-6));
        assertThat(n.perPortion().fat()).isCloseTo(200, within(1e-6));
        assertThat(flag(assess(dessert("in-glass", "jar-200", "1", butter)), "nutrition"))
                .startsWith("7400 ");
    }
}
