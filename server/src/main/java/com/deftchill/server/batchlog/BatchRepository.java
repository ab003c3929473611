package com.deftchill.server.batchlog;

import com.deftchill.server.formula.StoredPrediction;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** Batches as made. */
interface BatchRepository extends JpaRepository<BatchEntity, UUID> {
    boolean existsByFormulaId(UUID formulaId);

    Optional<BatchEntity> findFirstByFormulaIdOrderByCreatedAtDesc(UUID formulaId);

    Page<BatchEntity> findByFormulaIdOrderByMadeOnDescPouredAtDescCreatedAtDesc(UUID formulaId, Pageable page);

    List<BatchEntity> findByOrderByMadeOnDescPouredAtDescCreatedAtDesc(Limit limit);

    /** What a batch was made with. */
    record MadeWith(String cook, BatchRecord record) {}

    @Query("""
            select new com.deftchill.server.batchlog.BatchRepository$MadeWith(b.cook, b.record)
            from BatchEntity b order by b.madeOn desc, b.pouredAt desc, b.createdAt desc
            """)
    List<MadeWith> madeWith(Limit limit);

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

    /** A line of the log: no document is read for it. */
    record Line(
            UUID id,
            UUID formulaId,
            String formula,
            LocalDate madeOn,
            LocalTime pouredAt,
            Outcome outcome,
            Double standingMm,
            String cook,
            String note,
            BatchRecord record,
            StoredPrediction predicted) {}

    /** These, in the order of the log. */
    @Query("""
            select new com.deftchill.server.batchlog.BatchRepository$Line(b.id, b.formulaId, f.name, b.madeOn, b.pouredAt, b.outcome,
                   b.standingMm, b.cook, b.note, b.record, b.predicted)
            from BatchEntity b join FormulaEntity f on f.id = b.formulaId where b.id in :ids
            order by b.madeOn desc, b.pouredAt desc, b.createdAt desc
            """)
    List<Line> lines(Collection<UUID> ids);

    /** How many of each outcome were made on a day. */
    record DayCount(LocalDate on, Outcome outcome, long count) {}

    record CookOf(String kitchen, String cook) {}

    /** With their kitchen, so that the index is read from name to name. */
    @Query("""
            select distinct new com.deftchill.server.batchlog.BatchRepository$CookOf(b.kitchen, b.cook)
            from BatchEntity b where b.cook > '' order by b.kitchen, b.cook
            """)
    List<CookOf> cooks(Limit limit);

    /** Tells a formula when it was last made. */
    @Modifying
    @Query(nativeQuery = true, value = """
                    update formula f set f.made_on = (select max(b.made_on) from batch b where b.formula_id = f.id)
                    where f.id = :formulaId
                    """)
    void lastMade(UUID formulaId);
}
