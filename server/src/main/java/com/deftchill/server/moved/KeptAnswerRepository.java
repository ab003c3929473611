package com.deftchill.server.moved;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** One for each formula that was opened. */
interface KeptAnswerRepository extends JpaRepository<KeptAnswerEntity, UUID> {}
