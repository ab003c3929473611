package com.deftchill.core.assess;

import static com.deftchill.core.Kitchens.STANDARD;
import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.core.alternative.Trial;
import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** What is shown as a fix does what it says: taken again, its verdict is gone and nothing bad is new. */
class TrialTest {
    private static final int DESSERTS = Integer.getInteger("trial.desserts", 60);

    private static Assessment tried(WrittenFormula formula) {
        return new Trial(RandomDessertsTest.COARSE, formula, STANDARD)
                .assess()
                .value()
                .orElseThrow();
    }

    private static Set<String> bad(Assessment assessment) {
        return assessment.verdicts().stream()
                .filter(v -> v.tone().compareTo(Tone.BAD) <= 0)
                .map(v -> v.code() + " " + v.path())
                .collect(Collectors.toSet());
    }

    @Test
    void everyFixThatIsShownHolds() {
        int fixes = 0;
        var broken = new ArrayList<String>();
        for (int seed = 0; seed < DESSERTS; seed++) {
            var formula = RandomDessertsTest.dessert(new Random(seed));
            var answer = RandomDessertsTest.COARSE.assess(formula, STANDARD);
            if (answer.value().isEmpty()) {
                continue;
            }
            var before = tried(formula);
            for (var verdict : before.verdicts()) {
                for (var fix : verdict.fixes()) {
                    fixes++;
                    var after = RandomDessertsTest.COARSE
                            .assess(Changes.take(formula, fix.changes()), STANDARD)
                            .value();
                    boolean holds = after.isPresent()
                            && bad(before).containsAll(bad(after.get()))
                            && (verdict.tone().compareTo(Tone.CAUTION) > 0
                                    || isGone(verdict, after.get().verdicts()));
                    if (!holds) {
                        broken.add("seed " + seed + ": " + fix.label());
                    }
                }
            }
        }
        System.out.println(
                "fixes tried again: " + fixes + " of " + DESSERTS + " random desserts, broken: " + broken.size());
        assertThat(fixes).isGreaterThan(DESSERTS / 3);
        assertThat(broken).isEmpty();
    }

    private static boolean isGone(Verdict verdict, List<Verdict> after) {
        return after.stream()
                .noneMatch(v -> v.code().equals(verdict.code()) && v.path().equals(verdict.path()));
    }
}
