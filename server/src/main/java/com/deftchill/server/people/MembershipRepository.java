package com.deftchill.server.people;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface MembershipRepository extends JpaRepository<MembershipEntity, UUID> {
    List<MembershipEntity> findByAccountIdOrderBySince(UUID account);

    List<MembershipEntity> findByKitchenOrderBySince(String kitchen);

    Optional<MembershipEntity> findByKitchenAndAccountId(String kitchen, UUID account);
}
