package com.deftchill.server.learn;

import org.springframework.data.jpa.repository.JpaRepository;

/** What is in use, by what it is one of. */
interface InUseRepository extends JpaRepository<InUseEntity, String> {}
