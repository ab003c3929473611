package com.deftchill.server.people;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A link that lets somebody into a kitchen, once and for some days; of its secret only the hash is kept. */
@Entity
@Table(name = "invitation")
class InvitationEntity {
    @Id
    private UUID id = UUID.randomUUID();

    @Column(updatable = false)
    private String kitchen;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    @Column(updatable = false)
    private Role role;

    @JdbcTypeCode(SqlTypes.CHAR)
    @Column(updatable = false)
    private String hash;

    @Column(updatable = false)
    private String invitedBy;

    @Column(updatable = false)
    private Instant madeAt;

    @Column(updatable = false)
    private Instant until;

    private Instant usedAt;

    protected InvitationEntity() {}

    InvitationEntity(String kitchen, Role role, String hash, String invitedBy, Instant now, Instant until) {
        this.kitchen = kitchen;
        this.role = role;
        this.hash = hash;
        this.invitedBy = invitedBy;
        this.until = until;
        madeAt = now;
    }

    boolean isOpen(Instant now) {
        return usedAt == null && now.isBefore(until);
    }

    void use(Instant now) {
        usedAt = now;
    }

    UUID getId() {
        return id;
    }

    String getKitchen() {
        return kitchen;
    }

    Role getRole() {
        return role;
    }

    String getInvitedBy() {
        return invitedBy;
    }

    Instant getUntil() {
        return until;
    }
}
