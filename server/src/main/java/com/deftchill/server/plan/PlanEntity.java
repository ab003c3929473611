package com.deftchill.server.plan;

import com.deftchill.core.plan.Schedule;
import com.deftchill.core.plan.WrittenPlan;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.TenantId;
import org.hibernate.type.SqlTypes;

/** A stored plan, its schedule where one was found, and the version that guards both. */
@Entity
@Table(name = "plan")
public class PlanEntity {
    private static final int NAME_LENGTH = 200;

    @Id
    private UUID id;

    @Version
    private long version;

    @TenantId
    private String kitchen;

    @Column(updatable = false)
    private UUID writeId;

    private String changedBy = "";

    private String name;

    @JdbcTypeCode(SqlTypes.JSON)
    private WrittenPlan document;

    @JdbcTypeCode(SqlTypes.JSON)
    private Schedule schedule;

    private Instant beginsAt;

    @Column(updatable = false)
    private Instant createdAt;

    private Instant updatedAt;

    protected PlanEntity() {}

    PlanEntity(UUID id, UUID writeId, WrittenPlan document, Schedule schedule, Instant now) {
        this.id = id;
        this.writeId = writeId;
        createdAt = now;
        write(document, schedule, now);
    }

    final void write(WrittenPlan newDocument, Schedule newSchedule, Instant now) {
        document = newDocument;
        schedule = newSchedule;
        var newName = newDocument.name();
        name = newName.substring(0, Math.min(NAME_LENGTH, newName.length()));
        beginsAt = newSchedule == null
                ? null
                : newSchedule.slots().values().stream().mapToLong(slot -> slot.start()).min().stream()
                        .mapToObj(minute -> Instant.ofEpochSecond(minute * 60))
                        .findFirst()
                        .orElse(null);
        updatedAt = now;
    }

    UUID getId() {
        return id;
    }

    long getVersion() {
        return version;
    }

    String getName() {
        return name;
    }

    WrittenPlan getDocument() {
        return document;
    }

    Schedule getSchedule() {
        return schedule;
    }

    Instant getBeginsAt() {
        return beginsAt;
    }

    Instant getUpdatedAt() {
        return updatedAt;
    }
}
