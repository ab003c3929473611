package com.deftchill.server.learn;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** What is in use, by what it is one of. */
interface InUseRepository extends JpaRepository<InUseEntity, UUID> {
    Optional<InUseEntity> findByWhat(String what);
}
