package com.deftchill.server.batchlog;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.server.formula.FormulaService;
import com.deftchill.server.formula.StoredPrediction;
import com.deftchill.server.problem.NotFoundException;
import com.deftchill.server.problem.NotUnderstoodException;
import com.deftchill.server.workplace.Asked;
import com.deftchill.server.workplace.Computing;
import com.deftchill.server.workplace.Fingerprints;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.Arrays;
import java.util.UUID;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Logs batches, each with what was predicted for the formula it was made by. */
@Service
public class BatchService {
    private final BatchRepository batches;
    private final FormulaService formulas;
    private final Computing computing;
    private final Fingerprints fingerprints;
    private final Clock clock;

    BatchService(
            BatchRepository batches,
            FormulaService formulas,
            Computing computing,
            Fingerprints fingerprints,
            Clock clock) {
        this.batches = batches;
        this.formulas = formulas;
        this.computing = computing;
        this.fingerprints = fingerprints;
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

    @Transactional
    BatchEntity log(UUID formulaId, MadeBatch made) {
        var formula = formulas.get(formulaId);
        var outcome =
                computing.light(Asked.NOBODY, (assessor, workplace) -> assessor.assess(made.document(), workplace));
        var assessment = outcome.value().orElseThrow(() -> new NotUnderstoodException(outcome.problems()));
        return batches.saveAndFlush(new BatchEntity(
                formula.getId(),
                made,
                StoredPrediction.of(assessment.prediction(), fingerprints.of(made.document())),
                made.document(),
                clock.instant()));
    }

    /** Logs a batch of the demo kitchen; {@code outcome} is the name of an {@link Outcome}. */
    @Transactional
    public void logDemo(
            UUID formulaId, WrittenFormula document, LocalDate madeOn, String outcome, double standingMm, String note) {
        var poured = LocalTime.parse(document.starts());
        log(formulaId, new MadeBatch(madeOn, poured, Outcome.valueOf(outcome), standingMm, note, document));
    }

    /** Whether it is the name of an {@link Outcome}. */
    public static boolean isOutcome(String name) {
        return Arrays.stream(Outcome.values())
                .anyMatch(outcome -> outcome.name().equals(name));
    }

    /**
     * Logs a batch that was made step by step.
     *
     * @param outcome name of an {@link Outcome}
     * @param standingMm null where it was not measured
     * @return its id
     */
    @Transactional
    public UUID logMade(
            UUID formulaId,
            WrittenFormula document,
            LocalDateTime poured,
            String outcome,
            Double standingMm,
            String note) {
        var made = new MadeBatch(
                poured.toLocalDate(), poured.toLocalTime(), Outcome.valueOf(outcome), standingMm, note, document);
        return log(formulaId, made).getId();
    }

    @Transactional
    void delete(UUID formulaId, UUID id) {
        batches.delete(get(formulaId, id));
    }
}
