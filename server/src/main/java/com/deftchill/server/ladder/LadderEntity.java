package com.deftchill.server.ladder;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.TenantId;
import org.hibernate.type.SqlTypes;

/** A ladder and what was said of its cups. */
@Entity
@Table(name = "ladder")
class LadderEntity {
    @Id
    private UUID id;

    @Version
    private long version;

    @TenantId
    private String kitchen;

    @Column(updatable = false)
    private UUID formulaId;

    @Column(updatable = false)
    private String name;

    @Column(updatable = false)
    private String madeBy;

    @Column(updatable = false)
    private Instant madeAt;

    private Instant shownAt;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(updatable = false)
    private Layout layout;

    /** By taster, by code. */
    @JdbcTypeCode(SqlTypes.JSON)
    private Map<String, Map<String, Integer>> scores = new LinkedHashMap<>();

    protected LadderEntity() {}

    LadderEntity(UUID id, UUID formulaId, String name, String by, Instant now, Layout layout) {
        this.id = id;
        this.formulaId = formulaId;
        this.name = name;
        this.madeBy = by;
        this.madeAt = now;
        this.layout = layout;
    }

    /** What a taster says now; said again it counts anew. */
    void score(String taster, Map<String, Integer> ofCups) {
        var all = new LinkedHashMap<>(scores);
        all.put(taster, new LinkedHashMap<>(ofCups));
        scores = all;
    }

    void show(Instant now) {
        shownAt = shownAt == null ? now : shownAt;
    }

    UUID getId() {
        return id;
    }

    UUID getFormulaId() {
        return formulaId;
    }

    String getName() {
        return name;
    }

    String getMadeBy() {
        return madeBy;
    }

    Instant getMadeAt() {
        return madeAt;
    }

    Instant getShownAt() {
        return shownAt;
    }

    Layout getLayout() {
        return layout;
    }

    Map<String, Map<String, Integer>> getScores() {
        return scores;
    }
}
