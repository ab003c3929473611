package com.deftchill.server.practice;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.core.alternative.Trial;
import com.deftchill.core.assess.Assessment;
import com.deftchill.core.assess.Assessor;
import com.deftchill.core.chill.ChillOptions;
import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.formula.WrittenFormula.Stay;
import com.deftchill.core.kitchen.KitchenReader;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.larder.LarderFiles;
import com.deftchill.core.parameters.Parameters;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;

/** Whoever is told that a dessert goes wrong is told what to do about it, and that does it. */
@Execution(ExecutionMode.CONCURRENT)
class HelpTest {
    private static final int SAMPLE = Integer.getInteger("deftchill.helped", 150);
    private static final Assessor COARSE = new Assessor(new ChillOptions(6, 4, 10, 1, 20, 3600, 0.3));
    private static final Workplace KITCHEN =
            new Workplace(LarderFiles.shipped(), KitchenReader.standard(), Parameters.shipped());

    /** Where a dessert stands and for how long, one after the other; the first without a name is its own cooler. */
    private static final List<List<Stay>> WAYS = List.of(
            List.of(stay("", "45 min")),
            List.of(stay("", "2 h")),
            List.of(stay("", "6 h")),
            List.of(stay("", "24 h")),
            List.of(stay("", "12 h"), stay("room", "3 h")),
            List.of(stay("room", "1 h"), stay("", "12 h")),
            List.of(stay("ice-bath", "20 min"), stay("", "8 h")),
            List.of(stay("freezer-fan", "1 h"), stay("", "5 h")),
            List.of(stay("freezer-fan", "12 h"), stay("", "3 h")),
            List.of(stay("freezer-fan", "12 h"), stay("", "14 h")));

    private static Stay stay(String of, String time) {
        return new Stay(of, "", time, "", "");
    }

    private static WrittenFormula with(String practiceCase, Map<String, String> changes) {
        var formula = Answered.written(practiceCase);
        for (var change : changes.entrySet()) {
            formula = Changes.set(formula, change.getKey(), change.getValue());
        }
        return formula;
    }

    private static Assessment told(WrittenFormula formula) {
        return new Trial(COARSE, formula, KITCHEN).assess().value().orElseThrow();
    }

    private static Stream<Verdict> from(Tone tone, Assessment told) {
        return told.verdicts().stream().filter(v -> v.tone().compareTo(tone) <= 0);
    }

    /** The fixes of a verdict that is told. */
    private static List<Fix> fixes(WrittenFormula formula, String code) {
        return told(formula).verdicts().stream()
                .filter(v -> v.code().equals(code))
                .findFirst()
                .orElseThrow()
                .fixes();
    }

    @Test
    void whatStarchSetsIsGivenMoreStarch() {
        var thin = with("14-pastry-cream-in-a-shell", Map.of("/components/1/lines/l4/amount", "24 g"));
        assertThat(fixes(thin, "too-soft")).singleElement().satisfies(fix -> {
            assertThat(fix.label()).matches("Use [\\d.]+ g of Corn starch instead of 24 g");
            assertThat(from(Tone.BAD, told(Changes.take(thin, fix.changes())))).isEmpty();
        });
    }

    @Test
    void whereOneChangeBringsAnotherTroubleBothAreOfferedTogether() {
        var soft =
                with("02-set-cream-with-a-three-second-dip-by-choice", Map.of("/components/0/gels/0/amount", "4.8 g"));
        assertThat(fixes(soft, "too-soft")).singleElement().satisfies(fix -> {
            assertThat(fix.label()).matches("Use .* of gelatin .*, and dip \\d+ s");
            assertThat(from(Tone.BAD, told(Changes.take(soft, fix.changes())))).isEmpty();
        });
    }

    @Test
    void whoeverDipsAsLongAsItSaysHasDippedLongEnough() {
        for (double grams = 6; grams < 12; grams += 0.5) {
            var firm = with(
                    "02-set-cream-with-a-three-second-dip-by-choice",
                    Map.of("/components/0/gels/0/amount", grams + " g"));
            for (var fix : fixes(firm, "dip-too-short")) {
                assertThat(told(Changes.take(firm, fix.changes())).verdicts())
                        .as(grams + " g, " + fix.label())
                        .extracting(Verdict::code)
                        .contains("dip")
                        .doesNotContain("dip-too-short", "dip-too-long");
            }
        }
    }

    @Test
    void someOfTheSpiritGivesWayToAnotherLiquid() {
        var strong = Answered.written("55-jelly-with-too-much-spirit");
        assertThat(fixes(strong, "alcohol-strings")).singleElement().satisfies(fix -> {
            assertThat(fix.label()).contains("Rum", "Water");
            assertThat(fix.changes()).hasSize(2);
        });
    }

    /** Too little gelatin is no fault of a fridge at 4 °C. */
    @Test
    void whatIsTooWeakForAnyFridgeIsGivenMoreGelatin() {
        var weak = with("51-set-cream-with-half-the-gelatin-turned-out", Map.of("/components/0/gels/0/amount", "1 g"));
        var told = told(weak);
        assertThat(told.verdicts()).extracting(Verdict::headline).doesNotContain("The cooler is too warm to set it");
        assertThat(from(Tone.BAD, told).flatMap(v -> v.fixes().stream()).map(Fix::label))
                .isNotEmpty()
                .allMatch(label -> label.contains("of gelatin instead of 1 g"));
    }

    /** 1 g in 40 g of bloom water: the right dose takes up six times its mass, not forty. */
    @Test
    void moreGelatinIsNotDrownedInBloomWater() {
        var weak = with("02-set-cream-with-a-three-second-dip-by-choice", Map.of("/components/0/gels/0/amount", "1 g"));
        assertThat(fixes(weak, "too-soft")).singleElement().satisfies(fix -> {
            double grams = grams(weak, fix, "/components/0/gels/0/amount");
            assertThat(grams).isBetween(5.0, 10.0);
            assertThat(grams(weak, fix, "/components/0/gels/0/water")).isBetween(40.0, 6.1 * grams);
        });
    }

    private static double grams(WrittenFormula formula, Fix fix, String at) {
        return Double.parseDouble(
                Changes.text(Changes.take(formula, fix.changes()), at).replace(" g", ""));
    }

    @Test
    void aMousseWhoseGelatinWasForgottenIsGivenAUsualDose() {
        var mousse = Answered.written("52-pear-mousse-with-gelatin");
        var forgotten = with(
                "52-pear-mousse-with-gelatin",
                Map.of("/components/0/gels/0/of", "", "/components/0/gels/0/amount", ""));
        assertThat(from(Tone.BAD, told(mousse))).isEmpty();
        assertThat(fixes(forgotten, "too-soft")).singleElement().satisfies(fix -> {
            assertThat(fix.label()).matches("Set .* with [\\d.]+ g of gold gelatin");
            assertThat(from(Tone.BAD, told(Changes.take(forgotten, fix.changes()))))
                    .isEmpty();
        });
    }

    /** More of its rich cream would make it split: what is lean is worked in, once and not in two goes. */
    @Test
    void chocolateThatSeizesIsGivenALeanLiquid() {
        var water = Answered.written("27-water-in-melted-chocolate");
        var seized = Changes.take(
                water,
                List.of(
                        new Fix.Change("/components/0/lines/1/of", "cream-48"),
                        new Fix.Change("/components/0/lines/1/amount", "30 g")));
        var told = from(Tone.BAD, told(seized))
                .filter(v -> v.code().equals("chocolate-seizes"))
                .toList();
        assertThat(told).singleElement().satisfies(verdict -> {
            assertThat(verdict.fixes())
                    .extracting(Fix::label)
                    .allMatch(label -> label.matches("Work in .* g (more|of) .*"));
            assertThat(verdict.fixes()).isNotEmpty();
        });
    }

    @Test
    void whatIsStillIceIsLeftLonger() {
        var ice = with("74-frozen-dome-thawed-in-the-fridge", Map.of("/cooler/places/1/stay", "8 h"));
        assertThat(fixes(ice, "frozen-at-service")).singleElement().satisfies(fix -> {
            assertThat(fix.label()).matches("Leave it [\\d hmin]+ longer");
            assertThat(from(Tone.BAD, told(Changes.take(ice, fix.changes())))).isEmpty();
        });
    }

    /** One number of a dessert of the demo or a practice case much smaller or larger: a seeded sample, many more in ops/long. */
    @Test
    void hardlyAnybodyIsLeftWithoutHelp() {
        var random = new Random(Long.getLong("deftchill.seed", 20_261_128L));
        var numbers = WrittenNumber.all();
        var bad = new ArrayList<String>();
        var alone = new ArrayList<String>();
        for (int i = 0; i < SAMPLE; i++) {
            var number = numbers.get(random.nextInt(numbers.size()));
            double share = random.nextBoolean() ? 0.6 : 1.6;
            tell(number + " times " + share, number.times(share), bad, alone);
        }
        hardlyAny(alone, bad, SAMPLE);
    }

    /** The same of a dessert that works on its way through places to its service. */
    @Test
    void hardlyAnybodyIsLeftWithoutHelpOnTheWay() {
        var random = new Random(Long.getLong("deftchill.seed", 20_261_128L));
        var works = Answered.all()
                .filter(dessert -> from(Tone.BAD, dessert.bench().value().orElseThrow())
                        .findAny()
                        .isEmpty())
                .toList();
        var bad = new ArrayList<String>();
        var alone = new ArrayList<String>();
        for (int i = 0; i < SAMPLE; i++) {
            var dessert = works.get(random.nextInt(works.size()));
            var way = WAYS.get(random.nextInt(WAYS.size()));
            tell(
                    dessert.name() + " " + way,
                    dessert.formula().withCooler(dessert.formula().cooler().withPlaces(way)),
                    bad,
                    alone);
        }
        hardlyAny(alone, bad, SAMPLE);
    }

    private static void tell(String name, WrittenFormula formula, List<String> bad, List<String> alone) {
        var told = new Trial(COARSE, formula, KITCHEN).assess().value();
        if (told.filter(a -> from(Tone.BAD, a).findAny().isPresent()).isEmpty()) {
            return;
        }
        bad.add(name);
        if (from(Tone.CAUTION, told.get()).allMatch(v -> v.fixes().isEmpty())) {
            alone.add(name);
        }
    }

    private static void hardlyAny(List<String> alone, List<String> bad, int of) {
        System.out.println("bad: " + bad.size() + " of " + of + ", without help: " + alone.size() + " " + alone);
        assertThat(bad).hasSizeGreaterThan(of / 10);
        assertThat(alone).hasSizeLessThanOrEqualTo(bad.size() / 10);
    }
}
