package com.deftchill.server.learn;

import com.deftchill.core.assess.Assessor;
import com.deftchill.core.chill.Stop;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.learn.Learning;
import com.deftchill.core.learn.Learnt;
import com.deftchill.core.learn.Measure;
import com.deftchill.core.learn.Measured;
import com.deftchill.core.learn.Observation;
import com.deftchill.core.learn.Quantity;
import com.deftchill.core.learn.Responses;
import com.deftchill.core.learn.Unknown.Scope;
import com.deftchill.core.parameters.Parameter;
import com.deftchill.core.verdict.Problem;
import com.deftchill.server.batchlog.LogReadings;
import com.deftchill.server.formula.FormulaService;
import com.deftchill.server.formula.StoredPrediction;
import com.deftchill.server.problem.NotFoundException;
import com.deftchill.server.problem.NotUnderstoodException;
import com.deftchill.server.workplace.Asked;
import com.deftchill.server.workplace.Computing;
import com.deftchill.server.workplace.Fingerprints;
import com.deftchill.server.workplace.KitchenService;
import com.deftchill.server.workplace.WorkplaceChanged;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Proposes what the log tells, and keeps what the cook accepts of it. */
@Service
class LearnService {
    private static final Logger LOG = LoggerFactory.getLogger(LearnService.class);

    /** So many of the latest batches are learnt from. */
    private static final int MOST_BATCHES = 400;
    /** So many formulas are shown with what would change. */
    private static final int MOST_FORMULAS = 8;

    private static final int MOST_NEVER = 2;
    private static final int PORTIONS = 4;
    private static final double SOON_MINUTES = 120;
    private static final double NIGHT_MINUTES = 600;
    /** Most of the work is to ask the models. */
    private static final double PART = 0.9;

    private static final Set<Scope> USUAL =
            Set.of(Scope.LOT, Scope.COOLER, Scope.COOK, Scope.INGREDIENT, Scope.PROBE, Scope.KITCHEN);

    private final LearnedSetRepository sets;
    private final InUseRepository inUse;
    private final AcceptedNumbers accepted;
    private final LogReadings readings;
    private final FormulaService formulas;
    private final KitchenService kitchens;
    private final Fingerprints fingerprints;
    private final Computing computing;
    private final ApplicationEventPublisher events;
    private final TransactionTemplate transactions;
    private final Clock clock;

    /** What the models answered: asked again they need not compute. Of few wishes at a time. */
    private final Cache<String, Responses> answers =
            Caffeine.newBuilder().maximumSize(4).build();

    /** How far a question has come; a page that asks another copy of the application is told nothing. */
    private final Cache<String, Double> progress = Caffeine.newBuilder()
            .maximumSize(1000)
            .expireAfterWrite(Duration.ofMinutes(2))
            .build();

    LearnService(
            LearnedSetRepository sets,
            InUseRepository inUse,
            AcceptedNumbers accepted,
            LogReadings readings,
            FormulaService formulas,
            KitchenService kitchens,
            Fingerprints fingerprints,
            Computing computing,
            ApplicationEventPublisher events,
            TransactionTemplate transactions,
            Clock clock) {
        this.sets = sets;
        this.inUse = inUse;
        this.accepted = accepted;
        this.readings = readings;
        this.formulas = formulas;
        this.kitchens = kitchens;
        this.fingerprints = fingerprints;
        this.computing = computing;
        this.events = events;
        this.transactions = transactions;
        this.clock = clock;
    }

    /**
     * What is asked.
     *
     * @param models whether the constants of the models that matter most are learnt too
     * @param parameters ids of parameters that are learnt besides
     * @param without batches that are left out, said by the cook
     */
    record Wish(boolean models, Set<String> parameters, Set<UUID> without) {
        Set<Scope> scopes() {
            var scopes = EnumSet.copyOf(USUAL);
            if (models) {
                scopes.add(Scope.MODEL);
            }
            return scopes;
        }
    }

    /**
     * What the log tells.
     *
     * @param never readings that could be taken
     * @param batches that were learnt from, and those left out
     * @param broken those of them that could not be computed: nothing was learnt from them
     * @param changes what it does to desserts that were made last
     */
    record Proposal(
            Learnt learnt,
            List<Observation> never,
            List<LogReadings.Of> batches,
            Set<UUID> broken,
            Map<String, String> using,
            List<Change> changes) {}

    /** What a dessert comes to by the numbers of now and by what was learnt. */
    record Change(UUID formulaId, String name, StoredPrediction now, StoredPrediction then) {}

    Proposal proposal(Wish wish, Asked asked) {
        check(wish);
        var batches = readings.latest(MOST_BATCHES);
        var handbook = kitchens.handbook();
        var using = using();
        return computing.stoppable(asked, (assessor, workplace, stop) -> {
            var responses = responses(wish, handbook, assessor);
            var broken = new LinkedHashSet<UUID>();
            var learnt = learnt(wish, batches, responses, stop, asked, broken);
            var changes = changes(
                    learnt,
                    batches.stream()
                            .filter(batch -> !broken.contains(batch.id()))
                            .toList(),
                    assessor,
                    handbook,
                    workplace,
                    using);
            return new Proposal(learnt, never(batches, responses), batches, broken, using, changes);
        });
    }

    private void check(Wish wish) {
        var known = kitchens.handbook().parameters().all().stream()
                .map(Parameter::id)
                .collect(Collectors.toSet());
        for (var id : wish.parameters()) {
            if (!known.contains(id)) {
                throw refused("parameters", id, "learn.parameter");
            }
        }
    }

    /** What can be asked for by name: every parameter that has a range. */
    List<Parameter> parameters() {
        return kitchens.handbook().parameters().all().stream()
                .filter(p -> p.low() < p.high())
                .toList();
    }

    private Learnt learnt(
            Wish wish, List<LogReadings.Of> batches, Responses responses, Stop stop, Asked asked, Set<UUID> broken) {
        var measured = batches.stream()
                .filter(batch -> !wish.without().contains(batch.id()))
                .flatMap(batch -> batch.measured().stream())
                .toList();
        var seen = responses.observations(
                measured,
                share -> {
                    stop.check();
                    progress.put(asked.page(), PART * share);
                },
                (one, why) -> {
                    // Given up, rather than failed.
                    stop.check();
                    LOG.error(
                            "batch {} cannot be computed: nothing is learnt from it",
                            one.made().batch(),
                            why);
                    broken.add(UUID.fromString(one.made().batch()));
                });
        var learnt = Learning.of(
                seen, responses::prior, stop, share -> progress.put(asked.page(), PART + (1 - PART) * share));
        progress.invalidate(asked.page());
        return learnt;
    }

    private Responses responses(Wish wish, Workplace handbook, Assessor assessor) {
        var scopes = wish.scopes();
        var parameters = new TreeSet<>(wish.parameters());
        return answers.get(
                        handbookName() + scopes + parameters,
                        key -> new Responses(assessor.rough(), handbook, scopes, parameters))
                .by(assessor.rough());
    }

    /** Of the formulas made last, what could be measured. */
    private static List<Observation> never(List<LogReadings.Of> batches, Responses responses) {
        var measured = new ArrayList<Measured>();
        batches.stream()
                .map(batch -> batch.measured().get(0).made())
                .filter(made -> measured.stream()
                        .noneMatch(m -> m.made()
                                .document()
                                .name()
                                .equals(made.document().name())))
                .limit(MOST_NEVER)
                .forEach(made -> {
                    measured.add(new Measured(made, Measure.of(Quantity.STANDING_HEIGHT), 1, PORTIONS));
                    measured.add(new Measured(made, Measure.of(Quantity.SET_AFTER), 1));
                    measured.add(new Measured(made, Measure.coreAt(SOON_MINUTES), 1));
                    measured.add(new Measured(made, Measure.coreAt(NIGHT_MINUTES), 1));
                });
        return responses.observations(measured, share -> {}, (one, why) -> {});
    }

    /** Of the handbook's workplace: what was learnt before is no part of it. */
    private String handbookName() {
        return fingerprints.rules().replaceAll("-k:.*", "");
    }

    Optional<Double> progress(String page) {
        return Optional.ofNullable(progress.getIfPresent(page));
    }

    private List<Change> changes(
            Learnt learnt,
            List<LogReadings.Of> batches,
            Assessor assessor,
            Workplace handbook,
            Workplace now,
            Map<String, String> using) {
        var figures = learnt.told().stream().map(StoredFigure::of).toList();
        var then = AcceptedNumbers.put(handbook, figures, using);
        var documents = new LinkedHashMap<UUID, WrittenFormula>();
        for (var batch : batches) {
            documents.putIfAbsent(
                    batch.formulaId(), batch.measured().get(0).made().document());
        }
        var changes = new ArrayList<Change>();
        documents.entrySet().stream().limit(MOST_FORMULAS).forEach(entry -> {
            var before = predicted(assessor, entry.getValue(), now);
            var after = predicted(assessor, entry.getValue(), then);
            if (before.isPresent() && after.isPresent()) {
                changes.add(new Change(entry.getKey(), entry.getValue().name(), before.get(), after.get()));
            }
        });
        return changes;
    }

    private static Optional<StoredPrediction> predicted(
            Assessor assessor, WrittenFormula document, Workplace workplace) {
        return assessor.assess(document, workplace)
                .value()
                .map(assessment -> StoredPrediction.of(assessment.prediction(), ""));
    }

    /** What a formula comes to by the handbook's numbers and by the kitchen's. */
    List<StoredPrediction> compared(WrittenFormula document, Asked asked) {
        var handbook = kitchens.handbook();
        return computing.light(asked, (assessor, workplace) -> {
            var own = assessor.assess(document, workplace);
            if (own.value().isEmpty()) {
                throw new NotUnderstoodException(own.problems());
            }
            return List.of(
                    predicted(assessor, document, handbook).orElseThrow(),
                    predicted(assessor, document, workplace).orElseThrow());
        });
    }

    /** Lots and cooks in use: said by the cook, else those used last. */
    @Transactional(readOnly = true)
    Map<String, String> using() {
        var using = new LinkedHashMap<>(readings.lastUsed(MOST_BATCHES));
        using.putAll(accepted.using());
        return using;
    }

    /**
     * Accepts numbers: they are learnt anew from the same batches, and only those that the log tells can be accepted. What is
     * computed is computed before anything is held in the database.
     *
     * @param keys of the numbers
     */
    LearnedSetEntity accept(Wish wish, List<String> keys, String by, Asked asked) {
        var proposal = proposal(wish, asked);
        var wanted = new HashSet<>(keys);
        var figures = proposal.learnt().told().stream()
                .filter(figure -> wanted.contains(figure.unknown().key()))
                .map(StoredFigure::of)
                .toList();
        if (figures.size() != wanted.size()) {
            throw refused("figures", String.join(", ", keys), "learn.not-told");
        }
        var ids = proposal.batches().stream()
                .map(LogReadings.Of::id)
                .filter(id -> !wish.without().contains(id))
                .toList();
        return transactions.execute(status -> {
            proposal.using().forEach((what, which) -> {
                if (inUse.findByWhat(what).isEmpty()) {
                    inUse.save(new InUseEntity(what, which));
                }
            });
            var set = sets.save(new LearnedSetEntity(sets.last() + 1, by, clock.instant(), figures, ids));
            makeCurrent(set.getNumber());
            return set;
        });
    }

    /** Makes a set the current one; 0 goes back to the handbook. */
    @Transactional
    void makeCurrent(int number) {
        if (number != 0 && sets.findByNumber(number).isEmpty()) {
            throw new NotFoundException("Set of numbers", number);
        }
        sets.findAll().forEach(set -> set.setCurrent(set.getNumber() == number));
        events.publishEvent(new WorkplaceChanged());
    }

    @Transactional(readOnly = true)
    List<LearnedSetEntity> sets() {
        return sets.findAllByOrderByNumberDesc();
    }

    /** Says which lot is open, or who works. */
    @Transactional
    void use(String what, String which) {
        inUse.findByWhat(what)
                .ifPresentOrElse(one -> one.setWhich(which), () -> inUse.save(new InUseEntity(what, which)));
        events.publishEvent(new WorkplaceChanged());
    }

    private static NotUnderstoodException refused(String field, String value, String rule) {
        return new NotUnderstoodException(
                List.of(Problem.of("field-invalid", "/" + field, field, value, Problem.rule(rule))));
    }
}
