package com.deftchill.server.formula;

import com.deftchill.core.formula.WrittenFormula;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A stored formula: its document as typed, and the version that guards it. */
@Entity
@Table(name = "formula")
public class FormulaEntity {
    private static final int NAME_LENGTH = 200;

    @Id
    private UUID id;

    @Version
    private long version;

    private String name;

    @JdbcTypeCode(SqlTypes.JSON)
    private WrittenFormula document;

    @Column(updatable = false)
    private Instant createdAt;

    private Instant updatedAt;

    protected FormulaEntity() {}

    public FormulaEntity(UUID id, WrittenFormula document, Instant now) {
        this.id = id;
        this.createdAt = now;
        write(document, now);
    }

    /** Replaces the document. */
    public final void write(WrittenFormula newDocument, Instant now) {
        this.document = newDocument;
        this.name = newDocument
                .name()
                .substring(0, Math.min(NAME_LENGTH, newDocument.name().length()));
        this.updatedAt = now;
    }

    public UUID getId() {
        return id;
    }

    public long getVersion() {
        return version;
    }

    public String getName() {
        return name;
    }

    public WrittenFormula getDocument() {
        return document;
    }

    public Instant getUpdatedAt() {
        return updatedAt;
    }
}
