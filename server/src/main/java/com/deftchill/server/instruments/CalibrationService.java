package com.deftchill.server.instruments;

import com.deftchill.core.probe.Calibration;
import java.time.Clock;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How each probe was tried: the last time counts. */
@Service
class CalibrationService {
    private static final int ID_LENGTH = 40;

    private final CalibrationRepository calibrations;
    private final Clock clock;

    CalibrationService(CalibrationRepository calibrations, Clock clock) {
        this.calibrations = calibrations;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    Optional<CalibrationEntity> last(String instrument) {
        return calibrations.findFirstByInstrumentOrderByTriedAtDesc(instrument);
    }

    /** What corrects its readings now. */
    Calibration of(String instrument) {
        return last(instrument).map(CalibrationEntity::calibration).orElse(Calibration.NONE);
    }

    /** Sent twice with the same id, it is kept once. */
    @Transactional
    CalibrationEntity keep(
            UUID id, String instrument, String by, double ice, Double boil, double boils, Supplier<Calibration> of) {
        return calibrations
                .findById(id)
                .orElseGet(() -> calibrations.saveAndFlush(new CalibrationEntity(
                        id,
                        instrument.substring(0, Math.min(ID_LENGTH, instrument.length())),
                        by,
                        ice,
                        boil,
                        boil == null ? null : boils,
                        of.get(),
                        clock.instant())));
    }
}
