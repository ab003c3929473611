package com.deftchill.server.making;

import com.deftchill.core.amount.UnreadableException;
import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.larder.GelProduct;
import com.deftchill.core.larder.Ingredient;
import com.deftchill.core.making.ColdChain;
import com.deftchill.core.making.Event;
import com.deftchill.core.making.Event.Kind;
import com.deftchill.core.making.Making;
import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Message;
import com.deftchill.core.verdict.Problem;
import com.deftchill.server.batchlog.BatchService;
import com.deftchill.server.batchlog.BatchService.Predicted;
import com.deftchill.server.formula.FormulaService;
import com.deftchill.server.problem.NotFoundException;
import com.deftchill.server.problem.NotUnderstoodException;
import com.deftchill.server.text.MessageWriter;
import com.deftchill.server.workplace.KitchenService;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.interceptor.TransactionAspectSupport;

/** Keeps batches that are being made: an entry is stored before it is answered. */
@Service
class MakingService {
    /** As long as the note of a batch in the log may be. */
    private static final int LONGEST_NOTE = 2000;
    /** So many open batches are shown. */
    private static final int MOST_OPEN = 40;
    /** By so much a clock may be ahead, ms. */
    private static final long SLACK_MS = 5000;

    /** So many events a batch may have. */
    private static final int MOST_EVENTS = 2000;

    private final MakingRepository makings;
    private final MakingEventRepository events;
    private final FormulaService formulas;
    private final BatchService batches;
    private final KitchenService kitchens;
    private final MakingRecords records;
    private final MessageWriter messages;
    private static final String NOT_KNOWN = "NOT_KNOWN";
    private final Clock clock;

    MakingService(
            MakingRepository makings,
            MakingEventRepository events,
            FormulaService formulas,
            BatchService batches,
            KitchenService kitchens,
            MakingRecords records,
            MessageWriter messages,
            Clock clock) {
        this.makings = makings;
        this.events = events;
        this.formulas = formulas;
        this.batches = batches;
        this.kitchens = kitchens;
        this.records = records;
        this.messages = messages;
        this.clock = clock;
    }

    /** A batch with what happened to it so far. */
    record Kept(MakingEntity entity, Making making) {}

    /** By the clock of the kitchen; where its settings name none by that of whoever begins. */
    private ZoneId zone(String given) {
        return kitchens.workplace().kitchen().zone().orElseGet(() -> {
            try {
                return ZoneId.of(given);
            } catch (DateTimeException e) {
                return ZoneId.of("UTC");
            }
        });
    }

    @Transactional(readOnly = true)
    List<Kept> open() {
        var open = makings.findByFinishedAtIsNullOrderByBegunAtDesc(Limit.of(MOST_OPEN));
        Map<UUID, List<Event>> happened = new HashMap<>();
        events.findByMakingIdInOrderByHappened(
                        open.stream().map(MakingEntity::getId).toList())
                .forEach(event -> happened.computeIfAbsent(event.getMakingId(), id -> new ArrayList<>())
                        .add(event.getEvent()));
        return open.stream()
                .map(m -> new Kept(
                        m, Making.of(m.getDocument(), m.getZone(), happened.getOrDefault(m.getId(), List.of()))))
                .toList();
    }

    @Transactional(readOnly = true)
    Kept get(UUID id) {
        return kept(makings.findById(id).orElseThrow(() -> new NotFoundException("Batch in the making", id)));
    }

    private Kept kept(MakingEntity entity) {
        return kept(entity, happened(entity.getId()));
    }

    private static Kept kept(MakingEntity entity, List<Event> happened) {
        return new Kept(entity, Making.of(entity.getDocument(), entity.getZone(), happened));
    }

    private List<Event> happened(UUID id) {
        return events.findByMakingIdInOrderByHappened(List.of(id)).stream()
                .map(MakingEventEntity::getEvent)
                .toList();
    }

    /** A formula as it is stored now. */
    @Transactional(readOnly = true)
    WrittenFormula formula(UUID id) {
        return formulas.get(id).getDocument();
    }

    /** Which dish of which plan it is; both null where it is of none. */
    record OfPlan(UUID planId, String dish) {}

    /** Batches that were begun from a plan. */
    @Transactional(readOnly = true)
    List<Kept> ofPlan(UUID planId) {
        return makings.findByPlanIdOrderByBegunAt(planId).stream()
                .map(this::kept)
                .toList();
    }

    /** Sent twice with the same id, it begins once. */
    @Transactional
    Kept begin(UUID id, UUID formulaId, WrittenFormula document, String by, String zone, OfPlan plan) {
        var there = makings.findById(id);
        if (there.isPresent()) {
            return kept(there.get());
        }
        var formula = formulas.get(formulaId).getId();
        return kept(makings.saveAndFlush(new MakingEntity(id, by, formula, document, zone(zone), clock.instant())
                .ofPlan(plan.planId(), plan.dish())));
    }

    /** A batch as it would be with what is only on its way; nothing of it is stored. */
    @Transactional(readOnly = true)
    Making with(UUID id, List<Event> onItsWay) {
        var there = get(id);
        var all = new ArrayList<>(there.making().events());
        onItsWay.stream()
                .filter(event -> all.stream().noneMatch(known -> known.id().equals(event.id())))
                .map(this::noLaterThanNow)
                .forEach(all::add);
        return Making.of(there.entity().getDocument(), there.entity().getZone(), all);
    }

    /**
     * Stores what happened; what is there already by its id is there once.
     *
     * @param predicted of the batch as it will be then, where that finishes it
     * @return empty, and nothing stored, where it was finished otherwise than predicted meanwhile
     */
    @Transactional
    Optional<Kept> add(UUID id, List<Event> happened, Optional<Predicted> predicted) {
        var entity = makings.findForChangeById(id).orElseThrow(() -> new NotFoundException("Batch in the making", id));
        var all = new ArrayList<>(happened(id));
        if (all.size() + happened.size() > MOST_EVENTS) {
            throw refused("events", String.valueOf(all.size()), "making.most-events");
        }
        for (var event : happened) {
            var eventId = UUID.fromString(event.id());
            if (!events.existsById(eventId)) {
                var kept = noLaterThanNow(event);
                events.save(new MakingEventEntity(eventId, id, kept, clock.instant()));
                all.add(kept);
            }
        }
        events.flush();
        // Not read again: of many entries that would be most of the work.
        var now = kept(entity, all);
        if (now.making().discarded()) {
            entity.finish(clock.instant(), null);
        } else if (!now.making().finished()) {
            // Given up, and taken back.
            entity.goOn();
        } else if (entity.isToBeLogged(now.making())) {
            if (!predicted
                    .map(Predicted::document)
                    .equals(Optional.of(now.making().made()))) {
                TransactionAspectSupport.currentTransactionStatus().setRollbackOnly();
                return Optional.empty();
            }
            entity.finish(clock.instant(), logged(now, predicted));
        }
        return Optional.of(now);
    }

    /** A device whose clock is ahead does not make things happen tomorrow. */
    private Event noLaterThanNow(Event event) {
        long now = clock.instant().toEpochMilli();
        return new Event(
                event.id(),
                Math.min(event.at(), now + SLACK_MS),
                event.kind(),
                event.step(),
                event.by(),
                event.changes(),
                event.text(),
                event.instrument());
    }

    /** Its entry in the log; how it came out may be said later. */
    private UUID logged(Kept kept, Optional<Predicted> predicted) {
        var making = kept.making();
        var outcome = outcome(making);
        var stood = making.said(Kind.STOOD).replace("mm", "").replace(',', '.').strip();
        if (!stood.isEmpty() && !stood.matches("\\d{1,3}(\\.\\d+)?")) {
            throw refused("standing height", making.said(Kind.STOOD), "making.height");
        }
        var poured = Instant.ofEpochSecond(
                        making.poured().orElse(clock.instant().getEpochSecond()))
                .atZone(kept.entity().getZone());
        return batches.logMade(
                kept.entity().getFormulaId(),
                predicted.orElseThrow(),
                new BatchService.MadeStepByStep(
                        kept.entity().getId(),
                        poured.toLocalDateTime(),
                        outcome,
                        stood.isEmpty() ? null : Double.valueOf(stood),
                        note(making),
                        kept.entity().getBegunBy(),
                        records.of(making)));
    }

    /** What was said of the whole; else what came of most portions; else that it is not known yet. */
    static String outcome(Making making) {
        var portions = making.saidOf(Kind.CAME_OUT).values();
        var whole = making.events().stream()
                .filter(event -> event.kind() == Kind.CAME_OUT && event.step().isEmpty())
                .map(Event::text)
                .reduce((first, second) -> second);
        return whole.orElseGet(() -> counted(portions).entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .orElse(NOT_KNOWN));
    }

    private static Map<String, Integer> counted(Collection<String> outcomes) {
        var counted = new LinkedHashMap<String, Integer>();
        outcomes.forEach(outcome -> counted.merge(outcome, 1, Integer::sum));
        return counted;
    }

    /** Which lots went in, how its portions came out, and how it stood with the cooling: what is missing is said. */
    private List<String> kept(Making making) {
        var lines = new ArrayList<String>();
        making.saidOf(Kind.LOT).forEach((address, lot) -> {
            var of = Changes.text(making.planned(), address.replaceAll("/[^/]*$", "/of"));
            var larder = kitchens.workplace().larder();
            var name = larder.gel(of)
                    .map(GelProduct::name)
                    .or(() -> larder.ingredient(of).map(Ingredient::name))
                    .orElse(of);
            lines.add(write(Message.of("making.lot").with("name", name).with("lot", lot)));
        });
        counted(making.saidOf(Kind.CAME_OUT).values())
                .forEach((outcome, count) -> lines.add(write(Message.of("making.portions")
                        .with("portions", new Argument.Count(count))
                        .with("outcome", new Argument.Choice(outcome)))));
        var kitchen = kitchens.workplace().kitchen();
        for (var limit : ColdChain.of(making, kitchen, clock.instant().getEpochSecond())) {
            lines.add(write(said(limit)));
        }
        return lines;
    }

    /** How it stands with a limit, in words. */
    static Message said(ColdChain.Limit limit) {
        var below = Message.of("making.below").with("at", Argument.degrees(limit.celsius()));
        return Message.of("making.kept.below")
                .with("below", below.said())
                .with("state", new Argument.Choice(limit.state().name()));
    }

    private String write(Message message) {
        return messages.write(message, () -> kitchens.workplace().kitchen().temperature());
    }

    /** What was noted, what went wrong and what was done about it. */
    private String note(Making making) {
        var lines = new ArrayList<String>();
        making.wentWrong().forEach(symptom -> lines.add(write(Message.of("rescue.symptom." + symptom))));
        for (var event : making.events()) {
            var text = event.text();
            switch (event.kind()) {
                case NOTED -> lines.add(text);
                case TOOK -> {
                    if (!text.isEmpty()) {
                        lines.add(text);
                    }
                }
                default -> {
                    // Stands in the document as it was made.
                }
            }
        }
        lines.addAll(kept(making));
        var note = lines.stream().distinct().collect(Collectors.joining(". "));
        return note.substring(0, Math.min(LONGEST_NOTE, note.length()));
    }

    /** A core temperature has to be understood before it is kept: it may prove something. */
    void checkTemperature(String text) {
        try {
            ColdChain.celsius(text, kitchens.workplace().kitchen());
        } catch (UnreadableException e) {
            throw new NotUnderstoodException(
                    List.of(Problem.of("field-invalid", "/text", "core temperature", text, e.rule())));
        }
    }

    static NotUnderstoodException refused(String field, String value, String rule) {
        return new NotUnderstoodException(
                List.of(Problem.of("field-invalid", "/" + field, field, value, Problem.rule(rule))));
    }
}
