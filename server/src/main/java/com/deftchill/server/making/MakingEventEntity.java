package com.deftchill.server.making;

import com.deftchill.core.making.Event;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.TenantId;
import org.hibernate.type.SqlTypes;

/** Something that happened; never changed. */
@Entity
@Table(name = "making_event")
class MakingEventEntity {
    @Id
    private UUID id;

    @TenantId
    private String kitchen;

    @Column(updatable = false)
    private UUID makingId;

    @Column(updatable = false)
    private Instant happened;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(updatable = false)
    private Event event;

    @Column(updatable = false)
    private Instant storedAt;

    protected MakingEventEntity() {}

    MakingEventEntity(UUID id, UUID makingId, Event event, Instant now) {
        this.id = id;
        this.makingId = makingId;
        this.event = event;
        happened = Instant.ofEpochMilli(event.at());
        storedAt = now;
    }

    UUID getId() {
        return id;
    }

    UUID getMakingId() {
        return makingId;
    }

    Event getEvent() {
        return event;
    }
}
