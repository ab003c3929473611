package com.deftchill.server.people;

import org.springframework.data.jpa.repository.JpaRepository;

interface KitchenNameRepository extends JpaRepository<KitchenNameEntity, String> {}
