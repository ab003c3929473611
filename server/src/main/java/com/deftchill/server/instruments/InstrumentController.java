package com.deftchill.server.instruments;

import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.making.ProbeCurve;
import com.deftchill.core.probe.BoilingPoint;
import com.deftchill.core.probe.Calibration;
import com.deftchill.core.verdict.Problem;
import com.deftchill.server.making.MadeBatches;
import com.deftchill.server.problem.NotFoundException;
import com.deftchill.server.problem.NotUnderstoodException;
import com.deftchill.server.tenancy.Kitchens;
import com.deftchill.server.workplace.Asked;
import com.deftchill.server.workplace.Computing;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.net.URI;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Probe and scale. */
@RestController
@RequestMapping("/api/instruments")
@Tag(name = "Instruments")
class InstrumentController {
    private final Instruments instruments;
    private final Readings readings;
    private final CalibrationService calibrations;
    private final InstrumentSettings settings;
    private final MadeBatches batches;
    private final Computing computing;
    private final Clock clock;

    InstrumentController(
            Instruments instruments,
            Readings readings,
            CalibrationService calibrations,
            InstrumentSettings settings,
            MadeBatches batches,
            Computing computing,
            Clock clock) {
        this.instruments = instruments;
        this.readings = readings;
        this.calibrations = calibrations;
        this.settings = settings;
        this.batches = batches;
        this.computing = computing;
        this.clock = clock;
    }

    /**
     * How a probe was tried last; moments in s since 1970.
     *
     * @param off K that it is off where that is most
     * @param matters whether that is more than a cook may leave uncorrected
     * @param due whether it is time to try it again
     */
    record CalibrationView(long triedAt, double offset, double slope, double off, boolean matters, boolean due) {}

    /**
     * An instrument now.
     *
     * @param kind {@code probe} or {@code scale}
     * @param at when it showed it, ms since 1970
     * @param raw °C or g as shown; absent where it shows none
     * @param value the same, corrected by its calibration
     * @param stable whether it has come to rest
     * @param state {@code ok}, or what is the matter: {@code open}, {@code overload}, {@code under}
     * @param simulated whether it is a stand-in that ships with the application and measures nothing
     * @param calibration of a probe; absent where nobody tried it yet
     */
    record InstrumentView(
            String id,
            String kind,
            long at,
            Optional<Double> raw,
            Optional<Double> value,
            boolean stable,
            String state,
            boolean simulated,
            Optional<CalibrationView> calibration) {}

    /**
     * Those that were heard in the last seconds.
     *
     * @param pages where the instruments themselves answer: a stand-in has a page on which it is held and made to misbehave
     */
    record InstrumentList(List<InstrumentView> instruments, List<String> pages) {}

    /** Told to a scale. */
    record Told(
            @NotNull(message = "is missing: what it is to do")
            @Pattern(regexp = "tare|unit", message = "must be tare or unit")
            String what,

            @Pattern(regexp = "g|oz", message = "must be g or oz")
            String unit) {}

    /**
     * Where a probe is put.
     *
     * @param step id of the step whose component it stands in
     * @param where {@code pan}, {@code bowl}, {@code ice} or {@code core}
     */
    record Placed(
            @NotNull(message = "is missing: the batch") UUID makingId,

            @Size(max = 200, message = "must have at most 200 characters")
            String step,

            @NotNull(message = "is missing: where it is put")
            @Size(max = 20, message = "must be pan, bowl, ice or core")
            String where) {}

    /**
     * A probe tried at the fixed points of water.
     *
     * @param id given by the page, so that it counts once
     * @param ice what it shows raw in ice water, °C
     * @param boil what it shows raw in boiling water, °C; left out where it was not tried there
     * @param altitude of the kitchen, m; its boiling point, unless the pressure is given
     * @param pressure of the air on the spot, hPa
     */
    record Tried(
            @NotNull(message = "is missing: an id of your own")
            UUID id,

            @NotNull(message = "is missing: what it shows in ice water")
            Double ice,

            Double boil,
            Double altitude,
            Double pressure,

            @Size(max = 80, message = "must have at most 80 characters")
            String by) {}

    /** Readings of one instrument as pairs of ms since 1970 and its value, corrected. */
    record ReadingCourse(List<double[]> points) {}

    @GetMapping
    @Operation(operationId = "instruments", summary = "What probe and scale show now")
    InstrumentList now() {
        var now = clock.instant();
        return new InstrumentList(
                (ours() ? readings.last(now.minus(settings.fresh())) : List.<Reading>of())
                        .stream().map(reading -> view(reading, now)).toList(),
                (ours() ? settings.sockets() : List.<URI>of())
                        .stream()
                                .map(socket -> "http://" + socket.getAuthority() + "/")
                                .distinct()
                                .toList());
    }

    /** The instruments of this installation stand in one kitchen: those of another hear nothing of them. */
    private boolean ours() {
        return settings.kitchen().equals(Kitchens.orNobodys());
    }

    private void check(String id) {
        if (!ours()) {
            throw new NotFoundException("Instrument", id);
        }
    }

    private InstrumentView view(Reading reading, Instant now) {
        var tried = calibrations.last(reading.instrument());
        var calibration = calibrations.of(reading.instrument());
        return new InstrumentView(
                reading.instrument(),
                reading.kind(),
                reading.at().toEpochMilli(),
                reading.value(),
                reading.value().map(calibration::corrected),
                reading.stable(),
                reading.state(),
                reading.simulated(),
                tried.map(of -> view(of, now)));
    }

    private static CalibrationView view(CalibrationEntity tried, Instant now) {
        var of = tried.calibration();
        return new CalibrationView(
                tried.getTriedAt().getEpochSecond(),
                of.offset(),
                of.slope(),
                of.off(),
                of.matters(),
                Calibration.isDue(Duration.between(tried.getTriedAt(), now).toSeconds()));
    }

    @GetMapping("/{id}/course")
    @Operation(operationId = "readings", summary = "What an instrument showed in the last hour")
    ReadingCourse course(@PathVariable String id) {
        check(id);
        var calibration = calibrations.of(id);
        return new ReadingCourse(readings.since(id, clock.instant().minus(settings.kept())).stream()
                .filter(reading -> reading.value().isPresent())
                .map(reading -> new double[] {
                    reading.at().toEpochMilli(),
                    calibration.corrected(reading.value().get())
                })
                .toList());
    }

    @PostMapping("/{id}/commands")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(operationId = "tellInstrument", summary = "Tare a scale or change its unit")
    void tell(@PathVariable String id, @Valid @RequestBody Told told) {
        tell(
                id,
                told.what().equals("tare")
                        ? Map.of("do", "tare")
                        : Map.of("do", "unit", "unit", told.unit() == null ? "g" : told.unit()));
    }

    private void tell(String id, Map<String, Object> command) {
        check(id);
        if (!instruments.tell(id, command)) {
            throw new NotFoundException("Instrument", id);
        }
    }

    @PostMapping("/{id}/place")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(
            operationId = "placeProbe",
            summary = "Put a stand-in probe somewhere in a batch: it follows what the models compute there",
            description = "A real probe is put there by hand and takes no such command.")
    void place(@PathVariable String id, @Valid @RequestBody Placed placed, Asked asked) {
        var where = ProbeCurve.Where.of(placed.where())
                .orElseThrow(() -> refused("where", placed.where(), "instruments.where"));
        var making = batches.making(placed.makingId());
        var curve = computing.light(
                asked,
                (assessor, workplace) -> assessor.study(making.intended(), workplace)
                        .map(dessert -> ProbeCurve.of(dessert, index(placed.step(), dessert), where)));
        if (curve.value().isEmpty()) {
            throw new NotUnderstoodException(curve.problems());
        }
        var of = curve.value().get();
        tell(id, Map.of("do", "follow", "from", clock.millis(), "lag", of.lagSeconds(), "curve", of.points()));
    }

    /** The component of a step by the number that its id begins with; the first one for the whole. */
    private static int index(String step, Dessert dessert) {
        var number = step == null ? "" : step.replaceAll("\\..*$", "");
        return number.matches("\\d{1,3}")
                        && Integer.parseInt(number) < dessert.portraits().size()
                ? Integer.parseInt(number)
                : dessert.main().map(study -> study.index()).orElse(0);
    }

    @PostMapping("/{id}/calibrations")
    @ResponseStatus(HttpStatus.CREATED)
    @Operation(
            operationId = "calibrate",
            summary = "Keep how a probe shows the fixed points of water",
            description = "Later readings are corrected by it; readings themselves stay raw.")
    CalibrationView calibrate(@PathVariable String id, @Valid @RequestBody Tried tried) {
        double boils = boils(tried);
        var kept = calibrations.keep(
                tried.id(),
                id,
                tried.by() == null ? "" : tried.by(),
                tried.ice(),
                tried.boil(),
                boils,
                () -> calibration(tried, boils));
        return view(kept, clock.instant());
    }

    private static Calibration calibration(Tried tried, double boils) {
        try {
            return Calibration.of(
                    tried.ice(),
                    tried.boil() == null ? OptionalDouble.empty() : OptionalDouble.of(tried.boil()),
                    boils);
        } catch (IllegalArgumentException e) {
            boolean ofIce = e.getMessage().startsWith("the ice");
            throw refused(
                    ofIce ? "ice point" : "boiling point",
                    (ofIce ? tried.ice() : tried.boil()) + " °C",
                    ofIce ? "instruments.ice" : "instruments.boil");
        }
    }

    private static double boils(Tried tried) {
        try {
            if (tried.pressure() != null) {
                return BoilingPoint.atPressure(tried.pressure());
            }
            return BoilingPoint.atAltitude(tried.altitude() == null ? 0 : tried.altitude());
        } catch (IllegalArgumentException e) {
            throw tried.pressure() != null
                    ? refused("pressure", tried.pressure() + " hPa", "instruments.pressure")
                    : refused("altitude", tried.altitude() + " m", "instruments.altitude");
        }
    }

    private static NotUnderstoodException refused(String field, String value, String rule) {
        return new NotUnderstoodException(
                List.of(Problem.of("field-invalid", "/" + field, field, value, Problem.rule(rule))));
    }
}
