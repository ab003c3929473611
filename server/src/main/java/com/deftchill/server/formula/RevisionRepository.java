package com.deftchill.server.formula;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** States that formulas had. */
interface RevisionRepository extends JpaRepository<RevisionEntity, UUID> {
    List<RevisionEntity> findByFormulaIdOrderByNumberDesc(UUID formulaId);

    Optional<RevisionEntity> findFirstByFormulaIdOrderByNumberDesc(UUID formulaId);

    Optional<RevisionEntity> findByFormulaIdAndNumber(UUID formulaId, int number);
}
