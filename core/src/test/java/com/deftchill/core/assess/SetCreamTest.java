package com.deftchill.core.assess;

import static com.deftchill.core.Formulas.line;
import static com.deftchill.core.Formulas.pear;
import static com.deftchill.core.Formulas.pearLines;
import static com.deftchill.core.Formulas.withGel;
import static com.deftchill.core.Formulas.withGelatin;
import static com.deftchill.core.Formulas.withHeat;
import static com.deftchill.core.Formulas.withLines;
import static com.deftchill.core.Formulas.withMeasures;
import static com.deftchill.core.Formulas.withPour;
import static com.deftchill.core.Formulas.withServed;
import static com.deftchill.core.Formulas.withWanted;
import static com.deftchill.core.Kitchens.ASSESSOR;
import static com.deftchill.core.Kitchens.STANDARD;
import static com.deftchill.core.Kitchens.assess;
import static com.deftchill.core.Kitchens.flag;
import static com.deftchill.core.Kitchens.verdict;
import static com.deftchill.core.Kitchens.workplace;
import static com.deftchill.core.Kitchens.written;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.Plain.Gel;
import com.deftchill.core.Plain.Line;
import com.deftchill.core.Told;
import com.deftchill.core.alternative.Alternatives;
import com.deftchill.core.alternative.Comparison;
import com.deftchill.core.dose.DoseStrip;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.larder.OwnEntry;
import com.deftchill.core.method.Step;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Hot and cold shares, treatments, bloom, wanted doses, flags, method, comparison: the set cream whole. */
class SetCreamTest {
    private static WrittenFormula with(String ingredient, String amount, String treatment, String share) {
        var lines = new ArrayList<>(pearLines());
        lines.add(new Line(ingredient, amount, treatment, share));
        return withLines(pear(), lines);
    }

    private static WrittenFormula coldCream(String hot, String cold) {
        var lines = List.of(
                new Line("cream-35", "600 g", "", "cold"),
                line("milk-35", "330 g"),
                line("pear-puree", "220 g"),
                line("sugar", "100 g"));
        return withPour(withHeat(withLines(pear(), lines), hot, "", cold), "30 °C");
    }

    @Test
    void aColdShareMeetsTheHotOneByHeatBalanceAndSetsSooner() {
        var joined = verdict(assess(coldCream("80 °C", "5 °C")), "joined").orElseThrow();
        assertThat(joined.tone()).isEqualTo(Tone.GOOD);
        assertThat(joined.sentence())
                .containsPattern("meet at (39|4[0-4])(\\.\\d)? °C")
                .contains("sooner than all heated");
    }

    @Test
    void tooColdAShareSetsInLumpsAndItsFixMendsIt() {
        var lumps = verdict(assess(withPour(coldCream("50 °C", "0 °C"), "25 °C")), "joined-too-cold");
        assertThat(lumps).isEmpty();
        var lines =
                List.of(new Line("cream-35", "1000 g", "", "cold"), line("milk-35", "130 g"), line("sugar", "60 g"));
        var cold = withPour(withHeat(withLines(pear(), lines), "60 °C", "", "2 °C"), "25 °C");
        var bad = verdict(assess(cold), "joined-too-cold").orElseThrow();
        assertThat(bad.tone()).isEqualTo(Tone.BAD);
        var warmer = written(bad.fixes().get(0), "/components/0/work/join/at");
        assertThat(verdict(assess(withHeat(cold, "60 °C", "", warmer)), "joined-too-cold"))
                .isEmpty();
    }

    @Test
    void acidDairyCurdlesInTheHotShareNotInTheCold() {
        var hot = withHeat(with("yoghurt-35", "200 g", "", ""), "75 °C", "", "");
        var curdles = verdict(assess(hot), "curdles").orElseThrow();
        assertThat(curdles.fixes().get(0).changes().get(0).path()).isEqualTo("/components/0/lines/4/share");
        var cold = withHeat(with("yoghurt-35", "200 g", "", "cold"), "75 °C", "", "5 °C");
        var metTooHot = verdict(assess(cold), "curdles").orElseThrow();
        assertThat(metTooHot.fixes().get(0).changes())
                .as("it is in the cold share already: the rest must be cooler")
                .extracting(change -> change.path())
                .containsExactly("/components/0/work/heat/to");
        var cooler = withHeat(with("yoghurt-35", "200 g", "", "cold"), "60 °C", "", "5 °C");
        assertThat(verdict(assess(cooler), "curdles")).isEmpty();
    }

    @Test
    void notHotEnoughDoesNotDissolve() {
        assertThat(verdict(assess(withHeat(pear(), "45 °C", "", "")), "not-dissolved"))
                .isPresent();
        assertThat(verdict(assess(withHeat(pear(), "65 °C", "", "")), "not-dissolved"))
                .isEmpty();
        var agar = withGel(pear(), new Gel("agar", "4 g", "dry", ""));
        assertThat(verdict(assess(withPour(withHeat(agar, "70 °C", "", ""), "50 °C")), "not-dissolved"))
                .isPresent();
    }

    @Test
    void heldHotItLosesStrengthByName() {
        double fresh = assess(withHeat(pear(), "80 °C", "", "")).prediction().firmness();
        var abused = assess(withHeat(pear(), "95 °C", "3 h", ""));
        assertThat(abused.prediction().firmness()).isLessThan(fresh);
        assertThat(verdict(abused, "firmness-right")
                        .or(() -> verdict(abused, "too-soft"))
                        .orElseThrow()
                        .evidence()
                        .inputs())
                .extracting(given -> given.name())
                .anyMatch(name -> name.contains("heat"));
    }

    @Test
    void enzymeFruitRawHeatedOrCanned() {
        assertThat(assess(with("kiwi-raw", "100 g", "", "")).prediction().firmness())
                .isZero();
        assertThat(assess(with("kiwi-raw", "100 g", "heated", "")).prediction().firmness())
                .isGreaterThan(30);
        assertThat(assess(with("kiwi-raw", "100 g", "canned", "")).prediction().firmness())
                .isGreaterThan(30);
        var cookedAlong = withHeat(with("kiwi-raw", "100 g", "", ""), "86 °C", "6 min", "");
        assertThat(assess(cookedAlong).prediction().firmness()).isGreaterThan(30);
    }

    @Test
    void eachBloomSchoolCountsItsWater() {
        var weighed = assess(pear());
        assertThat(weighed.components().get(0).amounts().bloomWaterG()).isEqualTo(75);
        var squeezed = assess(withGel(pear(), new Gel("sheet-gold", "15 g", "squeezed", "")));
        assertThat(squeezed.components().get(0).amounts().bloomWaterG()).isEqualTo(75);
        var dry = assess(withGel(pear(), new Gel("sheet-gold", "15 g", "dry", "")));
        assertThat(dry.components().get(0).amounts().bloomWaterG()).isZero();
        assertThat(verdict(dry, "bloom-dry")).isPresent();
        assertThat(dry.prediction().firmness())
                .isGreaterThan(weighed.prediction().firmness());
    }

    @Test
    void theDoseForAWantedFirmnessAndForAHeight() {
        for (var wanted : List.of("45", "60", "40 mm")) {
            var asked = verdict(assess(withWanted(pear(), wanted)), "wanted").orElseThrow();
            var fix = asked.fixes().get(0);
            var dosed = withGelatin(
                    withWanted(pear(), wanted),
                    written(fix, "/components/0/gels/0/amount"),
                    written(fix, "/components/0/gels/0/water"));
            assertThat(verdict(assess(dosed), "wanted-met")).as(wanted).isPresent();
        }
        assertThat(verdict(assess(withWanted(pear(), "75 mm")), "wanted-impossible"))
                .isPresent();
    }

    @Test
    void theStripRisesAndAgreesWithTheVerdict() {
        var a = assess(pear());
        var strip = a.components().get(0).strip().orElseThrow();
        assertThat(strip.firmness()).isEqualTo(a.prediction().firmness());
        for (int i = 1; i < strip.doses().size(); i++) {
            assertThat(strip.doses().get(i).grams())
                    .isGreaterThan(strip.doses().get(i - 1).grams());
            assertThat(strip.doses().get(i).firmness())
                    .isGreaterThanOrEqualTo(strip.doses().get(i - 1).firmness());
        }
        assertThat(strip.doses().get(0).firmness()).isZero();
        assertThat(strip.doses().get(strip.doses().size() - 1).firmness()).isGreaterThan(92);
        var seven =
                strip.sheets().stream().filter(m -> m.sheets() == 7).findFirst().orElseThrow();
        assertThat(seven.grams()).isEqualTo(14);
        assertThat(assess(withGelatin(pear(), "14 g", "70 g")).prediction().firmness())
                .isCloseTo(seven.firmness(), within(0.3));
        assertThat(strip.zones()).first().extracting(DoseStrip.Zone::words).isEqualTo("runs");
    }

    @Test
    void flagsFromTheIngredients() {
        var a = assess(pear());
        assertThat(flag(a, "allergens")).isEqualTo("no eu Milk");
        assertThat(flag(a, "vegetarian")).startsWith("not").contains("pork");
        assertThat(flag(a, "keeps")).isEqualTo("days 3");
        var rich = assess(with("hazelnut-paste", "50 g", "", ""));
        assertThat(flag(rich, "allergens")).contains("Milk").contains("Tree nuts");
        var agar = assess(withPour(
                withHeat(withGel(pear(), new Gel("agar", "4 g", "dry", "")), "95 °C", "", ""), "45 °C"));
        assertThat(flag(agar, "vegetarian")).startsWith("vegetarian");
        var spirited = assess(with("rum", "60 g", "", ""));
        // 60 g of 40 % vol. rum: 25.3 ml of ethanol, among twelve.
        assertThat(flag(spirited, "alcohol")).isEqualTo("2.1");
        assertThat(flag(assess(with("kiwi-raw", "50 g", "", "")), "keeps")).isEqualTo("days 2");
    }

    @Test
    void theListThatTheKitchenGoesByCounts() {
        var us = workplace(com.deftchill.core.Kitchens.written("celsius", "us-code", "us", "1 g"));
        var barley = with("barley-tea", "100 g", "", "");
        assertThat(flag(assess(barley), "allergens")).contains("barley");
        assertThat(flag(assess(barley, us), "allergens")).doesNotContain("barley");
    }

    @Test
    void eggIsRawUntilItIsHotOrPasteurised() {
        var raw = assess(with("egg-yolk", "60 g", "", ""));
        assertThat(flag(raw, "egg")).isEqualTo("yes");
        assertThat(flag(raw, "keeps")).isEqualTo("hours 24");
        var fixes = verdict(raw, "raw-egg").orElseThrow().fixes();
        assertThat(fixes).hasSize(2);
        assertThat(flag(assess(with("egg-yolk", "60 g", "pasteurised", "")), "egg"))
                .isEqualTo("no");
        var custard = assess(withHeat(with("egg-yolk", "60 g", "", ""), "82 °C", "", ""));
        assertThat(verdict(custard, "raw-egg")).isEmpty();
        assertThat(verdict(assess(withHeat(with("egg-yolk", "60 g", "", ""), "90 °C", "", "")), "scrambles"))
                .isPresent();
    }

    @Test
    void theMethodIsInOrderWithTimesAndTheWordsOfItsSchools() {
        var method = assess(coldCream("80 °C", "5 °C")).method();
        assertThat(method)
                .extracting(Step::work)
                .containsExactly(
                        "weigh", "bloom", "heat", "dissolve", "strain", "join", "cool", "pour", "chill", "turn-out");
        assertThat(method).allSatisfy(step -> {
            assertThat(step.minutes()).isPositive().isFinite();
            assertThat(step.text().key()).startsWith("steps.");
        });
        assertThat(method).extracting(Step::kind).contains(Step.Kind.ACTIVE, Step.Kind.TENDED, Step.Kind.WAITING);
        var dry = assess(withGel(pear(), new Gel("powder-225", "14 g", "dry", "")));
        assertThat(dry.method()).extracting(Step::work).doesNotContain("bloom");
        assertThat(assess(withServed(pear(), "in-glass")).method())
                .extracting(Step::work)
                .doesNotContain("turn-out");
    }

    @Test
    void fahrenheitKitchensReadFahrenheit() {
        var kitchen = workplace(com.deftchill.core.Kitchens.written("fahrenheit", "us-code", "eu", "1 g"));
        var problems = ASSESSOR.assess(withPour(pear(), "90"), kitchen).problems();
        assertThat(problems)
                .singleElement()
                .satisfies(p -> assertThat(p.fixes()).hasSize(2));
        var a = assess(withPour(pear(), "90 °F"), kitchen);
        assertThat(a.components().get(0).course().orElseThrow().warmestC()[0]).isCloseTo((90 - 32) / 1.8, within(1e-9));
    }

    @Test
    void coolingIsJudgedByTheRuleSetOfTheKitchen() {
        var strict = workplace(com.deftchill.core.Kitchens.written("celsius", "uk-guidance", "eu", "1 g"));
        var warm = withPour(pear(), "60 °C");
        assertThat(verdict(assess(warm, strict), "cooling-slow")).isPresent();
        assertThat(verdict(assess(warm, strict), "cooling-slow").orElseThrow().sentence())
                .contains("ocal rules");
    }

    @Test
    void twoStatesSideBySide() {
        var comparison = new Alternatives(ASSESSOR).compare(pear(), withGelatin(pear(), "12 g", "60 g"), STANDARD);
        assertThat(comparison.changes())
                .extracting(row -> Told.of(row.name()))
                .containsExactlyInAnyOrder("Dose", "Bloom");
        assertThat(comparison.figures()).filteredOn(Comparison.Row::differs).isNotEmpty();
        assertThat(comparison.after()).isNotEqualTo(comparison.before());
        var unreadable = new Alternatives(ASSESSOR).compare(pear(), withPour(pear(), "warm"), STANDARD);
        assertThat(unreadable.after().key()).isEqualTo("problems.said");
        assertThat(new Alternatives(ASSESSOR).compare(pear(), pear(), STANDARD).changes())
                .isEmpty();
    }

    @Test
    void amountsAsInANotebookAreUnderstoodOrAskedAbout() {
        var cups = withMeasures(with("honey", "2 tbsp", "", ""), "us");
        var understood = assess(cups).components().get(0).amounts().lines().get(4);
        assertThat(understood.grams()).isCloseTo(2 * 14.787 * 1.44, within(0.5));
        assertThat(understood.how()).contains("US tbsp");
        var asked = ASSESSOR.assess(withMeasures(cups, ""), STANDARD).problems();
        assertThat(asked).singleElement().satisfies(p -> {
            assertThat(p.path()).isEqualTo("/components/0/lines/4/amount");
            assertThat(p.fixes()).hasSizeGreaterThanOrEqualTo(3);
        });
    }

    @Test
    void whatTheKitchenAddedCanStandInTheDocument() {
        var own = new OwnEntry("ingredient", "own-bay-milk", Map.of("name", "Bay milk", "milkFat", "4", "sugars", "5"));
        var lines = new ArrayList<>(pearLines());
        lines.set(1, line("own-bay-milk", "330 g"));
        var f = withLines(pear(), lines);
        assertThat(ASSESSOR.assess(f, STANDARD).problems()).isNotEmpty();
        var whole = f.withOwn(List.of(own));
        assertThat(assess(whole).prediction().firmness()).isPositive();
    }

    @Test
    void twoHundredIngredientsAndMoreGelatinThanWaterAreAnswered() {
        var many = IntStream.range(0, 200)
                .mapToObj(i -> line(i % 2 == 0 ? "cream-35" : "milk-35", "6 g"))
                .toList();
        assertThat(assess(withLines(pear(), many)).components().get(0).amounts().lines())
                .hasSize(200);
        var dry =
                withGelatin(withLines(pear(), List.of(line("sugar", "900 g"), line("water", "20 g"))), "300 g", "0 g");
        assertThat(assess(dry).verdicts()).extracting(v -> v.code()).contains("gelatin-over-water");
    }
}
