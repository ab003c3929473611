package com.deftchill.server.instruments;

import com.deftchill.core.probe.Calibration;
import com.deftchill.server.batchlog.Probes;
import com.deftchill.server.workplace.KitchenNumbers;
import java.time.Clock;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How each probe was tried: the last time counts. */
@Service
class CalibrationService implements Probes {
    private static final int ID_LENGTH = 40;

    private final CalibrationRepository calibrations;
    private final KitchenNumbers numbers;
    private final Clock clock;

    CalibrationService(CalibrationRepository calibrations, KitchenNumbers numbers, Clock clock) {
        this.calibrations = calibrations;
        this.numbers = numbers;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    Optional<CalibrationEntity> last(String instrument) {
        return calibrations.findFirstByInstrumentOrderByTriedAtDesc(instrument);
    }

    /** What corrects its readings now: how it was tried last, and what the log told of it since. */
    @Transactional(readOnly = true)
    public Calibration of(String instrument) {
        var tried = last(instrument).map(CalibrationEntity::calibration).orElse(Calibration.NONE);
        return tried.less(learntOffset(instrument));
    }

    @Override
    @Transactional(readOnly = true)
    public String asOf(String probe, Instant moment) {
        return key(probe, calibrations.findFirstByInstrumentAndTriedAtLessThanEqualOrderByTriedAtDesc(probe, moment));
    }

    @Override
    @Transactional(readOnly = true)
    public double learntOffset(String probe) {
        return numbers.probeOffset(key(probe, last(probe)));
    }

    private static String key(String probe, Optional<CalibrationEntity> tried) {
        return probe + "/" + tried.map(of -> of.getTriedAt().toString()).orElse("");
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
