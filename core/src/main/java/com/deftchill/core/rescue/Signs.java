package com.deftchill.core.rescue;

import com.deftchill.core.assess.Assessor;
import com.deftchill.core.batch.Mixing;
import com.deftchill.core.build.Curves;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.dessert.Study;
import com.deftchill.core.judge.layers.LayerVerdicts;
import com.deftchill.core.label.Flags;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import org.hipparchus.special.Erf;

/**
 * How likely a dessert computed through shows a symptom. A figure x with a limit l and a spread s (its uncertainty as a factor,
 * one standard deviation) shows it with the chance Phi(ln(x / l) / ln s).
 */
final class Signs {
    /** So far below the softest that its way of serving wants it is called not set [E]. */
    private static final double UNSET = 0.5;
    /** So far above the firmest it is called rubber, or too stiff [E]. */
    private static final double RUBBERY = 1.6;
    /** A volume that is seen to be short, as a share of the planned one, and its spread [E]. */
    private static final double FLAT = 0.9;

    private static final double FLAT_SPREAD = 0.05;
    /** Minutes past the bond until it is a matter of chance whether layers part, and their spread [E]. */
    private static final double PARTS_MINUTES = 20;

    private static final double PARTS_SPREAD = 20;
    /** Spread of the strain of what stands, as a factor [E]. */
    private static final double STRAIN_SPREAD = 1.5;
    /** An uncertainty of the models holds 80 % of the cases: so many standard deviations. */
    private static final double OF_80_PERCENT = 1.28;
    /** As seldom as anything is seen that the models do not expect at all. */
    private static final double LEAST = 1e-4;

    private final Assessor assessor;
    private final Dessert planned;

    Signs(Assessor assessor, Dessert planned) {
        this.assessor = assessor;
        this.planned = planned;
    }

    /** The chance of one symptom; of what is served later than it is looked at, at that moment, s after the first pour. */
    double chance(Symptom symptom, Case batch, Dessert dessert, OptionalDouble seconds) {
        double not = 1 - LEAST;
        for (var figure : symptom.figures()) {
            not *= 1 - figure(figure, dessert, seconds);
        }
        if (!symptom.verdicts().isEmpty()) {
            var verdicts = assessor.judge(
                            dessert, new Flags(dessert, batch.workplace().larder()))
                    .all();
            for (var entry : worst(verdicts, symptom).entrySet()) {
                not *= 1 - entry.getValue();
            }
        }
        return 1 - not;
    }

    /** Of each verdict that tells it the worst one counts. */
    private static Map<String, Double> worst(List<Verdict> verdicts, Symptom symptom) {
        var worst = new LinkedHashMap<String, Double>();
        for (var verdict : verdicts) {
            double most = symptom.verdicts().getOrDefault(verdict.code(), 0.0);
            if (most > 0) {
                worst.merge(verdict.code(), most * seen(verdict.tone()), Math::max);
            }
        }
        return worst;
    }

    /** How much of what can be seen is seen, by how bad it is [E]. */
    private static double seen(Tone tone) {
        return switch (tone) {
            case UNSAFE, BAD -> 1;
            case CAUTION -> 0.6;
            case NOTE -> 0.15;
            default -> 0;
        };
    }

    private double figure(Symptom.Figure figure, Dessert dessert, OptionalDouble seconds) {
        return switch (figure) {
            case UNSET ->
                most(dessert.setting(), study -> above(UNSET * study.leastPa() / pa(study, seconds), spread(study)));
            case SOFT -> most(dessert.setting(), study -> above(study.leastPa() / pa(study, seconds), spread(study)));
            case SLUMPS ->
                dessert.batch().turnsOut()
                        ? above(
                                dessert.worstStrain()
                                        / dessert.parameters()
                                                .turnout()
                                                .trembling()
                                                .value(),
                                STRAIN_SPREAD)
                        : 0;
            case RUBBERY ->
                most(
                        dessert.setting().stream()
                                .filter(s -> s.component().gels())
                                .toList(),
                        Signs::stiff);
            case STIFF ->
                most(dessert.setting().stream().filter(Study::plasticBody).toList(), Signs::stiff);
            case FLAT -> flat(dessert);
            case LATE -> late(dessert);
            case ICY -> dessert.wasFrozen() ? 0.7 : 0;
        };
    }

    private static double most(List<Study> studies, ToDoubleFunction<Study> chance) {
        return studies.stream().mapToDouble(chance).max().orElse(0);
    }

    private static double stiff(Study study) {
        return above(study.rigidityAt(Study.SERVED_COLD_C) / (RUBBERY * study.mostPa()), spread(study));
    }

    private static double spread(Study study) {
        return Math.exp(Math.log(study.uncertain()) / OF_80_PERCENT);
    }

    /** Its weakest point at a moment, or its body when it is judged. */
    private static double pa(Study study, OptionalDouble seconds) {
        if (seconds.isEmpty()) {
            return study.judgedPa();
        }
        double minutes = (seconds.getAsDouble() - study.startSeconds()) / 60;
        return Math.min(
                study.judgedPa(),
                Curves.at(study.history().minutes(), study.history().weakestPa(), minutes));
    }

    /** Chance that a figure is above a limit, by their ratio. */
    private static double above(double ratio, double spread) {
        return ratio <= 0 ? 0 : normal(Math.log(ratio) / Math.log(spread));
    }

    private static double normal(double deviations) {
        return Erf.erfc(-deviations / Math.sqrt(2)) / 2;
    }

    private double flat(Dessert dessert) {
        double most = 0;
        for (int index : Trait.FOAM.in(planned)) {
            double was = Mixing.of(planned.portraits().get(index).component()).volumeMl();
            double is = Mixing.of(dessert.portraits().get(index).component()).volumeMl();
            most = Math.max(most, normal((FLAT - is / was) / FLAT_SPREAD));
        }
        return most;
    }

    private static double late(Dessert dessert) {
        return LayerVerdicts.gates(dessert).stream()
                .mapToDouble(gate -> (gate.upper().startSeconds() - gate.bondsUntilSeconds()) / 60)
                .filter(minutes -> minutes > 0)
                .map(minutes -> normal((minutes - PARTS_MINUTES) / PARTS_SPREAD))
                .max()
                .orElse(0);
    }
}
