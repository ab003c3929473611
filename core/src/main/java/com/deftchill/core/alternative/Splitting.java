package com.deftchill.core.alternative;

import com.deftchill.core.alternative.SplitBatch.Apart;
import com.deftchill.core.alternative.SplitBatch.Part;
import com.deftchill.core.amount.Typed;
import com.deftchill.core.amount.UnreadableException;
import com.deftchill.core.assess.Assessment;
import com.deftchill.core.assess.Assessor;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.formula.WrittenFormula.Component;
import com.deftchill.core.formula.WrittenFormula.Otherwise;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Message;
import com.deftchill.core.verdict.Answer;
import com.deftchill.core.verdict.Problem;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Splits a batch: every part is the formula otherwise, scaled to its share of the moulds, and computed as a dessert of its own. */
final class Splitting {
    private final Assessor assessor;
    private final WrittenFormula formula;
    private final Workplace workplace;
    private final Dessert now;
    private final List<Problem> problems = new ArrayList<>();

    Splitting(Assessor assessor, WrittenFormula formula, Workplace workplace, Dessert now) {
        this.assessor = assessor;
        this.formula = formula;
        this.workplace = workplace;
        this.now = now;
    }

    Answer<SplitBatch> split() {
        int count = now.batch().count();
        var byId = new Variants(assessor, formula, workplace, now)
                .all().stream().collect(Collectors.toMap(Variant::id, Function.identity(), (first, same) -> first));
        var parts = new ArrayList<Part>();
        var apart = new TreeSet<Integer>();
        int otherwise = 0;
        for (int i = 0; i < formula.variants().size(); i++) {
            var written = formula.variants().get(i);
            int made = count(written);
            if (made == 0) {
                continue;
            }
            otherwise += made;
            var variant = byId.get(written.of());
            if (variant == null) {
                refuse(i, "/of", written.of(), Problem.rule("variant-gone"));
            } else if (otherwise > count) {
                var rule = Problem.rule("variants-too-many").with("count", Argument.figure(count, 0));
                refuse(i, "/count", written.count(), rule);
            } else {
                var affected = affected(variant.document());
                apart.addAll(affected);
                part(What.of(variant), made, affected).ifPresent(parts::add);
            }
        }
        int left = count - otherwise;
        var rest = left > 0 && !parts.isEmpty() && problems.isEmpty()
                ? part(What.asWritten(formula), left, apart)
                : Optional.<Part>empty();
        return problems.isEmpty() ? Answer.of(new SplitBatch(count, rest, parts)) : Answer.not(problems);
    }

    private static int count(Otherwise written) {
        try {
            return written.count().isBlank() ? 0 : Typed.count(written.count(), 0, Integer.MAX_VALUE);
        } catch (UnreadableException e) {
            throw new IllegalStateException("a batch is studied only once its counts are understood", e);
        }
    }

    private void refuse(int index, String field, String value, Message rule) {
        problems.add(Problem.of("variant-refused", "/variants/" + index + field, "Made otherwise", value, rule));
    }

    /** Components that are written otherwise, and those that take from one of them. */
    private Set<Integer> affected(WrittenFormula variant) {
        var affected = new TreeSet<Integer>();
        var ids = new ArrayList<String>();
        int before;
        do {
            before = affected.size();
            for (int i = 0; i < formula.components().size(); i++) {
                var written = formula.components().get(i);
                if (!variant.components().contains(written) || takesFrom(written, ids)) {
                    affected.add(i);
                    ids.add(written.id());
                }
            }
        } while (affected.size() > before);
        return affected;
    }

    private static boolean takesFrom(Component component, List<String> ids) {
        return component.lines().stream().anyMatch(line -> ids.contains(line.component()));
    }

    /** What a part is. */
    private record What(String of, String name, Message honest, WrittenFormula document) {
        static What of(Variant variant) {
            return new What(variant.id(), variant.name(), Message.own(variant.honest()), variant.document());
        }

        static What asWritten(WrittenFormula formula) {
            return new What("", "", Message.NONE, formula);
        }
    }

    private Optional<Part> part(What what, int count, Set<Integer> apart) {
        var whole = what.document().withVariants(List.of());
        var wish = new ScaleWish("", Integer.toString(count), "", "");
        var scaled = assessor.study(whole, workplace)
                .flatMap(dessert -> new Scaling(assessor, whole, workplace, dessert).to(wish));
        var assessed = scaled.flatMap(s -> assessor.assess(s.document(), workplace));
        if (assessed.value().isEmpty()) {
            problems.addAll(assessed.problems());
            return Optional.empty();
        }
        var assessment = assessed.value().get();
        return Optional.of(new Part(
                what.of(),
                what.name(),
                count,
                what.honest(),
                Message.own(assessment.line().stream().map(s -> s.text()).collect(Collectors.joining(" "))),
                scaled.value().orElseThrow().document(),
                apart.stream()
                        .flatMap(index -> apart(assessment, index).stream())
                        .toList(),
                assessment.flags()));
    }

    /** What is made of a component for a part; nothing where it is left out altogether. */
    private Optional<Apart> apart(Assessment assessment, int index) {
        var id = formula.components().get(index).id();
        var components = assessment.components();
        return IntStream.range(0, components.size())
                .filter(i -> components.get(i).id().equals(id))
                .mapToObj(i -> new Apart(
                        index,
                        components.get(i).amounts(),
                        assessment.method().stream()
                                .filter(step -> step.id().startsWith(i + "."))
                                .toList()))
                .findFirst();
    }
}
