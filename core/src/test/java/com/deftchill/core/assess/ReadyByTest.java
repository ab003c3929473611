package com.deftchill.core.assess;

import static com.deftchill.core.Formulas.in;
import static com.deftchill.core.Formulas.pear;
import static com.deftchill.core.Formulas.stay;
import static com.deftchill.core.Kitchens.ASSESSOR;
import static com.deftchill.core.Kitchens.STANDARD;
import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.core.alternative.Trial;
import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.timing.Milestone;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.time.LocalTime;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A time of day by which it is wanted is judged, and what helps is tried. */
class ReadyByTest {
    private static final LocalTime POURED = LocalTime.of(10, 0);

    private static WrittenFormula by(LocalTime by) {
        return Changes.set(Changes.set(pear(), "/starts", POURED.toString()), "/readyBy", by.toString());
    }

    private static Assessment assess(WrittenFormula formula) {
        return new Trial(ASSESSOR, formula, STANDARD).assess().value().orElseThrow();
    }

    private static Optional<Verdict> told(Assessment assessment) {
        return assessment.verdicts().stream()
                .filter(v -> v.path().equals("/readyBy"))
                .findFirst();
    }

    /** When it may be turned out, min after the pour. */
    private static double ready() {
        return assess(by(LocalTime.of(9, 0))).milestones().stream()
                .filter(m -> m.code().equals("turns-out"))
                .map(Milestone::minutes)
                .flatMap(Optional::stream)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void theToneFollowsHowLateItIs() {
        double ready = ready();
        var before = Tone.UNSAFE;
        for (double share : new double[] {0.3, 0.95, 1.1, 1.5}) {
            var wanted = POURED.plusMinutes((long) (share * ready));
            var verdict = told(assess(by(wanted))).orElseThrow();
            assertThat(verdict.code())
                    .as("wanted after %.2f of the time", share)
                    .isEqualTo(
                            share < 0.5
                                    ? "not-ready-by"
                                    : share < 1 ? "perhaps-not-ready-by" : share < 1.2 ? "just-ready-by" : "ready-by");
            assertThat(verdict.tone()).isNotEqualTo(before);
            before = verdict.tone();
        }
        // The time before the pour is that of the next day.
        assertThat(told(assess(by(POURED.minusHours(1))))).map(Verdict::tone).hasValue(Tone.GOOD);
        assertThat(told(assess(pear()))).isEmpty();
    }

    @Test
    void pouredSoonerItIsReady() {
        var late = by(POURED.plusMinutes((long) (0.3 * ready())));
        var assessment = assess(late);
        assertThat(assessment.line().get(0).tone()).isEqualTo(Tone.BAD);
        assertThat(assessment.line().get(0).text()).contains("Not ready by");
        var fix = told(assessment).orElseThrow().fixes().get(0);
        var mended = assess(Changes.take(late, fix.changes()));
        assertThat(told(mended)).map(Verdict::tone).hasValue(Tone.GOOD);
    }

    @Test
    void whatIsServedAtASetMomentIsHeldAgainstThat() {
        var served = in(by(LocalTime.of(18, 0)), stay("fridge-still", "8 h 30"), stay("room", "15 min"));
        assertThat(told(assess(served))).map(Verdict::code).hasValue("not-ready-by");
        var nextDay = in(by(LocalTime.of(12, 30)), stay("fridge-still", "26 h"), stay("room", "15 min"));
        assertThat(told(assess(nextDay))).map(Verdict::tone).hasValue(Tone.GOOD);
    }
}
