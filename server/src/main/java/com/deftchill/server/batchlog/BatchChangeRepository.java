package com.deftchill.server.batchlog;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

/** Corrections of batches. */
interface BatchChangeRepository extends JpaRepository<BatchChangeEntity, UUID> {
    List<BatchChangeEntity> findByBatchIdOrderByChangedAtDesc(UUID batchId, Limit limit);

    Optional<BatchChangeEntity> findFirstByBatchIdOrderByChangedAtDesc(UUID batchId);
}
