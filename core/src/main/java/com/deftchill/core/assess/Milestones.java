package com.deftchill.core.assess;

import com.deftchill.core.amount.Typed;
import com.deftchill.core.assess.Assessment.Milestone;
import com.deftchill.core.batch.Served;
import com.deftchill.core.larder.Mould.Release;
import com.deftchill.core.turnout.Slump;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Evidence.Constant;
import com.deftchill.core.verdict.Evidence.Given;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What a cook waits for, with clock times. */
final class Milestones {
    private Milestones() {}

    static List<Milestone> of(Study study) {
        var found = new ArrayList<Milestone>();
        found.add(milestone(
                study,
                "sets",
                "Set to the centre",
                study.history().setSeconds(),
                "The slowest point has reached 20 Pa: it no longer runs."));
        if (turnsOut(study)) {
            found.add(milestone(
                    study,
                    "turns-out",
                    "May be turned out",
                    study.history().readySeconds(),
                    "Set to the centre, core below 8 °C, and the whole body would lose less than "
                            + Words.percent(Slump.READY) + " of its height."));
        }
        found.add(milestone(
                study,
                "best",
                "At its best",
                study.history().bestSeconds(),
                "Nine tenths of the firmness that it has after 48 h."));
        return found;
    }

    /** Whether it is meant to be turned out of something that lets it go. */
    static boolean turnsOut(Study study) {
        return study.batch().served() == Served.TURNED_OUT
                && study.batch().mould().release() != Release.NONE;
    }

    private static Milestone milestone(Study study, String code, String label, double seconds, String rule) {
        var batch = study.batch();
        var evidence = new Evidence(
                List.of(
                        new Given("Poured at", study.celsius(batch.component().pourC()) + ", " + batch.pouredAt()),
                        new Given("Chilled in", batch.cooler().name() + ", " + study.celsius(batch.airC())),
                        new Given(
                                "Surface coefficient",
                                Typed.write(batch.cooler().h(), 0) + " W/m2K"),
                        new Given("Mould", batch.mould().name() + ", filled " + Words.mm(study.fillMm())),
                        new Given("Gelling agent in the water", Typed.write(study.gramsPerLitre(), 1) + " g/L"),
                        new Given("Gel melts at", study.celsius(study.meltC()))),
                rule
                        + " Temperature by heat conduction through dessert and mould; helices grow at each point along its own"
                        + " temperature.",
                List.of(
                        new Constant("Maturing modes", "0.25, 1.2, 4 and 14 h at 10 °C", "E", "engineering estimate"),
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
