package com.deftchill.server.making;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.making.Making;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.ZoneId;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.TenantId;
import org.hibernate.type.SqlTypes;
import org.springframework.data.domain.Persistable;

/** A batch that is being made, by a formula as it was when it began. */
@Entity
@Table(name = "making")
class MakingEntity implements Persistable<UUID> {
    private static final int NAME_LENGTH = 200;

    @Id
    private UUID id;

    @TenantId
    private String kitchen;

    @Column(updatable = false)
    private String begunBy;

    @Column(updatable = false)
    private UUID formulaId;

    @Column(updatable = false)
    private String name;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(updatable = false)
    private WrittenFormula document;

    @Column(updatable = false)
    private String zone;

    @Column(updatable = false)
    private Instant begunAt;

    private Instant finishedAt;

    private UUID batchId;

    @Column(updatable = false)
    private UUID planId;

    @Column(updatable = false)
    private String planDish;

    protected MakingEntity() {}

    MakingEntity(UUID id, String begunBy, UUID formulaId, WrittenFormula document, ZoneId zone, Instant now) {
        this.id = id;
        this.begunBy = begunBy;
        this.formulaId = formulaId;
        this.document = document;
        var called = document.name();
        name = called.substring(0, Math.min(NAME_LENGTH, called.length()));
        this.zone = zone.getId();
        begunAt = now;
    }

    /** The same as a dish of a day's plan. */
    MakingEntity ofPlan(UUID plan, String dish) {
        planId = plan;
        planDish = dish;
        return this;
    }

    UUID getPlanId() {
        return planId;
    }

    String getPlanDish() {
        return planDish;
    }

    @Override
    public UUID getId() {
        return id;
    }

    /** It is stored once, with an id of its own. */
    @Override
    public boolean isNew() {
        return finishedAt == null && batchId == null;
    }

    String getBegunBy() {
        return begunBy;
    }

    UUID getFormulaId() {
        return formulaId;
    }

    String getName() {
        return name;
    }

    WrittenFormula getDocument() {
        return document;
    }

    /** By whose clock it is made. */
    ZoneId getZone() {
        return ZoneId.of(zone);
    }

    Instant getBegunAt() {
        return begunAt;
    }

    Instant getFinishedAt() {
        return finishedAt;
    }

    UUID getBatchId() {
        return batchId;
    }

    /** Finished, and not in the log yet; what was given up on one device and finished on another is finished. */
    boolean isToBeLogged(Making making) {
        return batchId == null && (finishedAt == null || making.wasGivenUp());
    }

    /** It is made after all. */
    void goOn() {
        if (batchId == null) {
            finishedAt = null;
        }
    }

    /** @param batch its entry in the log; null where there is none */
    void finish(Instant now, UUID batch) {
        finishedAt = now;
        batchId = batch;
    }
}
