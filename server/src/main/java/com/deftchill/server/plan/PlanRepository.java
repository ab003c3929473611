package com.deftchill.server.plan;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;

interface PlanRepository extends JpaRepository<PlanEntity, UUID> {
    Page<PlanEntity> findAllByOrderByUpdatedAtDesc(Pageable page);

    Optional<PlanEntity> findByWriteId(UUID writeId);
}
