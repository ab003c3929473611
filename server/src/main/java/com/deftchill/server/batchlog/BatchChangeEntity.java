package com.deftchill.server.batchlog;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.TenantId;
import org.hibernate.type.SqlTypes;

/** What was said of a batch before it was corrected. */
@Entity
@Table(name = "batch_change")
class BatchChangeEntity {
    @Id
    private UUID id;

    @Column(updatable = false)
    private UUID batchId;

    @TenantId
    private String kitchen;

    private String changedBy;
    private Instant changedAt;

    @JdbcTypeCode(SqlTypes.JSON)
    private CameOut earlier;

    protected BatchChangeEntity() {}

    BatchChangeEntity(UUID batchId, String changedBy, Instant changedAt, CameOut earlier) {
        this.id = UUID.randomUUID();
        this.batchId = batchId;
        this.changedBy = changedBy;
        this.changedAt = changedAt;
        this.earlier = earlier;
    }

    String getChangedBy() {
        return changedBy;
    }

    Instant getChangedAt() {
        return changedAt;
    }

    CameOut getEarlier() {
        return earlier;
    }
}
