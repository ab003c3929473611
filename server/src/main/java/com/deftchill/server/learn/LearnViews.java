package com.deftchill.server.learn;

import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.larder.Cooler;
import com.deftchill.core.larder.GelProduct;
import com.deftchill.core.larder.Ingredient;
import com.deftchill.core.learn.Learnt;
import com.deftchill.core.learn.Measured;
import com.deftchill.core.learn.Prior;
import com.deftchill.core.learn.Unknown;
import com.deftchill.core.learn.Unknown.Scope;
import com.deftchill.core.parameters.Parameter;
import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Message;
import com.deftchill.server.batchlog.LogReadings;
import com.deftchill.server.learn.LearnController.BrokenBatch;
import com.deftchill.server.learn.LearnController.ChangeView;
import com.deftchill.server.learn.LearnController.FigureView;
import com.deftchill.server.learn.LearnController.GoodnessView;
import com.deftchill.server.learn.LearnController.NextView;
import com.deftchill.server.learn.LearnController.ProposalView;
import com.deftchill.server.learn.LearnController.ReadingView;
import com.deftchill.server.learn.LearnController.SetFigureView;
import com.deftchill.server.learn.LearnController.SetView;
import com.deftchill.server.learn.LearnController.SetsView;
import com.deftchill.server.text.MessageWriter;
import com.deftchill.server.workplace.KitchenService;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What was learnt, with the names a cook knows. */
@Component
class LearnViews {
    private final KitchenService kitchens;
    private final MessageWriter messages;

    LearnViews(KitchenService kitchens, MessageWriter messages) {
        this.kitchens = kitchens;
        this.messages = messages;
    }

    ProposalView proposal(LearnService.Proposal proposal) {
        var workplace = kitchens.handbook();
        var byId = proposal.batches().stream()
                .collect(Collectors.toMap(batch -> batch.id().toString(), Function.identity()));
        var learnt = proposal.learnt();
        return new ProposalView(
                learnt.figures().stream()
                        .map(figure -> figure(figure, proposal, workplace, byId))
                        .toList(),
                learnt.readings().stream()
                        .map(reading -> reading(reading, byId))
                        .toList(),
                learnt.goodness().stream()
                        .map(g -> new GoodnessView(
                                g.quantity().id(),
                                g.quantity().unit(),
                                g.learnt(),
                                g.readings(),
                                g.bias(),
                                g.spread(),
                                g.held(),
                                g.ranges()))
                        .toList(),
                proposal.changes().stream()
                        .map(c -> new ChangeView(c.formulaId(), c.name(), c.now(), c.then()))
                        .toList(),
                learnt.scatter(),
                byId.size(),
                proposal.batches().stream()
                        .filter(batch -> proposal.broken().contains(batch.id()))
                        .map(batch -> new BrokenBatch(batch.id(), batch.name(), batch.madeOn()))
                        .toList());
    }

    private FigureView figure(
            Learnt.Figure figure,
            LearnService.Proposal proposal,
            Workplace workplace,
            Map<String, LogReadings.Of> byId) {
        var prior = figure.prior();
        var unknown = figure.unknown();
        return new FigureView(
                unknown.key(),
                name(unknown, workplace),
                unit(unknown, workplace),
                figure.state(),
                prior.centre(),
                prior.value(-Prior.EIGHTY),
                prior.value(Prior.EIGHTY),
                figure.value(),
                figure.low(),
                figure.high(),
                figure.sigma(),
                figure.readings(),
                figure.tangledWith().stream()
                        .map(other -> name(other, workplace))
                        .toList(),
                AcceptedNumbers.counts(StoredFigure.of(figure), proposal.using()),
                proposal.learnt().next(unknown, proposal.never()).map(worth -> next(worth, byId)));
    }

    private NextView next(Learnt.Worth worth, Map<String, LogReadings.Of> byId) {
        var like = worth.like();
        var words = Message.of("learn.next." + like.measure().quantity().id())
                .with("formula", like.made().document().name())
                .with("minutes", Argument.figure(like.measure().level(), 0));
        return new NextView(
                write(words), worth.leaves(), like.measure().quantity().minutes());
    }

    private static ReadingView reading(Learnt.Reading reading, Map<String, LogReadings.Of> byId) {
        Measured measured = reading.observation().measured();
        var measure = measured.measure();
        var batch = byId.get(measured.made().batch());
        return new ReadingView(
                UUID.fromString(measured.made().batch()),
                batch.name(),
                batch.madeOn(),
                measure.quantity().id(),
                measure.unknown().map(u -> u.of().isEmpty() ? u.what() : u.of()).orElse(""),
                measure.level() > 0 ? Optional.of(measure.level()) : Optional.empty(),
                measure.quantity().unit(),
                measured.value(),
                reading.handbook().value(),
                reading.handbook().deviation(),
                reading.leftOut().value(),
                reading.leftOut().deviation(),
                reading.after(),
                reading.off(),
                reading.wild());
    }

    SetsView sets(List<LearnedSetEntity> sets, Map<String, String> using) {
        var workplace = kitchens.handbook();
        var names = new HashMap<String, String>();
        using.keySet()
                .forEach(what -> workplace
                        .larder()
                        .gel(what)
                        .map(GelProduct::name)
                        .or(() -> workplace.larder().ingredient(what).map(Ingredient::name))
                        .ifPresent(name -> names.put(what, name)));
        return new SetsView(sets.stream().map(set -> set(set, using, workplace)).toList(), using, names);
    }

    private SetView set(LearnedSetEntity set, Map<String, String> using, Workplace workplace) {
        return new SetView(
                set.getNumber(),
                set.isCurrent(),
                set.getAcceptedBy(),
                set.getAcceptedAt(),
                set.getFigures().stream()
                        .map(figure -> new SetFigureView(
                                figure.unknown().key(),
                                name(figure.unknown(), workplace),
                                unit(figure.unknown(), workplace),
                                figure.handbook(),
                                figure.value(),
                                figure.low(),
                                figure.high(),
                                figure.readings(),
                                AcceptedNumbers.counts(figure, using)))
                        .toList(),
                set.getBatches());
    }

    private String name(Unknown unknown, Workplace workplace) {
        var larder = workplace.larder();
        return switch (unknown.what()) {
            case Unknown.BLOOM -> {
                var name = larder.gel(unknown.gelatin()).map(GelProduct::name).orElse(unknown.gelatin());
                yield write(
                        unknown.lotName().isEmpty()
                                ? Message.of("learn.bloom-unknown").with("name", name)
                                : Message.of("learn.bloom").with("name", name).with("lot", unknown.lotName()));
            }
            case Unknown.WARMER, Unknown.H, Unknown.POWER ->
                write(Message.of("learn." + unknown.what())
                        .with(
                                "name",
                                larder.cooler(unknown.of()).map(Cooler::name).orElse(unknown.of())));
            case Unknown.OFFSET -> probe(unknown.of());
            case Unknown.SOAK ->
                write(Message.of("learn.soak")
                        .with(
                                "name",
                                larder.ingredient(unknown.of())
                                        .map(Ingredient::name)
                                        .orElse(unknown.of())));
            default -> {
                var name = parameter(unknown, workplace).map(Parameter::name).orElse(unknown.what());
                yield write(
                        unknown.scope() == Scope.COOK && !unknown.of().isEmpty()
                                ? Message.of("learn.of-cook").with("name", name).with("cook", unknown.of())
                                : Message.of("learn.parameter").with("name", name));
            }
        };
    }

    private String probe(String of) {
        int cut = of.lastIndexOf('/');
        var name = of.substring(0, cut);
        var tried = of.substring(cut + 1);
        return write(
                tried.isEmpty()
                        ? Message.of("learn.offset").with("name", name)
                        : Message.of("learn.offset-since")
                                .with("name", name)
                                .with(
                                        "since",
                                        Instant.parse(tried)
                                                .atZone(kitchens.workplace()
                                                        .kitchen()
                                                        .zone()
                                                        .orElse(ZoneOffset.UTC))
                                                .toLocalDate()
                                                .toString()));
    }

    private String unit(Unknown unknown, Workplace workplace) {
        return parameter(unknown, workplace)
                .map(Parameter::unit)
                .orElseGet(() -> write(Message.of("learn.unit." + unknown.what())));
    }

    private static Optional<Parameter> parameter(Unknown unknown, Workplace workplace) {
        return workplace.parameters().all().stream()
                .filter(p -> p.id().equals(unknown.what()))
                .findFirst();
    }

    private String write(Message message) {
        return messages.write(message, () -> kitchens.workplace().kitchen().temperature());
    }
}
