package com.deftchill.server.people;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;

interface InvitationRepository extends JpaRepository<InvitationEntity, UUID> {
    Optional<InvitationEntity> findByHash(String hash);

    /** Of two who follow the link at the same moment one is let in. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<InvitationEntity> findForUseByHash(String hash);

    List<InvitationEntity> findByKitchenAndUsedAtIsNullAndUntilAfterOrderByMadeAt(String kitchen, Instant now);

    long deleteByIdAndKitchen(UUID id, String kitchen);
}
