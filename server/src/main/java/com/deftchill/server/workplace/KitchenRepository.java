package com.deftchill.server.workplace;

import org.springframework.data.jpa.repository.JpaRepository;

/** The one kitchen. */
interface KitchenRepository extends JpaRepository<KitchenEntity, String> {}
