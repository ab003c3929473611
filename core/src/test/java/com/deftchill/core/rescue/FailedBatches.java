package com.deftchill.core.rescue;

import static com.deftchill.core.Kitchens.ASSESSOR;
import static com.deftchill.core.Kitchens.STANDARD;

import com.deftchill.core.assess.Assessor;
import com.deftchill.core.assess.Sensible;
import com.deftchill.core.build.Curves;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.making.Asks;
import com.deftchill.core.method.Method;
import com.deftchill.core.rescue.Observed.Reading;
import com.deftchill.core.rescue.Suspect.What;
import com.deftchill.core.verdict.Fix.Change;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;

/**
 * Batches that fail: a dessert as the trade makes it, one cause planted in it as often and as large as the table of causes says,
 * what a cook measured on the way with the error of scale and probe, and a symptom that it then likely shows.
 */
final class FailedBatches {
    /** So often a value that can be measured is measured; so often the core is. */
    private static final double MEASURED = 0.5;

    private static final double WEIGHING = 0.005;
    private static final double PROBE_K = 0.3;
    /** What a real chill is off by from the computed, as a share of what is left to the air. */
    private static final double CHILL_SHARE = 0.1;

    private final Assessor assessor = ASSESSOR.rough();
    private final Random random;

    FailedBatches(long seed) {
        random = new Random(seed);
    }

    /** A failed batch: what was planned, what is known of it, and what it really was. */
    record Failed(WrittenFormula planned, WrittenFormula made, Observed observed, Cause cause, Set<String> touched) {
        /** Whether a group of suspects names the planted cause. */
        boolean named(Ranking.Group group) {
            return group.suspects().stream()
                    .anyMatch(s -> s.cause().filter(cause::equals).isPresent()
                            || (s.what() == What.MEASURED && touched.contains(s.address())));
        }
    }

    private record Planted(Cause cause, int index) {}

    Failed next() {
        while (true) {
            var failed = drawn();
            if (failed.isPresent()) {
                return failed.get();
            }
        }
    }

    private WrittenFormula dessert() {
        return switch (random.nextInt(5)) {
            case 0 -> Sensible.verrine(random);
            case 1 -> layered();
            default -> Sensible.dessertOf(random);
        };
    }

    /** A set cream with a jelly on it, turned out of its mould or in a glass. */
    private WrittenFormula layered() {
        var cream = Sensible.setCreamInAGlass(random);
        var jelly = Sensible.jelly(random);
        var both = new ArrayList<>(cream.components());
        both.add(jelly.components().get(0));
        return Changes.set(cream.withComponents(both), "/moulds/count", "12");
    }

    private Optional<Failed> drawn() {
        var planned = dessert();
        var study = assessor.study(planned, STANDARD).value();
        if (study.isEmpty()) {
            return Optional.empty();
        }
        var planted = plant(study.get());
        var size = size(planted.cause());
        var asWritten = new Case(STANDARD, planned);
        var with = planted.cause().deviation().on(asWritten, study.get(), planted.index(), size);
        var truth = with.orElse(asWritten);
        var real = assessor.study(truth.formula(), truth.workplace()).value();
        if (real.isEmpty() || (with.isEmpty() && planted.cause().gives().isEmpty())) {
            return Optional.empty();
        }
        return symptom(planted.cause(), asWritten, study.get(), truth, real.get())
                .map(symptom -> {
                    var measured = new HashSet<String>();
                    var made = measured(planned, study.get(), truth, measured);
                    var observed =
                            new Observed(symptom, OptionalDouble.empty(), measured, readings(real.get()), Map.of());
                    return new Failed(planned, made, observed, planted.cause(), Set.copyOf(truth.touched()));
                });
    }

    /** As often as the table says. */
    private Planted plant(Dessert dessert) {
        var all = new ArrayList<Planted>();
        double sum = 0;
        for (var cause : RescueFiles.causes()) {
            for (int index : cause.where().in(dessert)) {
                all.add(new Planted(cause, index));
                sum += cause.often();
            }
        }
        double at = random.nextDouble() * sum;
        for (var planted : all) {
            at -= planted.cause().often();
            if (at <= 0) {
                return planted;
            }
        }
        return all.get(all.size() - 1);
    }

    /** Anything between small and large, not only the three sizes of the table. */
    private double size(Cause cause) {
        double at = random.nextDouble() * 2;
        int from = at < 1 ? 0 : 1;
        return cause.sizes()[from] + (at - from) * (cause.sizes()[from + 1] - cause.sizes()[from]);
    }

    /** Of what it may show because of the cause, one by its chance. */
    private Optional<Symptom> symptom(Cause cause, Case asWritten, Dessert planned, Case truth, Dessert real) {
        var signs = new Signs(assessor, planned);
        var chances = new HashMap<Symptom, Double>();
        for (var symptom : RescueFiles.symptoms()) {
            if (symptom.where().in(planned).isEmpty()) {
                continue;
            }
            double before = signs.chance(symptom, asWritten, planned, OptionalDouble.empty());
            double given = cause.gives().getOrDefault(symptom.id(), 0.0);
            double after = 1 - (1 - signs.chance(symptom, truth, real, OptionalDouble.empty())) * (1 - given);
            if (random.nextDouble() < after - before) {
                chances.put(symptom, after - before);
            }
        }
        return chances.entrySet().stream().max(Map.Entry.comparingByValue()).map(Map.Entry::getKey);
    }

    private WrittenFormula measured(WrittenFormula planned, Dessert study, Case truth, Set<String> measured) {
        var made = planned;
        var asks = new Asks(planned, STANDARD.larder());
        for (var step : Method.of(study)) {
            for (var ask : asks.of(step)) {
                var real = Changes.text(truth.formula(), ask.address());
                if (!real.isEmpty() && random.nextDouble() < MEASURED) {
                    measured.add(ask.address());
                    made = Changes.take(made, List.of(new Change(ask.address(), read(ask.kind(), real))));
                }
            }
        }
        return made;
    }

    /** With the error of scale and probe. */
    private String read(String kind, String real) {
        var parts = real.split(" ", 2);
        double value = Double.parseDouble(parts[0]);
        double read = switch (kind) {
            case "weight" -> value * (1 + WEIGHING * random.nextGaussian());
            case "temperature" -> value + PROBE_K * random.nextGaussian();
            default -> value;
        };
        return String.format(java.util.Locale.ROOT, "%.1f %s", read, parts[1]);
    }

    private List<Reading> readings(Dessert real) {
        var readings = new ArrayList<Reading>();
        var main = real.main();
        if (main.isEmpty() || random.nextDouble() > MEASURED) {
            return readings;
        }
        for (int hour = 1; hour <= 2; hour++) {
            double minute = 60 * hour + 60 * random.nextDouble();
            double celsius = Curves.at(
                    main.get().history().minutes(), main.get().history().warmestC(), minute);
            double off = PROBE_K
                    + CHILL_SHARE * Math.min(12, Math.abs(celsius - real.batch().airC()));
            readings.add(new Reading(main.get().startSeconds() + 60 * minute, celsius + off * random.nextGaussian()));
        }
        return readings;
    }
}
