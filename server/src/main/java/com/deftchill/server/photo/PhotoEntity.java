package com.deftchill.server.photo;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.TenantId;

/** A photo of a batch; its pictures are kept apart. */
@Entity
@Table(name = "photo")
class PhotoEntity {
    @Id
    private UUID id;

    @Column(updatable = false)
    private UUID batchId;

    @TenantId
    private String kitchen;

    private String takenBy;
    private String caption;
    private int width;
    private int height;

    @Column(updatable = false)
    private Instant createdAt;

    protected PhotoEntity() {}

    PhotoEntity(UUID id, UUID batchId, String by, String caption, int width, int height, Instant now) {
        this.id = id;
        this.batchId = batchId;
        this.takenBy = by;
        this.caption = caption;
        this.width = width;
        this.height = height;
        this.createdAt = now;
    }

    PhotoView view() {
        return new PhotoView(id, caption, takenBy, width, height, createdAt);
    }

    UUID batchId() {
        return batchId;
    }
}
