package com.deftchill.server.people;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;

interface MembershipRepository extends JpaRepository<MembershipEntity, UUID> {
    List<MembershipEntity> findByAccountIdOrderBySince(UUID account);

    List<MembershipEntity> findByKitchenOrderBySince(String kitchen);

    /** The same, kept from changing until the transaction ends. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    List<MembershipEntity> findForChangeByKitchenOrderBySince(String kitchen);

    Optional<MembershipEntity> findByKitchenAndAccountId(String kitchen, UUID account);

    long countByAccountIdAndRole(UUID account, Role role);
}
