package com.deftchill.server.learn;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.TenantId;

/** Which lot of a gelatin is open, or who works: {@code cook}. */
@Entity
@Table(name = "in_use")
class InUseEntity {
    @Id
    private UUID id = UUID.randomUUID();

    @Column(updatable = false)
    private String what;

    @TenantId
    private String kitchen;

    private String which;

    protected InUseEntity() {}

    InUseEntity(String what, String which) {
        this.what = what;
        this.which = which;
    }

    String getWhat() {
        return what;
    }

    String getWhich() {
        return which;
    }

    void setWhich(String other) {
        which = other;
    }
}
