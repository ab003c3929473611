package com.deftchill.server.formula;

import com.deftchill.core.formula.WrittenFormula;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.TenantId;
import org.hibernate.type.SqlTypes;

/** A state that a formula had. Its name is empty unless the cook gave it one. */
@Entity
@Table(name = "revision")
class RevisionEntity {
    @Id
    private UUID id;

    @TenantId
    private String kitchen;

    private UUID formulaId;

    private int number;

    private String name;

    @JdbcTypeCode(SqlTypes.JSON)
    private WrittenFormula document;

    @Column(updatable = false)
    private Instant createdAt;

    protected RevisionEntity() {}

    RevisionEntity(UUID formulaId, int number, String name, WrittenFormula document, Instant now) {
        this.id = UUID.randomUUID();
        this.formulaId = formulaId;
        this.number = number;
        this.name = name;
        this.document = document;
        this.createdAt = now;
    }

    int getNumber() {
        return number;
    }

    String getName() {
        return name;
    }

    void setName(String name) {
        this.name = name;
    }

    WrittenFormula getDocument() {
        return document;
    }

    Instant getCreatedAt() {
        return createdAt;
    }
}
