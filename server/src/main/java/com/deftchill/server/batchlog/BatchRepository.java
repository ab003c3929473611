package com.deftchill.server.batchlog;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Batches as made. */
interface BatchRepository extends JpaRepository<BatchEntity, UUID> {
    List<BatchEntity> findByFormulaIdOrderByMadeOnDescPouredAtDescCreatedAtDesc(UUID formulaId);
}
