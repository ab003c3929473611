package com.deftchill.core.sums;

import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.text.TemperatureScale;
import com.deftchill.core.verdict.Problem;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** All sums, by their id. */
public final class Sums {
    private static final List<Sum> ALL = List.of(
            new GelSums.Swap(),
            new GelSums.Bloom(),
            new FatSums.GanacheRatio(),
            new FatSums.Whipped(),
            new BenchSums.Mixing(),
            new BenchSums.Pans(),
            new BenchSums.Dipping(),
            new BenchSums.Soaks(),
            new BenchSums.Crumbs(),
            new PastrySums.Shell(),
            new PastrySums.Torched(),
            new SideSums.Roasted(),
            new SideSums.Toasted(),
            new SideSums.Burnt(),
            new SideSums.Glaze(),
            new SideSums.Piped(),
            new BenchSums.Units());

    private Sums() {}

    /** What a sum asks. */
    public record Description(String id, String title, String question, List<SumField> fields) {}

    /** What came of a sum: an answer, or the problems that stand in its way. */
    public record Outcome(Optional<SumAnswer> answer, List<Problem> problems) {}

    /** Every sum, in the order in which they are shown, with examples as a kitchen reads its thermometers. */
    public static List<Description> all(TemperatureScale scale) {
        return ALL.stream()
                .map(sum -> new Description(
                        sum.id(),
                        sum.title(),
                        sum.question(),
                        sum.fields().stream().map(field -> field.on(scale)).toList()))
                .toList();
    }

    /**
     * Answers a sum; absent when there is none of this id.
     *
     * @param typed text by the name of the field; a field left out is as its example
     */
    public static Optional<Outcome> answer(String id, Map<String, String> typed, Workplace workplace) {
        return ALL.stream().filter(sum -> sum.id().equals(id)).findFirst().map(sum -> {
            var fields = sum.fields().stream().collect(Collectors.toMap(SumField::name, Function.identity()));
            var reader = new SumReader(typed, fields, workplace);
            var answer = Optional.ofNullable(sum.answer(reader));
            var problems = reader.problems().problems();
            if (answer.isEmpty() && problems.isEmpty()) {
                var first = sum.fields().get(0);
                problems.add(
                        Problem.of("sum-of-nothing", "/fields", first.label(), "0 g", Problem.rule("sum-of-nothing")));
            }
            return new Outcome(problems.isEmpty() ? answer : Optional.empty(), List.copyOf(problems));
        });
    }
}
