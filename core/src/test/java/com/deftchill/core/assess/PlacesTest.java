package com.deftchill.core.assess;

import static com.deftchill.core.Desserts.NO_GEL;
import static com.deftchill.core.Desserts.dessert;
import static com.deftchill.core.Desserts.folded;
import static com.deftchill.core.Desserts.heated;
import static com.deftchill.core.Desserts.line;
import static com.deftchill.core.Desserts.of;
import static com.deftchill.core.Formulas.in;
import static com.deftchill.core.Formulas.stay;
import static com.deftchill.core.Formulas.withCooler;
import static com.deftchill.core.Kitchens.ASSESSOR;
import static com.deftchill.core.Kitchens.STANDARD;
import static com.deftchill.core.Kitchens.assess;
import static com.deftchill.core.Kitchens.verdict;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import com.deftchill.core.Plain.Component;
import com.deftchill.core.Plain.Fold;
import com.deftchill.core.Plain.Gel;
import com.deftchill.core.Told;
import com.deftchill.core.alternative.Alternatives;
import com.deftchill.core.alternative.WhatIf;
import com.deftchill.core.cold.Chilling;
import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.formula.WrittenFormula.Stay;
import com.deftchill.core.timing.Milestone;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Fix.Change;
import com.deftchill.core.verdict.Problem;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A dessert through places: what a cook would expect of each, and what is refused. */
class PlacesTest {
    private static final double COLD_C = 8;

    private static Component cream(double portions, String product, double gelPercent) {
        double gel = portions * gelPercent;
        return heated(
                of(
                        "cream",
                        "set-cream",
                        "35 °C",
                        new Gel(product, gel + " g", "weighed", 5 * gel + " g"),
                        line("cream-35", 55 * portions + " g"),
                        line("milk-35", 35 * portions + " g"),
                        line("sugar", 10 * portions + " g")),
                "60 °C");
    }

    private static WrittenFormula creams(String mould, int count, double portions) {
        return dessert("turned-out", mould, Integer.toString(count), cream(portions, "sheet-gold", 1.2));
    }

    private static WrittenFormula pots() {
        return creams("dariole", 6, 6);
    }

    private static WhatIf figures(WrittenFormula formula) {
        var found = new Alternatives(ASSESSOR).whatIf(formula, Optional.empty(), STANDARD);
        assertThat(found.problems()).isEmpty();
        return found;
    }

    private static double cold(WrittenFormula formula) {
        return figures(formula).coldMinutes().orElse(Double.POSITIVE_INFINITY);
    }

    private static WrittenFormula covered(WrittenFormula formula, String cover) {
        return in(formula, new Stay("", "", "", cover, ""));
    }

    @Test
    void thickerIsNeverSooner() {
        double before = 0;
        for (double portions : new double[] {3, 4, 5, 6, 7}) {
            double minutes = cold(creams("dariole", 6, portions));
            assertThat(minutes).as("%s portions in six moulds", portions).isGreaterThan(before);
            before = minutes;
        }
    }

    @Test
    void aColderCoolerIsNeverLater() {
        double before = Double.POSITIVE_INFINITY;
        for (int air = 7; air >= -1; air -= 2) {
            double minutes = cold(withCooler(pots(), "fridge-still", air + " °C"));
            assertThat(minutes).as("air of %d °C", air).isLessThan(before);
            before = minutes;
        }
    }

    @Test
    void filmIsNeverFasterAndATrayNeverSlower() {
        double open = cold(pots());
        assertThat(cold(covered(pots(), "film"))).isGreaterThan(open);
        assertThat(cold(covered(pots(), "lid"))).isGreaterThan(open);
        assertThat(cold(in(pots(), new Stay("", "", "", "", "tray")))).isLessThan(open);
    }

    @Test
    void aFullerFridgeNeverCoolsSooner() {
        double before = 0;
        for (int count : new int[] {4, 12, 40, 120}) {
            var found = figures(creams("dariole", count, count));
            double minutes = found.coldMinutes().orElse(Double.POSITIVE_INFINITY);
            assertThat(minutes).as("%d moulds", count).isGreaterThan(before);
            before = minutes;
        }
        assertThat(figures(creams("dariole", 120, 120)).peakAirC().orElseThrow())
                .isGreaterThan(8);
    }

    @Test
    void doorsThatAreOpenedNeverCoolSooner() {
        var shut = creams("dariole", 40, 40);
        var opened = Changes.take(shut, List.of(new Change("/cooler/doors", "30")));
        assertThat(cold(opened)).isGreaterThan(cold(shut));
        assertThat(figures(opened).peakAirC().orElseThrow())
                .isGreaterThan(figures(shut).peakAirC().orElseThrow());
    }

    @Test
    void moreGelatinStandsTaller() {
        double before = 0;
        for (double percent : new double[] {1, 1.2, 1.5, 2}) {
            var found = figures(dessert("turned-out", "dariole", "6", cream(6, "sheet-gold", percent)));
            assertThat(found.standingMm().orElseThrow()).isGreaterThan(before);
            before = found.standingMm().orElseThrow();
        }
    }

    @Test
    void anIceBathFirstIsSoonerAndIsALine() {
        var iced = in(pots(), stay("ice-bath", "20 min"), stay("", ""));
        assertThat(cold(iced)).isLessThan(0.5 * cold(pots()));
        assertThat(assess(iced).line().get(0).text()).contains("Sets by").contains("turns out from");
    }

    @Test
    void warmAgainAtTheEndTakesNothingBack() {
        var served = assess(in(pots(), stay("", "8 h"), stay("room", "30 min")));
        var kept = assess(pots());
        assertThat(minutes(served, "sets")).isCloseTo(minutes(kept, "sets"), within(0.5));
        assertThat(minutes(served, "turns-out")).isCloseTo(minutes(kept, "turns-out"), within(0.5));
        assertThat(minutes(served, "served")).isCloseTo(510, within(1e-6));
        assertThat(served.prediction().standingMm().orElseThrow())
                .isLessThan(kept.prediction().standingMm().orElseThrow());
        assertThat(served.line().get(0).text()).contains("at service, 18:30");
    }

    @Test
    void servedTooEarlyIsSaidAndItsFixCuresIt() {
        var early = in(pots(), stay("", "2 h"), stay("room", "15 min"));
        var found = verdict(assess(early), "served-too-early").orElseThrow();
        assertThat(found.tone()).isEqualTo(Tone.BAD);
        var mended = assess(Changes.take(early, found.fixes().get(0).changes()));
        assertThat(verdict(mended, "served-too-early")).isEmpty();
    }

    @Test
    void noHasteIsMadeUpForByGelatin() {
        var thin = dessert("turned-out", "dariole", "6", cream(6, "sheet-gold", 0.3));
        var unhurried = verdict(assess(thin), "too-soft").orElseThrow();
        var hurried = in(thin, stay("", "2 h"));
        var found = verdict(assess(hurried), "too-soft").orElseThrow();
        assertThat(found.sentence()).contains("at service, 12:00");
        var fix = found.fixes().get(0);
        assertThat(fix.effect()).endsWith("given a day in the cold");
        assertThat(dose(fix)).isCloseTo(dose(unhurried.fixes().get(0)), withinPercentage(5));
        // Then only time is missing.
        var dosed = Changes.take(hurried, fix.changes());
        assertThat(verdict(assess(dosed), "too-soft")).isEmpty();
        var longer =
                verdict(assess(dosed), "served-too-early").orElseThrow().fixes().get(0);
        assertThat(assess(Changes.take(dosed, longer.changes())).verdicts())
                .noneMatch(v -> v.tone().compareTo(Tone.BAD) <= 0);
    }

    private static double dose(Fix fix) {
        return Double.parseDouble(fix.changes().get(0).value().replace(" g", ""));
    }

    @Test
    void whatTheRoomMadeSoftComesOutOfTheColdLaterAndIsServedAtTheSameTime() {
        var soft = in(pots(), stay("", "12 h"), stay("room", "5 h"));
        var fix = verdict(assess(soft), "too-soft").orElseThrow().fixes().get(0);
        assertThat(fix.label()).isEqualTo("Take it out of the cold only 20 min before it is served");
        var later = assess(Changes.take(soft, fix.changes()));
        assertThat(minutes(later, "served")).isCloseTo(17 * 60, within(1e-6));
        assertThat(verdict(later, "too-soft")).isEmpty();
    }

    @Test
    void softenedAtTheTableButStandingIsAMatterOfTaste() {
        var standing = assess(in(creams("half-sphere-70", 6, 4), stay("", "12 h"), stay("room", "2 h")));
        assertThat(verdict(standing, "stands").orElseThrow().tone()).isEqualTo(Tone.GOOD);
        assertThat(verdict(standing, "too-soft")).isEmpty();
    }

    @Test
    void whatIsKeptTooLongIsServedSooner() {
        var old = in(pots(), stay("", "6 days"));
        var fix = verdict(assess(old), "kept-too-long").orElseThrow().fixes().get(0);
        var sooner = assess(Changes.take(old, fix.changes()));
        assertThat(verdict(sooner, "kept-too-long")).isEmpty();
    }

    @Test
    void howLongItTakesToThawIsKnownHoweverSoonItIsServed() {
        var frozen = in(creams("half-sphere-70", 6, 4), stay("freezer-fan", "12 h"), stay("", "1 h"));
        var found = verdict(assess(frozen), "frozen-at-service").orElseThrow();
        assertThat(found.sentence()).startsWith("It is thawed only by");
        var longer = assess(Changes.take(frozen, found.fixes().get(0).changes()));
        assertThat(verdict(longer, "frozen-at-service")).isEmpty();
    }

    @Test
    void whenItIsServedDoesNotChangeWhenItSets() {
        var jelly = heated(
                of(
                        "jelly",
                        "jelly",
                        "35 °C",
                        new Gel("sheet-gold", "6.3 g", "weighed", "45 g"),
                        line("apple-juice", "500 g"),
                        line("sugar", "50 g")),
                "60 °C");
        var custard = heated(
                of(
                        "custard",
                        "starch-custard",
                        "45 °C",
                        NO_GEL,
                        line("milk-35", "400 g"),
                        line("corn-starch", "30 g"),
                        line("sugar", "50 g")),
                "98 °C");
        var layered = dessert("in-glass", "glass-straight", "6", jelly, custard);
        double kept = minutes(assess(layered), "sets-jelly");
        for (var stay : List.of("45 min", "2 h", "3 h", "6 h", "12 h")) {
            assertThat(minutes(assess(in(layered, stay("", stay))), "sets-jelly"))
                    .as(stay)
                    .isCloseTo(kept, withinPercentage(5));
        }
    }

    /** A mousse that leaves its half-spheres frozen and thaws in the fridge. */
    private static WrittenFormula frozenMousse(double gelatinG) {
        var gel = new Gel("sheet-gold", gelatinG + " g", "weighed", "45 g");
        var mousse = folded(
                heated(
                        of(
                                "mousse",
                                "mousse",
                                "18 °C",
                                gel,
                                line("apricot-puree", "300 g"),
                                line("sugar", "60 g"),
                                line("cream-35", "250 g", "whipped")),
                        "60 °C"),
                new Fold("soft", "thirds", "26 °C", "5 °C"));
        var spheres = dessert("turned-out", "half-sphere-70", "10", mousse);
        return in(spheres, stay("freezer-fan", "12 h"), stay("", "14 h"));
    }

    @Test
    void whatLeavesItsMouldFrozenNeedOnlyStand() {
        var tender = assess(frozenMousse(5.4));
        assertThat(verdict(tender, "stands").orElseThrow().tone()).isEqualTo(Tone.GOOD);
        assertThat(verdict(tender, "soft-close").orElseThrow().tone()).isEqualTo(Tone.NOTE);
        assertThat(tender.verdicts()).noneMatch(v -> v.tone().compareTo(Tone.BAD) <= 0);
        assertThat(verdict(assess(frozenMousse(2)), "too-soft").orElseThrow().tone())
                .isEqualTo(Tone.BAD);
    }

    @Test
    void whatIsFrozenThroughDoesNotAge() {
        var weeks = in(frozenMousse(9), stay("freezer-fan", "6 days"), stay("", "14 h"));
        assertThat(assess(weeks).verdicts()).noneMatch(v -> v.tone().compareTo(Tone.BAD) <= 0);
        var old = in(frozenMousse(9), stay("freezer-fan", "6 days"), stay("", "4 days"));
        var found = verdict(assess(old), "kept-too-long").orElseThrow();
        assertThat(found.sentence()).contains("Served 10 days after pouring, 5 days 22 h of them frozen");
        var sooner = assess(Changes.take(old, found.fixes().get(0).changes()));
        assertThat(verdict(sooner, "kept-too-long")).isEmpty();
    }

    @Test
    void theDoseThatIsRightDoesNotDependOnWhatIsWritten() {
        var doses = new ArrayList<Double>();
        for (double grams : new double[] {2, 3, 4}) {
            var fix = verdict(assess(frozenMousse(grams)), "too-soft")
                    .orElseThrow()
                    .fixes()
                    .get(0);
            doses.add(dose(fix));
            var dosed = assess(Changes.take(frozenMousse(grams), fix.changes()));
            assertThat(verdict(dosed, "firmness-right")).isPresent();
        }
        assertThat(Collections.max(doses)).isCloseTo(Collections.min(doses), withinPercentage(3));
    }

    @Test
    void frozenAtServiceIsSaidAndItsFixThawsIt() {
        var frozen = withCooler(creams("half-sphere-70", 6, 4), "freezer-still", "-18 °C");
        var found = assess(frozen);
        assertThat(found.line().toString()).contains("Frozen through by");
        var fix = verdict(found, "frozen-at-service").orElseThrow().fixes().get(0);
        var thawed = assess(Changes.take(frozen, fix.changes()));
        assertThat(verdict(thawed, "frozen-at-service")).isEmpty();
        assertThat(minutes(thawed, "thawed")).isGreaterThan(minutes(thawed, "frozen") + 120);
        assertThat(verdict(thawed, "thaws").orElseThrow().sentence()).contains("Thawed to the core");
    }

    @Test
    void gelatinWeepsAfterFreezingAndIotaHolds() {
        var places = new Stay[] {stay("freezer-still", "8 h"), stay("fridge-still", "20 h")};
        var never = new Stay[] {stay("fridge-still", "28 h")};
        var gelatin = creams("half-sphere-70", 6, 4);
        assertThat(verdict(assess(in(gelatin, places)), "weeps-after-freezing")).isPresent();
        double lost = firmness(in(gelatin, places)) - firmness(in(gelatin, never));
        assertThat(lost).isNegative();
        var iota = dessert("turned-out", "half-sphere-70", "6", cream(4, "carrageenan-iota", 0.4));
        assertThat(verdict(assess(in(iota, places)), "weeps-after-freezing")).isEmpty();
        assertThat(firmness(in(iota, places))).isCloseTo(firmness(in(iota, never)), within(0.5));
    }

    @Test
    void glassGoesNeverFromTheFreezerIntoHotWater() {
        var china = in(creams("ramekin", 4, 6), stay("freezer-still", "8 h"), stay("fridge-still", "20 h"));
        assertThat(verdict(assess(china), "cold-shock").orElseThrow().tone()).isEqualTo(Tone.UNSAFE);
    }

    @ParameterizedTest
    @CsvSource({"30 min, NOTE", "3 h, CAUTION", "5 h, UNSAFE"})
    void timeOutOfTheColdIsAddedUp(String out, Tone tone) {
        var found = verdict(assess(in(pots(), stay("", "8 h"), stay("room", out))), "out-of-the-cold");
        assertThat(found.orElseThrow().tone()).isEqualTo(tone);
        // What has not been cold yet has not left the cold.
        assertThat(verdict(assess(in(pots(), stay("room", out), stay("", ""))), "out-of-the-cold"))
                .isEmpty();
    }

    @Test
    void twoStaysOutAreOneSum() {
        var twice = in(pots(), stay("", "6 h"), stay("room", "70 min"), stay("", "2 h"), stay("room", "70 min"));
        assertThat(verdict(assess(twice), "out-of-the-cold").orElseThrow().tone())
                .isEqualTo(Tone.CAUTION);
    }

    @Test
    void fourteenDaysAreAnsweredAndSaidToBeTooLong() {
        var found = assess(in(pots(), stay("", "14 days")));
        assertThat(verdict(found, "kept-too-long").orElseThrow().tone()).isEqualTo(Tone.UNSAFE);
        assertThat(minutes(found, "served")).isEqualTo(14 * 24 * 60);
    }

    @Test
    void aFridgeAtThirtyDegreesIsAnsweredPlainly() {
        var found = assess(withCooler(pots(), "fridge-still", "30 °C"));
        assertThat(found.line().get(0).tone()).isEqualTo(Tone.UNSAFE);
        assertThat(verdict(found, "kept-too-warm")).isPresent();
        assertThat(verdict(found, "cooler-too-warm")).isPresent();
    }

    @Test
    void fortyLayersAreAnswered() {
        var layers = new ArrayList<Component>();
        for (int i = 0; i < 40; i++) {
            var thin = cream(0.2, "sheet-gold", 1.2);
            layers.add(new Component(
                    "l" + i,
                    "l" + i,
                    "set-cream",
                    "",
                    thin.lines(),
                    thin.gel(),
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    "28 °C"));
        }
        var formula = dessert("in-glass", "trifle-bowl", "1", layers.toArray(Component[]::new));
        assertThat(assess(formula).section().layers()).hasSize(40);
        assertThat(new Chilling(ASSESSOR).chill(formula, STANDARD).value()).isPresent();
    }

    @Test
    void whatIsContradictoryIsNamedFieldByField() {
        assertThat(problem(in(pots(), stay("", ""), stay("room", "1 h")))).satisfies(p -> {
            assertThat(p.path()).isEqualTo("/cooler/places/0/stay");
            assertThat(p.code()).isEqualTo("stay-missing");
        });
        assertThat(problem(in(pots(), stay("", "10 days"), stay("room", "5 days")))
                        .code())
                .isEqualTo("places-too-long");
        assertThat(problem(in(pots(), stay("cave", "1 h"))).path()).isEqualTo("/cooler/places/0/of");
        assertThat(problem(in(pots(), stay("", "0 min"))).rule().key()).isEqualTo("problems.typed.range");
        assertThat(problem(in(pots(), new Stay("", "", "", "foil", ""))).code()).isEqualTo("cover-unknown");
        assertThat(problem(in(pots(), new Stay("", "", "", "", "sand"))).code()).isEqualTo("stand-unknown");
        assertThat(Told.of(problem(in(pots(), new Stay("room", "90 °C", "1 h", "", "")))
                        .rule()))
                .startsWith("-40 40");
        var many = Collections.nCopies(21, stay("", "1 h")).toArray(Stay[]::new);
        assertThat(problem(in(pots(), many)).path()).isEqualTo("/cooler/places");
    }

    private static Problem problem(WrittenFormula formula) {
        var outcome = ASSESSOR.assess(formula, STANDARD);
        assertThat(outcome.problems()).hasSize(1);
        return outcome.problems().get(0);
    }

    private static double firmness(WrittenFormula formula) {
        return assess(formula).prediction().firmness();
    }

    private static double minutes(Assessment assessment, String code) {
        return assessment.milestones().stream()
                .filter(m -> m.code().equals(code))
                .findFirst()
                .flatMap(Milestone::minutes)
                .orElseThrow(() -> new AssertionError(code + " in " + assessment.milestones()));
    }
}
