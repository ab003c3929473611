package com.deftchill.core.assess;

import static com.deftchill.core.Desserts.NO_GEL;
import static com.deftchill.core.Desserts.cooked;
import static com.deftchill.core.Desserts.dessert;
import static com.deftchill.core.Desserts.everything;
import static com.deftchill.core.Desserts.folded;
import static com.deftchill.core.Desserts.ganache;
import static com.deftchill.core.Desserts.heated;
import static com.deftchill.core.Desserts.jelly;
import static com.deftchill.core.Desserts.layered;
import static com.deftchill.core.Desserts.line;
import static com.deftchill.core.Desserts.mousse;
import static com.deftchill.core.Desserts.of;
import static com.deftchill.core.Desserts.part;
import static com.deftchill.core.Desserts.pressed;
import static com.deftchill.core.Desserts.soaked;
import static com.deftchill.core.Kitchens.ASSESSOR;
import static com.deftchill.core.Kitchens.STANDARD;
import static com.deftchill.core.Kitchens.assess;
import static com.deftchill.core.Kitchens.flag;
import static com.deftchill.core.Kitchens.verdict;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.Plain.Cook;
import com.deftchill.core.Plain.Crust;
import com.deftchill.core.Plain.Fold;
import com.deftchill.core.Plain.Gel;
import com.deftchill.core.Plain.Soak;
import com.deftchill.core.batch.BatchReader;
import com.deftchill.core.batch.Mixing;
import com.deftchill.core.composition.Constituent;
import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.method.Step;
import com.deftchill.core.verdict.Problem;
import com.deftchill.core.verdict.Verdict.Tone;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Desserts of several components: each right by itself, and their stack. */
class DessertTest {
    @Test
    void layersLieUponEachOtherAndFillWhatTheyMeasure() {
        var section = assess(layered()).section();
        assertThat(section.layers()).extracting(Section.Layer::kind).containsExactly("crumb", "mousse", "jelly");
        for (int i = 1; i < section.layers().size(); i++) {
            assertThat(section.layers().get(i).fromMm())
                    .isEqualTo(section.layers().get(i - 1).toMm());
        }
        double sum =
                section.layers().stream().mapToDouble(Section.Layer::volumeMl).sum();
        assertThat(sum).isCloseTo(section.fillMl(), within(1e-6 * sum));
    }

    /** Mass and composition balance through nesting. */
    @Test
    void nothingIsLostOrGainedByNesting() {
        var inner = part(ganache());
        var middle = part(of(
                "middle", "mousse", "20 °C", NO_GEL, line("@ganache", "half"), line("cream-35", "150 g", "whipped")));
        var outer = of(
                "outer",
                "mousse",
                "20 °C",
                NO_GEL,
                line("@middle", "all"),
                line("@ganache", "50 %"),
                line("milk-35", "33 g"));
        var nested = dessert("in-glass", "glass-straight", "4", inner, middle, outer);
        var flat = dessert(
                "in-glass",
                "glass-straight",
                "4",
                of(
                        "flat",
                        "mousse",
                        "20 °C",
                        NO_GEL,
                        line("dark-65", "200 g"),
                        line("cream-35", "350 g"),
                        line("milk-35", "33 g")));
        var a = Mixing.of(batch(nested).components().get(2));
        var b = Mixing.of(batch(flat).components().get(0));
        assertThat(a.massG()).isCloseTo(b.massG(), within(1e-9 * b.massG()));
        for (var constituent : Constituent.values()) {
            assertThat(a.grams(constituent))
                    .as("%s", constituent)
                    .isCloseTo(b.grams(constituent), within(1e-9 * b.massG()));
        }
        assertThat(a.ph()).isCloseTo(b.ph(), within(1e-9));
    }

    private static com.deftchill.core.batch.Batch batch(WrittenFormula formula) {
        return BatchReader.read(formula, STANDARD).batch().orElseThrow();
    }

    @Test
    void gelatinOfANestedComponentStillSets() {
        var base = part(heated(
                of(
                        "base",
                        "custard",
                        "30 °C",
                        new Gel("sheet-gold", "8 g", "weighed", "40 g"),
                        line("milk-35", "300 g")),
                "60 °C"));
        var outer = of("outer", "mousse", "22 °C", NO_GEL, line("@base", "all"), line("cream-35", "200 g", "whipped"));
        var a = assess(dessert("in-glass", "glass-straight", "4", base, outer));
        assertThat(a.components().get(1).amounts().gelatinPercent()).isCloseTo(100 * 8 / 548.0, within(1e-6));
        assertThat(a.prediction().setsAfterMinutes()).isPresent();
    }

    @Test
    void aSharedComponentIsDividedNotMultiplied() {
        var cream = part(of("cream", "whipped", "5 °C", NO_GEL, line("cream-35", "300 g", "whipped")));
        var one = of("one", "mousse", "18 °C", NO_GEL, line("pear-puree", "200 g"), line("@cream", "half", "whipped"));
        var two = of("two", "mousse", "18 °C", NO_GEL, line("apple-puree", "200 g"), line("@cream", "half", "whipped"));
        var a = assess(dessert("in-glass", "glass-straight", "4", cream, one, two));
        assertThat(a.components().get(0).usedBy()).containsExactly("one", "two");
        assertThat(a.components().get(1).amounts().airPercent()).isBetween(20.0, 40.0);
        var three = dessert(
                "in-glass",
                "glass-straight",
                "4",
                cream,
                one,
                two,
                of("three", "mousse", "18 °C", NO_GEL, line("plum-puree", "100 g"), line("@cream", "60 g", "whipped")));
        assertThat(ASSESSOR.assess(three, STANDARD).problems())
                .extracting(Problem::code)
                .containsExactly("component-used-up");
    }

    @Test
    void aComponentCannotBeMadeOfItself() {
        var a = of("a", "mousse", "20 °C", NO_GEL, line("@b", "half"));
        var b = of("b", "mousse", "20 °C", NO_GEL, line("@a", "half"));
        assertThat(ASSESSOR.assess(dessert("in-glass", "jar-200", "4", a, b), STANDARD)
                        .problems())
                .extracting(Problem::code)
                .contains("component-in-itself");
        var unknown = of("a", "mousse", "20 °C", NO_GEL, line("@nobody", "half"));
        assertThat(ASSESSOR.assess(dessert("in-glass", "jar-200", "4", unknown), STANDARD)
                        .problems())
                .extracting(Problem::code)
                .containsExactly("component-unknown");
    }

    @Test
    void foldingGivesTheVolumeOfItsParts() {
        var a = assess(dessert("in-glass", "glass-straight", "4", mousse()))
                .components()
                .get(0)
                .amounts();
        double base = (300 + 60 + 6 + 30) / density("mousse-base");
        double cream = 300
                / (STANDARD.larder()
                                .ingredient("cream-35")
                                .orElseThrow()
                                .composition()
                                .density(20)
                        / 1000);
        assertThat(a.yieldMl()).isCloseTo(base + cream * (1 + 0.75 * 0.90), within(0.004 * a.yieldMl()));
    }

    private static double density(String ignored) {
        return batch(dessert("in-glass", "glass-straight", "4", mousse()))
                        .components()
                        .get(0)
                        .base()
                        .composition()
                        .density(20)
                / 1000;
    }

    @Test
    void tooHotAndTooColdAreSaidWithTheirWindow() {
        var hot = assess(
                dessert("in-glass", "glass-straight", "4", folded(mousse(), new Fold("soft", "", "50 °C", "5 °C"))));
        var verdict = verdict(hot, "fold-hot").orElseThrow();
        assertThat(verdict.sentence()).contains("of the air is lost");
        var fixed = Changes.take(
                dessert("in-glass", "glass-straight", "4", folded(mousse(), new Fold("soft", "", "50 °C", "5 °C"))),
                verdict.fixes().get(0).changes());
        assertThat(verdict(assess(fixed), "fold-right")).isPresent();
        var cold = assess(
                dessert("in-glass", "glass-straight", "4", folded(mousse(), new Fold("soft", "", "8 °C", "5 °C"))));
        assertThat(verdict(cold, "fold-cold")).isPresent();
    }

    @Test
    void leanCreamIsRefusedWithTheBlendThatWhips() {
        var lean = of(
                "top",
                "whipped",
                "5 °C",
                NO_GEL,
                line("cream-18", "200 g", "whipped"),
                line("cream-48", "50 g", "whipped"));
        var a = assess(dessert("in-glass", "glass-straight", "4", lean));
        var refused = verdict(a, "cream-lean").orElseThrow();
        assertThat(refused.fixes().get(0).label()).contains("of 48 % cream");
        var fixed = Changes.take(
                dessert("in-glass", "glass-straight", "4", lean),
                refused.fixes().get(0).changes());
        assertThat(verdict(assess(fixed), "cream-lean")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"200, ganache-holds, GOOD", "90, ganache-careful, CAUTION", "12, chocolate-seizes, BAD"})
    void theGanacheIsJudgedByItsCream(double cream, String code, Tone tone) {
        var made = heated(
                of("ganache", "ganache", "35 °C", NO_GEL, line("dark-70", "200 g"), line("cream-35", cream + " g")),
                "85 °C");
        var found =
                verdict(assess(dessert("in-glass", "egg-cup", "4", made)), code).orElseThrow();
        assertThat(found.tone()).isEqualTo(tone);
        if (tone != Tone.GOOD) {
            var fixed = Changes.take(
                    dessert("in-glass", "egg-cup", "4", made),
                    found.fixes().get(0).changes());
            assertThat(verdict(assess(fixed), code)).isEmpty();
        }
    }

    @Test
    void rawKiwiAboveAJellyStillEatsIt() {
        var fruit = of("fruit", "pieces", "", NO_GEL, line("kiwi-slices", "80 g"));
        var formula = dessert("in-glass", "glass-straight", "4", jelly(), fruit);
        var eaten = verdict(assess(formula), "enzyme-contact").orElseThrow();
        assertThat(eaten.tone()).isEqualTo(Tone.BAD);
        for (var fix : eaten.fixes()) {
            var after = assess(Changes.take(formula, fix.changes()));
            if (fix.label().contains("Heat")) {
                assertThat(verdict(after, "enzyme-contact")).isEmpty();
            }
        }
    }

    @Test
    void soakIsDryRightOrWet() {
        for (var row : new String[][] {{"1 s", "soak-dry"}, {"8 s", "soak-right"}}) {
            var sponge = soaked(
                    of("sponge", "soaked", "", NO_GEL, line("sponge", "100 g"), line("barley-tea", "80 g", "soak")),
                    new Soak(row[0], ""));
            assertThat(verdict(assess(dessert("in-glass", "glass-straight", "4", sponge, mousse())), row[1]))
                    .as(row[0])
                    .isPresent();
        }
        var wet = soaked(
                of(
                        "fingers",
                        "soaked",
                        "",
                        NO_GEL,
                        line("finger-biscuits", "100 g"),
                        line("barley-tea", "150 g", "soak")),
                new Soak("drenched", ""));
        assertThat(verdict(assess(dessert("in-glass", "glass-straight", "4", wet, mousse())), "soak-wet"))
                .isPresent();
    }

    @Test
    void theCrumbBaseKnowsItsTin() {
        var thin = pressed(
                of("crumb", "crumb", "", NO_GEL, line("crumb-biscuits", "60 g"), line("brown-butter", "30 g")),
                new Crust("6 mm", "", ""));
        var formula = dessert("sliced", "spring-tin-180", "1", thin, mousse());
        var off = verdict(assess(formula), "base-thickness-off").orElseThrow();
        assertThat(verdict(assess(Changes.take(formula, off.fixes().get(0).changes())), "base-thickness"))
                .isPresent();
        var dry = of("crumb", "crumb", "", NO_GEL, line("crumb-biscuits", "160 g"), line("brown-butter", "20 g"));
        assertThat(verdict(assess(dessert("sliced", "spring-tin-180", "1", dry, mousse())), "crumb-dry"))
                .isPresent();
    }

    @Test
    void whatBoilsAwayIsGone() {
        var compote = cooked(
                of("compote", "compote", "20 °C", NO_GEL, line("blackcurrants", "300 g"), line("sugar", "60 g")),
                new Cook("", "", "100 g", ""));
        var amounts = assess(dessert("in-glass", "jar-200", "3", compote, mousse()))
                .components()
                .get(0)
                .amounts();
        assertThat(amounts.totalG()).isCloseTo(260, within(1e-9));
        var toomuch = cooked(compote, new Cook("", "", "300 g", ""));
        assertThat(ASSESSOR.assess(dessert("in-glass", "jar-200", "3", toomuch), STANDARD)
                        .problems())
                .extracting(Problem::code)
                .containsExactly("boiled-away-too-much");
    }

    @Test
    void everyKindAtOnceIsAnsweredWithSteps() {
        var a = assess(everything());
        assertThat(a.components()).hasSize(14);
        assertThat(a.toString()).doesNotContain("NaN");
        assertThat(a.method()).extracting(Step::id).doesNotHaveDuplicates();
        var ids = a.method().stream().map(Step::id).toList();
        for (var step : a.method()) {
            for (var after : step.after()) {
                assertThat(ids.indexOf(after.step()))
                        .as("%s after %s", step.id(), after.step())
                        .isBetween(0, ids.indexOf(step.id()) - 1);
                assertThat(after.mostMinutes().orElse(after.leastMinutes()))
                        .isGreaterThanOrEqualTo(after.leastMinutes());
            }
        }
        assertThat(flag(a, "allergens")).contains("Milk").contains("Egg");
    }

    @Test
    void nutritionAddsUp() {
        var n = assess(layered()).nutrition();
        double kj = 37 * n.per100g().fat()
                + 17 * (n.per100g().carbohydrate() + n.per100g().protein())
                + 29 * n.per100g().alcohol();
        assertThat(n.per100g().kj()).isCloseTo(kj, within(1e-9));
        assertThat(n.perPortion().kj() / n.perPortion().grams())
                .isCloseTo(n.per100g().kj() / 100, within(1e-9));
    }
}
