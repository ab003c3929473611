package com.deftchill.server.learn;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Accepted sets. */
interface LearnedSetRepository extends JpaRepository<LearnedSetEntity, UUID> {
    Optional<LearnedSetEntity> findFirstByCurrentTrue();

    Optional<LearnedSetEntity> findByNumber(int number);

    List<LearnedSetEntity> findAllByOrderByNumberDesc();

    @Query("select coalesce(max(s.number), 0) from LearnedSetEntity s")
    int last();
}
