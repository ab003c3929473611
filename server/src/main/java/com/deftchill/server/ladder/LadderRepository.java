package com.deftchill.server.ladder;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;

/** Ladders. */
interface LadderRepository extends JpaRepository<LadderEntity, UUID> {
    /** Held for those who change it: what two tasters say at once comes one after the other. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<LadderEntity> findForChangeById(UUID id);

    List<LadderEntity> findByOrderByMadeAtDesc(Limit limit);
}
