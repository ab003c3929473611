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
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * A judge proposes, a trial decides: every fix is taken and the dessert judged again before it is shown. It stays where the
 * verdict is gone, nothing bad is new, and it adds no more than a third of the batch. One that brings another trouble is
 * tried together with what that one's rule knows; where nothing helps, an amount is looked for that does ({@link LeastChange}).
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
            int untried = judged.stream()
                    .mapToInt(v -> v.fixes().isEmpty() && LeastChange.isSought(dessert, v)
                            ? 1
                            : v.fixes().size())
                    .sum();
            var bare = judged.stream().map(v -> v.withFixes(List.of())).toList();
            return assessor.assessment(dessert, workplace, bare, untried);
        });
    }

    /** The whole assessment, with those of the rules' fixes that hold of some of its verdicts; the others have none. */
    public Answer<Assessment> assess(Predicate<Verdict> which) {
        return assessor.study(formula, workplace).map(dessert -> {
            var all = judged(dessert);
            var asked = all.stream()
                    .map(verdict -> which.test(verdict) ? verdict : verdict.withFixes(List.of()))
                    .toList();
            return assessor.assessment(
                    dessert, workplace, ofRules(dessert, asked).verdicts(), 0);
        });
    }

    private List<Verdict> judged(Dessert dessert) {
        return assessor.judge(dessert, new Flags(dessert, workplace.larder())).all();
    }

    /** The same verdicts, each with those of its fixes that hold; where nothing helps so far, the least change that does. */
    public List<Verdict> tried(Dessert dessert, List<Verdict> verdicts) {
        var bad = from(Tone.BAD, verdicts);
        var warned = from(Tone.CAUTION, verdicts);
        var held = ofRules(dessert, verdicts);
        var cleared = held.cleared();
        var helped = new ArrayList<Verdict>();
        for (var verdict : held.verdicts()) {
            var found = cleared.contains(named(verdict)) || !LeastChange.isSought(dessert, verdict)
                    ? Optional.<Fix>empty()
                    : leastChange(dessert, verdict, warned);
            found.flatMap(fix -> judgedAfter(fix.changes())).ifPresent(after -> clears(bad, after, cleared));
            helped.add(found.map(fix -> verdict.withFixes(List.of(fix))).orElse(verdict));
        }
        return helped;
    }

    private Optional<Fix> leastChange(Dessert dessert, Verdict verdict, Set<String> warned) {
        return LeastChange.find(
                dessert,
                verdict,
                formula,
                changes -> judgedAfter(changes)
                        .filter(after -> isGone(verdict, after)
                                && warned.containsAll(from(Tone.CAUTION, after.verdicts()))
                                && hardlyGrows(dessert, after))
                        .isPresent());
    }

    /**
     * The same verdicts, each with those of the fixes that its rule knows and that hold.
     *
     * @param cleared names of those that one of these fixes does away with
     */
    private record Held(List<Verdict> verdicts, Set<String> cleared) {}

    private Held ofRules(Dessert dessert, List<Verdict> verdicts) {
        var cleared = new HashSet<String>();
        var before = from(Tone.BAD, verdicts);
        int left = tries(dessert);
        var kept = new ArrayList<Verdict>();
        for (var verdict : verdicts) {
            var holding = new ArrayList<Fix>();
            for (var fix : verdict.fixes()) {
                if (left > 0) {
                    left--;
                    holding(dessert, verdict, fix, before, cleared).ifPresent(holding::add);
                }
            }
            kept.add(verdict.withFixes(holding));
        }
        return new Held(kept, cleared);
    }

    /** A fix that holds; or together with one of what it brings about, where both together do. */
    private Optional<Fix> holding(Dessert dessert, Verdict verdict, Fix fix, Set<String> before, Set<String> cleared) {
        var taken = judgedAfter(fix.changes());
        var alone = taken.filter(after -> holds(dessert, verdict, after, before));
        if (alone.isPresent()) {
            clears(before, alone.get(), cleared);
            return Optional.of(fix);
        }
        var brought = taken.filter(after -> isGoneOrNote(verdict, after)).stream()
                .flatMap(after -> after.verdicts().stream())
                .filter(v -> v.tone().compareTo(Tone.BAD) <= 0 && !before.contains(named(v)))
                .findFirst();
        for (var second : brought.map(Verdict::fixes).orElse(List.of())) {
            if (changeTheSame(fix, second)) {
                continue;
            }
            var both = together(fix, second);
            var after = judgedAfter(both.changes()).filter(a -> holds(dessert, verdict, a, before));
            if (after.isPresent()) {
                clears(before, after.get(), cleared);
                return Optional.of(both);
            }
        }
        return Optional.empty();
    }

    private static void clears(Set<String> before, After after, Set<String> cleared) {
        var still = from(Tone.BAD, after.verdicts());
        before.stream().filter(name -> !still.contains(name)).forEach(cleared::add);
    }

    private static boolean changeTheSame(Fix first, Fix second) {
        return first.changes().stream()
                .anyMatch(one ->
                        second.changes().stream().anyMatch(other -> other.path().equals(one.path())));
    }

    private static Fix together(Fix first, Fix second) {
        var changes = new ArrayList<>(first.changes());
        changes.addAll(second.changes());
        var also = second.label().substring(0, 1).toLowerCase(Locale.ROOT)
                + second.label().substring(1);
        return new Fix(first.label() + ", and " + also, "only both together help", changes);
    }

    private static int tries(Dessert dessert) {
        int layers = dessert.portraits().size();
        if (layers <= FEW) {
            return TRIES_OF_FEW;
        }
        return layers <= SOME ? TRIES_OF_SOME : TRIES_OF_MANY;
    }

    private static boolean holds(Dessert dessert, Verdict verdict, After after, Set<String> before) {
        return isGoneOrNote(verdict, after)
                && before.containsAll(from(Tone.BAD, after.verdicts()))
                && hardlyGrows(dessert, after);
    }

    private static boolean hardlyGrows(Dessert dessert, After after) {
        return after.dessert().totalG() <= MOST_GROWTH * dessert.totalG();
    }

    /** What is a note or fine may stay. */
    private static boolean isGoneOrNote(Verdict verdict, After after) {
        return verdict.tone().compareTo(Tone.CAUTION) > 0 || isGone(verdict, after);
    }

    /** What a dessert is after some changes. */
    private record After(Dessert dessert, List<Verdict> verdicts) {}

    /** Nothing where the changes lead nowhere or are not understood. */
    private Optional<After> judgedAfter(List<Fix.Change> changes) {
        WrittenFormula changed;
        try {
            changed = Changes.take(formula, changes);
        } catch (IllegalArgumentException nothingThere) {
            return Optional.empty();
        }
        return assessor.study(changed, workplace).value().map(after -> new After(after, judged(after)));
    }

    private static boolean isGone(Verdict verdict, After after) {
        return after.verdicts().stream().noneMatch(v -> named(v).equals(named(verdict)));
    }

    /** Verdicts of a tone or a worse one. */
    private static Set<String> from(Tone tone, List<Verdict> verdicts) {
        return verdicts.stream()
                .filter(v -> v.tone().compareTo(tone) <= 0)
                .map(Trial::named)
                .collect(Collectors.toSet());
    }

    /** A verdict by its rule and its place. */
    private static String named(Verdict verdict) {
        return verdict.code() + " " + verdict.path();
    }
}
