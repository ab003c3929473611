package com.deftchill.core.alternative;

import com.deftchill.core.assess.Assessment;
import com.deftchill.core.assess.Assessor;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.label.Flags;
import com.deftchill.core.verdict.Answer;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * A judge proposes, a trial decides: every fix is taken and the dessert judged again before it is shown. It stays where the
 * verdict is gone, nothing bad is new, and it adds no more than a third of the batch.
 */
public final class Trial {
    /** A fix that makes more than this of the batch is no fix. */
    private static final double MOST_GROWTH = 4 / 3.0;

    /** So many fixes are tried of a dessert with few layers, with more, and with many; the rest is not shown. */
    private static final int TRIES_OF_FEW = 12;

    private static final int TRIES_OF_SOME = 6;
    private static final int TRIES_OF_MANY = 2;
    private static final int FEW = 3;
    private static final int SOME = 8;

    private final Assessor assessor;
    private final WrittenFormula formula;
    private final Workplace workplace;

    public Trial(Assessor assessor, WrittenFormula formula, Workplace workplace) {
        this.assessor = assessor;
        this.formula = formula;
        this.workplace = workplace;
    }

    /** The whole assessment, with the fixes that hold. */
    public Answer<Assessment> assess() {
        return assessor.study(formula, workplace)
                .map(dessert -> assessor.assessment(dessert, workplace, tried(dessert, judged(dessert)), 0));
    }

    /** The same without any fix, in a fraction of the time: how many are still to be tried is told. */
    public Answer<Assessment> assessUntried() {
        return assessor.study(formula, workplace).map(dessert -> {
            var judged = judged(dessert);
            int untried = judged.stream().mapToInt(v -> v.fixes().size()).sum();
            var bare = judged.stream().map(v -> v.withFixes(List.of())).toList();
            return assessor.assessment(dessert, workplace, bare, untried);
        });
    }

    /** The whole assessment, with the fixes that hold of some of its verdicts; the others have none. */
    public Answer<Assessment> assess(Predicate<Verdict> which) {
        return assessor.study(formula, workplace).map(dessert -> {
            var all = judged(dessert);
            var asked = all.stream()
                    .map(verdict -> which.test(verdict) ? verdict : verdict.withFixes(List.of()))
                    .toList();
            return assessor.assessment(dessert, workplace, tried(dessert, asked), 0);
        });
    }

    private List<Verdict> judged(Dessert dessert) {
        return assessor.judge(dessert, new Flags(dessert, workplace.larder())).all();
    }

    /** The same verdicts, each with those of its fixes that hold. */
    public List<Verdict> tried(Dessert dessert, List<Verdict> verdicts) {
        var before = bad(verdicts);
        int left = tries(dessert);
        var kept = new ArrayList<Verdict>();
        for (var verdict : verdicts) {
            var holding = new ArrayList<Fix>();
            for (var fix : verdict.fixes()) {
                if (left > 0) {
                    left--;
                    if (holds(dessert, verdict, fix, before)) {
                        holding.add(fix);
                    }
                }
            }
            kept.add(verdict.withFixes(holding));
        }
        return kept;
    }

    private static int tries(Dessert dessert) {
        int layers = dessert.portraits().size();
        if (layers <= FEW) {
            return TRIES_OF_FEW;
        }
        return layers <= SOME ? TRIES_OF_SOME : TRIES_OF_MANY;
    }

    private boolean holds(Dessert dessert, Verdict verdict, Fix fix, Set<String> before) {
        WrittenFormula changed;
        try {
            changed = Changes.take(formula, fix.changes());
        } catch (IllegalArgumentException nothingThere) {
            return false;
        }
        var studied = assessor.study(changed, workplace);
        if (studied.value().isEmpty()) {
            return false;
        }
        var after = studied.value().get();
        var verdicts = judged(after);
        boolean gone = verdict.tone().compareTo(Tone.CAUTION) > 0
                || verdicts.stream().noneMatch(v -> named(v).equals(named(verdict)));
        boolean nothingNew = before.containsAll(bad(verdicts));
        return gone && nothingNew && after.totalG() <= MOST_GROWTH * dessert.totalG();
    }

    private static Set<String> bad(List<Verdict> verdicts) {
        return verdicts.stream()
                .filter(v -> v.tone().compareTo(Tone.BAD) <= 0)
                .map(Trial::named)
                .collect(Collectors.toSet());
    }

    /** A verdict by its rule and its place. */
    private static String named(Verdict verdict) {
        return verdict.code() + " " + verdict.path();
    }
}
