package com.deftchill.server.moved;

import com.deftchill.server.formula.StoredPrediction;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.TenantId;
import org.hibernate.type.SqlTypes;

/** What was last predicted for a formula, and by which models. */
@Entity
@Table(name = "kept_answer")
class KeptAnswerEntity {
    @Id
    private UUID formulaId;

    @TenantId
    private String kitchen;

    private int model;

    private String fingerprint;

    @JdbcTypeCode(SqlTypes.JSON)
    private StoredPrediction predicted;

    private Instant computedAt;

    protected KeptAnswerEntity() {}

    KeptAnswerEntity(UUID formulaId) {
        this.formulaId = formulaId;
    }

    /** Takes a newer one. */
    void keep(int byModel, String fingerprintOfIt, StoredPrediction prediction, Instant now) {
        this.model = byModel;
        this.fingerprint = fingerprintOfIt;
        this.predicted = prediction;
        this.computedAt = now;
    }

    int getModel() {
        return model;
    }

    String getFingerprint() {
        return fingerprint;
    }

    /** Absent where nothing was kept yet. */
    Optional<StoredPrediction> getPredicted() {
        return Optional.ofNullable(predicted);
    }
}
