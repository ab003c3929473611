package com.deftchill.server.people;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** A kitchen and what it is called. */
@Entity
@Table(name = "kitchen")
class KitchenNameEntity {
    @Id
    private String id;

    private String name;

    @Column(updatable = false)
    private Instant madeAt;

    protected KitchenNameEntity() {}

    KitchenNameEntity(String id, String name, Instant now) {
        this.id = id;
        this.name = name;
        madeAt = now;
    }

    String getId() {
        return id;
    }

    String getName() {
        return name;
    }

    void setName(String other) {
        name = other;
    }
}
