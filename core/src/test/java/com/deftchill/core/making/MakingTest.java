package com.deftchill.core.making;

import static com.deftchill.core.Kitchens.ASSESSOR;
import static com.deftchill.core.Kitchens.STANDARD;
import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.core.Desserts;
import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.making.Event.Kind;
import com.deftchill.core.making.Guide.State;
import com.deftchill.core.method.Step;
import com.deftchill.core.verdict.Fix.Change;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class MakingTest {
    private static final ZoneId ZONE = ZoneId.of("Europe/Vienna");
    /** 14:00 by the clock of that kitchen. */
    private static final long TWO = 1_796_302_800L;

    private static final WrittenFormula MOUSSE = Desserts.dessert("in-glass", "glass-straight", "8", Desserts.mousse());
    private static final String BASE = "/components/0/work/fold/base";

    private static Event event(String id, long minute, Kind kind, String step, String text, Change... changes) {
        return new Event(id, (TWO + minute * 60) * 1000, kind, step, "", List.of(changes), text);
    }

    private static Event measured(String id, long minute, String address, String text) {
        return event(id, minute, Kind.MEASURED, "0.fold", "", new Change(address, text));
    }

    private static Making making(Event... events) {
        return Making.of(MOUSSE, ZONE, List.of(events));
    }

    private static Consequence consequence(Making making) {
        return Consequence.of(making, ASSESSOR, STANDARD);
    }

    private static List<Step> steps() {
        return ASSESSOR.assess(MOUSSE, STANDARD).value().orElseThrow().method();
    }

    private static Guide.Guided guided(Making making, String step, long minute) {
        return Guide.of(steps(), making, TWO + minute * 60).stream()
                .filter(s -> s.step().id().equals(step))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void madeExactlyAsWrittenChangesNothing() {
        var events = new ArrayList<Event>();
        var asks = new Asks(MOUSSE, STANDARD.larder());
        for (var step : steps()) {
            for (var ask : asks.of(step)) {
                if (!ask.written().isEmpty()) {
                    events.add(measured("m" + events.size(), events.size(), ask.address(), ask.written()));
                }
            }
        }
        assertThat(events).hasSizeGreaterThan(4);
        var making = Making.of(MOUSSE, ZONE, events);
        assertThat(making.made()).isEqualTo(MOUSSE);
        assertThat(consequence(making).quiet()).isTrue();
    }

    @Test
    void whatIsTolerableStaysQuietAndWhatIsNotIsSaidWithTriedRemedies() {
        assertThat(consequence(making(measured("a", 1, BASE, "27 °C"))).shifts())
                .as("a degree or so")
                .isEmpty();
        var hot = consequence(making(measured("a", 1, BASE, "45 °C")));
        assertThat(hot.quiet()).isFalse();
        assertThat(hot.verdicts()).isNotEmpty();
        var unread = consequence(making(measured("a", 1, BASE, "warm")));
        assertThat(unread.problems()).isNotEmpty();
    }

    @Test
    void aWarmerBaseNeverGainsVolume() {
        double before = Double.POSITIVE_INFINITY;
        for (int celsius = 26; celsius <= 60; celsius += 2) {
            var made = making(measured("a", 1, BASE, celsius + " °C")).made();
            double ml = ASSESSOR.assess(made, STANDARD)
                    .value()
                    .orElseThrow()
                    .components()
                    .get(0)
                    .amounts()
                    .yieldMl();
            assertThat(ml).as("%d °C", celsius).isLessThanOrEqualTo(before + 1e-6);
            before = ml;
        }
    }

    /** By the rule set below 21 °C in 2 h and below 5 °C in 6: kept, broken or not known, never taken as good. */
    @Test
    void theColdChainIsWhatWasMeasured() {
        var kitchen = STANDARD.kitchen();
        var filled = event("a", 0, Kind.ENDED, "0.fill", "");
        assertThat(ColdChain.of(making(), kitchen, TWO)).isEmpty();
        assertThat(states(600, filled)).containsOnly(ColdChain.State.MISSING);
        assertThat(states(60, filled)).containsOnly(ColdChain.State.OPEN);
        var cool = event("b", 100, Kind.CHECKED, "", "18 °C");
        assertThat(states(150, filled, cool)).containsExactly(ColdChain.State.KEPT, ColdChain.State.OPEN);
        var late = event("c", 130, Kind.CHECKED, "", "24 °C");
        assertThat(states(150, filled, late)).startsWith(ColdChain.State.BROKEN);
        var cold = event("d", 350, Kind.CHECKED, "", "4,5");
        assertThat(states(900, filled, cool, cold)).containsOnly(ColdChain.State.KEPT);
        var tooLate = event("e", 370, Kind.CHECKED, "", "4.5 °C");
        assertThat(states(900, filled, cool, tooLate))
                .as("cold, but nothing tells since when")
                .containsExactly(ColdChain.State.KEPT, ColdChain.State.MISSING);
    }

    private static List<ColdChain.State> states(long minute, Event... events) {
        return ColdChain.of(making(events), STANDARD.kitchen(), TWO + minute * 60).stream()
                .map(ColdChain.Limit::state)
                .toList();
    }

    /** Gelatin is weighed to the tenth, cream is not; an error within the tolerance does not change the word for it. */
    @Test
    void howExactlyALineIsWeighedFollowsFromTheDessert() {
        var all = new Tolerances(ASSESSOR, MOUSSE, STANDARD).all();
        assertThat(all)
                .hasSize(4)
                .allSatisfy(
                        t -> assertThat(t.within() / t.grams()).as(t.address()).isBetween(0.005, 0.25));
        var gel = all.get(3);
        assertThat(gel.address()).contains("/gels/");
        assertThat(gel.within()).isBetween(0.1, 1.5);
        assertThat(all.get(2).within()).as("cream").isGreaterThan(3);
    }

    /** A remedy taken as said clears its symptom, and what is still to be done is told by it; a measured value is not. */
    @Test
    void aRemedyTakenClearsWhatItIsFor() {
        var hot = making(measured("a", 1, BASE, "45 °C"));
        assertThat(hot.intended()).isEqualTo(MOUSSE);
        int cleared = 0;
        for (var verdict : consequence(hot).verdicts()) {
            for (var fix : verdict.fixes()) {
                var took = new Event("b", (TWO + 120) * 1000, Kind.TOOK, "0.fold", "", fix.changes(), fix.label());
                var after = making(measured("a", 1, BASE, "45 °C"), took);
                assertThat(consequence(after).verdicts())
                        .as(fix.label())
                        .noneMatch(
                                v -> v.code().equals(verdict.code()) && v.path().equals(verdict.path()));
                assertThat(Changes.take(MOUSSE, fix.changes())).isEqualTo(after.intended());
                cleared++;
            }
        }
        assertThat(cleared).isPositive();
    }

    @Test
    void theOrderOfArrivalDoesNotMatterAndTwiceIsOnce() {
        var events = new ArrayList<>(List.of(
                event("a", 0, Kind.BEGAN, "0.weigh", ""),
                event("b", 4, Kind.ENDED, "0.weigh", ""),
                measured("c", 5, BASE, "40 °C"),
                measured("d", 6, BASE, "31 °C"),
                event("e", 7, Kind.NOTED, "", "smells right"),
                measured("f", 8, "/components/0/lines/l1/amount", "311 g"),
                event("g", 9, Kind.UNDONE, "", "f"),
                event("h", 9, Kind.ENDED, "0.fill", "")));
        var straight = Making.of(MOUSSE, ZONE, events);
        assertThat(straight.measured(BASE)).contains("31 °C");
        assertThat(straight.made().starts()).as("by the clock of the kitchen").isEqualTo("14:09");
        assertThat(Changes.text(straight.made(), "/components/0/lines/l1/amount"))
                .as("undone")
                .isEqualTo(Changes.text(MOUSSE, "/components/0/lines/l1/amount"));
        var random = new Random(17);
        for (int i = 0; i < 50; i++) {
            var mixed = new ArrayList<>(events);
            mixed.add(events.get(random.nextInt(events.size())));
            Collections.shuffle(mixed, random);
            var other = Making.of(MOUSSE, ZONE, mixed);
            assertThat(other.events()).isEqualTo(straight.events());
            assertThat(other.made()).isEqualTo(straight.made());
        }
    }

    @Test
    void anyPartOfWhatHappenedIsABatch() {
        var steps = steps();
        var events = new ArrayList<Event>();
        for (var step : steps) {
            events.add(event("b" + events.size(), events.size(), Kind.BEGAN, step.id(), ""));
            events.add(event("e" + events.size(), events.size(), Kind.ENDED, step.id(), ""));
        }
        for (int n = 0; n <= events.size(); n++) {
            var making = Making.of(MOUSSE, ZONE, events.subList(0, n));
            var now = Guide.of(steps, making, TWO + n * 60L);
            assertThat(now).hasSameSizeAs(steps);
            assertThat(now.stream().filter(s -> s.state() == State.DONE).count())
                    .isGreaterThanOrEqualTo(n / 2);
        }
        var done = Guide.of(steps, Making.of(MOUSSE, ZONE, events), TWO + 6000);
        assertThat(done).allMatch(s -> s.state() == State.DONE);
        assertThat(Guide.next(done, TWO + 6000)).isEmpty();
    }

    @Test
    void aStepIsReadyWhenAllBeforeItIsDoneAndItsWindowCounts() {
        var dissolve = steps().stream()
                .filter(s -> s.id().equals("0.dissolve"))
                .findFirst()
                .orElseThrow();
        assertThat(guided(making(), "0.weigh", 0).state()).isEqualTo(State.READY);
        assertThat(guided(making(), "0.dissolve", 0).state()).isEqualTo(State.LATER);
        var events = new ArrayList<Event>();
        for (var after : dissolve.after()) {
            events.add(event("x" + events.size(), 10, Kind.ENDED, after.step(), ""));
        }
        var ready = guided(Making.of(MOUSSE, ZONE, events), "0.dissolve", 12);
        assertThat(ready.state()).isEqualTo(State.READY);
        double most = dissolve.after().stream()
                .flatMap(a -> a.mostMinutes().stream())
                .mapToDouble(m -> m)
                .min()
                .orElseThrow();
        assertThat(ready.until()).hasValue(TWO + 600 + Math.round(most * 60));
    }

    @Test
    void whatOnlyTakesTimeBeginsAndEndsByItself() {
        var weighed = making(event("a", 5, Kind.ENDED, "0.weigh", ""));
        var bloom = guided(weighed, "0.bloom", 6);
        assertThat(bloom.state()).isEqualTo(State.RUNNING);
        assertThat(bloom.began()).hasValue(TWO + 300);
        assertThat(guided(weighed, "0.bloom", 60).state()).isEqualTo(State.DONE);
    }
}
