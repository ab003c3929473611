package com.deftchill.server.batchlog;

import com.deftchill.core.assess.Assessor;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.server.database.Once;
import com.deftchill.server.formula.FormulaService;
import com.deftchill.server.formula.StoredPrediction;
import com.deftchill.server.problem.NotFoundException;
import com.deftchill.server.problem.NotUnderstoodException;
import com.deftchill.server.problem.StaleVersionException;
import com.deftchill.server.search.Words;
import com.deftchill.server.workplace.Asked;
import com.deftchill.server.workplace.Computing;
import com.deftchill.server.workplace.Fingerprints;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Logs batches, each with what was predicted for the formula it was made by, and takes corrections. */
@Service
public class BatchService {
    /** Corrections of one person within this time are one. */
    private static final Duration ONE_CORRECTION = Duration.ofMinutes(10);

    private static final int MOST_CHANGES = 100;

    private final BatchRepository batches;
    private final BatchChangeRepository changes;
    private final Words words;
    private final FormulaService formulas;
    private final Computing computing;
    private final Fingerprints fingerprints;
    private final TransactionTemplate transactions;
    private final Clock clock;

    BatchService(
            BatchRepository batches,
            BatchChangeRepository changes,
            Words words,
            FormulaService formulas,
            Computing computing,
            Fingerprints fingerprints,
            TransactionTemplate transactions,
            Clock clock) {
        this.batches = batches;
        this.changes = changes;
        this.words = words;
        this.formulas = formulas;
        this.computing = computing;
        this.fingerprints = fingerprints;
        this.transactions = transactions;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    Page<BatchEntity> list(UUID formulaId, int page, int size) {
        return batches.findByFormulaIdOrderByMadeOnDescPouredAtDescCreatedAtDesc(
                formulas.get(formulaId).getId(), PageRequest.of(page, size));
    }

    @Transactional(readOnly = true)
    BatchEntity get(UUID formulaId, UUID id) {
        return batches.findById(id)
                .filter(b -> b.getFormulaId().equals(formulaId))
                .orElseThrow(() -> new NotFoundException("Batch", id));
    }

    @Transactional(readOnly = true)
    BatchEntity get(UUID id) {
        return batches.findById(id).orElseThrow(() -> new NotFoundException("Batch", id));
    }

    @Transactional(readOnly = true)
    String formulaName(UUID formulaId) {
        return formulas.get(formulaId).getDocument().name();
    }

    /** Sent twice with the same id, it is logged once. */
    BatchEntity log(UUID id, UUID formulaId, MadeBatch made) {
        return Once.stored(
                () -> batches.findById(id).filter(b -> b.getFormulaId().equals(formulaId)), () -> {
                    formulas.get(formulaId);
                    Readings.check(made.said(), made.document());
                    return log(id, formulaId, predict(made.document()), made.said(), null);
                });
    }

    /**
     * What is predicted of a formula as it was made: computed before anything of it is stored.
     *
     * @param document the formula as it was made
     */
    public record Predicted(WrittenFormula document, StoredPrediction prediction) {}

    /** Computes it; outside of any transaction. */
    public Predicted predict(WrittenFormula document) {
        return computing.light(Asked.NOBODY, (assessor, workplace) -> predicted(document, assessor, workplace));
    }

    private Predicted predicted(WrittenFormula document, Assessor assessor, Workplace workplace) {
        var outcome = assessor.assess(document, workplace);
        var assessment = outcome.value().orElseThrow(() -> new NotUnderstoodException(outcome.problems()));
        return new Predicted(document, StoredPrediction.of(assessment.prediction(), fingerprints.of(document)));
    }

    private BatchEntity log(UUID id, UUID formulaId, Predicted predicted, CameOut said, UUID makingId) {
        var now = clock.instant();
        return transactions.execute(status ->
                stored(new BatchEntity(id, formulaId, makingId, predicted.prediction(), predicted.document(), now)
                        .write(said, formulaName(formulaId), now)));
    }

    private BatchEntity stored(BatchEntity batch) {
        var kept = batches.saveAndFlush(batch);
        words.keep(Words.Of.BATCH, kept.getId(), kept.getFoundBy());
        batches.lastMade(kept.getFormulaId());
        return kept;
    }

    /** Corrects what is said of a batch; what was there before is kept. */
    @Transactional
    BatchEntity correct(UUID id, long version, String by, CameOut said) {
        var batch = get(id);
        if (batch.getVersion() != version) {
            throw new StaleVersionException(batch.getVersion());
        }
        Readings.check(said, batch.getDocument());
        if (batch.said().equals(said)) {
            return batch;
        }
        var now = clock.instant();
        boolean goesOn = changes.findFirstByBatchIdOrderByChangedAtDesc(id)
                .filter(last -> last.getChangedBy().equals(by)
                        && Duration.between(last.getChangedAt(), now).compareTo(ONE_CORRECTION) < 0)
                .isPresent();
        if (!goesOn) {
            changes.save(new BatchChangeEntity(id, by, now, batch.said()));
        }
        return stored(batch.write(said, formulaName(batch.getFormulaId()), now));
    }

    @Transactional(readOnly = true)
    List<BatchChangeEntity> changes(UUID id) {
        return changes.findByBatchIdOrderByChangedAtDesc(get(id).getId(), Limit.of(MOST_CHANGES));
    }

    /** Logs a batch of the demo kitchen; {@code outcome} is the name of an {@link Outcome}. */
    public UUID logDemo(
            UUID formulaId,
            WrittenFormula document,
            LocalDate madeOn,
            String outcome,
            Double standingMm,
            String note,
            String cook,
            BatchRecord record) {
        var poured = LocalTime.parse(document.starts());
        var said = new CameOut(madeOn, poured, Outcome.valueOf(outcome), standingMm, note, cook, record);
        var predicted = computing.here((assessor, workplace) -> predicted(document, assessor, workplace));
        return log(UUID.randomUUID(), formulaId, predicted, said, null).getId();
    }

    /** Whether it is the name of an {@link Outcome}. */
    public static boolean isOutcome(String name) {
        return Arrays.stream(Outcome.values())
                .anyMatch(outcome -> outcome.name().equals(name));
    }

    /**
     * What was said of a batch that was made step by step.
     *
     * @param outcome name of an {@link Outcome}
     * @param standingMm null where it was not measured
     */
    public record MadeStepByStep(
            UUID makingId,
            LocalDateTime poured,
            String outcome,
            Double standingMm,
            String note,
            String cook,
            BatchRecord record) {}

    /**
     * Logs a batch that was made step by step.
     *
     * @return its id
     */
    @Transactional
    public UUID logMade(UUID formulaId, Predicted predicted, MadeStepByStep made) {
        var said = new CameOut(
                made.poured().toLocalDate(),
                made.poured().toLocalTime(),
                Outcome.valueOf(made.outcome()),
                made.standingMm(),
                made.note(),
                made.cook(),
                made.record());
        Readings.check(said, predicted.document());
        return log(UUID.randomUUID(), formulaId, predicted, said, made.makingId())
                .getId();
    }

    /** Told that a batch was stored otherwise, in the same transaction. */
    public void kept(UUID id) {
        var batch = get(id);
        words.keep(Words.Of.BATCH, id, batch.getFoundBy());
        batches.lastMade(batch.getFormulaId());
    }

    @Transactional
    void delete(UUID formulaId, UUID id) {
        batches.delete(get(formulaId, id));
        batches.flush();
        batches.lastMade(formulaId);
    }
}
