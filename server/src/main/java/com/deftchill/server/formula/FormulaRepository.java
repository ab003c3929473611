package com.deftchill.server.formula;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;

/** Stored formulas. */
public interface FormulaRepository extends JpaRepository<FormulaEntity, UUID> {
    /** For a change: whoever else wants to change it waits, so that each sees what the one before it stored. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<FormulaEntity> findForChangeById(UUID id);

    List<FormulaEntity> findAllByOrderByCreatedAt();
}
