package com.deftchill.server.formula;

import com.deftchill.core.formula.WrittenFormula;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.Set;
import java.util.UUID;
import org.hibernate.annotations.DynamicUpdate;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.OptimisticLock;
import org.hibernate.annotations.TenantId;
import org.hibernate.type.SqlTypes;

/** A stored formula: its document as typed, and the version that guards it. */
@Entity
@DynamicUpdate
@Table(name = "formula")
public class FormulaEntity {
    private static final int NAME_LENGTH = 200;

    @Id
    private UUID id;

    @TenantId
    private String kitchen;

    @Version
    private long version;

    private String name;

    @JdbcTypeCode(SqlTypes.JSON)
    private WrittenFormula document;

    @Column(updatable = false)
    private Instant createdAt;

    private Instant updatedAt;

    private Instant putAwayAt;

    /** When it was last opened or changed. */
    private Instant shownAt;

    /** When it was last made; follows from the log. */
    @Column(insertable = false)
    private LocalDate madeOn;

    /** Its place where the worst are listed first; follows from what the Book says of it, as does the next. */
    @Column(insertable = false)
    private byte worstFirst;

    @Column(insertable = false)
    private String kind;

    /** Follows from the document, whose version counts. */
    @ElementCollection
    @OptimisticLock(excluded = true)
    @CollectionTable(name = "formula_use", joinColumns = @JoinColumn(name = "formula_id"))
    private Set<FormulaUse> uses = new HashSet<>();

    /** Ids of the words that it is found by; kept by {@link com.deftchill.server.search.Words}. */
    @ElementCollection
    @OptimisticLock(excluded = true)
    @CollectionTable(name = "formula_word", joinColumns = @JoinColumn(name = "formula_id"))
    @Column(name = "word_id", insertable = false, updatable = false)
    private Set<Long> words = new HashSet<>();

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
        this.shownAt = now;
        var used = FormulaUse.of(newDocument);
        uses.retainAll(used);
        uses.addAll(used);
    }

    /** Puts it out of the way, or brings it back. */
    void putAway(Instant when) {
        this.putAwayAt = when;
    }

    /** When it was put away; null while it is at hand. */
    public Instant getPutAwayAt() {
        return putAwayAt;
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
