package com.deftchill.server.making;

import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.larder.Mould;
import com.deftchill.core.making.Asks;
import com.deftchill.core.making.ColdChain;
import com.deftchill.core.making.Cue;
import com.deftchill.core.making.Event;
import com.deftchill.core.making.Event.Kind;
import com.deftchill.core.making.Guide;
import com.deftchill.core.making.Guide.Guided;
import com.deftchill.core.making.SafetyMoments;
import com.deftchill.core.method.Method;
import com.deftchill.core.method.Step;
import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Message;
import com.deftchill.server.making.MakingService.Kept;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.UUID;

/** What a batch in the making looks like from outside; moments are seconds since 1970, of events milliseconds. */
final class MakingViews {
    private MakingViews() {}

    /**
     * A value that may be measured at a step.
     *
     * @param kind weight, temperature or time
     * @param written as the formula has it; empty where the tool's own value holds
     * @param measured as it was typed last; empty where it was not measured
     * @param byLot whether it is kept which lot it was
     * @param lot as it was typed last
     */
    record MakingAsk(
            String kind, String address, Message name, String written, String measured, boolean byLot, String lot) {}

    /** A step now. */
    record MakingStep(
            Step step,
            Guide.State state,
            Optional<Long> began,
            Optional<Long> due,
            Optional<Long> ended,
            Optional<Long> from,
            Optional<Long> until,
            String why,
            List<MakingAsk> asks,
            Optional<Cue> cue) {}

    /**
     * How it is turned out.
     *
     * @param portions that are turned out, one after the other
     * @param dipSeconds how long each is dipped; absent where it is not
     * @param dipFrom least seconds
     * @param dipTo most seconds
     * @param water that it is dipped into
     */
    record TurningOut(
            int portions,
            Optional<Double> dipSeconds,
            Optional<Double> dipFrom,
            Optional<Double> dipTo,
            Message water) {}

    /** A limit for cooling: below so many degrees, by when, and how it stands with it. */
    record CoolingLimit(Message below, long by, ColdChain.State state, Optional<Long> reached) {}

    /**
     * A batch in the making.
     *
     * @param now by the server's clock, so that a device whose clock is wrong counts right
     * @param next id of the step that wants hands next; empty where none does
     * @param cooling how it stands with the rule set, once the first layer is filled
     * @param safety other moments that food safety asks about
     * @param made the formula as it is really made
     * @param plan day's plan that it was begun from
     * @param turningOut how it is turned out; absent where it is served in what it is made in
     * @param batch its entry in the log, once it is finished
     */
    record MakingView(
            UUID id,
            UUID formulaId,
            String name,
            String begunBy,
            long begun,
            long now,
            String zone,
            boolean finished,
            Optional<UUID> batch,
            String next,
            List<MakingStep> steps,
            List<CoolingLimit> cooling,
            List<Event> events,
            WrittenFormula made,
            Optional<TurningOut> turningOut,
            Optional<UUID> plan,
            List<SafetyMoment> safety) {}

    /** Another moment that food safety asks about: cooked to, out of the cold. */
    record SafetyMoment(Message words, ColdChain.State state, Optional<Long> by) {}

    static MakingView of(Kept kept, Optional<Dessert> dessert, Optional<Dessert> made, Workplace workplace, long now) {
        var making = kept.making();
        List<Step> steps = dessert.map(Method::of).orElse(List.of());
        var guided = Guide.of(steps, making, now);
        var asks = new Asks(making.intended(), workplace.larder());
        var entity = kept.entity();
        return new MakingView(
                entity.getId(),
                entity.getFormulaId(),
                entity.getName(),
                entity.getBegunBy(),
                entity.getBegunAt().getEpochSecond(),
                now,
                entity.getZone().getId(),
                making.finished() || making.discarded(),
                Optional.ofNullable(entity.getBatchId()),
                Guide.next(guided, now).map(next -> next.step().id()).orElse(""),
                guided.stream()
                        .map(step -> step(step, asks, kept, dessert.flatMap(of -> Cue.of(step.step(), of))))
                        .toList(),
                ColdChain.of(making, workplace.kitchen(), now).stream()
                        .map(limit -> new CoolingLimit(
                                Message.of("making.below").with("at", Argument.degrees(limit.celsius())),
                                limit.by(),
                                limit.state(),
                                whole(limit.reached())))
                        .toList(),
                making.events(),
                making.made(),
                dessert.flatMap(MakingViews::turningOut),
                Optional.ofNullable(entity.getPlanId()),
                made.map(of -> SafetyMoments.of(making, of, now).stream()
                                .map(m -> new SafetyMoment(m.words(), m.state(), whole(m.by())))
                                .toList())
                        .orElse(List.of()));
    }

    private static Optional<TurningOut> turningOut(Dessert dessert) {
        var batch = dessert.batch();
        if (!batch.turnsOut() || dessert.main().isEmpty()) {
            return Optional.empty();
        }
        var dip = dessert.main().get().dip();
        boolean dips = batch.mould().release() == Mould.Release.DIP && Double.isFinite(dip.aim()) && dip.aim() > 0;
        return Optional.of(new TurningOut(
                batch.count(),
                dips ? Optional.of(batch.dip().seconds() > 0 ? batch.dip().seconds() : dip.aim()) : Optional.empty(),
                dips ? Optional.of(dip.least()) : Optional.empty(),
                dips && Double.isFinite(dip.most()) ? Optional.of(dip.most()) : Optional.empty(),
                Message.of("making.water").with("at", Argument.degrees(batch.dipWaterC()))));
    }

    private static MakingStep step(Guided guided, Asks asks, Kept kept, Optional<Cue> cue) {
        var lots = kept.making().saidOf(Kind.LOT);
        var asked = asks.of(guided.step()).stream()
                .map(ask -> new MakingAsk(
                        ask.kind(),
                        ask.address(),
                        ask.name(),
                        ask.written(),
                        kept.making().measured(ask.address()).orElse(""),
                        ask.byLot(),
                        lots.getOrDefault(ask.address(), "")))
                .toList();
        return new MakingStep(
                guided.step(),
                guided.state(),
                whole(guided.began()),
                whole(guided.due()),
                whole(guided.ended()),
                whole(guided.from()),
                whole(guided.until()),
                guided.why(),
                asked,
                cue);
    }

    private static Optional<Long> whole(OptionalLong moment) {
        return moment.isPresent() ? Optional.of(moment.getAsLong()) : Optional.empty();
    }
}
