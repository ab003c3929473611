package com.deftchill.server.workplace;

import com.deftchill.core.larder.OwnEntry;
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

/** Something the kitchen added to its larder, as typed. */
@Entity
@Table(name = "own_entry")
class OwnEntryEntity {
    @Id
    private UUID id;

    @TenantId
    private String kitchen;

    @Version
    private long version;

    private String kind;

    private String entryId;

    @JdbcTypeCode(SqlTypes.JSON)
    private OwnEntry entry;

    @Column(updatable = false)
    private Instant createdAt;

    protected OwnEntryEntity() {}

    OwnEntryEntity(OwnEntry entry, Instant now) {
        this.id = UUID.randomUUID();
        this.createdAt = now;
        write(entry);
    }

    final void write(OwnEntry written) {
        this.entry = written;
        this.kind = written.kind();
        this.entryId = written.id();
    }

    UUID getId() {
        return id;
    }

    long getVersion() {
        return version;
    }

    OwnEntry getEntry() {
        return entry;
    }
}
