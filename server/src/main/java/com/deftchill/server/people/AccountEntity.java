package com.deftchill.server.people;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Locale;
import java.util.UUID;

/** Somebody who can sign in; in one kitchen or in several. */
@Entity
@Table(name = "account")
class AccountEntity {
    @Id
    private UUID id = UUID.randomUUID();

    @Version
    private long version;

    private String name;
    private String nameFolded;
    private String passwordHash;

    @Column(updatable = false)
    private Instant madeAt;

    protected AccountEntity() {}

    /** @param passwordHash null where they come in by key or passkey alone */
    AccountEntity(String name, String passwordHash, Instant now) {
        this.passwordHash = passwordHash;
        madeAt = now;
        rename(name);
    }

    /** Names are told apart by their letters, not by which of them are capitals. */
    static String folded(String name) {
        return name.strip().toLowerCase(Locale.ROOT);
    }

    final void rename(String other) {
        name = other.strip();
        nameFolded = folded(other);
    }

    void setPasswordHash(String hash) {
        passwordHash = hash;
    }

    UUID getId() {
        return id;
    }

    String getName() {
        return name;
    }

    String getPasswordHash() {
        return passwordHash;
    }
}
