package com.deftchill.core.assess;

import com.deftchill.core.amount.Typed;
import com.deftchill.core.assess.Assessment.Sentence;
import com.deftchill.core.larder.Mould.Release;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** The answer to "will it work, and when", bad news first. */
final class LineWriter {
    private static final int MOST_BAD_NEWS = 2;

    private LineWriter() {}

    static List<Sentence> of(Study study, List<Verdict> verdicts) {
        var line = new ArrayList<Sentence>();
        var bad = verdicts.stream()
                .filter(verdict -> verdict.tone().compareTo(Tone.BAD) <= 0)
                .limit(MOST_BAD_NEWS)
                .toList();
        if (!bad.isEmpty()) {
            line.add(new Sentence(bad.get(0).tone(), badNews(bad)));
        }
        line.add(new Sentence(line.isEmpty() ? Tone.GOOD : Tone.NOTE, times(study)));
        return line;
    }

    /** What is wrong, then the first remedy there is. */
    private static String badNews(List<Verdict> bad) {
        var headlines = bad.stream().map(Verdict::headline).collect(Collectors.joining(". ", "", "."));
        var remedy = bad.stream().flatMap(verdict -> verdict.fixes().stream()).findFirst();
        return headlines + remedy.map(fix -> " " + fix.label() + ".").orElse("");
    }

    private static String times(Study study) {
        var batch = study.batch();
        double set = study.history().setSeconds();
        if (Double.isInfinite(set)) {
            return "Does not set within two days.";
        }
        var text = new StringBuilder("Sets by " + Words.clock(batch.pouredAt(), set));
        double ready = study.history().readySeconds();
        if (!Milestones.turnsOut(study)) {
            double best = study.history().bestSeconds();
            text.append(", at its best from ").append(Words.clock(batch.pouredAt(), best));
        } else if (Double.isInfinite(ready)) {
            text.append(", but not to be turned out within two days");
        } else {
            text.append(", turns out from ").append(Words.clock(batch.pouredAt(), ready));
            if (batch.mould().release() == Release.DIP
                    && !Double.isInfinite(study.dip().aim())) {
                text.append(" after a ")
                        .append(Words.seconds(study.dip().aim()))
                        .append("-second dip");
            }
            text.append(", stands ")
                    .append(Typed.write(study.standingMm(), 0))
                    .append(" of ")
                    .append(Words.mm(study.slump().heightMm()))
                    .append(" the next day");
        }
        return text.append('.').toString();
    }
}
