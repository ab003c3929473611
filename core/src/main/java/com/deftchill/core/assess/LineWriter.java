package com.deftchill.core.assess;

import com.deftchill.core.batch.Served;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.larder.Mould.Release;
import com.deftchill.core.text.Notation;
import com.deftchill.core.text.Words;
import com.deftchill.core.timing.Milestones;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** The answer to "will it work, and when": what hurts somebody, what will not work, what may not, then the times. */
public final class LineWriter {
    private static final int MOST_BAD_NEWS = 2;
    /** Cautions that decide how the dessert turns out; the others stand at their step. */
    private static final Set<String> DECIDES = Set.of("too-firm");

    private LineWriter() {}

    public static List<Sentence> of(Dessert dessert, List<Verdict> verdicts) {
        var line = new ArrayList<Sentence>();
        var bad = verdicts.stream()
                .filter(verdict -> verdict.tone().compareTo(Tone.BAD) <= 0)
                .limit(MOST_BAD_NEWS)
                .toList();
        if (!bad.isEmpty()) {
            line.add(new Sentence(bad.get(0).tone(), badNews(bad)));
        } else {
            // Times are good news only where nothing that decides stands against them.
            verdicts.stream()
                    .filter(verdict -> verdict.tone() == Tone.CAUTION && DECIDES.contains(verdict.code()))
                    .findFirst()
                    .ifPresent(verdict -> line.add(new Sentence(Tone.CAUTION, badNews(List.of(verdict)))));
        }
        line.add(new Sentence(line.isEmpty() ? Tone.GOOD : Tone.NOTE, times(dessert, !bad.isEmpty())));
        return line;
    }

    /** What is wrong, then the first remedy there is. */
    private static String badNews(List<Verdict> bad) {
        var headlines = bad.stream().map(Verdict::headline).collect(Collectors.joining(". ", "", "."));
        var remedy = bad.stream().flatMap(verdict -> verdict.fixes().stream()).findFirst();
        return headlines + remedy.map(fix -> " " + fix.label() + ".").orElse("");
    }

    private static String times(Dessert dessert, boolean bad) {
        if (dessert.setting().isEmpty()) {
            return "Nothing in it sets: it is as it is poured.";
        }
        var batch = dessert.batch();
        double set = dessert.setSeconds();
        if (Double.isInfinite(set)) {
            return "Does not set within two days.";
        }
        if (dessert.wasFrozen()) {
            return frozen(dessert);
        }
        var text = new StringBuilder(set > 0 ? "Sets by " + dessert.clock(set) : "Holds as soon as it is filled");
        double ready = dessert.readySeconds();
        boolean slices = batch.served() == Served.SLICED;
        if (!batch.turnsOut()) {
            text.append(batch.timetable().ends() ? served(dessert) : best(dessert, set));
        } else if (Double.isInfinite(ready)) {
            text.append(bad ? ", but not to be " : ", perhaps too soft to be ")
                    .append(slices ? "sliced" : "turned out")
                    .append(bad ? " within two days" : "");
        } else {
            text.append(slices ? ", slices from " : ", turns out from ").append(dessert.clock(ready));
            text.append(dip(dessert));
            text.append(dessert.needsTime() ? served(dessert) : ", " + stands(dessert) + " " + dessert.whenJudged());
        }
        return text.append('.').toString();
    }

    private static String best(Dessert dessert, double set) {
        double best = dessert.bestSeconds();
        return best > set + Milestones.SAME_MOMENT_S ? ", at its best from " + dessert.clock(best) : "";
    }

    private static String frozen(Dessert dessert) {
        double frozen = dessert.frozenSeconds();
        double thawed = dessert.thawedSeconds();
        var through = Double.isInfinite(frozen)
                ? "Freezes, but not through"
                : "Frozen through by " + dessert.clock(frozen)
                        + (dessert.batch().turnsOut() ? ", out of its mould then" : "");
        return through
                + (Double.isInfinite(thawed)
                        ? ", and it stays ice where it stands."
                        : ", thawed by " + dessert.clock(thawed)
                                + (dessert.batch().turnsOut() ? ", " + stands(dessert) + "." : "."));
    }

    private static String served(Dessert dessert) {
        return ", served at " + dessert.clock(dessert.batch().timetable().endSeconds());
    }

    private static String stands(Dessert dessert) {
        return "stands " + Notation.write(dessert.standingMm(), 0) + " of " + Words.mm(dessert.mouldedMm());
    }

    private static String dip(Dessert dessert) {
        double aim = dessert.main().orElseThrow().dip().aim();
        boolean dipped = dessert.batch().mould().release() == Release.DIP
                && dessert.batch().served() == Served.TURNED_OUT
                && !Double.isInfinite(aim);
        return dipped ? " after a " + Words.seconds(aim) + "-second dip" : "";
    }
}
