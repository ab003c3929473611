package com.deftchill.server.formula;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Stored formulas. */
public interface FormulaRepository extends JpaRepository<FormulaEntity, UUID> {
    List<FormulaEntity> findAllByOrderByCreatedAt();
}
