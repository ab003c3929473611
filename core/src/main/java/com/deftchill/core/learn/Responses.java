package com.deftchill.core.learn;

import com.deftchill.core.assess.Assessor;
import com.deftchill.core.batch.BatchReader;
import com.deftchill.core.batch.Mixing;
import com.deftchill.core.build.Curves;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.dessert.Study;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.learn.Unknown.Scope;
import com.deftchill.core.mix.Mix;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Asks the models how what was measured depends on what is not known. Keeps answers, so that a formula made often is asked once. One
 * instance is asked by one thread; those made {@link #by} it share what is kept.
 */
public final class Responses {
    /** What moves a figure less than this over the whole of its prior is not learnt from it. */
    private static final double LEAST = 1e-4;
    /** A base and four nodes of some six numbers. */
    private static final int MOST_THROUGH = 32;

    private final Assessor assessor;
    private final Workplace handbook;
    private final List<Teachable> teachable;
    private final Map<Key, Optional<Response>> kept;

    /** What is asked: answers to the same question are the same, whichever lot or cook it is of. */
    private record Key(WrittenFormula document, Measure measure) {}

    /**
     * @param assessor as finely as is wanted
     * @param handbook the workplace before anything was learnt
     * @param scopes of what is to be learnt
     * @param parameters ids of parameters that are to be learnt besides, whichever they are
     */
    public Responses(Assessor assessor, Workplace handbook, Set<Scope> scopes, Set<String> parameters) {
        this(assessor, handbook, Teachable.of(scopes, parameters), new ConcurrentHashMap<>());
    }

    private Responses(
            Assessor assessor, Workplace handbook, List<Teachable> teachable, Map<Key, Optional<Response>> kept) {
        this.assessor = assessor;
        this.handbook = handbook;
        this.teachable = teachable;
        this.kept = kept;
    }

    /** The same, with the same answers kept, asked by another assessor that computes as finely. */
    public Responses by(Assessor other) {
        return new Responses(other, handbook, teachable, kept);
    }

    /** The workplace before anything was learnt. */
    public Workplace handbook() {
        return handbook;
    }

    /**
     * How a measured figure depends on what this batch was made with; empty where the formula has no such figure.
     *
     * @param made the batch
     */
    public Optional<Response> of(MadeOf made, Measure measure) {
        if (measure.unknown().isPresent()) {
            var unknown = measure.unknown().get();
            return prior(unknown).map(prior -> Response.direct(measure.quantity(), unknown, prior));
        }
        // Not computed inside the map: what takes long is given up, and two may ask at once.
        var key = new Key(made.document(), measure);
        var known = kept.get(key);
        if (known == null) {
            known = asked(made.document(), measure);
            kept.put(key, known);
        }
        return known.map(response -> named(response, made));
    }

    /** What is known of a number before anything is measured. */
    public Optional<Prior> prior(Unknown unknown) {
        return Teachable.of(unknown).prior(unknown, handbook);
    }

    /** The same for a reading: what a probe is off by adds to what it shows. */
    private Optional<Response> of(Measured measured) {
        var response = of(measured.made(), measured.measure());
        if (measured.probe().isEmpty() || measured.measure().quantity() != Quantity.CORE_AT) {
            return response;
        }
        var unknown = Unknown.probe(measured.probe());
        return response.map(of -> prior(unknown)
                .map(prior -> of.with(
                        unknown,
                        new Response.Curve(Arrays.stream(Response.NODES)
                                .map(z -> prior.value(z) - prior.centre())
                                .toArray())))
                .orElse(of));
    }

    /** A response is of a gelatin, a cooler, a cook: here of this batch's. */
    private static Response named(Response response, MadeOf made) {
        var curves = new HashMap<Unknown, Response.Curve>();
        response.curves().forEach((unknown, curve) -> curves.put(made.own(unknown), curve));
        return new Response(response.quantity(), response.whole(), response.base(), curves);
    }

    private Optional<Response> asked(WrittenFormula document, Measure measure) {
        var base = figure(document, measure, null, handbook, 0);
        if (base.isEmpty()) {
            return Optional.empty();
        }
        var curves = new HashMap<Unknown, Response.Curve>();
        for (var one : teachable) {
            if (one.from().contains(measure.quantity())) {
                for (var unknown : present(one, document)) {
                    curve(document, measure, unknown, base.get()).ifPresent(curve -> curves.put(unknown, curve));
                }
            }
        }
        return Optional.of(
                new Response(measure.quantity(), base.get().whole(), base.get().link(), curves));
    }

    /** What of a kind a formula has, lots and cooks not named yet. */
    private List<Unknown> present(Teachable teachable, WrittenFormula document) {
        return switch (teachable.scope()) {
            case LOT ->
                document.components().stream()
                        .flatMap(component -> component.gels().stream())
                        .map(WrittenFormula.Gel::of)
                        .filter(of -> !of.isEmpty())
                        .distinct()
                        .map(of -> Unknown.lot(of, ""))
                        .toList();
            case COOLER ->
                document.cooler().of().isEmpty()
                        ? List.of()
                        : List.of(new Unknown(Scope.COOLER, document.cooler().of(), teachable.what()));
            case INGREDIENT, PROBE -> List.of();
            default -> List.of(new Unknown(teachable.scope(), "", teachable.what()));
        };
    }

    private Optional<Response.Curve> curve(WrittenFormula document, Measure measure, Unknown unknown, Figure base) {
        var prior = prior(unknown);
        if (prior.isEmpty()) {
            return Optional.empty();
        }
        var at = new double[Response.NODES.length];
        double most = 0;
        for (int i = 0; i < at.length; i++) {
            double z = Response.NODES[i];
            if (z != 0) {
                var figure = figure(
                        document,
                        measure,
                        unknown,
                        unknown.put(handbook, prior.get().value(z)),
                        z);
                if (figure.isEmpty()) {
                    return Optional.empty();
                }
                at[i] = figure.get().link() - base.link();
                most = Math.max(most, Math.abs(at[i]));
            }
        }
        return most > LEAST ? Optional.of(new Response.Curve(at)) : Optional.empty();
    }

    /**
     * A figure of a dessert.
     *
     * @param link on the scale of its quantity
     * @param whole height as moulded, mm; 0 where it is none
     */
    private record Figure(double link, double whole) {}

    /** What was computed through last: all that was measured of a batch hangs on the same few desserts. */
    private record Through(WrittenFormula document, Unknown unknown, double z) {}

    private final Map<Through, Optional<Dessert>> through = new LinkedHashMap<>(32, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Through, Optional<Dessert>> eldest) {
            return size() > MOST_THROUGH;
        }
    };

    /** @param unknown that is z deviations off its centre; null where none is */
    private Optional<Figure> figure(
            WrittenFormula document, Measure measure, Unknown unknown, Workplace workplace, double z) {
        Optional<double[]> figure;
        if (ofMix(measure)) {
            figure = predicted(assessor, document, measure, workplace);
        } else {
            var key = new Through(document, unknown, z);
            var known = through.get(key);
            if (known == null) {
                known = assessor.study(document, workplace).value();
                through.put(key, known);
            }
            figure = known.flatMap(dessert -> figure(dessert, measure)).filter(f -> Double.isFinite(f[0]));
        }
        return figure.map(found -> new Figure(measure.quantity().link(found[0], found[1]), found[1]));
    }

    /** What a figure comes to in a workplace, and the height as moulded; empty where the formula has no such figure. */
    public static Optional<double[]> predicted(
            Assessor assessor, WrittenFormula document, Measure measure, Workplace workplace) {
        if (ofMix(measure)) {
            return BatchReader.read(document, workplace)
                    .batch()
                    .filter(batch -> measure.component() < batch.components().size())
                    .map(batch -> mixed(measure, Mixing.of(batch.components().get(measure.component()))));
        }
        return assessor.study(document, workplace)
                .value()
                .flatMap(dessert -> figure(dessert, measure))
                .filter(found -> Double.isFinite(found[0]));
    }

    /** A figure of a dessert computed through, and its height as moulded. */
    static Optional<double[]> figure(Dessert dessert, Measure measure) {
        var whole = dessert.mouldedMm();
        return switch (measure.quantity()) {
            case STANDING_HEIGHT ->
                dessert.batch().turnsOut() && !dessert.setting().isEmpty()
                        ? Optional.of(new double[] {dessert.standingMm(), whole})
                        : Optional.empty();
            case FIRMNESS -> dessert.main().map(study -> new double[] {study.judgedPa(), 0});
            case SET_AFTER ->
                dessert.setting().isEmpty()
                        ? Optional.empty()
                        : Optional.of(new double[] {dessert.setSeconds() / 60, 0});
            case CORE_AT -> dessert.main().map(study -> new double[] {core(study, measure.level()), 0});
            case FOAM_DENSITY, VOLUME ->
                measure.component() < dessert.portraits().size()
                        ? Optional.of(mixed(
                                measure,
                                dessert.portraits().get(measure.component()).mix()))
                        : Optional.empty();
            default -> Optional.empty();
        };
    }

    /** Whether no chill needs to be followed for it. */
    private static boolean ofMix(Measure measure) {
        return measure.quantity() == Quantity.FOAM_DENSITY || measure.quantity() == Quantity.VOLUME;
    }

    private static double[] mixed(Measure measure, Mix mix) {
        return new double[] {measure.quantity() == Quantity.VOLUME ? mix.volumeMl() : mix.gramsPerMl(), 0};
    }

    private static double core(Study study, double minute) {
        return Curves.at(study.history().minutes(), study.history().warmestC(), minute);
    }

    /** Told of a reading whose batch could not be computed. */
    public interface Failed {
        void of(Measured measured, RuntimeException why);
    }

    /**
     * All that a list of batches and what was measured of them comes to; what a formula has no figure for is left out.
     *
     * @param failed told of what cannot be computed: it is left out too, and nothing else for it
     */
    public List<Observation> observations(List<Measured> measured, Learning.Progress progress, Failed failed) {
        var found = new ArrayList<Observation>();
        for (int i = 0; i < measured.size(); i++) {
            var one = measured.get(i);
            try {
                of(one).ifPresent(response -> found.add(new Observation(one, response)));
            } catch (RuntimeException e) {
                failed.of(one, e);
            }
            progress.at((i + 1.0) / measured.size());
        }
        return found;
    }
}
