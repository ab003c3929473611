package com.deftchill.server.making;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface MakingEventRepository extends JpaRepository<MakingEventEntity, UUID> {
    List<MakingEventEntity> findByMakingIdInOrderByHappened(Collection<UUID> makings);
}
