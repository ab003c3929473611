package com.deftchill.server.learn;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** Which lot of a gelatin is open, or who works: {@code cook}. */
@Entity
@Table(name = "in_use")
class InUseEntity {
    @Id
    private String what;

    @Column(updatable = false)
    private String kitchen = "own";

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
