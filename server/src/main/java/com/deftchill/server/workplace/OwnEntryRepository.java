package com.deftchill.server.workplace;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** What the kitchen added to its larder. */
interface OwnEntryRepository extends JpaRepository<OwnEntryEntity, UUID> {
    List<OwnEntryEntity> findAllByOrderByCreatedAt();

    Optional<OwnEntryEntity> findByKindAndEntryId(String kind, String entryId);
}
