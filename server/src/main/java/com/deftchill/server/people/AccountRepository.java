package com.deftchill.server.people;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface AccountRepository extends JpaRepository<AccountEntity, UUID> {
    Optional<AccountEntity> findByNameFolded(String folded);

    boolean existsByPasswordHashIsNotNull();
}
