package com.deftchill.core.judge.serving;

import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.text.Words;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Evidence.Given;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;

/** Whether it is ready by the time of day that is wished for. */
public final class ReadyByVerdict {
    private static final double DAY_S = 24 * 3600;
    /** A chill is known to a fifth of its length, and to a quarter of an hour at best (handbook 7) [E]. */
    private static final double SHARE = 0.2;

    private static final double LEAST_S = 15 * 60;
    /** The pour moves by whole five minutes. */
    private static final double STEP_S = 300;

    private final Dessert dessert;
    private final LocalTime by;
    /** Seconds from the first pour: when it is ready, or served, and when it is wanted. */
    private final double ready;

    private final double wanted;

    private ReadyByVerdict(Dessert dessert, LocalTime by) {
        this.dessert = dessert;
        this.by = by;
        var table = dessert.batch().timetable();
        ready = table.ends() ? table.endSeconds() : needs(dessert);
        double first =
                Math.floorMod(by.toSecondOfDay() - dessert.batch().pouredAt().toSecondOfDay(), (long) DAY_S);
        // Of a dessert that is served at a set moment the same time of day next to that is meant; else the first one.
        double days = table.ends() ? Math.max(0, Math.rint((ready - first) / DAY_S)) : 0;
        wanted = first + days * DAY_S;
    }

    public static Optional<Verdict> of(Dessert dessert) {
        boolean sets = !dessert.setting().isEmpty() || dessert.wasFrozen();
        return dessert.batch()
                .readyBy()
                .filter(by -> sets)
                .map(by -> new ReadyByVerdict(dessert, by))
                // What is never ready is told by what it lacks.
                .filter(of -> Double.isFinite(of.ready))
                .map(ReadyByVerdict::verdict);
    }

    private static double needs(Dessert dessert) {
        double set = dessert.wasFrozen() ? dessert.thawedSeconds() : dessert.setSeconds();
        return dessert.batch().turnsOut() && !dessert.wasFrozen() ? Math.max(set, dessert.readySeconds()) : set;
    }

    /** What the moment may be off by, s; one that is set is not off. */
    private double doubt() {
        return dessert.batch().timetable().ends() ? 0 : Math.max(LEAST_S, SHARE * ready);
    }

    private Verdict verdict() {
        double late = ready - wanted;
        boolean served = dessert.batch().timetable().ends();
        var when = (served ? "It is served at " : "It is ready at ") + dessert.clock(ready);
        if (late > doubt()) {
            return told(
                    Tone.BAD,
                    "not-ready-by",
                    "Not ready by " + by,
                    when + ", " + Words.duration(late) + " too late.",
                    List.of(sooner(late)));
        }
        if (late > 0) {
            return told(
                    Tone.CAUTION,
                    "perhaps-not-ready-by",
                    "May not be ready by " + by,
                    when + ", and may take " + Words.duration(doubt()) + " more or less.",
                    List.of(sooner(late)));
        }
        if (-late < doubt()) {
            return told(
                    Tone.NOTE,
                    "just-ready-by",
                    "Just ready by " + by,
                    when + ", and may take " + Words.duration(doubt()) + " more.",
                    List.of(sooner(late)));
        }
        return told(Tone.GOOD, "ready-by", "Ready by " + by, when + ".", List.of());
    }

    /** Poured so much earlier that what it may take longer is in time too. */
    private Fix sooner(double late) {
        double earlier = STEP_S * Math.ceil((late + doubt()) / STEP_S);
        var at = dessert.batch().pouredAt().minusSeconds((long) earlier);
        boolean dayBefore = dessert.batch().pouredAt().toSecondOfDay() < earlier;
        return new Fix(
                "Pour it at " + at + (dayBefore ? " on the day before" : ""),
                "ready " + Words.duration(Math.max(LEAST_S, earlier - late)) + " before it is wanted",
                List.of(new Fix.Change("/starts", at.toString())));
    }

    private Verdict told(Tone tone, String code, String headline, String detail, List<Fix> fixes) {
        return new Verdict(
                code,
                tone,
                headline,
                detail,
                "/readyBy",
                new Evidence(
                        List.of(
                                new Given("first pour", dessert.clock(0)),
                                new Given("wanted by", by.toString()),
                                new Given(
                                        dessert.batch().timetable().ends() ? "served" : "ready", dessert.clock(ready))),
                        "It is ready when all that sets has set, and may be turned out or is thawed where that is asked.",
                        List.of(),
                        "A fifth of the time, a quarter of an hour at least.",
                        "An earlier pour, smaller moulds, a colder place."),
                fixes);
    }
}
