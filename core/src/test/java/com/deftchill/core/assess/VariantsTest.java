package com.deftchill.core.assess;

import static com.deftchill.core.Desserts.NO_GEL;
import static com.deftchill.core.Desserts.dessert;
import static com.deftchill.core.Desserts.folded;
import static com.deftchill.core.Desserts.ganache;
import static com.deftchill.core.Desserts.heated;
import static com.deftchill.core.Desserts.jelly;
import static com.deftchill.core.Desserts.line;
import static com.deftchill.core.Desserts.mousse;
import static com.deftchill.core.Desserts.of;
import static com.deftchill.core.Desserts.part;
import static com.deftchill.core.Desserts.sponge;
import static com.deftchill.core.Kitchens.ASSESSOR;
import static com.deftchill.core.Kitchens.STANDARD;
import static com.deftchill.core.Kitchens.assess;
import static com.deftchill.core.Kitchens.flag;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.Plain.Component;
import com.deftchill.core.Plain.Fold;
import com.deftchill.core.Plain.Gel;
import com.deftchill.core.alternative.Alternatives;
import com.deftchill.core.alternative.Variant;
import com.deftchill.core.formula.Shares;
import com.deftchill.core.formula.WrittenFormula;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Desserts for guests who do not eat gelatin or drink alcohol: what is changed, and what is said about it. */
class VariantsTest {
    private static WrittenFormula glass(Component... components) {
        return dessert("in-glass", "glass-straight", "4", components);
    }

    private static List<Variant> variants(WrittenFormula formula) {
        return new Alternatives(ASSESSOR).variants(formula, STANDARD).value().orElseThrow();
    }

    private static Variant variant(WrittenFormula formula, String id) {
        return variants(formula).stream()
                .filter(v -> v.id().startsWith(id))
                .findFirst()
                .orElseThrow(() -> new AssertionError(id));
    }

    @Test
    void withoutGelatinAndAlcoholThereIsNoneToCompute() {
        assertThat(variants(glass(ganache()))).isEmpty();
    }

    @Test
    void agarTakesThePlaceOfGelatinInADoseThatIsAsFirm() {
        var formula = glass(jelly());
        var agar = variant(formula, "vegetarian-agar").document();
        assertThat(agar.components().get(0).gel().of()).isEqualTo("agar");
        assertThat(flag(assess(formula), "vegetarian")).startsWith("not");
        double was = assess(formula).components().get(0).strip().orElseThrow().firmness();
        double is = assess(agar).components().get(0).strip().orElseThrow().firmness();
        assertThat(is).isCloseTo(was, within(8.0));
    }

    @Test
    void whatIsFoldedMustBeQuickAndSaysSo() {
        assertThat(variant(glass(mousse()), "vegetarian-agar").honest()).contains("sets before cream is folded in");
        assertThat(variant(glass(jelly()), "vegetarian-agar").honest()).doesNotContain("folded");
    }

    @Test
    void everyGelatinOfTheDessertIsReplacedEvenThatOfAPart() {
        var base = heated(
                part(of(
                        "base",
                        "jelly",
                        "30 °C",
                        new Gel("sheet-gold", "5 g", "weighed", "25 g"),
                        line("pear-puree", "200 g"))),
                "60 °C");
        var cream = folded(
                of("cream", "mousse", "20 °C", NO_GEL, line("@base", "all"), line("cream-35", "200 g", "whipped")),
                new Fold("soft", "thirds", "26 °C", "5 °C"));
        var formula = glass(jelly(), base, cream);
        assertThat(variants(formula)).hasSize(2);
        for (var variant : variants(formula)) {
            assertThat(variant.document().components())
                    .as(variant.id())
                    .allSatisfy(c -> assertThat(c.gel().of()).doesNotContain("sheet"));
            assertThat(flag(assess(variant.document()), "vegetarian"))
                    .as(variant.id())
                    .startsWith("vegetarian");
        }
    }

    @Test
    void juiceTakesThePlaceOfAlcoholGramForGram() {
        var formula = glass(sponge(), jelly());
        assertThat(flag(assess(formula), "alcohol")).isNotEmpty();
        var without = variant(formula, "without-alcohol");
        assertThat(without.honest()).contains("Pear brandy").contains("gram for gram");
        var sponge = without.document().components().get(0);
        var soak = sponge.lines().get(2);
        assertThat(soak.of()).isEqualTo("apple-juice");
        assertThat(soak.amount()).isEqualTo("10 g");
        assertThat(Shares.of(sponge, soak)).isEqualTo("soak");
        assertThat(variants(without.document())).extracting(Variant::id).doesNotContain("without-alcohol");
    }

    @Test
    void aFormulaThatIsNotUnderstoodHasNoneButNamesWhy() {
        var outcome = new Alternatives(ASSESSOR)
                .variants(glass(of("jelly", "jelly", "", NO_GEL, line("apple-juice", "some"))), STANDARD);
        assertThat(outcome.value()).isEmpty();
        assertThat(outcome.problems()).isNotEmpty();
    }
}
