package com.deftchill.core.assess;

import static com.deftchill.core.Desserts.NO_GEL;
import static com.deftchill.core.Desserts.dessert;
import static com.deftchill.core.Desserts.jelly;
import static com.deftchill.core.Desserts.layered;
import static com.deftchill.core.Desserts.line;
import static com.deftchill.core.Desserts.mousse;
import static com.deftchill.core.Desserts.of;
import static com.deftchill.core.Kitchens.ASSESSOR;
import static com.deftchill.core.Kitchens.STANDARD;
import static com.deftchill.core.Kitchens.assess;
import static com.deftchill.core.Kitchens.verdict;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deftchill.core.batch.Mixing;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.formula.WrittenFormula.Foam;
import com.deftchill.core.formula.WrittenFormula.Gel;
import com.deftchill.core.formula.WrittenFormula.Line;
import com.deftchill.core.formula.WrittenFormula.Work;
import com.deftchill.core.method.Need;
import com.deftchill.core.verdict.Problem;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What document 5 lets a cook write of what is done: when it is poured, several foams, portions; and what it does not yet. */
class WorkTest {
    private static Dessert study(WrittenFormula formula) {
        var outcome = ASSESSOR.study(formula, STANDARD);
        return outcome.value()
                .orElseThrow(() -> new AssertionError(outcome.problems().toString()));
    }

    private static List<String> problems(WrittenFormula formula) {
        return ASSESSOR.assess(formula, STANDARD).problems().stream()
                .map(Problem::code)
                .toList();
    }

    /** Mousse and jelly in a glass, the jelly poured so. */
    private static WrittenFormula jellyPoured(String field, String text, String when) {
        var formula = dessert("in-glass", "glass-straight", "4", mousse(), jelly());
        var so = Changes.set(formula, "/components/1/work/pour/when", when);
        return Changes.set(so, "/components/1/work/pour/" + field, text);
    }

    private static double jellyStarts(WrittenFormula formula) {
        return study(formula).build().startSeconds(1);
    }

    @Test
    void aLayerIsPouredNotBeforeATimeOfDay() {
        double ready = jellyStarts(jellyPoured("clock", "", "ready"));
        double later = jellyStarts(jellyPoured("clock", "15:00", "not-before"));
        assertThat(ready).isLessThan(5 * 3600);
        assertThat(later).isCloseTo(5 * 3600, within(120.0));
        // Other steps of the simulation, the same moment.
        assertThat(jellyStarts(jellyPoured("clock", "10:01", "not-before"))).isCloseTo(ready, within(180.0));
    }

    @Test
    void aLayerIsPouredAfterAWait() {
        assertThat(jellyStarts(jellyPoured("lasts", "6 h", "after"))).isCloseTo(6 * 3600, within(120.0));
    }

    @Test
    void whenItIsPouredIsNamedWhereItCannotBeRead() {
        assertThat(problems(jellyPoured("clock", "soon", "not-before"))).containsExactly("time-unreadable");
        assertThat(problems(jellyPoured("lasts", "", "after"))).containsExactly("duration-unreadable");
        assertThat(problems(jellyPoured("clock", "", "whenever"))).containsExactly("pour-unknown");
    }

    /** Whites and cream folded into a puree, each its own foam. */
    private static WrittenFormula twoFoams(String whites, String cream) {
        var base =
                of("mousse", "mousse", "", NO_GEL, line("pear-puree", "300 g")).lifted();
        var lines = new ArrayList<>(base.lines());
        lines.add(new Line("w", "egg-white", "", "100 g", "pasteurised", "f1"));
        lines.add(new Line("c", "cream-35", "", "200 g", "", "f2"));
        var foams = List.of(new Foam("f1", whites, "20 °C", ""), new Foam("f2", cream, "5 °C", ""));
        var component = base.withLines(lines).withFoams(foams);
        return dessert("in-glass", "trifle-bowl", "1", jelly()).withComponents(List.of(component));
    }

    private static double airMl(WrittenFormula formula) {
        return Mixing.of(study(formula).batch().components().get(0)).airMl();
    }

    @Test
    void eachFoamIsWhippedToItsOwnStage() {
        double soft = airMl(twoFoams("soft", "soft"));
        double stiffWhites = airMl(twoFoams("stiff", "soft"));
        double stiffCream = airMl(twoFoams("soft", "stiff"));
        var foam = STANDARD.parameters().foam();
        double kept = foam.keptStiff().value() * foam.whitesStiff().value()
                - foam.keptSoft().value() * foam.whitesSoft().value();
        double white = 1000 * 100 / density("egg-white");
        assertThat(stiffWhites - soft).isCloseTo(kept * white, within(0.02 * Math.abs(kept * white)));
        assertThat(Math.abs(stiffCream - soft)).isLessThan(Math.abs(stiffWhites - soft));
    }

    /** As older documents could not but have it. */
    private static WrittenFormula oneBowl() {
        var base =
                of("mousse", "mousse", "", NO_GEL, line("pear-puree", "300 g")).lifted();
        var lines = new ArrayList<>(base.lines());
        lines.add(new Line("w", "egg-white", "", "100 g", "pasteurised", "f1"));
        lines.add(new Line("s", "sugar", "", "40 g", "", "f1"));
        lines.add(new Line("c", "cream-35", "", "200 g", "", "f1"));
        var component = base.withLines(lines).withFoams(List.of(new Foam("f1", "soft", "5 °C", "")));
        return dessert("in-glass", "trifle-bowl", "1", jelly()).withComponents(List.of(component));
    }

    @Test
    void whitesAndCreamInOneBowlAreAskedAboutAndSplit() {
        var asked = verdict(assess(oneBowl()), "one-bowl").orElseThrow();
        assertThat(asked.fixes()).hasSize(2);
        for (var fix : asked.fixes()) {
            var split = Changes.take(oneBowl(), fix.changes());
            assertThat(verdict(assess(split), "one-bowl")).as(fix.label()).isEmpty();
            var component = split.components().get(0);
            assertThat(component.foams()).extracting(Foam::stage).containsExactly("soft", "soft");
            assertThat(component.lines().get(1).foam()).isEqualTo("f2");
            assertThat(component.lines().get(3).foam()).isEqualTo("f1");
        }
        assertThat(asked.fixes().stream()
                        .map(fix -> Changes.take(oneBowl(), fix.changes())
                                .components()
                                .get(0)
                                .lines()
                                .get(2)
                                .foam()))
                .containsExactly("f2", "f1");
        assertThat(verdict(assess(twoFoams("soft", "soft")), "one-bowl")).isEmpty();
    }

    private static double density(String ingredient) {
        return STANDARD.larder()
                .ingredient(ingredient)
                .orElseThrow()
                .composition()
                .density(20);
    }

    @Test
    void aLineOfAFoamThatThereIsNotIsNamed() {
        var formula = twoFoams("soft", "soft");
        assertThat(problems(Changes.set(formula, "/components/0/lines/w/foam", "f7")))
                .containsExactly("foam-unknown");
    }

    @Test
    void whatIsNotComputedYetIsSaidAndNotPassedOver() {
        var jelly = jelly().lifted();
        var gels = List.of(jelly.gel(), new Gel("g2", "agar", "2 g", "", ""));
        var two = dessert("in-glass", "ramekin", "4", jelly()).withComponents(List.of(jelly.withGels(gels)));
        assertThat(problems(two)).containsExactly("gels-count");
        var work = new ArrayList<>(jelly.work());
        work.add(Work.of("heat").with("to", "90 °C"));
        var twice = two.withComponents(List.of(jelly.withWork(work)));
        assertThat(problems(twice)).containsExactly("work-twice");
        work.set(work.size() - 1, Work.of("heat").with("text", "In the copper pan."));
        assertThat(problems(two.withComponents(List.of(jelly.withWork(work))))).isEmpty();
    }

    @Test
    void aTinGivesPortions() {
        var whole = assess(layered());
        var cut = assess(Changes.set(layered(), "/moulds/portions", "12"));
        assertThat(cut.nutrition().perPortion().grams())
                .isCloseTo(whole.nutrition().perPortion().grams() / 12, within(1e-9));
        assertThat(cut.nutrition().per100g()).isEqualTo(whole.nutrition().per100g());
        assertThat(problems(Changes.set(layered(), "/moulds/portions", "a few")))
                .containsExactly("count-unreadable");
    }

    @Test
    void whatIsWishedForIsCheckedWhenItIsRead() {
        for (var wish : List.of("/eatenAt", "/readyBy", "/dipWater", "/dipLasts")) {
            assertThat(problems(Changes.set(layered(), wish, "some"))).as(wish).hasSize(1);
        }
        assertThat(problems(Changes.set(layered(), "/eatenAt", "10 °C"))).isEmpty();
    }

    @Test
    void everyStepSaysWhatItNeedsAndHowLongItMayTake() {
        for (var step : assess(layered()).method()) {
            assertThat(step.takes().least())
                    .as(step.id())
                    .isLessThanOrEqualTo(step.takes().likely());
            assertThat(step.takes().most())
                    .as(step.id())
                    .isGreaterThanOrEqualTo(step.takes().likely());
            assertThat(step.needs()).as(step.id()).isNotNull();
            step.after()
                    .forEach(after -> assertThat(after.mostMinutes().isPresent())
                            .isEqualTo(!after.why().isEmpty() && !after.why().equals("carries")));
        }
        assertThat(assess(layered()).method())
                .filteredOn(step -> step.work().equals("pour"))
                .allSatisfy(step -> assertThat(step.needs()).contains(Need.HANDS, Need.MOULD));
    }
}
