package com.deftchill.server.batchlog;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.server.formula.StoredPrediction;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.OptimisticLock;
import org.hibernate.annotations.TenantId;
import org.hibernate.type.SqlTypes;

/**
 * A batch as made. What was predicted and the formula as it was never change; what came out can be corrected, and what was there
 * before is kept.
 */
@Entity
@Table(name = "batch")
class BatchEntity {
    private static final int LONGEST_FOUND_BY = 700;

    @Id
    private UUID id;

    @Version
    private long version;

    @Column(updatable = false)
    private UUID formulaId;

    @TenantId
    private String kitchen;

    private LocalDate madeOn;
    private LocalTime pouredAt;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Outcome outcome;

    private Double standingMm;
    private String note;
    private String cook = "";
    private String foundBy = "";

    /** Ids of the words that it is found by; kept by {@link com.deftchill.server.search.Words}. */
    @ElementCollection
    @OptimisticLock(excluded = true)
    @CollectionTable(name = "batch_word", joinColumns = @JoinColumn(name = "batch_id"))
    @Column(name = "word_id", insertable = false, updatable = false)
    private Set<Long> words = new HashSet<>();

    @Column(updatable = false)
    private UUID makingId;

    @JdbcTypeCode(SqlTypes.JSON)
    private BatchRecord record;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(updatable = false)
    private StoredPrediction predicted;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(updatable = false)
    private WrittenFormula document;

    @Column(updatable = false)
    private Instant createdAt;

    private Instant changedAt;

    protected BatchEntity() {}

    BatchEntity(
            UUID id, UUID formulaId, UUID makingId, StoredPrediction predicted, WrittenFormula document, Instant now) {
        this.id = id;
        this.formulaId = formulaId;
        this.makingId = makingId;
        this.predicted = predicted;
        this.document = document;
        this.createdAt = now;
    }

    /** Takes what is said of it now. */
    BatchEntity write(CameOut said, String formulaName, Instant now) {
        madeOn = said.madeOn();
        pouredAt = said.pouredAt();
        outcome = said.outcome();
        standingMm = said.standingMm();
        note = said.note();
        cook = said.cook();
        record = said.record();
        changedAt = now;
        var words = new StringBuilder(formulaName).append(' ').append(cook);
        record.lots().forEach(lot -> words.append(' ').append(lot.lot()));
        words.append(' ').append(note);
        var found = words.toString().toLowerCase(Locale.ROOT);
        foundBy = found.substring(0, Math.min(LONGEST_FOUND_BY, found.length()));
        return this;
    }

    /** What is said of it. */
    CameOut said() {
        return new CameOut(madeOn, pouredAt, outcome, standingMm, note, cook, getRecord());
    }

    UUID getId() {
        return id;
    }

    long getVersion() {
        return version;
    }

    String getFoundBy() {
        return foundBy;
    }

    UUID getFormulaId() {
        return formulaId;
    }

    UUID getMakingId() {
        return makingId;
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

    String getCook() {
        return cook;
    }

    BatchRecord getRecord() {
        return record == null ? BatchRecord.EMPTY : record;
    }

    StoredPrediction getPredicted() {
        return predicted;
    }

    WrittenFormula getDocument() {
        return document;
    }
}
