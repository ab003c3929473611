package com.deftchill.server.moved;

import com.deftchill.core.alternative.Moved;
import com.deftchill.core.assess.Prediction;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.parameters.Parameters;
import com.deftchill.server.formula.FormulaLog;
import com.deftchill.server.formula.FormulaOpened;
import com.deftchill.server.formula.FormulaService;
import com.deftchill.server.formula.StoredPrediction;
import com.deftchill.server.workplace.Asked;
import com.deftchill.server.workplace.Computing;
import com.deftchill.server.workplace.Fingerprints;
import java.time.Clock;
import java.util.Optional;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;

/** Compares what was kept of a formula with what it comes to today. */
@Service
class MovedService {
    private static final Logger LOG = LoggerFactory.getLogger(MovedService.class);

    private final KeptAnswerRepository kept;
    private final FormulaService formulas;
    private final FormulaLog log;
    private final Computing computing;
    private final Fingerprints fingerprints;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    MovedService(
            KeptAnswerRepository kept,
            FormulaService formulas,
            FormulaLog log,
            Computing computing,
            Fingerprints fingerprints,
            ApplicationEventPublisher events,
            Clock clock) {
        this.kept = kept;
        this.formulas = formulas;
        this.log = log;
        this.computing = computing;
        this.fingerprints = fingerprints;
        this.events = events;
        this.clock = clock;
    }

    /** A dessert and what is predicted for it. */
    private record Today(Dessert dessert, Prediction prediction) {}

    /**
     * What has moved since a formula was last opened under older models. Where nothing has, what it comes to today is kept; else
     * only once the cook has seen it.
     *
     * @param seen whether the cook has seen what has moved
     */
    Moved opened(UUID id, boolean seen) {
        var document = formulas.get(id).getDocument();
        events.publishEvent(new FormulaOpened(id));
        var row = kept.findById(id);
        boolean older = row.isPresent() && row.get().getModel() < Parameters.MODEL_VERSION;
        var fingerprint = fingerprints.of(document);
        if (!older && row.isPresent() && row.get().getFingerprint().equals(fingerprint)) {
            return Moved.NOTHING;
        }
        var today = today(document);
        if (today.isEmpty()) {
            return Moved.NOTHING;
        }
        if (older && !seen) {
            var before = row.get()
                    .getPredicted()
                    .or(() -> log.lastPredicted(id, document))
                    .map(StoredPrediction::prediction);
            var moved = Moved.of(today.get().dessert(), before, today.get().prediction());
            if (!moved.tellsNothing()) {
                return moved;
            }
        }
        var entity = row.orElseGet(() -> new KeptAnswerEntity(id));
        var prediction = today.get().prediction();
        entity.keep(
                Parameters.MODEL_VERSION, fingerprint, StoredPrediction.of(prediction, fingerprint), clock.instant());
        keep(entity);
        return Moved.NOTHING;
    }

    private void keep(KeptAnswerEntity entity) {
        try {
            kept.save(entity);
        } catch (DataIntegrityViolationException e) {
            // Another page has opened it at the same moment, and kept the same.
            LOG.debug("kept already: {}", e.getMessage());
        }
    }

    /** Absent while the formula cannot be understood. */
    private Optional<Today> today(WrittenFormula document) {
        return computing
                .light(
                        Asked.NOBODY,
                        (assessor, workplace) -> assessor.study(document, workplace)
                                .map(dessert -> new Today(
                                        dessert,
                                        assessor.assessment(dessert, workplace).prediction())))
                .value();
    }
}
