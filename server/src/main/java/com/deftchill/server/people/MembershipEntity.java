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

/** That somebody works in a kitchen, as what. */
@Entity
@Table(name = "membership")
class MembershipEntity {
    @Id
    private UUID id = UUID.randomUUID();

    @Column(updatable = false)
    private UUID accountId;

    @Column(updatable = false)
    private String kitchen;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Role role;

    @Column(updatable = false)
    private Instant since;

    protected MembershipEntity() {}

    MembershipEntity(UUID accountId, String kitchen, Role role, Instant now) {
        this.accountId = accountId;
        this.kitchen = kitchen;
        this.role = role;
        since = now;
    }

    UUID getAccountId() {
        return accountId;
    }

    String getKitchen() {
        return kitchen;
    }

    Role getRole() {
        return role;
    }

    void setRole(Role other) {
        role = other;
    }

    Instant getSince() {
        return since;
    }
}
