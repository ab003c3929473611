package com.deftchill.core.timing;

import com.deftchill.core.batch.Kind;
import com.deftchill.core.batch.Served;
import com.deftchill.core.build.Build;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.dessert.Study;
import com.deftchill.core.text.Notation;
import com.deftchill.core.text.Words;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Evidence.Constant;
import com.deftchill.core.verdict.Evidence.Given;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** What a cook waits for, with clock times. */
public final class Milestones {
    /** Thickness that the time constant of moisture is given for; two layers of biscuits are each by itself, mm. */
    private static final double MOIST_MM = 20;

    private static final double MOST_MOIST_MM = 25;

    /** What comes within this of another moment is not told twice, s. */
    public static final double SAME_MOMENT_S = 300;

    private Milestones() {}

    public static List<Milestone> of(Dessert dessert) {
        var found = new ArrayList<Milestone>();
        var setting = dessert.setting();
        double before = 0;
        for (var portrait : dessert.portraits()) {
            double waited = portrait.startSeconds() - before;
            if (waited == 0 || portrait.study().isEmpty()) {
                continue;
            }
            before = portrait.startSeconds();
            // What waited in vain is computed all the same, but there is no moment to name.
            if (waited < Build.GIVEN_UP) {
                found.add(milestone(
                        portrait.study().get(),
                        "pours-" + portrait.component().id(),
                        portrait.name() + " goes on",
                        portrait.startSeconds(),
                        "The surface below has reached 60 Pa and carries it (a crumb base has hardened for 30 min)."));
            }
        }
        for (var study : setting) {
            boolean one = setting.size() == 1;
            // What stands as it is put on has no moment of its own.
            if (!one && study.startSeconds() > 0 && study.history().setSeconds() <= SAME_MOMENT_S) {
                continue;
            }
            found.add(
                    milestone(
                            study,
                            one ? "sets" : "sets-" + study.component().id(),
                            one ? "Set to the centre" : study.component().name() + " set",
                            study.startSeconds() + study.history().setSeconds(),
                            "The slowest point has reached "
                                    + Words.pascal(study.history().setPa()) + ": "
                                    + (study.plasticBody() ? "it holds as a body." : "it is set as a gel.")
                                    + (one
                                            ? ""
                                            : " Layers are chilled upon each other, each poured as soon as the one below carries it.")));
        }
        moist(dessert).forEach(found::add);
        found.sort(Comparator.comparingDouble(m -> m.minutes().orElse(Double.POSITIVE_INFINITY)));
        if (setting.isEmpty()) {
            return found;
        }
        var last = setting.get(setting.size() - 1);
        if (dessert.wasFrozen()) {
            ice(dessert, last, found);
        } else if (dessert.batch().turnsOut()) {
            found.add(milestone(
                    last,
                    "turns-out",
                    dessert.batch().served() == Served.SLICED ? "May be sliced" : "May be turned out",
                    dessert.readySeconds(),
                    "Set to the centre, core below " + last.celsius(8) + ", and the whole body would lose less than "
                            + Words.percent(
                                    dessert.parameters().turnout().trembling().value()) + " of its height."));
        }
        if (dessert.wasFrozen() && !dessert.batch().timetable().ends()) {
            return found;
        }
        if (dessert.batch().timetable().ends()) {
            found.add(milestone(
                    last,
                    "served",
                    "Served",
                    dessert.batch().timetable().endSeconds(),
                    "The end of the last of its places."));
        } else if (dessert.bestSeconds() > dessert.setSeconds() + SAME_MOMENT_S) {
            found.add(milestone(
                    last,
                    "best",
                    "At its best",
                    dessert.bestSeconds(),
                    "Nine tenths of the firmness that it has after 48 h."));
        }
        return found;
    }

    /** When what was soaked is moist through: three time constants, which go with its thickness squared. */
    private static List<Milestone> moist(Dessert dessert) {
        var any = dessert.setting().stream().findFirst();
        if (any.isEmpty()) {
            return List.of();
        }
        return dessert.portraits().stream()
                .filter(p -> p.kind() == Kind.SOAKED && p.bed().exists())
                .map(p -> {
                    double thick = Math.min(MOST_MOIST_MM, p.bed().heightMm()) / MOIST_MM;
                    double hours = 3 * p.parameters().pan().moistIn().value() * thick * thick;
                    return milestone(
                            any.get(),
                            "moist-" + p.component().id(),
                            p.name() + " moist through",
                            p.startSeconds() + 3600 * hours,
                            "Its moisture has evened out: three time constants of 1.3 h for 20 mm, with the square of its thickness.");
                })
                .toList();
    }

    /** Those of the Cold: also when it may be carried without waves. */
    public static List<Milestone> ofCold(Dessert dessert) {
        var found = new ArrayList<>(of(dessert));
        var setting = dessert.setting();
        if (setting.isEmpty() || dessert.wasFrozen()) {
            return found;
        }
        var last = setting.get(setting.size() - 1);
        double moves = last.startSeconds() + last.history().surfaceHoldsSeconds();
        if (moves > last.startSeconds()
                && moves < last.startSeconds() + last.history().setSeconds()) {
            found.add(milestone(
                    last,
                    "moves",
                    "May be moved",
                    moves,
                    "Its whole surface has reached 20 Pa: carried level it makes no waves."));
            found.sort(Comparator.comparingDouble(m -> m.minutes().orElse(Double.POSITIVE_INFINITY)));
        }
        return found;
    }

    private static void ice(Dessert dessert, Study last, List<Milestone> found) {
        found.add(milestone(
                last,
                "frozen",
                dessert.batch().turnsOut() ? "Frozen, comes off" : "Frozen through",
                dessert.frozenSeconds(),
                "The warmest point is at or below "
                        + last.celsius(last.parameters().cold().peels().value())
                        + ": the outside is hard and the mould peels off clean."));
        found.add(milestone(
                last,
                "thawed",
                "Thawed",
                dessert.thawedSeconds(),
                "No ice is left, and the coldest point is at " + last.celsius(4)
                        + " or within half a degree of the air."));
    }

    /**
     * @param seconds after the first pour
     */
    private static Milestone milestone(Study study, String code, String label, double seconds, String rule) {
        var batch = study.batch();
        var evidence = new Evidence(
                List.of(
                        new Given("Poured at", study.celsius(study.component().pourC()) + ", " + study.clock(0)),
                        new Given("Chilled in", batch.cooler().name() + ", " + study.celsius(batch.airC())),
                        new Given(
                                "Surface coefficient",
                                Notation.write(batch.cooler().h(), 0) + " W/m2K"),
                        new Given(
                                "Mould",
                                batch.mould().name() + ", filled "
                                        + Words.mm(study.slump().heightMm())),
                        new Given("Gelling agent in the water", Notation.write(study.gramsPerLitre(), 1) + " g/L"),
                        new Given(
                                "Gel melts at",
                                study.component().gels() ? study.celsius(study.meltC()) : "no gel in it")),
                rule
                        + " Temperature by heat conduction through dessert and mould; helices grow at each point along its own"
                        + " temperature.",
                List.of(
                        new Constant(
                                "Maturing modes",
                                "0.25, 1.2, 4 and 14 h at " + study.celsius(10),
                                "E",
                                "engineering estimate"),
                        new Constant("Thermal properties", "from composition", "L", "Choi and Okos 1986")),
                "About a fifth of the time, mostly from the air around the mould; rounded up to 5 minutes.",
                "A colder or windier cooler, smaller moulds, a lower pour temperature, more gelatin.");
        boolean never = Double.isInfinite(seconds);
        return new Milestone(
                code,
                label,
                never ? Optional.empty() : Optional.of(seconds / 60),
                never ? Optional.empty() : Optional.of(Words.clock(batch.pouredAt(), seconds)),
                evidence);
    }
}
