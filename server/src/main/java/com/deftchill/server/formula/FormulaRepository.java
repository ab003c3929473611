package com.deftchill.server.formula;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

/** Stored formulas. Lists are read without their documents. */
interface FormulaRepository extends JpaRepository<FormulaEntity, UUID> {
    /** For a change: whoever else wants to change it waits, so that each sees what the one before it stored. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<FormulaEntity> findForChangeById(UUID id);

    List<FormulaSummary> findByPutAwayAtIsNullAndNameContaining(String part, Pageable page);

    List<FormulaSummary> findByPutAwayAtIsNotNullAndNameContaining(String part, Pageable page);

    /** How many there are at hand, of so many at most. */
    @Query("""
            select count(*) from (select f.id as id from FormulaEntity f
            where f.putAwayAt is null and f.name like :like escape '!' order by f.name, f.id limit :most) found
            """)
    long countAtHand(String like, int most);

    /** How many there are that were put away, of so many at most. */
    @Query("""
            select count(*) from (select f.id as id from FormulaEntity f
            where f.putAwayAt is not null and f.name like :like escape '!' order by f.name, f.id limit :most) found
            """)
    long countPutAway(String like, int most);

    /** Kind, entry and name of the formula, for every use of the kitchen's own entries. */
    @Query("""
            select new com.deftchill.server.formula.FormulaService$Usage(u.kind, u.entryId, f.name)
            from FormulaEntity f join f.uses u
            where f.putAwayAt is null and u.entryId in :entryIds
            order by f.name
            """)
    List<FormulaService.Usage> usages(List<String> entryIds);
}
