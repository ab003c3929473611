package com.deftchill.server.formula;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** States that formulas had. Lists are read without their documents. */
interface RevisionRepository extends JpaRepository<RevisionEntity, UUID> {
    Page<RevisionSummary> findByFormulaId(UUID formulaId, Pageable page);

    List<RevisionSummary> findByFormulaIdAndName(UUID formulaId, String name, Pageable page);

    Optional<RevisionEntity> findFirstByFormulaIdOrderByNumberDesc(UUID formulaId);

    Optional<RevisionEntity> findByFormulaIdAndNumber(UUID formulaId, int number);

    @Modifying
    @Query("delete from RevisionEntity r where r.formulaId = :formulaId and r.name = '' and r.number <= :last")
    void deleteUnnamedUpTo(UUID formulaId, int last);

    List<RevisionEntity> findTop50ByFormulaIdOrderByNumberDesc(UUID formulaId);
}
