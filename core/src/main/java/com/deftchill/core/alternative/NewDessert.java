package com.deftchill.core.alternative;

import com.deftchill.core.amount.Typed;
import com.deftchill.core.amount.UnreadableException;
import com.deftchill.core.assess.Assessment;
import com.deftchill.core.assess.Assessor;
import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.timing.Milestone;
import com.deftchill.core.verdict.Answer;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Problem;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;

/**
 * A dessert begun from four answers: what it is, how it is served, in which mould and how many, when it must be ready. What it
 * is gives a formula that works in its own mould; the others scale it, mend it with the tool's own tried fixes and set the
 * moment at which it must be poured.
 */
public final class NewDessert {
    /** So often it is mended before it is shown as it is. */
    private static final int MOST_ROUNDS = 4;
    /** What a fridge may take longer than computed [E], and what is left for the plates, min. */
    private static final double MARGIN = 1.15;

    private static final double FOR_THE_PLATES_MIN = 15;
    private static final int STEP_MIN = 5;
    private static final int DAY_MIN = 24 * 60;

    private final Assessor assessor;
    private final Workplace workplace;

    public NewDessert(Assessor assessor, Workplace workplace) {
        this.assessor = assessor;
        this.workplace = workplace;
    }

    /**
     * Answers as typed; empty ones leave what the formula begins with.
     *
     * @param served id
     * @param mould id
     * @param ready clock time
     */
    public record Wish(String served, String mould, String count, String ready) {}

    /**
     * What comes of them.
     *
     * @param daysBefore how many days before it is ready it must be poured: 0 for the same day
     */
    public record Begun(WrittenFormula document, Assessment assessment, int daysBefore) {}

    /** @param template a formula that works as it is written */
    public Answer<Begun> begin(WrittenFormula template, Wish wish) {
        Optional<LocalTime> ready;
        try {
            ready = wish.ready().isBlank() ? Optional.empty() : Optional.of(Typed.time(wish.ready()));
        } catch (UnreadableException e) {
            return Answer.not(List.of(Problem.of("time-unreadable", "/ready", "Ready by", wish.ready(), e.rule())));
        }
        var served = wish.served().isBlank() ? template : Changes.set(template, "/served", wish.served());
        var scaled =
                new Alternatives(assessor).scale(served, new ScaleWish(wish.mould(), wish.count(), "", ""), workplace);
        return scaled.flatMap(to -> begun(mended(to.document()), ready));
    }

    private Answer<Begun> begun(WrittenFormula formula, Optional<LocalTime> ready) {
        var told = tried(formula);
        if (told.value().isEmpty() || ready.isEmpty()) {
            return told.map(assessment -> new Begun(formula, assessment, 0));
        }
        int needs = (int) (STEP_MIN * Math.ceil((MARGIN * waits(told.value().get()) + FOR_THE_PLATES_MIN) / STEP_MIN));
        int at = ready.get().toSecondOfDay() / 60 - needs;
        int days = -Math.floorDiv(at, DAY_MIN);
        var starts = LocalTime.ofSecondOfDay(60L * Math.floorMod(at, DAY_MIN));
        var timed = Changes.set(
                Changes.set(formula, "/starts", starts.toString()),
                "/readyBy",
                ready.get().toString());
        return tried(timed).map(assessment -> new Begun(timed, assessment, days));
    }

    /** Minutes until the last moment that a cook waits for; what is only better later is not waited for. */
    private static double waits(Assessment assessment) {
        return assessment.milestones().stream()
                .filter(milestone -> !milestone.code().equals("best"))
                .map(Milestone::minutes)
                .flatMap(Optional::stream)
                .mapToDouble(minutes -> minutes)
                .max()
                .orElse(0);
    }

    private Answer<Assessment> tried(WrittenFormula formula) {
        return new Trial(assessor, formula, workplace).assess();
    }

    /** With the first fix of what is worst taken, as long as there is one and it makes things better. */
    private WrittenFormula mended(WrittenFormula formula) {
        var now = formula;
        var told = tried(now).value();
        for (int round = 0; round < MOST_ROUNDS && told.isPresent(); round++) {
            var fix = firstFix(told.get());
            if (fix.isEmpty()) {
                return now;
            }
            var next = Changes.take(now, fix.get().changes());
            var after = tried(next).value();
            if (after.isEmpty() || troubles(after.get()) >= troubles(told.get())) {
                return now;
            }
            now = next;
            told = after;
        }
        return now;
    }

    /** What the cook has answered is not changed. */
    private static Optional<Fix> firstFix(Assessment assessment) {
        return assessment.verdicts().stream()
                .filter(NewDessert::isTrouble)
                .flatMap(verdict -> verdict.fixes().stream())
                .filter(fix -> fix.changes().stream()
                        .noneMatch(change -> change.path().startsWith("/moulds")
                                || change.path().equals("/served")))
                .findFirst();
    }

    private static boolean isTrouble(Verdict verdict) {
        return verdict.tone().compareTo(Tone.CAUTION) <= 0;
    }

    private static int troubles(Assessment assessment) {
        return assessment.verdicts().stream()
                .mapToInt(verdict -> verdict.tone().compareTo(Tone.BAD) <= 0 ? 100 : isTrouble(verdict) ? 1 : 0)
                .sum();
    }
}
