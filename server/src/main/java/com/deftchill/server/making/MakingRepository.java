package com.deftchill.server.making;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;

interface MakingRepository extends JpaRepository<MakingEntity, UUID> {
    List<MakingEntity> findByFinishedAtIsNullOrderByBegunAtDesc(Limit most);

    List<MakingEntity> findByPlanIdOrderByBegunAt(UUID planId);

    boolean existsByFormulaId(UUID formulaId);

    /** Held for those who add to it: events of two devices at once come one after the other. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<MakingEntity> findForChangeById(UUID id);
}
