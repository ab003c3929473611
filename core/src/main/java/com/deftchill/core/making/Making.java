package com.deftchill.core.making;

import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.making.Event.Kind;
import com.deftchill.core.verdict.Fix.Change;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * A batch as far as it is made: a pure function of its formula and of what happened. Any part of the events is a batch too,
 * and the same events in another order are the same batch.
 */
public final class Making {
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");
    /** The step with which a layer goes into its moulds. */
    private static final String FILL = ".fill";

    private final WrittenFormula planned;
    private final ZoneId zone;
    private final List<Event> events;
    private final Map<String, Run> runs = new LinkedHashMap<>();
    private final WrittenFormula made;

    /** A step so far: when it began and ended, s since 1970. */
    public record Run(OptionalLong began, OptionalLong ended) {}

    private Making(WrittenFormula planned, ZoneId zone, List<Event> events) {
        this.planned = planned;
        this.zone = zone;
        this.events = events;
        events.forEach(this::run);
        made = measured();
    }

    /**
     * @param planned the formula by which it is made
     * @param zone by whose clock times of day are told
     * @param happened in any order; of several with one id the first in time counts
     */
    public static Making of(WrittenFormula planned, ZoneId zone, List<Event> happened) {
        var once = new LinkedHashMap<String, Event>();
        happened.stream().sorted(Event.BY_TIME).forEach(event -> once.putIfAbsent(event.id(), event));
        Set<String> undone = once.values().stream()
                .filter(event -> event.kind() == Kind.UNDONE)
                .map(Event::text)
                .collect(Collectors.toSet());
        var counting = once.values().stream()
                .filter(event -> event.kind() != Kind.UNDONE && !undone.contains(event.id()))
                .toList();
        return new Making(planned, zone, counting);
    }

    private void run(Event event) {
        var now = runs.getOrDefault(event.step(), new Run(OptionalLong.empty(), OptionalLong.empty()));
        switch (event.kind()) {
            case BEGAN -> runs.put(event.step(), new Run(OptionalLong.of(event.second()), now.ended()));
            case ENDED -> runs.put(event.step(), new Run(now.began(), OptionalLong.of(event.second())));
            default -> {
                // Says nothing of when.
            }
        }
    }

    /** The formula with the remedies that were taken: what is still to be done is told by it. */
    public WrittenFormula intended() {
        return with(event -> event.kind() == Kind.TOOK);
    }

    /** Of several values at one address the last counts; each is put there once. */
    private WrittenFormula with(Predicate<Event> which) {
        var last = new LinkedHashMap<String, Change>();
        events.stream().filter(which).flatMap(event -> event.changes().stream()).forEach(change -> {
            last.remove(change.path());
            last.put(change.path(), change);
        });
        return Changes.take(planned, List.copyOf(last.values()));
    }

    /** The formula with what was measured and taken in place of what is written. */
    private WrittenFormula measured() {
        var formula = with(event -> true);
        var poured = filled();
        return poured.isPresent() ? Changes.set(formula, "/starts", clock(poured.getAsLong())) : formula;
    }

    private String clock(long second) {
        return Instant.ofEpochSecond(second).atZone(zone).format(CLOCK);
    }

    public WrittenFormula planned() {
        return planned;
    }

    /** As it is really made, so far. */
    public WrittenFormula made() {
        return made;
    }

    /** What counts of what happened, in the order of time. */
    public List<Event> events() {
        return events;
    }

    /** Every step of which something is known, by its id. */
    public Map<String, Run> runs() {
        return Collections.unmodifiableMap(runs);
    }

    public Run run(String step) {
        return runs.getOrDefault(step, new Run(OptionalLong.empty(), OptionalLong.empty()));
    }

    /** What was measured last at an address; empty where nothing was. */
    public Optional<String> measured(String address) {
        var texts = new ArrayList<String>();
        events.stream()
                .filter(event -> event.kind() == Kind.MEASURED)
                .flatMap(event -> event.changes().stream())
                .filter(change -> change.path().equals(address))
                .forEach(change -> texts.add(change.value()));
        return texts.isEmpty() ? Optional.empty() : Optional.of(texts.get(texts.size() - 1));
    }

    /** What was said last of a kind; empty where nothing was. */
    public String said(Kind kind) {
        return events.stream()
                .filter(event -> event.kind() == kind)
                .reduce((first, second) -> second)
                .map(Event::text)
                .orElse("");
    }

    /** The last text of each step that a kind was said of, such as the lot of each line. */
    public Map<String, String> saidOf(Kind kind) {
        var said = new LinkedHashMap<String, String>();
        events.stream()
                .filter(event -> event.kind() == kind && !event.step().isEmpty())
                .forEach(event -> said.put(event.step(), event.text()));
        return said;
    }

    /** When the first layer was filled, s since 1970; empty before. */
    public OptionalLong filled() {
        return runs.entrySet().stream()
                .filter(run -> run.getKey().endsWith(FILL))
                .flatMapToLong(run -> run.getValue().ended().stream())
                .min();
    }

    /** The first filling, s since 1970, once it is done; else when anything began. */
    public OptionalLong poured() {
        var filled = filled();
        return filled.isPresent()
                ? filled
                : events.stream().mapToLong(Event::second).min();
    }

    /**
     * What went wrong, by the symptoms' ids: those after which somebody looked for the cause or took a remedy, or the only one that was
     * named. Who merely opens one after the other to read about them has said nothing of the batch.
     */
    public List<String> wentWrong() {
        var found = new LinkedHashSet<String>();
        var named = new LinkedHashSet<String>();
        String opened = null;
        for (var event : events) {
            if (event.kind() == Kind.WENT_WRONG) {
                opened = event.text();
                named.add(opened);
            } else if (opened != null && (event.kind() == Kind.LOOKED || event.kind() == Kind.TOOK)) {
                found.add(opened);
            }
        }
        return List.copyOf(found.isEmpty() && named.size() == 1 ? named : found);
    }

    /** Given up, and not taken back. */
    public boolean discarded() {
        return !finished() && wasGivenUp();
    }

    /** Given up by somebody, whatever happened to it since. */
    public boolean wasGivenUp() {
        return events.stream().anyMatch(event -> event.kind() == Kind.DISCARDED);
    }

    public boolean finished() {
        return events.stream().anyMatch(event -> event.kind() == Kind.FINISHED);
    }
}
