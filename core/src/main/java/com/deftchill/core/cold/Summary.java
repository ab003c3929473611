package com.deftchill.core.cold;

import com.deftchill.core.cold.ColdAnswer.BowlView;
import com.deftchill.core.cold.ColdAnswer.GateView;
import com.deftchill.core.cold.ColdAnswer.Table;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.text.Notation;
import com.deftchill.core.text.Words;
import com.deftchill.core.timing.Milestone;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The whole chill in plain words, in the order in which it happens: to be read out. */
final class Summary {
    private Summary() {}

    static List<String> of(
            Dessert dessert,
            List<Milestone> milestones,
            List<BowlView> bowls,
            List<Verdict> verdicts,
            List<GateView> gates,
            Optional<Table> table) {
        var said = new ArrayList<String>();
        var batch = dessert.batch();
        dessert.studies().stream()
                .findFirst()
                .ifPresent(first -> said.add("At " + dessert.clock(first.startSeconds()) + " "
                        + first.component().name() + " is poured at "
                        + dessert.celsius(first.component().pourC()) + " into " + batch.count() + " x "
                        + batch.mould().name() + "."));
        for (var bowl : bowls) {
            said.add(bowl.name() + " cools in its bowl from " + dessert.celsius(bowl.fromC()) + " to "
                    + dessert.celsius(bowl.toC()) + ": over ice water, stirred, "
                    + Words.duration(60 * bowl.iceMinutes())
                    + bowl.roomMinutes()
                            .map(m -> ", in the room " + Words.duration(60 * m))
                            .orElse("")
                    + ", to be ready at " + bowl.ready() + ".");
        }
        said.add("It stands in: " + dessert.batch().timetable().words() + ".");
        for (var gate : gates) {
            said.add(gate.name() + " goes on " + gate.on() + " from " + gate.opens()
                    + gate.bondsUntil()
                            .map(until -> ", by " + until + " while it still bonds")
                            .orElse("")
                    + ", not warmer than " + dessert.celsius(gate.highestC()) + ".");
        }
        for (var milestone : milestones) {
            if (!milestone.code().startsWith("pours")) {
                said.add(milestone.label() + ": "
                        + milestone.clock().map(c -> "by " + c).orElse("not within two days") + ".");
            }
        }
        verdicts.stream()
                .filter(v -> v.code().equals("dip")
                        || v.code().equals("peel")
                        || v.code().equals("lift"))
                .findFirst()
                .ifPresent(v -> said.add(v.sentence()));
        if (batch.turnsOut() && !dessert.setting().isEmpty() && !dessert.wasFrozen() && !dessert.needsTime()) {
            said.add("It stands " + Notation.write(dessert.standingMm(), 0) + " of " + Words.mm(dessert.mouldedMm())
                    + " " + dessert.whenJudged() + ".");
        }
        table.ifPresent(t -> said.add(t.sentence()));
        verdicts.stream()
                .filter(v -> v.tone().compareTo(Tone.CAUTION) <= 0)
                .forEach(v -> said.add(v.headline() + ". " + v.sentence()));
        return said;
    }
}
