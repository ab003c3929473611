package com.deftchill.core.cold;

import com.deftchill.core.assess.LineWriter;
import com.deftchill.core.assess.Sections;
import com.deftchill.core.batch.Component;
import com.deftchill.core.cold.ColdAnswer.BowlView;
import com.deftchill.core.cold.ColdAnswer.GateView;
import com.deftchill.core.cold.ColdAnswer.LayerCourse;
import com.deftchill.core.cold.ColdAnswer.Limit;
import com.deftchill.core.cold.ColdAnswer.SlantView;
import com.deftchill.core.cold.ColdAnswer.StayView;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.dessert.Study;
import com.deftchill.core.gel.Firmness;
import com.deftchill.core.judge.layers.LayerVerdicts;
import com.deftchill.core.judge.layers.SlantVerdict;
import com.deftchill.core.text.Notation;
import com.deftchill.core.timing.Milestones;
import com.deftchill.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** The chill of a dessert as the Cold shows it. */
final class ColdWriter {
    /** A mix that is warmer than its pour by less needs no cooling, K. */
    private static final double NOTICED_K = 1;

    private ColdWriter() {}

    /**
     * @param verdicts all of it, worst first
     * @param cold those of them that bear on the chill and on turning out
     */
    static ColdAnswer of(Dessert dessert, List<Verdict> verdicts, List<Verdict> cold) {
        var milestones = Milestones.ofCold(dessert);
        var gates = gates(dessert);
        var limits = limits(dessert);
        var recorder = dessert.build().recorder().orElseThrow();
        double last = recorder.moments().get(recorder.moments().size() - 1).seconds() / 60;
        var table = TableWriter.of(dessert);
        var bowls = bowls(dessert);
        return new ColdAnswer(
                LineWriter.of(dessert, verdicts),
                Summary.of(dessert, milestones, bowls, cold, gates, table),
                dessert.clock(0),
                last,
                bowls,
                stays(dessert),
                milestones,
                gates,
                limits,
                dessert.studies().stream().map(study -> course(dessert, study)).toList(),
                Sections.of(dessert),
                SlantVerdict.slant(dessert)
                        .map(s -> new SlantView(
                                s.tiltDegrees(),
                                s.highMm(),
                                s.lowMm(),
                                s.propMm(2 * recorder.vessel().profile().halfWidthMm(0)))),
                table,
                cold);
    }

    /** Of what is poured warmer or cooler than it was made; what is folded meets its foam instead. */
    private static List<BowlView> bowls(Dessert dessert) {
        var bowls = new ArrayList<BowlView>();
        for (var study : dessert.studies()) {
            double pour = study.component().pourC();
            boolean foamed = study.component().lines().stream().anyMatch(Component.Line::whipped);
            study.joining().filter(j -> !foamed && j.meetC() > pour + NOTICED_K).ifPresent(j -> {
                double room =
                        j.bowl().roomSeconds(j.meetC(), pour, dessert.kitchen().roomC());
                bowls.add(new BowlView(
                        study.index(),
                        study.component().name(),
                        j.meetC(),
                        pour,
                        Double.isFinite(room) ? Optional.of(room / 60) : Optional.empty(),
                        j.bowl().iceBathSeconds(j.meetC(), pour) / 60,
                        dessert.clock(study.startSeconds())));
            });
        }
        return bowls;
    }

    private static List<StayView> stays(Dessert dessert) {
        var table = dessert.batch().timetable();
        var views = new ArrayList<StayView>();
        for (int i = 0; i < table.stays().size(); i++) {
            var stay = table.stays().get(i);
            double from = table.startSeconds(i);
            views.add(new StayView(
                    stay.cooler().name(),
                    stay.cooler().id(),
                    stay.airC(),
                    stay.how(),
                    from / 60,
                    stay.open() ? Optional.empty() : Optional.of((from + stay.seconds()) / 60),
                    dessert.clock(from)));
        }
        return views;
    }

    private static List<GateView> gates(Dessert dessert) {
        return LayerVerdicts.gates(dessert).stream()
                .map(gate -> {
                    double opens = gate.upper().startSeconds();
                    double until = gate.bondsUntilSeconds();
                    boolean ends = Double.isFinite(until) && until > opens;
                    return new GateView(
                            gate.upper().index(),
                            gate.upper().component().name(),
                            gate.lower().component().name(),
                            opens / 60,
                            dessert.clock(opens),
                            ends ? Optional.of(until / 60) : Optional.empty(),
                            ends ? Optional.of(dessert.clock(until)) : Optional.empty(),
                            gate.upper().component().pourC(),
                            gate.lowestC(),
                            gate.highestC(),
                            gate.meltedMm());
                })
                .toList();
    }

    /** Of the layer that cools slowest. */
    private static List<Limit> limits(Dessert dessert) {
        var limits = new ArrayList<Limit>();
        for (var stage : dessert.kitchen().safety().stages()) {
            dessert.studies().stream()
                    .max(Comparator.comparingDouble(
                            s -> s.startSeconds() + s.history().secondsBelow(stage.celsius())))
                    .ifPresent(study -> {
                        double by = study.startSeconds() + 3600 * stage.hours();
                        double reached = study.startSeconds() + study.history().secondsBelow(stage.celsius());
                        boolean ever = Double.isFinite(reached);
                        limits.add(new Limit(
                                "below " + dessert.celsius(stage.celsius()) + " within "
                                        + Notation.write(stage.hours(), 1) + " h",
                                stage.celsius(),
                                by / 60,
                                dessert.clock(by),
                                ever ? Optional.of(reached / 60) : Optional.empty(),
                                ever ? Optional.of(dessert.clock(reached)) : Optional.empty(),
                                reached <= by
                                        || by > dessert.batch().timetable().endSeconds()));
                    });
        }
        return limits;
    }

    private static LayerCourse course(Dessert dessert, Study study) {
        var tenths = Arrays.stream(study.scores())
                .map(score -> Math.round(10 * score) / 10.0)
                .toArray();
        return new LayerCourse(
                study.index(),
                study.component().name(),
                Sections.texture(dessert.portraits().get(study.index())),
                study.startSeconds() / 60,
                study.minutes(),
                tenths,
                study.warmestC(),
                Firmness.score(study.leastPa()),
                Firmness.score(study.mostPa()));
    }
}
