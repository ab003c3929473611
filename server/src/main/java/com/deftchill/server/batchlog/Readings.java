package com.deftchill.server.batchlog;

import com.deftchill.core.foam.Whip;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.learn.MadeOf;
import com.deftchill.core.learn.Measure;
import com.deftchill.core.learn.Measured;
import com.deftchill.core.learn.Quantity;
import com.deftchill.core.learn.Unknown;
import com.deftchill.core.learn.Unknown.Scope;
import com.deftchill.core.verdict.Problem;
import com.deftchill.server.batchlog.BatchRecord.ReadingMade;
import com.deftchill.server.problem.NotUnderstoodException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.IntStream;

/** What was measured of a batch, as learning takes it. */
public final class Readings {
    private Readings() {}

    /** Refuses what cannot be a reading of this batch; each with its field, value and rule. */
    static void check(CameOut said, WrittenFormula document) {
        var problems = new ArrayList<Problem>();
        var readings = said.record().readings();
        for (int i = 0; i < readings.size(); i++) {
            var reading = readings.get(i);
            var at = "/record/readings/" + i;
            var quantity = Quantity.of(reading.quantity());
            if (quantity.isEmpty()) {
                problems.add(problem(at + "/quantity", "what was measured", reading.quantity(), "log.quantity"));
            } else if (quantity.get() == Quantity.CORE_AT && reading.minutes() == null) {
                problems.add(problem(at + "/minutes", "minutes after the pour", "", "log.minutes"));
            } else if (quantity.get() != Quantity.CORE_AT && !(reading.value() > 0)) {
                problems.add(problem(at + "/value", "value", String.valueOf(reading.value()), "log.above-zero"));
            } else if (measure(reading, document).isEmpty()) {
                var of = Objects.requireNonNullElse(reading.of(), "");
                problems.add(problem(at + "/of", "of what", of, "log.of-what"));
            }
        }
        if (!problems.isEmpty()) {
            throw new NotUnderstoodException(problems);
        }
    }

    private static Problem problem(String path, String field, String value, String rule) {
        return Problem.of("field-invalid", path, field, value, Problem.rule(rule));
    }

    /** What a reading is of; empty where the formula has no such thing. */
    static Optional<Measure> measure(ReadingMade reading, WrittenFormula document) {
        var of = Objects.requireNonNullElse(reading.of(), "");
        return Quantity.of(reading.quantity()).flatMap(quantity -> switch (quantity) {
            case STANDING_HEIGHT, FIRMNESS, SET_AFTER -> Optional.of(Measure.of(quantity));
            case CORE_AT -> Optional.ofNullable(reading.minutes()).map(Measure::coreAt);
            case FOAM_DENSITY, VOLUME ->
                IntStream.range(0, document.components().size())
                        .filter(i -> document.components().get(i).id().equals(of))
                        .mapToObj(i -> Measure.of(quantity, i))
                        .findFirst();
            case OVERRUN ->
                Whip.of(of)
                        .filter(whip -> !of.isEmpty())
                        .map(whip -> direct(quantity, "", "foam.overrun" + word(whip)));
            case SOAKED -> of.isEmpty() ? Optional.empty() : Optional.of(direct(quantity, of, Unknown.SOAK));
            case PACKED -> Optional.of(direct(quantity, "", "pan.packed"));
            case BOILED_OFF -> Optional.of(direct(quantity, "", "pan.simmer"));
        });
    }

    private static Measure direct(Quantity quantity, String of, String what) {
        return Measure.direct(quantity, new Unknown(of.isEmpty() ? Scope.KITCHEN : Scope.INGREDIENT, of, what));
    }

    private static String word(Whip whip) {
        return whip.id().substring(0, 1).toUpperCase(Locale.ROOT) + whip.id().substring(1);
    }

    /** All readings of a batch as they were written down. */
    static List<Measured> of(UUID batch, CameOut said, WrittenFormula document) {
        return of(batch, said, document, reading -> "");
    }

    /**
     * The same as it is learnt from: what a probe showed, before anything learnt was taken off it, and which probe.
     *
     * @param probes names the probe of a reading, as it was when that was taken
     */
    static List<Measured> toLearnFrom(
            UUID batch, CameOut said, WrittenFormula document, Function<ReadingMade, String> probes) {
        return of(batch, said, document, probes);
    }

    private static List<Measured> of(
            UUID batch, CameOut said, WrittenFormula document, Function<ReadingMade, String> probes) {
        var lots = new HashMap<String, String>();
        said.record().lots().forEach(lot -> lots.put(lot.of(), lot.lot().strip()));
        var made = new MadeOf(batch.toString(), document, lots, said.cook());
        var found = new ArrayList<Measured>();
        height(said)
                .ifPresent(height -> found.add(
                        new Measured(made, Measure.of(Quantity.STANDING_HEIGHT), height.mm(), height.portions())));
        for (var reading : said.record().readings()) {
            var probe = probes.apply(reading);
            double value =
                    reading.value() + (probe.isEmpty() ? 0 : Objects.requireNonNullElse(reading.corrected(), 0.0));
            measure(reading, document).ifPresent(measure -> found.add(new Measured(made, measure, value, 1, probe)));
        }
        return found;
    }

    /**
     * @param mm mean of the portions that were measured
     * @param portions how many these are
     */
    record Height(double mm, int portions) {}

    /** Height of a batch: the mean of its portions, or the one that was measured; what did not leave its mould has none. */
    static Optional<Height> height(CameOut said) {
        var heights = said.record().portions().stream()
                .map(BatchRecord.PortionCame::standingMm)
                .filter(mm -> mm != null && mm > 0)
                .mapToDouble(Double::doubleValue)
                .summaryStatistics();
        if (heights.getCount() > 0) {
            return Optional.of(new Height(heights.getAverage(), (int) heights.getCount()));
        }
        return said.standingMm() == null || !(said.standingMm() > 0)
                ? Optional.empty()
                : Optional.of(new Height(said.standingMm(), 1));
    }
}
