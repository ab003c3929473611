package com.deftchill.server.instruments;

import com.deftchill.core.probe.Calibration;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.TenantId;
import org.springframework.data.domain.Persistable;

/** A probe tried in ice water, and in boiling water; never changed. */
@Entity
@Table(name = "calibration")
class CalibrationEntity implements Persistable<UUID> {
    @Id
    private UUID id;

    @TenantId
    private String kitchen;

    @Column(updatable = false)
    private String instrument;

    @Column(updatable = false)
    private String triedBy;

    @Column(updatable = false)
    private Instant triedAt;

    @Column(updatable = false)
    private double ice;

    @Column(updatable = false)
    private Double boil;

    @Column(updatable = false)
    private Double boils;

    @Column(name = "offset_k", updatable = false)
    private double offset;

    @Column(updatable = false)
    private double slope;

    protected CalibrationEntity() {}

    CalibrationEntity(
            UUID id,
            String instrument,
            String triedBy,
            double ice,
            Double boil,
            Double boils,
            Calibration of,
            Instant now) {
        this.id = id;
        this.instrument = instrument;
        this.triedBy = triedBy;
        this.ice = ice;
        this.boil = boil;
        this.boils = boils;
        offset = of.offset();
        slope = of.slope();
        triedAt = now;
    }

    @Override
    public UUID getId() {
        return id;
    }

    @Override
    public boolean isNew() {
        return true;
    }

    Calibration calibration() {
        return new Calibration(offset, slope);
    }

    Instant getTriedAt() {
        return triedAt;
    }

    double getIce() {
        return ice;
    }

    Double getBoil() {
        return boil;
    }
}
