package com.deftchill.core.assess;

import static com.deftchill.core.Desserts.NO_GEL;
import static com.deftchill.core.Desserts.crumb;
import static com.deftchill.core.Desserts.dessert;
import static com.deftchill.core.Desserts.jelly;
import static com.deftchill.core.Desserts.layered;
import static com.deftchill.core.Desserts.line;
import static com.deftchill.core.Desserts.mousse;
import static com.deftchill.core.Desserts.of;
import static com.deftchill.core.Desserts.soaked;
import static com.deftchill.core.Desserts.withSteps;
import static com.deftchill.core.Formulas.withLoss;
import static com.deftchill.core.Kitchens.ASSESSOR;
import static com.deftchill.core.Kitchens.STANDARD;
import static com.deftchill.core.Kitchens.assess;
import static com.deftchill.core.Kitchens.flag;
import static com.deftchill.core.Kitchens.verdict;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.Kitchens;
import com.deftchill.core.Plain.Soak;
import com.deftchill.core.alternative.Alternatives;
import com.deftchill.core.alternative.ScaleWish;
import com.deftchill.core.alternative.Variant;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.formula.WrittenFormula.Work;
import com.deftchill.core.kitchen.WrittenKitchen;
import com.deftchill.core.method.Step;
import com.deftchill.core.text.Message;
import com.deftchill.core.verdict.Problem;
import org.junit.jupiter.api.Test;

/** What is done with a dessert of several components: scaled, reworded, moved, varied. */
class DessertWorkTest {
    @Test
    void scalingThereAndBackIsTheSameFormula() {
        var formula = layered();
        var bigger = scale(formula, new ScaleWish("spring-tin-230", "2", "", ""));
        var back = scale(bigger, new ScaleWish("spring-tin-180", "1", "", ""));
        for (int c = 0; c < 3; c++) {
            double was = assess(formula).components().get(c).amounts().totalG();
            double is = assess(back).components().get(c).amounts().totalG();
            assertThat(is).as(formula.components().get(c).name()).isCloseTo(was, within(0.015 * was + 1));
        }
        var base = assess(bigger).section().layers().get(0);
        assertThat(base.toMm())
                .as("a base keeps its thickness")
                .isCloseTo(assess(formula).section().layers().get(0).toMm(), within(0.2));
    }

    private static WrittenFormula scale(WrittenFormula formula, ScaleWish wish) {
        var outcome = new Alternatives(ASSESSOR).scale(formula, wish, STANDARD);
        return outcome.value()
                .orElseThrow(() -> new AssertionError(outcome.problems()))
                .document();
    }

    @Test
    void theCooksOwnWordsStayInTheMethod() {
        var worded = withSteps(
                crumb(),
                Work.of("press").with("text", "Press with the small ladle."),
                Work.of("own").with("follows", "press").with("text", "Rest it.").with("minutes", "5 min"));
        var steps = assess(dessert("sliced", "spring-tin-180", "1", worded, mousse()))
                .method();
        assertThat(steps).anySatisfy(s -> {
            assertThat(s.text()).isEqualTo(Message.own("Press with the small ladle."));
            assertThat(s.own()).isTrue();
        });
        var ids = steps.stream().map(Step::id).toList();
        assertThat(ids.get(ids.indexOf("0.press") + 1)).startsWith("0.own-");
    }

    @Test
    void aFineScaleBringsEveryAmountBack() {
        var s = WrittenKitchen.standard();
        var fine = Kitchens.workplace(new WrittenKitchen(
                s.name(),
                s.measures(),
                s.temperature(),
                s.swapSchool(),
                s.bloomSchool(),
                s.straining(),
                s.safetyRules(),
                s.allergenList(),
                "0.01 g",
                "0.001 g",
                "5000 g",
                s.room(),
                s.currency(),
                s.prices(),
                s.zone()));
        var there = new Alternatives(ASSESSOR)
                .scale(layered(), new ScaleWish("spring-tin-230", "3", "", ""), fine)
                .value()
                .orElseThrow();
        var back = new Alternatives(ASSESSOR)
                .scale(there.document(), new ScaleWish("spring-tin-180", "1", "", ""), fine)
                .value()
                .orElseThrow();
        var was = there.lines();
        for (int i = 0; i < was.size(); i++) {
            double is = back.lines().get(i).weighedG();
            assertThat(is)
                    .as(was.get(i).name())
                    .isCloseTo(was.get(i).nowG(), within(0.005 * was.get(i).nowG() + 0.01));
        }
    }

    @Test
    void aStepIsMovedOnlyAsFarAsTheRulesAllow() {
        var plain = mousse();
        var moved = withSteps(plain, Work.of("whip").with("before", "heat"));
        var ids = assess(dessert("in-glass", "glass-straight", "4", moved)).method().stream()
                .map(Step::id)
                .toList();
        assertThat(ids.indexOf("0.whip")).isLessThan(ids.indexOf("0.heat"));
        var refused = withSteps(plain, Work.of("fold").with("before", "heat"));
        assertThat(assess(dessert("in-glass", "glass-straight", "4", refused)).method().stream()
                        .map(Step::id)
                        .toList())
                .isEqualTo(assess(dessert("in-glass", "glass-straight", "4", plain)).method().stream()
                        .map(Step::id)
                        .toList());
    }

    @Test
    void lossesAddUpAndAreNamedByTheCook() {
        var one = layered();
        var lossy = withLoss(one, "2 % bowl + 1 % piping bag + 1 % tasting");
        double all = assess(one).section().fillMl();
        assertThat(assess(lossy).section().fillMl()).isCloseTo(0.96 * all, within(1e-6 * all));
        var wrong = withLoss(one, "2 % + a bit");
        assertThat(ASSESSOR.assess(wrong, STANDARD).problems())
                .extracting(Problem::code)
                .containsExactly("loss-unreadable");
    }

    @Test
    void alcoholOfASoakSeepsIntoTheJellyAboveIt() {
        var soak = soaked(
                of("sponge", "soaked", "", NO_GEL, line("sponge", "100 g"), line("rum", "75 g", "soak")),
                new Soak("8 s", ""));
        assertThat(verdict(assess(dessert("in-glass", "glass-straight", "4", soak, jelly())), "seeps"))
                .hasValueSatisfying(v -> assertThat(v.sentence()).contains("alcohol"));
        assertThat(verdict(assess(layered()), "seeps")).isEmpty();
    }

    @Test
    void variantsAreComputedAndSayWhatIsNotTheSame() {
        var variants =
                new Alternatives(ASSESSOR).variants(layered(), STANDARD).value().orElseThrow();
        assertThat(variants).extracting(Variant::id).containsExactly("vegetarian-carrageenan-iota", "vegetarian-agar");
        for (var variant : variants) {
            assertThat(flag(assess(variant.document()), "vegetarian")).startsWith("vegetarian");
            assertThat(variant.comparison().changes()).isNotEmpty();
        }
    }
}
