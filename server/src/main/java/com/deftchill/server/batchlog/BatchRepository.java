package com.deftchill.server.batchlog;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Batches as made. */
interface BatchRepository extends JpaRepository<BatchEntity, UUID> {
    boolean existsByFormulaId(UUID formulaId);

    Optional<BatchEntity> findFirstByFormulaIdOrderByCreatedAtDesc(UUID formulaId);

    Page<BatchEntity> findByFormulaIdOrderByMadeOnDescPouredAtDescCreatedAtDesc(UUID formulaId, Pageable page);

    /** A batch without its document. */
    record Made(UUID formulaId, LocalDate madeOn, Outcome outcome) {}

    /** Those of the last day on which each formula was made, in the order of making. */
    @Query("""
            select new com.deftchill.server.batchlog.BatchRepository$Made(b.formulaId, b.madeOn, b.outcome)
            from BatchEntity b
            where b.formulaId in :formulaIds
              and b.madeOn = (select max(c.madeOn) from BatchEntity c where c.formulaId = b.formulaId)
            order by b.pouredAt, b.createdAt
            """)
    List<Made> ofTheLastDays(Collection<UUID> formulaIds);
}
