package com.deftchill.server.batchlog;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;

/** Batches as made. */
interface BatchRepository extends JpaRepository<BatchEntity, UUID> {
    boolean existsByFormulaId(UUID formulaId);

    Optional<BatchEntity> findFirstByFormulaIdOrderByCreatedAtDesc(UUID formulaId);

    Page<BatchEntity> findByFormulaIdOrderByMadeOnDescPouredAtDescCreatedAtDesc(UUID formulaId, Pageable page);
}
