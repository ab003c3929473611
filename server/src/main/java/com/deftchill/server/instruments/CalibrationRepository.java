package com.deftchill.server.instruments;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CalibrationRepository extends JpaRepository<CalibrationEntity, UUID> {
    Optional<CalibrationEntity> findFirstByInstrumentOrderByTriedAtDesc(String instrument);

    Optional<CalibrationEntity> findFirstByInstrumentAndTriedAtLessThanEqualOrderByTriedAtDesc(
            String instrument, Instant moment);
}
