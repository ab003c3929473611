package com.deftchill.server.learn;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.TenantId;
import org.hibernate.type.SqlTypes;

/** A set of numbers that the kitchen accepted; it never changes but for whether it is the current one. */
@Entity
@Table(name = "learned_set")
class LearnedSetEntity {
    @Id
    private UUID id;

    @TenantId
    private String kitchen;

    @Column(updatable = false)
    private int number;

    private boolean current;

    @Column(updatable = false)
    private String acceptedBy;

    @Column(updatable = false)
    private Instant acceptedAt;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(updatable = false)
    private List<StoredFigure> figures;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(updatable = false)
    private List<UUID> batches;

    protected LearnedSetEntity() {}

    LearnedSetEntity(int number, String by, Instant now, List<StoredFigure> figures, List<UUID> batches) {
        this.id = UUID.randomUUID();
        this.number = number;
        this.acceptedBy = by;
        this.acceptedAt = now;
        this.figures = List.copyOf(figures);
        this.batches = List.copyOf(batches);
    }

    int getNumber() {
        return number;
    }

    boolean isCurrent() {
        return current;
    }

    void setCurrent(boolean now) {
        current = now;
    }

    String getAcceptedBy() {
        return acceptedBy;
    }

    Instant getAcceptedAt() {
        return acceptedAt;
    }

    List<StoredFigure> getFigures() {
        return figures;
    }

    List<UUID> getBatches() {
        return batches;
    }
}
