package com.deftchill.core.alternative;

import com.deftchill.core.batch.Component;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.dessert.Portrait;
import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.text.Words;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Fix.Change;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/**
 * Where no rule has a fix that holds, such as for what starch, yolk or chocolate sets: the least change of one amount of the
 * component that helps, found by trying. Amounts from a third to three times what is written, the nearest first.
 */
final class LeastChange {
    private static final double[] FACTORS = {1.15, 1.3, 1.6, 2, 2.5, 3};
    /** What is less of its component than this is there for its taste. */
    private static final double LEAST_SHARE = 0.01;

    private static final int MOST_TRIES = 60;
    /** A dessert of more layers takes too long to be tried so often. */
    private static final int MOST_LAYERS = 3;

    private static final Pattern COMPONENT = Pattern.compile("/components/(\\d+)/.*");

    private final Portrait portrait;
    private final WrittenFormula formula;
    private final Predicate<List<Change>> helps;
    private int left = MOST_TRIES;

    private LeastChange(Portrait portrait, WrittenFormula formula, Predicate<List<Change>> helps) {
        this.portrait = portrait;
        this.formula = formula;
        this.helps = helps;
    }

    /** Whether it is looked for. */
    static boolean isSought(Dessert dessert, Verdict verdict) {
        return verdict.tone().compareTo(Tone.BAD) <= 0
                && dessert.portraits().size() <= MOST_LAYERS
                && of(dessert, verdict).isPresent();
    }

    /** @param helps whether all is well after some changes */
    static Optional<Fix> find(Dessert dessert, Verdict verdict, WrittenFormula formula, Predicate<List<Change>> helps) {
        return of(dessert, verdict).flatMap(portrait -> new LeastChange(portrait, formula, helps).find());
    }

    /** The component that a verdict is about. */
    private static Optional<Portrait> of(Dessert dessert, Verdict verdict) {
        var component = COMPONENT.matcher(verdict.path());
        return component.matches()
                ? dessert.portraits().stream()
                        .filter(p -> p.index() == Integer.parseInt(component.group(1)))
                        .findFirst()
                : Optional.empty();
    }

    private Optional<Fix> find() {
        var lines = lightestFirst();
        for (double factor : FACTORS) {
            for (int line : lines) {
                var found = tried(line, factor).or(() -> tried(line, 1 / factor));
                if (found.isPresent()) {
                    return found;
                }
            }
        }
        return Optional.empty();
    }

    /** Of two amounts that are changed as much in proportion, a little starch is rather weighed anew than all of the milk. */
    private List<Integer> lightestFirst() {
        var lines = portrait.component().lines();
        return IntStream.range(0, lines.size())
                .filter(i -> counts(lines.get(i)))
                .boxed()
                .sorted(Comparator.comparingDouble(i -> lines.get(i).part().grams()))
                .toList();
    }

    private Optional<Fix> tried(int index, double factor) {
        var line = portrait.component().lines().get(index);
        if (left == 0) {
            return Optional.empty();
        }
        left--;
        var written = Words.grams(portrait.weighed(line.part().grams() * factor));
        var before = Changes.text(formula, portrait.line(index, "amount"));
        var changes = List.of(new Change(portrait.line(index, "amount"), written));
        return written.equals(before) || !helps.test(changes)
                ? Optional.empty()
                : Optional.of(new Fix(
                        "Use " + written + " of " + line.part().ingredient().name() + " instead of " + before,
                        "found by trying: the least change of one amount that helps",
                        changes));
    }

    /** Whether it is weighed in, and enough of it that it does something. */
    private boolean counts(Component.Line line) {
        return line.made().isEmpty()
                && line.part().grams()
                        >= LEAST_SHARE * portrait.component().raw().massG();
    }
}
