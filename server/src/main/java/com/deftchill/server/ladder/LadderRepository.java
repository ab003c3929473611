package com.deftchill.server.ladder;

import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

/** Ladders. */
interface LadderRepository extends JpaRepository<LadderEntity, UUID> {
    List<LadderEntity> findByOrderByMadeAtDesc(Limit limit);
}
