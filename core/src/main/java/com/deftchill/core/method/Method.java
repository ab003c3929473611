package com.deftchill.core.method;

import com.deftchill.core.batch.Stack;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.dessert.Portrait;
import com.deftchill.core.dessert.Study;
import com.deftchill.core.larder.Mould.Release;
import com.deftchill.core.method.Step.After;
import com.deftchill.core.method.Step.Kind;
import com.deftchill.core.text.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The dessert as steps, in order: each component's own, then chilling and turning out the whole. Durations are estimates
 * [E]. What must end before a step begins, and within which minutes, goes with it.
 */
public final class Method {
    private final Dessert dessert;
    private final List<Step> steps = new ArrayList<>();

    private Method(Dessert dessert) {
        this.dessert = dessert;
    }

    public static List<Step> of(Dessert dessert) {
        var method = new Method(dessert);
        var order = Order.ofMaking(dessert.batch().components());
        String below = "";
        for (int index : order) {
            var portrait = dessert.portraits().get(index);
            var own = ComponentMethod.of(portrait, dessert);
            method.steps.addAll(own);
            if (portrait.bed().exists()) {
                var fill = method.fill(portrait, own.get(own.size() - 1).id(), below);
                below = fill.id();
            }
        }
        if (!dessert.studies().isEmpty()) {
            method.chill(below);
            method.turnOut();
        }
        method.garnish();
        return OwnSteps.apply(dessert.batch().components(), method.steps);
    }

    /** Into the moulds: at once after its last step, and not before the layer below holds it. */
    private Step fill(Portrait portrait, String last, String below) {
        var work = dessert.parameters().work();
        var after = new ArrayList<After>();
        boolean sets = portrait.study().filter(Study::sets).isPresent();
        after.add(new After(last, 0, sets ? Optional.of(15.0) : Optional.empty(), sets ? "sets" : ""));
        if (!below.isEmpty()) {
            after.add(new After(
                    below,
                    waitOn(portrait),
                    bondsFor(portrait),
                    bondsFor(portrait).isPresent() ? "bonds" : "carries"));
        }
        var bed = portrait.bed();
        int count = dessert.batch().count();
        var wait = below.isEmpty() || waitOn(portrait) == 0
                ? ""
                : " Once the layer below holds it, " + Words.duration(waitOn(portrait) * 60)
                        + " after that was filled.";
        boolean solid = portrait.kind().isSolid();
        var step = new Step(
                portrait.index() + ".fill",
                dessert.portraits().size() == 1 ? "" : portrait.name(),
                StepWriter.verb("fill"),
                solid ? "Lay in" : "Fill",
                (solid ? "Lay " + Words.grams(bed.grams()) : "Pour " + Words.ml(Math.min(bed.ml(), placedMl(bed))))
                        + " into each of " + count + ": "
                        + dessert.batch().mould().name() + ", up to "
                        + Words.mm(bed.toMm()) + "." + wait,
                Kind.ACTIVE,
                List.of(Need.HANDS, Need.MOULD),
                Span.of(work.fillStart()).and(Span.of(work.fillMould()).times(count)),
                solid
                        ? Optional.empty()
                        : Optional.of(portrait.celsius(portrait.component().pourC())),
                solid ? "even, no gaps at the wall" : "no foam on top",
                "",
                false,
                after);
        steps.add(step);
        return step;
    }

    private static double placedMl(Stack.Bed bed) {
        return bed.inside().volumeMl(bed.toMm()) - bed.inside().volumeMl(bed.fromMm());
    }

    /** Minutes from filling the layer below until this one no longer bonds with it. */
    private Optional<Double> bondsFor(Portrait portrait) {
        return below(portrait)
                .flatMap(Portrait::study)
                .filter(Study::sets)
                .map(s -> s.history().bondsUntilSeconds() / 60)
                .filter(minutes -> Double.isFinite(minutes) && minutes > waitOn(portrait));
    }

    /** Minutes from filling the layer below until this one may follow. */
    private double waitOn(Portrait portrait) {
        return below(portrait)
                .map(lower -> (portrait.startSeconds() - lower.startSeconds()) / 60)
                .orElse(0.0);
    }

    /** What a component lies on in the mould. */
    private Optional<Portrait> below(Portrait portrait) {
        return dessert.portraits().subList(0, portrait.index()).stream()
                .filter(lower -> lower.bed().exists())
                .reduce((lower, upper) -> upper);
    }

    private void chill(String last) {
        var batch = dessert.batch();
        boolean turnsOut = batch.turnsOut();
        double from = dessert.studies().get(dessert.studies().size() - 1).startSeconds();
        double until = turnsOut ? dessert.readySeconds() : dessert.setSeconds();
        var where = dessert.batch().timetable().words();
        var text = Double.isInfinite(until)
                ? where + ". As written it does not set within two days."
                : where + (batch.timetable().isPlain() ? ", covered once cold" : "") + ". Poured at " + batch.pouredAt()
                        + ": " + (turnsOut ? "turns out from " : "set by ") + dessert.clock(until) + ".";
        steps.add(new Step(
                "chill",
                "",
                "chill",
                "Chill",
                text,
                Kind.WAITING,
                List.of(Need.COOLER_SHELF, Need.MOULD),
                Span.exactly(Double.isInfinite(until) ? 2 * 24 * 60 : Math.max(0, until - from) / 60),
                Optional.of(dessert.celsius(batch.airC())),
                "a wobble that returns to the centre",
                "Cool it quickly, keep it cold: local food-safety rules come first.",
                false,
                List.of(new After(last, 0, Optional.of(10.0), "cools"))));
    }

    private void turnOut() {
        if (!dessert.batch().turnsOut()) {
            return;
        }
        var main = dessert.main().orElseThrow();
        var release = dessert.batch().mould().release();
        boolean dip = release == Release.DIP
                && Double.isFinite(main.dip().aim())
                && main.dip().aim() > 0;
        var text = dessert.peelsFrozen()
                ? "Take it off the mould while it is frozen through, and let it thaw in the fridge."
                : switch (release) {
                    case DIP ->
                        dip
                                ? "Dip " + Words.seconds(main.dip().aim()) + " s in water of "
                                        + dessert.celsius(dessert.parameters()
                                                .turnout()
                                                .dipWater()
                                                .value())
                                        + ", let air in at one edge, turn over onto a wet plate."
                                : "Run a warm knife round the wall and turn over onto a wet plate.";
                    case PEEL -> "Ease the edge free and peel the mould off.";
                    default -> "Run a warm knife along the wall and lift the mould off.";
                };
        steps.add(new Step(
                "turn-out",
                "",
                "turn-out",
                "Turn out",
                text,
                Kind.ACTIVE,
                List.of(Need.HANDS),
                Span.of(dessert.parameters().work().turnOut())
                        .times(dessert.batch().count()),
                Optional.empty(),
                "slides off whole",
                dip ? "Hot water: keep hands clear of the steam." : "",
                false,
                List.of(After.at("chill"))));
    }

    private void garnish() {
        var work = dessert.parameters().work();
        for (var portrait : dessert.portraits()) {
            if (portrait.kind() != com.deftchill.core.batch.Kind.GARNISH
                    || !portrait.component().layer()) {
                continue;
            }
            var before = dessert.studies().isEmpty() ? List.<After>of() : List.of(After.at("chill"));
            steps.add(new Step(
                    portrait.index() + ".garnish",
                    portrait.name(),
                    "garnish",
                    "Garnish",
                    "Put " + Words.grams(portrait.bed().grams()) + " of " + portrait.name() + " on each at service.",
                    Kind.ACTIVE,
                    List.of(Need.HANDS),
                    Span.of(work.garnishStart())
                            .and(Span.of(work.garnishEach())
                                    .times(dessert.batch().count())),
                    Optional.empty(),
                    "",
                    "",
                    false,
                    before));
        }
    }
}
