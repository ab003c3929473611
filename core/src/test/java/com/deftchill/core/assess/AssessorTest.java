package com.deftchill.core.assess;

import static com.deftchill.core.Formulas.line;
import static com.deftchill.core.Formulas.pear;
import static com.deftchill.core.Formulas.pearLines;
import static com.deftchill.core.Formulas.ramekin;
import static com.deftchill.core.Formulas.withCooler;
import static com.deftchill.core.Formulas.withGel;
import static com.deftchill.core.Formulas.withGelatin;
import static com.deftchill.core.Formulas.withHeat;
import static com.deftchill.core.Formulas.withLines;
import static com.deftchill.core.Formulas.withMould;
import static com.deftchill.core.Formulas.withPour;
import static com.deftchill.core.Formulas.withServed;
import static com.deftchill.core.Formulas.withWanted;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.Plain;
import com.deftchill.core.Plain.Line;
import com.deftchill.core.chill.ChillOptions;
import com.deftchill.core.dessert.Study;
import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.KitchenReader;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.larder.Ingredient;
import com.deftchill.core.larder.Larder;
import com.deftchill.core.larder.LarderFiles;
import com.deftchill.core.parameters.Parameters;
import com.deftchill.core.timing.Milestone;
import com.deftchill.core.verdict.Problem;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class AssessorTest {
    private static final Larder LARDER = LarderFiles.shipped();
    private static final Workplace WORKPLACE = new Workplace(LARDER, KitchenReader.standard(), Parameters.shipped());
    private static final Assessor ASSESSOR = new Assessor(ChillOptions.standard());
    private static final WrittenFormula SOFT = withGelatin(pear(), "8 g", "40 g");

    @Test
    void theGoodOneSetsStandsAndSaysWhen() {
        var a = assess(pear());
        assertThat(a.line()).singleElement().satisfies(s -> {
            assertThat(s.tone()).isEqualTo(Tone.GOOD);
            assertThat(s.text())
                    .matches(
                            "Sets by \\d\\d:\\d\\d, turns out from \\d\\d:\\d\\d after a \\d-second dip, stands \\d\\d of \\d\\d mm the next day\\.");
        });
        assertThat(a.verdicts()).extracting(Verdict::tone).doesNotContain(Tone.BAD, Tone.UNSAFE);
        assertThat(a.milestones()).extracting(Milestone::code).containsExactly("sets", "turns-out", "best");
        assertThat(a.verdicts()).allSatisfy(v -> assertThat(v.evidence().rule()).isNotBlank());
    }

    @Test
    void theSoftOneSaysSoFirstAndItsFixMendsIt() {
        var before = assess(SOFT);
        assertThat(before.line().get(0).text()).startsWith("Too soft to be turned out");
        var fix = verdict(before, "too-soft").fixes().get(0);
        var after = assess(apply(SOFT, fix));
        assertThat(after.verdicts()).extracting(Verdict::tone).doesNotContain(Tone.BAD);
        assertThat(fix.effect())
                .startsWith(String.format(
                        "stands %.0f of", after.prediction().standingMm().orElseThrow()));
    }

    @Test
    void theRubberyOneIsMendedToo() {
        var hard = withGelatin(pear(), "60 g", "300 g");
        var before = assess(hard);
        assertThat(before.line().get(0).text()).startsWith("Rubbery");
        var after = assess(apply(hard, verdict(before, "too-firm").fixes().get(0)));
        assertThat(verdict(after, "firmness-right").tone()).isEqualTo(Tone.GOOD);
    }

    /** Handbook 2's sanity figures; the factors of fat and sugar come on top of its "dairy factor", hence the wider ends. */
    @Test
    void ramekinOfTheHandbook() {
        var soft = study(ramekin(0.8));
        var usual = study(ramekin(1.0));
        var rubber = study(ramekin(4.0));
        double dairyOnly = 1 + 4 * soft.mix().milkProteinPerWater();
        double overnight = at(soft, 16) * dairyOnly / soft.factors().product();
        System.out.printf(
                "ramekin 0.8 %%: sets %.2f h; 4 h %.0f Pa, 5 h %.0f %%, 8 h %.0f %% of final; 16 h %.0f Pa with the dairy factor alone, %.0f Pa with all factors%n",
                hours(soft),
                at(soft, 4),
                100 * at(soft, 5) / at(soft, 48),
                100 * at(soft, 8) / at(soft, 48),
                overnight,
                at(soft, 16));
        System.out.printf(
                "ramekin 1.0 %%: sets %.2f h, %.2f times as firm; 4 %%: sets %.2f h, %.0f Pa%n",
                hours(usual), at(usual, 48) / at(soft, 48), hours(rubber), at(rubber, 24));
        assertThat(hours(soft)).isBetween(2.8, 3.4);
        assertThat(at(soft, 4) * dairyOnly / soft.factors().product()).isBetween(20.0, 80.0);
        assertThat(at(soft, 5) / at(soft, 48)).isBetween(0.28, 0.40);
        assertThat(at(soft, 8) / at(soft, 48)).isBetween(0.60, 0.75);
        assertThat(overnight).isBetween(240.0, 360.0);
        assertThat(hours(soft) - hours(usual)).isBetween(0.3, 0.7);
        assertThat(at(usual, 48) / at(soft, 48)).isBetween(1.7, 2.2);
        assertThat(hours(rubber)).isLessThan(2);
        assertThat(at(rubber, 48)).isGreaterThan(12_000);
    }

    @ParameterizedTest
    @ValueSource(strings = {"dariole", "ramekin", "half-sphere-70", "tulip", "terrine"})
    void halvingTheGridMovesMilestonesByLessThanTwoPercent(String mould) {
        var formula = withMould(
                withServed(pear(), mould.equals("tulip") ? "in-glass" : "turned-out"),
                mould,
                mould.equals("terrine") ? "1" : "12");
        var fine = new Assessor(ChillOptions.standard().halved());
        var coarse = assess(formula).milestones();
        var finer = fine.assess(formula, WORKPLACE).value().orElseThrow().milestones();
        for (int i = 0; i < coarse.size(); i++) {
            double a = coarse.get(i).minutes().orElseThrow();
            double b = finer.get(i).minutes().orElseThrow();
            System.out.printf(
                    "grid halving, %s, %s: %.1f -> %.1f min (%.2f %%)%n",
                    mould, coarse.get(i).code(), a, b, 100 * Math.abs(a / b - 1));
            assertThat(a / b).as(coarse.get(i).code()).isCloseTo(1, within(0.02));
        }
    }

    @Test
    void moreGelatinIsNeverSofterNorLater() {
        double firmness = 0;
        double sets = Double.POSITIVE_INFINITY;
        for (double g = 8; g <= 40; g += 4) {
            var p = assess(withGelatin(pear(), g + " g", "100 g")).prediction();
            assertThat(p.firmness()).isGreaterThan(firmness);
            assertThat(p.setsAfterMinutes().orElseThrow()).isLessThanOrEqualTo(sets);
            firmness = p.firmness();
            sets = p.setsAfterMinutes().orElseThrow();
        }
    }

    @Test
    void colderIsNeverLater() {
        double before = 0;
        for (int air = 0; air <= 8; air += 2) {
            double sets = assess(withCooler(pear(), "fridge-still", air + " °C"))
                    .prediction()
                    .setsAfterMinutes()
                    .orElseThrow();
            assertThat(sets).isGreaterThan(before);
            before = sets;
        }
    }

    @Test
    void coolerPouredAndWindierFridgeAreSooner() {
        double usual = sets(pear());
        assertThat(sets(withPour(pear(), "28 °C"))).isLessThan(usual);
        assertThat(sets(withCooler(pear(), "fridge-fan", "4 °C"))).isLessThan(usual);
    }

    @Test
    void aWantedFirmnessIsReadAsThePageWritesIt() {
        for (var written : List.of("60 of 100", "60/100")) {
            assertThat(assess(withWanted(pear(), written)).verdicts())
                    .extracting(Verdict::sentence)
                    .isEqualTo(assess(withWanted(pear(), "60")).verdicts().stream()
                            .map(Verdict::sentence)
                            .toList());
        }
    }

    @Test
    void rawKiwiNeverSets() {
        var lines = new ArrayList<>(pearLines());
        lines.add(line("kiwi-raw", "120 g"));
        var a = assess(withLines(pear(), lines));
        assertThat(a.line().get(0).text()).contains("Raw fruit prevents setting");
        assertThat(a.prediction().setsAfterMinutes()).isEmpty();
        assertThat(verdict(a, "too-soft").fixes()).isEmpty();
    }

    @Test
    void warmFridgeColdPourAndSmallMouldAreVerdictsWithTheirFix() {
        var warm = assess(withCooler(pear(), "fridge-still", "28 °C"));
        assertThat(verdict(warm, "cooler-too-warm").sentence())
                .contains("28 °C")
                .contains("never sets");
        assertThat(verdict(warm, "kept-too-warm").tone()).isEqualTo(Tone.UNSAFE);
        assertThat(warm.line().get(0).tone()).isEqualTo(Tone.UNSAFE);

        var cold = assess(withPour(pear(), "12 °C"));
        var mended = assess(apply(
                withPour(pear(), "12 °C"),
                verdict(cold, "poured-too-cold").fixes().get(0)));
        assertThat(mended.verdicts()).extracting(Verdict::code).doesNotContain("poured-too-cold");

        var small = withMould(withServed(pear(), "in-glass"), "egg-cup", "12");
        var over = assess(small);
        assertThat(verdict(over, "overfilled").path()).isEqualTo("/moulds/count");
        assertThat(over.section().overMl()).isPositive();
        var roomy = assess(apply(small, verdict(over, "overfilled").fixes().get(0)));
        assertThat(roomy.section().overMl()).isZero();
    }

    @Test
    void glassIsNotTurnedOut() {
        var a = assess(withMould(pear(), "tumbler", "8"));
        assertThat(verdict(a, "glass-not-turned-out")
                        .fixes()
                        .get(0)
                        .changes()
                        .get(0)
                        .value())
                .isEqualTo("in-glass");
        assertThat(a.section().standing()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "-5, /components/0/lines/0/amount",
        "0, /components/0/lines/0/amount",
        "1000000000 g, /components/0/lines/0/amount",
        "NaN, /components/0/lines/0/amount",
        "'', /components/0/lines/0/amount"
    })
    void badAmountsNameFieldValueAndRule(String amount, String path) {
        var outcome = ASSESSOR.assess(withLines(pear(), List.of(line("cream-35", amount))), WORKPLACE);
        assertThat(outcome.value()).isEmpty();
        assertThat(outcome.problems()).singleElement().satisfies(p -> {
            assertThat(p.path()).isEqualTo(path);
            assertThat(p.value()).isEqualTo(amount);
            assertThat(p.field()).isEqualTo("Cream 35 % fat");
            assertThat(p.rule().key()).startsWith("problems.");
        });
    }

    @Test
    void everythingWrongIsSaidAtOnce() {
        var nothing = new WrittenFormula(
                99,
                null,
                "cups",
                "flambéed",
                "a lot",
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null);
        assertThat(ASSESSOR.assess(nothing, WORKPLACE).problems())
                .extracting(Problem::code)
                .contains(
                        "schema-unknown",
                        "served-unknown",
                        "measures-unknown",
                        "wanted-unreadable",
                        "components-count",
                        "mould-unknown",
                        "count-unreadable",
                        "cooler-unknown",
                        "time-unreadable");
        var empty = ASSESSOR.assess(withLines(pear(), List.of()), WORKPLACE);
        assertThat(empty.problems()).extracting(Problem::code).containsExactly("lines-count");
        var unknown = ASSESSOR.assess(withLines(pear(), List.of(line("unobtainium", "5 g"))), WORKPLACE);
        assertThat(unknown.problems()).extracting(Problem::code).containsExactly("ingredient-unknown");
    }

    /** Random valid formulas: an assessment for each, every verdict with evidence, no NaN, bounded time. */
    @Test
    void randomFormulasAreAlwaysAnswered() {
        long seed = 20261124;
        var random = new Random(seed);
        var ingredients = List.copyOf(LARDER.ingredients());
        int tooLow = 0;
        for (int n = 0; n < 150; n++) {
            var formula = random(random, ingredients);
            var outcome = ASSESSOR.assess(formula, WORKPLACE);
            if (!outcome.problems().isEmpty()) {
                assertThat(outcome.problems())
                        .as("seed %d, formula %d: %s", seed, n, formula)
                        .extracting(Problem::code)
                        .containsExactly("fill-too-low");
                tooLow++;
                continue;
            }
            var a = outcome.value().orElseThrow();
            assertThat(a.toString()).as("seed %d, formula %d", seed, n).doesNotContain("NaN");
            assertThat(a.components().get(0).course().orElseThrow().firmness())
                    .as("seed %d, formula %d", seed, n)
                    .doesNotContain(Double.NaN);
            assertThat(a.line()).isNotEmpty();
            assertThat(a.verdicts())
                    .allSatisfy(v -> assertThat(v.evidence().inputs()).isNotEmpty());
        }
        assertThat(tooLow).isLessThan(75);
    }

    private static WrittenFormula random(Random random, List<Ingredient> ingredients) {
        var lines = new ArrayList<Line>();
        int count = 1 + random.nextInt(8);
        for (int i = 0; i < count; i++) {
            lines.add(new Line(
                    ingredients.get(random.nextInt(ingredients.size())).id(),
                    logUniform(random, 0.01, 90_000) + " g",
                    List.of("", "raw", "heated", "canned", "pasteurised").get(random.nextInt(5)),
                    List.of("", "hot", "cold").get(random.nextInt(3))));
        }
        var moulds = List.copyOf(LARDER.moulds());
        var coolers = List.copyOf(LARDER.coolers());
        var gelatin = logUniform(random, 0.01, 9_000);
        var base = withMould(pear(), moulds.get(random.nextInt(moulds.size())).id(), "" + (1 + random.nextInt(60)));
        base = withCooler(base, coolers.get(random.nextInt(coolers.size())).id(), (random.nextInt(40) - 0.5) + "");
        base = withPour(base, random.nextInt(101) + " °C");
        base = withServed(base, random.nextBoolean() ? "in-glass" : "turned-out");
        var gels = List.copyOf(LARDER.gels());
        var bloom = List.of("", "weighed", "squeezed", "dry").get(random.nextInt(4));
        base = withGel(
                base,
                new Plain.Gel(
                        gels.get(random.nextInt(gels.size())).id(), gelatin + " g", bloom, random.nextInt(100) + " g"));
        if (random.nextBoolean()) {
            base = withHeat(base, random.nextInt(106) + " °C", random.nextInt(90) + " min", random.nextInt(31) + " °C");
        }
        return withLines(random.nextInt(3) > 0 ? base : withWanted(base, (1 + random.nextInt(98)) + ""), lines);
    }

    private static String logUniform(Random random, double from, double to) {
        return String.format(java.util.Locale.ROOT, "%.3f", from * Math.pow(to / from, random.nextDouble()))
                .replaceFirst("^0\\.00\\d$", "0.01");
    }

    private static Assessment assess(WrittenFormula formula) {
        var outcome = ASSESSOR.assess(formula, WORKPLACE);
        assertThat(outcome.problems()).isEmpty();
        return outcome.value().orElseThrow();
    }

    private static double sets(WrittenFormula formula) {
        return assess(formula).prediction().setsAfterMinutes().orElseThrow();
    }

    private static Study study(WrittenFormula formula) {
        return ASSESSOR.study(formula, 0, WORKPLACE).orElseThrow();
    }

    private static double hours(Study study) {
        // No longer liquid: what a cook sees first.
        return study.history().secondsFirm(20) / 3600;
    }

    private static double at(Study study, double hours) {
        var minutes = study.history().minutes();
        int i = 1;
        while (i < minutes.length - 1 && minutes[i] < 60 * hours) {
            i++;
        }
        double share = (60 * hours - minutes[i - 1]) / (minutes[i] - minutes[i - 1]);
        var pa = study.history().weakestPa();
        return pa[i - 1] + share * (pa[i] - pa[i - 1]);
    }

    private static Verdict verdict(Assessment a, String code) {
        return a.verdicts().stream()
                .filter(v -> v.code().equals(code))
                .findFirst()
                .orElseThrow();
    }

    /** Takes a fix the way the Bench does, for the fields that fixes touch. */
    private static WrittenFormula apply(WrittenFormula f, com.deftchill.core.verdict.Fix fix) {
        return Changes.take(f, fix.changes());
    }
}
