package com.deftchill.server.batchlog;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.server.formula.StoredPrediction;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A batch as made. It never changes: what was predicted and the formula as it was are kept with what came out. */
@Entity
@Table(name = "batch")
class BatchEntity {
    @Id
    private UUID id;

    @Column(updatable = false)
    private UUID formulaId;

    private LocalDate madeOn;
    private LocalTime pouredAt;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Outcome outcome;

    private Double standingMm;
    private String note;

    @JdbcTypeCode(SqlTypes.JSON)
    private StoredPrediction predicted;

    @JdbcTypeCode(SqlTypes.JSON)
    private WrittenFormula document;

    private Instant createdAt;

    protected BatchEntity() {}

    BatchEntity(UUID formulaId, MadeBatch made, StoredPrediction predicted, WrittenFormula document, Instant now) {
        this.id = UUID.randomUUID();
        this.formulaId = formulaId;
        this.madeOn = made.madeOn();
        this.pouredAt = made.pouredAt();
        this.outcome = made.outcome();
        this.standingMm = made.standingMm();
        this.note = made.note() == null ? "" : made.note();
        this.predicted = predicted;
        this.document = document;
        this.createdAt = now;
    }

    UUID getId() {
        return id;
    }

    UUID getFormulaId() {
        return formulaId;
    }

    LocalDate getMadeOn() {
        return madeOn;
    }

    LocalTime getPouredAt() {
        return pouredAt;
    }

    Outcome getOutcome() {
        return outcome;
    }

    Double getStandingMm() {
        return standingMm;
    }

    String getNote() {
        return note;
    }

    StoredPrediction getPredicted() {
        return predicted;
    }

    WrittenFormula getDocument() {
        return document;
    }
}
