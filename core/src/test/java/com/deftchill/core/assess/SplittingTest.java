package com.deftchill.core.assess;

import static com.deftchill.core.Kitchens.STANDARD;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.Formulas;
import com.deftchill.core.alternative.Alternatives;
import com.deftchill.core.alternative.SplitBatch;
import com.deftchill.core.alternative.SplitBatch.Part;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.formula.WrittenFormula.Component;
import com.deftchill.core.formula.WrittenFormula.Line;
import com.deftchill.core.formula.WrittenFormula.Otherwise;
import com.deftchill.core.formula.WrittenFormula.Swapped;
import com.deftchill.core.label.Flag;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** One formula, some of the moulds otherwise: what is weighed for each part comes to the whole batch. */
class SplittingTest {
    private static final Alternatives ALTERNATIVES = new Alternatives(RandomDessertsTest.COARSE);

    /** The set cream with a nut paste and a spirit in it. */
    private static WrittenFormula cream(Otherwise... variants) {
        var pear = Formulas.pear();
        var component = pear.components().get(0);
        var lines = new ArrayList<>(component.lines());
        lines.add(new Line("nut", "hazelnut-paste", "", "40 g", "", ""));
        lines.add(new Line("spirit", "rum", "", "30 g", "", ""));
        var components = new ArrayList<>(pear.components());
        components.set(0, component.withLines(lines));
        return pear.withComponents(components).withVariants(List.of(variants));
    }

    private static Otherwise own(String count, String line, String of) {
        var component = Formulas.pear().components().get(0).id();
        return new Otherwise("own-1", count, "Otherwise", List.of(new Swapped(component, line, of)));
    }

    private static SplitBatch split(Otherwise... variants) {
        var answer = ALTERNATIVES.split(cream(variants), STANDARD);
        assertThat(answer.problems()).isEmpty();
        return answer.value().orElseThrow();
    }

    private static double weighed(Part part) {
        return part.apart().stream().mapToDouble(a -> a.amounts().totalG()).sum();
    }

    private static List<String> codes(Part part) {
        return part.flags().stream().map(Flag::code).toList();
    }

    @Test
    void thePartsComeToTheWhole() {
        var batch = split(new Otherwise("without-alcohol", "2"), own("1", "nut", ""));
        assertThat(batch.parts()).extracting(Part::count).containsExactly(2, 1);
        var rest = batch.rest().orElseThrow();
        assertThat(rest.count()).isEqualTo(batch.count() - 3);
        double parts =
                batch.parts().stream().mapToDouble(SplittingTest::weighed).sum();
        double whole = RandomDessertsTest.COARSE
                .assess(cream(), STANDARD)
                .value()
                .orElseThrow()
                .components()
                .get(0)
                .amounts()
                .totalG();
        assertThat(weighed(rest) + parts).isCloseTo(whole, within(0.02 * whole));
        assertThat(rest.apart().get(0).method()).isNotEmpty();
    }

    @Test
    void eachPartHasFlagsOfItsOwn() {
        var batch = split(new Otherwise("without-alcohol", "2"), own("1", "nut", ""));
        assertThat(codes(batch.rest().orElseThrow())).contains("alcohol");
        assertThat(codes(batch.parts().get(0))).doesNotContain("alcohol");
        assertThat(allergens(batch.rest().orElseThrow())).contains("nut");
        assertThat(allergens(batch.parts().get(1))).doesNotContain("nut");
    }

    private static String allergens(Part part) {
        return part.flags().stream()
                .filter(flag -> flag.code().equals("allergens"))
                .map(flag -> flag.words().toString())
                .findFirst()
                .orElse("");
    }

    @Test
    void anotherIngredientTakesTheSameGrams() {
        var part = split(own("1", "nut", "almond-paste")).parts().get(0);
        var lines = part.document().components().get(0).lines();
        int nut = lines.size() - 2;
        assertThat(lines.get(nut).of()).isEqualTo("almond-paste");
        double each = 40.0
                / ALTERNATIVES.split(cream(), STANDARD).value().orElseThrow().count();
        assertThat(part.apart().get(0).amounts().lines().get(nut).grams()).isCloseTo(each, within(0.1 * each + 0.5));
    }

    @Test
    void nothingIsLeftWhenAllAreMadeSo() {
        int all = split().count();
        var batch = split(own(Integer.toString(all), "nut", ""));
        assertThat(batch.rest()).isEmpty();
        assertThat(batch.parts()).hasSize(1);
        assertThat(split(own("", "nut", "")).parts()).isEmpty();
    }

    @Test
    void moreThanThereAreAndWhatIsGoneAreNamed() {
        int all = split().count();
        var tooMany = ALTERNATIVES.split(cream(own(Integer.toString(all + 1), "nut", "")), STANDARD);
        assertThat(tooMany.problems()).extracting(p -> p.path()).containsExactly("/variants/0/count");
        var gone = ALTERNATIVES.split(cream(own("1", "never", "")), STANDARD);
        assertThat(gone.problems()).extracting(p -> p.path()).containsExactly("/variants/0/of");
    }

    @Test
    void aComponentOfNothingElseGoesWithItsLine() {
        var whole = cream();
        var crisp = new Component(
                "crisp",
                "Crisp",
                "garnish",
                "",
                List.of(new Line("l1", "hazelnuts", "", "40 g", "", "")),
                null,
                null,
                null);
        var components = new ArrayList<>(whole.components());
        components.add(crisp);
        var variant = new Otherwise("own-1", "2", "Without", List.of(new Swapped("crisp", "l1", "")));
        var split = ALTERNATIVES.split(whole.withComponents(components).withVariants(List.of(variant)), STANDARD);
        assertThat(split.problems()).isEmpty();
        var part = split.value().orElseThrow().parts().get(0);
        assertThat(part.apart()).isEmpty();
        assertThat(part.document().components()).hasSize(whole.components().size());
        assertThat(split.value().orElseThrow().rest().orElseThrow().apart())
                .extracting(apart -> apart.component())
                .containsExactly(whole.components().size());
    }
}
