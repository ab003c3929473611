package com.deftchill.core.method;

import com.deftchill.core.batch.SideWork;
import com.deftchill.core.batch.Stack;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.dessert.Portrait;
import com.deftchill.core.dessert.Study;
import com.deftchill.core.larder.Mould.Release;
import com.deftchill.core.method.Step.After;
import com.deftchill.core.method.Step.Kind;
import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Message;
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
        boolean waits = !below.isEmpty() && waitOn(portrait) > 0;
        boolean solid = portrait.kind().isSolid();
        var says = StepWriter.says("fill")
                .with("laid", Argument.when(solid))
                .with("grams", Argument.grams(bed.grams()))
                .with("volume", Argument.millilitres(Math.min(bed.ml(), placedMl(bed))))
                .with("count", Argument.figure(count, 0))
                .with("mould", dessert.batch().mould().name())
                .with("up", Argument.millimetres(bed.toMm()))
                .with("waits", Argument.when(waits))
                .with("wait", new Argument.Lasts(waitOn(portrait) * 60));
        var step = new Step(
                portrait.index() + ".fill",
                dessert.portraits().size() == 1 ? "" : portrait.name(),
                StepWriter.verb("fill"),
                StepWriter.part(says, "title"),
                StepWriter.part(says, "text"),
                Kind.ACTIVE,
                List.of(Need.HANDS, Need.MOULD),
                Span.of(work.fillStart()).and(Span.of(work.fillMould()).times(count)),
                solid
                        ? Optional.empty()
                        : Optional.of(
                                StepWriter.temperature(portrait.component().pourC())),
                StepWriter.part(says, "cue"),
                Message.NONE,
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
        boolean never = Double.isInfinite(until);
        var says = StepWriter.says("chill")
                .with("where", batch.timetable().words())
                .with("never", Argument.when(never))
                .with("covered", Argument.when(batch.timetable().isPlain()))
                .with("poured", batch.pouredAt().toString())
                .with("turns", Argument.when(turnsOut))
                .with("until", new Argument.Moment(batch.pouredAt(), never ? 0 : until));
        steps.add(new Step(
                "chill",
                "",
                "chill",
                StepWriter.part(says, "title"),
                StepWriter.part(says, "text"),
                Kind.WAITING,
                List.of(Need.COOLER_SHELF, Need.MOULD),
                Span.exactly(Double.isInfinite(until) ? 2 * 24 * 60 : Math.max(0, until - from) / 60),
                Optional.of(StepWriter.temperature(batch.airC())),
                StepWriter.part(says, "cue"),
                StepWriter.part(says, "caution"),
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
        var says = StepWriter.says("turn-out")
                .with("way", new Argument.Choice(way(release, dip)))
                .with("seconds", new Argument.Counted(dip ? main.dip().aim() : 0))
                .with("water", Argument.degrees(dessert.batch().dipWaterC()));
        steps.add(new Step(
                "turn-out",
                "",
                "turn-out",
                StepWriter.part(says, "title"),
                StepWriter.part(says, "text"),
                Kind.ACTIVE,
                List.of(Need.HANDS),
                Span.of(dessert.parameters().work().turnOut())
                        .times(dessert.batch().count()),
                Optional.empty(),
                StepWriter.part(says, "cue"),
                StepWriter.part(says, "caution"),
                false,
                List.of(After.at("chill"))));
    }

    /** How it leaves its mould. */
    private String way(Release release, boolean dip) {
        if (dessert.peelsFrozen()) {
            return "frozen";
        }
        return switch (release) {
            case DIP -> dip ? "dip" : "knife-round";
            case PEEL -> "peel";
            default -> "knife-along";
        };
    }

    private void garnish() {
        var work = dessert.parameters().work();
        for (var portrait : dessert.portraits()) {
            if (portrait.kind() != com.deftchill.core.batch.Kind.GARNISH
                    || !portrait.component().layer()) {
                continue;
            }
            var done = portrait.component().sideWork().filter(SideWork::atService);
            var says = StepWriter.says(done.map(SideWork::verb).orElse("garnish"))
                    .with("grams", Argument.grams(portrait.bed().grams()))
                    .with("name", portrait.name())
                    .with(
                            "crisp",
                            Argument.figure(
                                    dessert.parameters().pan().torchedCrisp().value(), 0));
            boolean torched = done.filter(SideWork.TORCH::equals).isPresent();
            var before = dessert.studies().isEmpty() ? List.<After>of() : List.of(After.at("chill"));
            steps.add(new Step(
                    portrait.index() + ".garnish",
                    portrait.name(),
                    "garnish",
                    StepWriter.part(says, "title"),
                    StepWriter.part(says, "text"),
                    Kind.ACTIVE,
                    List.of(Need.HANDS),
                    Span.of(done.filter(SideWork.BRUSH::equals).isPresent() ? work.brush() : work.garnishStart())
                            .and(Span.of(torched ? work.torchEach() : work.garnishEach())
                                    .times(dessert.batch().count())),
                    Optional.empty(),
                    Message.NONE,
                    Message.NONE,
                    false,
                    before));
        }
    }
}
