package com.deftchill.core.assess;

import static com.deftchill.core.Desserts.NO_GEL;
import static com.deftchill.core.Desserts.compote;
import static com.deftchill.core.Desserts.crumb;
import static com.deftchill.core.Desserts.dessert;
import static com.deftchill.core.Desserts.heated;
import static com.deftchill.core.Desserts.jelly;
import static com.deftchill.core.Desserts.layered;
import static com.deftchill.core.Desserts.line;
import static com.deftchill.core.Desserts.mousse;
import static com.deftchill.core.Desserts.of;
import static com.deftchill.core.Desserts.sponge;
import static com.deftchill.core.Kitchens.assess;
import static com.deftchill.core.Kitchens.verdict;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.Plain.Component;
import com.deftchill.core.Plain.Gel;
import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.timing.Milestone;
import com.deftchill.core.verdict.Fix.Change;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Layers poured upon each other and chilled together. */
class LayersUponEachOtherTest {
    private static Component cream(String id, String grams, String pour) {
        return heated(
                of(
                        id,
                        "set-cream",
                        pour,
                        new Gel("sheet-gold", grams, "weighed", "20 g"),
                        line("cream-35", "150 g"),
                        line("milk-35", "150 g"),
                        line("sugar", "30 g")),
                "60 °C");
    }

    private static WrittenFormula glass(Component... components) {
        return dessert("in-glass", "glass-straight", "4", components);
    }

    private static double minutes(Assessment assessment, String code) {
        return assessment.milestones().stream()
                .filter(m -> m.code().equals(code))
                .findFirst()
                .flatMap(Milestone::minutes)
                .orElseThrow(() -> new AssertionError(code + " in " + assessment.milestones()));
    }

    @Test
    void aLayerGoesOnAfterTheOneBelowCarriesItAndBeforeThatIsAtItsBest() {
        var found = assess(glass(cream("lower", "5 g", "32 °C"), jelly()));
        double gate = minutes(found, "pours-jelly");
        assertThat(gate).isGreaterThan(20).isLessThan(minutes(found, "best"));
        assertThat(minutes(found, "sets-jelly")).isGreaterThan(gate);
    }

    @Test
    void moreGelatinBelowOpensTheGateSooner() {
        double weak = minutes(assess(glass(cream("lower", "3.5 g", "32 °C"), jelly())), "pours-jelly");
        double strong = minutes(assess(glass(cream("lower", "7 g", "32 °C"), jelly())), "pours-jelly");
        assertThat(strong).isLessThan(weak);
    }

    @Test
    void aColderFridgeIsNeverLater() {
        double before = 0;
        for (int air = 1; air <= 9; air += 2) {
            var formula = glass(cream("lower", "5 g", "32 °C"), jelly());
            double sets = minutes(
                    assess(Changes.take(formula, List.of(new Change("/cooler/air", air + " °C")))), "sets-jelly");
            assertThat(sets).as(air + " °C").isGreaterThan(before);
            before = sets;
        }
    }

    @Test
    void theFirstLayerOfManySetsAsByItself() {
        double alone = minutes(assess(glass(cream("lower", "5 g", "32 °C"))), "sets");
        double below = minutes(assess(glass(cream("lower", "5 g", "32 °C"), jelly())), "sets-lower");
        // the next layer goes on as soon as its surface carries it, while its centre still sets, and warms it
        assertThat(below).isGreaterThan(alone).isCloseTo(alone, within(0.3 * alone));
    }

    @Test
    void aHotJellyMeltsTheLayerBelowAndItsFixMendsIt() {
        var hot = jelly();
        var formula = glass(
                cream("lower", "5 g", "32 °C"),
                new Component(
                        "hot",
                        "Hot jelly",
                        "jelly",
                        "",
                        hot.lines(),
                        hot.gel(),
                        hot.heat(),
                        null,
                        null,
                        null,
                        null,
                        null,
                        "75 °C"));
        var found = verdict(assess(formula), "layer-mixes").orElseThrow(() -> new AssertionError("does not mix"));
        assertThat(found.tone()).as("in a glass it is still eaten").isEqualTo(Tone.CAUTION);
        assertThat(found.sentence()).contains("75 °C").contains("mixes");
        var mended = assess(Changes.take(formula, found.fixes().get(0).changes()));
        assertThat(verdict(mended, "layer-mixes")).isEmpty();
        assertThat(verdict(mended, "layer-bleeds")).isEmpty();
        assertThat(verdict(mended, "layer-joins")).isPresent();
    }

    @Test
    void aGoodPourSaysFromWhenToWhenAndHowWarm() {
        var said = verdict(assess(glass(cream("lower", "5 g", "32 °C"), jelly())), "layer-joins")
                .orElseThrow()
                .sentence();
        assertThat(said)
                .containsPattern("Put it on from \\d\\d:\\d\\d, and by \\d\\d:\\d\\d.* between \\d+ °C and \\d+ °C");
    }

    @Test
    void coldCreamOnAMousseThatFatHoldsMeltsNothing() {
        var mousse = heated(
                of(
                        "mousse",
                        "mousse",
                        "26 °C",
                        NO_GEL,
                        line("dark-65", "150 g"),
                        line("milk-35", "80 g"),
                        line("cream-35", "250 g", "whipped")),
                "60 °C");
        var top = of("top", "whipped", "5 °C", NO_GEL, line("cream-35", "120 g", "whipped"));
        var said = verdict(assess(glass(mousse, top)), "layer-joins").orElseThrow();
        assertThat(said.tone()).isEqualTo(Tone.GOOD);
        assertThat(said.sentence()).startsWith("Put it on from ");
    }

    @Test
    void whatIsLaidInOrLooseIsFilledOnAtOnce() {
        assertThat(assess(glass(compote(), sponge(), mousse())).milestones())
                .extracting(Milestone::code)
                .noneMatch(code -> code.startsWith("pours-"));
        double crumb = minutes(assess(layered()), "pours-mousse");
        assertThat(crumb).as("a crumb base hardens first").isCloseTo(30, within(1e-6));
    }

    @Test
    void aLayerThatNeverCarriesIsSaidNotWaitedForForEver() {
        var found = assess(glass(cream("weak", "0.2 g", "32 °C"), jelly()));
        assertThat(found.verdicts()).anySatisfy(v -> assertThat(v.tone()).isEqualTo(Tone.BAD));
        assertThat(found.milestones()).extracting(Milestone::code).doesNotContain("pours-jelly");
        assertThat(minutes(found, "sets-jelly")).isGreaterThan(24 * 60.0);
    }

    @Test
    void theMethodWaitsForTheGateAndNotPastTheBond() {
        var found = assess(glass(cream("lower", "5 g", "32 °C"), jelly()));
        var fill = found.method().stream()
                .filter(s -> s.id().equals("1.fill"))
                .findFirst()
                .orElseThrow();
        var waits = fill.after().stream()
                .filter(a -> a.step().equals("0.fill"))
                .findFirst()
                .orElseThrow();
        assertThat(waits.leastMinutes()).isCloseTo(minutes(found, "pours-jelly"), within(1e-6));
        assertThat(waits.mostMinutes()).hasValueSatisfying(m -> assertThat(m).isGreaterThan(waits.leastMinutes()));
    }

    /** The warmer the pour, the worse for a gel that has only just set; its own fix mends what goes soft. */
    @Test
    void aYoungGelGoesSoftAgainUnderAWarmPourBeforeItMelts() {
        var found = new ArrayList<String>();
        for (int pour = 26; pour <= 42; pour += 2) {
            var formula = dessert(
                    "in-glass",
                    "glass-straight",
                    "4",
                    cream("lower", "2.6 g", "30 °C"),
                    heated(
                            of(
                                    "jelly",
                                    "jelly",
                                    pour + " °C",
                                    new Gel("sheet-gold", "6 g", "weighed", "30 g"),
                                    line("apple-juice", "340 g"),
                                    line("sugar", "20 g")),
                            "60 °C"));
            var met = assess(formula).verdicts().stream()
                    .filter(v -> v.code().startsWith("layer-"))
                    .findFirst()
                    .orElseThrow();
            found.add(met.code());
            if (met.code().equals("layer-softens")) {
                var mended = assess(Changes.take(formula, met.fixes().get(0).changes()));
                assertThat(verdict(mended, "layer-joins"))
                        .as("poured at %d °C", pour)
                        .isPresent();
            }
        }
        var worse = List.of("layer-joins", "layer-softens", "layer-bleeds", "layer-mixes");
        assertThat(found).contains("layer-joins", "layer-softens");
        assertThat(found).isSortedAccordingTo(Comparator.comparingInt(worse::indexOf));
    }
}
